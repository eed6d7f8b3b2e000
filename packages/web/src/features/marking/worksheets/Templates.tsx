/** Worksheets to be filled in go out: one for all, or one for each student with own numbers and name. */
import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { AssignedExercise, MarkedStudent } from '@hardy-sextant/contract';
import type { HouseRules } from '@hardy-sextant/core';
import { sheetTemplateFile } from '@hardy-sextant/files';
import { proxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { asError } from '../../../api/call.ts';
import { saveAs } from '../../../api/saveFile.ts';
import type { TemplatesWorker } from './templates.worker.ts';

interface TemplatesProps {
  readonly item: AssignedExercise;
  readonly students: readonly MarkedStudent[];
  readonly rules: HouseRules | undefined;
}

const ZIP = { type: 'application/zip', ending: 'zip' };

export function Templates({ item, students, rules }: TemplatesProps) {
  const { done, run, stop } = useTemplates();
  if (!rules) return null;
  const { exercise, itemId } = item;
  const one = () =>
    run(async (worker) => saveAs(sheetTemplateFile, exercise.title, blobOf(await worker.one(exercise, rules))));
  const each = () =>
    run(async (worker, say) => {
      const all = students
        .filter(({ withdrawn }) => !withdrawn)
        .map(({ name, number, numbers }) => ({ student: { name, number }, numbers: numbers[itemId] ?? {} }));
      await saveAs(ZIP, exercise.title, blobOf(await worker.each(exercise, rules, all, proxy(say))));
    });
  if (done !== undefined)
    return (
      <Button onClick={stop}>
        Stop: {done} of {students.length} templates
      </Button>
    );
  return (
    <Menu position="bottom-end">
      <Menu.Target>
        <Button>Templates</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={one}>One for all</Menu.Item>
        <Menu.Item onClick={each}>One for each student, in a zip</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

const blobOf = (bytes: Uint8Array): Blob => new Blob([new Uint8Array(bytes)]);

/** Work in a worker that is ended when it is stopped or the page is left. */
function useTemplates() {
  const [done, setDone] = useState<number>();
  const running = useRef<Worker>(undefined);
  const stop = () => {
    running.current?.terminate();
    running.current = undefined;
    setDone(undefined);
  };
  useEffect(() => () => running.current?.terminate(), []);
  type Templating = ReturnType<typeof wrap<TemplatesWorker>>;
  const run = (work: (worker: Templating, say: (count: number) => void) => Promise<void>) => {
    const started = new Worker(new URL('./templates.worker.ts', import.meta.url), { type: 'module' });
    running.current = started;
    setDone(0);
    work(wrap<TemplatesWorker>(started), (count) => running.current === started && setDone(count))
      .catch((error: unknown) =>
        notifications.show({ message: `The templates could not be made: ${asError(error).message}` }),
      )
      .finally(() => running.current === started && stop());
  };
  return { done, run, stop };
}
