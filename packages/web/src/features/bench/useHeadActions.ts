/** What the head of the Bench can do with the case that is stated. */

import { asKind, solveAsked, type Ask } from '@hardy-sextant/core';
import { tableAsCsv, tableAsOds, tableAsWorkbook, taughtAsOds, taughtAsWorkbook } from '@hardy-sextant/files';
import { notifications } from '@mantine/notifications';
import { useNavigate } from 'react-router';
import { saveAs } from '../../api/saveFile.ts';
import { saveTaught } from '../../working/saveTaught.ts';
import type { HeadAction } from './BenchHead.tsx';
import type { BenchCase } from './useBenchCase.ts';
import { useCaseActions } from './useCaseActions.tsx';
import type { useSolved } from './useSolved.ts';
import { say } from '../../words/say.ts';

const ignored = (work: Promise<unknown>): void => void work.catch(() => undefined);

export function useHeadActions(
  { caseId, bench, title, document, draft, rules, autosave, setDraft, chooseRules }: BenchCase,
  { solved, current }: Pick<ReturnType<typeof useSolved>, 'solved' | 'current'>,
  open: Ask | undefined,
) {
  const navigate = useNavigate();
  const { makeExercise, papers, duplicate, remove, making, error } = useCaseActions({
    caseId,
    title,
    document,
    rules,
    open,
    flush: autosave.flush,
    drop: autosave.drop,
  });
  const act = (action: HeadAction): void => {
    switch (action.type) {
      case 'kind':
        return setDraft(asKind(draft, action.kind), 'kind');
      case 'rules':
        return chooseRules(action.id);
      case 'tags':
        return bench.editDocument((before) => ({ ...before, tags: [...action.tags] }), 'tags');
      case 'title':
        return bench.edit((before) => ({ ...before, title: action.title }), 'title');
      case 'undo':
        return bench.undo();
      case 'redo':
        return bench.redo();
      case 'print':
        return window.print();
      case 'papers':
        return ignored(papers());
      case 'workbook':
        return solved && save(saveAs(tableAsWorkbook, title, tableAsWorkbook.writes(title, solved.table)));
      case 'ods':
        return solved && save(saveAs(tableAsOds, title, tableAsOds.writes(title, solved.table)));
      case 'taught':
      case 'taught-ods': {
        const found = solveAsked(draft, rules.rounding, {});
        const format = action.type === 'taught' ? taughtAsWorkbook : taughtAsOds;
        return found.ok ? saveTaught(title, found.value, rules, format) : undefined;
      }
      case 'csv':
        return solved && save(saveAs(tableAsCsv, title, tableAsCsv.writes(title, solved.table)));
      case 'exercise':
        return current && ignored(makeExercise());
      case 'new':
        return void navigate('/bench');
      case 'duplicate':
        return ignored(duplicate());
      case 'delete':
        return ignored(remove());
    }
  };
  return { act, making, error };
}

function save(saving: Promise<unknown>): void {
  void saving.catch(() =>
    notifications.show({ message: say('The file could not be made. Nothing was changed; try again.') }),
  );
}
