/** The worksheet of a case as it is taught, offered as a workbook; where short formulas do not do, that is said. */

import { notifications } from '@mantine/notifications';
import { taughtSheet, type HouseRules, type Solved } from '@hardy-sextant/core';
import { taughtAsWorkbook, type taughtAsOds } from '@hardy-sextant/files';
import { saveAs } from '../api/saveFile.ts';
import { say } from '../words/say.ts';

export function saveTaught(
  title: string,
  { statement, solved }: Solved,
  { rounding, writing }: HouseRules,
  format: typeof taughtAsWorkbook | typeof taughtAsOds = taughtAsWorkbook,
): void {
  const sheet = taughtSheet(statement, solved, rounding, writing.sheet);
  if (!sheet)
    notifications.show({
      message: say(
        'A table of one payment, or one that changes on the way, needs more than short formulas: take the exact workbook.',
      ),
    });
  else
    void saveAs(format, title, format.writes(title, sheet)).catch(() =>
      notifications.show({ message: say('The file could not be made. Nothing was changed; try again.') }),
    );
}
