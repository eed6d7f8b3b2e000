/** Worksheets to be filled in go out: one for all, or one for each student with own numbers and name. */
import { Button, Menu } from '@mantine/core';
import type { AssignedExercise, MarkedStudent } from '@hardy-sextant/contract';
import type { HouseRules } from '@hardy-sextant/core';
import { odsKind, sheetTemplateFile, ZIP } from '@hardy-sextant/files';
import { proxy, wrap } from 'comlink';
import { saveAs } from '../../../api/saveFile.ts';
import { useCountedWork } from '../../../ui/useCountedWork.ts';
import type { TemplateKind, TemplatesWorker } from './templates.worker.ts';
import { say } from '../../../words/say.ts';

interface TemplatesProps {
  readonly item: AssignedExercise;
  readonly students: readonly MarkedStudent[];
  readonly rules: HouseRules | undefined;
}

export function Templates({ item, students, rules }: TemplatesProps) {
  const { done, run, stop } = useCountedWork(say('The templates'));
  if (!rules) return null;
  const { exercise, itemId } = item;
  const one = (as: TemplateKind) =>
    run(async (_say, signal) =>
      saveAs(
        as === 'ods' ? odsKind : sheetTemplateFile,
        exercise.title,
        blobOf(await templating(signal).one(exercise, rules, as)),
      ),
    );
  const each = (as: TemplateKind) =>
    run(async (onDone, signal) => {
      const all = students
        .filter(({ withdrawn }) => !withdrawn)
        .map(({ name, number, numbers }) => ({ student: { name, number }, numbers: numbers[itemId] ?? {} }));
      await saveAs(ZIP, exercise.title, blobOf(await templating(signal).each(exercise, rules, all, as, proxy(onDone))));
    });
  if (done !== undefined)
    return (
      <Button onClick={stop}>
        {say('Stop: {{done}} of {{students}} templates', { done, students: students.length })}
      </Button>
    );
  return (
    <Menu position="bottom-end">
      <Menu.Target>
        <Button>{say('Templates')}</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => one('xlsx')}>{say('One for all')}</Menu.Item>
        <Menu.Item onClick={() => each('xlsx')}>{say('One for each student, in a zip')}</Menu.Item>
        <Menu.Item onClick={() => one('ods')}>{say('One for all, as OpenDocument')}</Menu.Item>
        <Menu.Item onClick={() => each('ods')}>{say('One for each student as OpenDocument, in a zip')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

const blobOf = (bytes: Uint8Array): Blob => new Blob([new Uint8Array(bytes)]);

/** @returns a worker that ends when the work does, or is stopped */
function templating(signal: AbortSignal) {
  const worker = new Worker(new URL('./templates.worker.ts', import.meta.url), { type: 'module' });
  signal.addEventListener('abort', () => worker.terminate());
  return wrap<TemplatesWorker>(worker);
}
