/** Changes what a class is called. */
import { Button, Modal } from '@mantine/core';
import { classWithStudents, newClass, type ClassWithStudents, type NewClass } from '@hardy-sextant/contract';
import { useRecordForm } from '../../api/kept/useRecordForm.ts';
import { useWriteClass } from '../../api/setRecords.ts';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { ResumedNote } from '../../ui/ResumedNote.tsx';
import { ClassFields } from './ClassFields.tsx';
import { say } from '../../words/say.ts';

const namesOf = ({ code, title, college, term, rulesId }: ClassWithStudents): NewClass => ({
  code,
  title,
  college,
  term,
  rulesId,
});
const inWords = ({ code, title, term, college }: Omit<NewClass, 'rulesId'>): string =>
  [code, title, term, college].join(', ');

export function RenameClass({ kept, onClose }: { readonly kept: ClassWithStudents; readonly onClose: () => void }) {
  const { mutateAsync } = useWriteClass();
  const record = useRecordForm<NewClass, ClassWithStudents>({
    key: `class ${kept.id}`,
    schema: newClass,
    values: namesOf(kept),
    revision: kept.revision,
    keptSchema: classWithStudents,
    valuesOf: namesOf,
    send: (names, revision) => mutateAsync({ id: kept.id, ...names, revision }),
    onStored: onClose,
  });
  return (
    <Modal opened onClose={onClose} title={say('Rename the class')}>
      <form onSubmit={record.submit} noValidate className="stack">
        <ResumedNote typed={record.typed} />
        <ClassFields form={record.form} />
        {record.error && <p role="alert">{record.error.message}</p>}
        <Button type="submit" variant="filled" loading={record.pending}>
          {say('Keep')}
        </Button>
        <Button onClick={onClose}>{say('Cancel')}</Button>
      </form>
      <ChangedElsewhere
        what={say('this class')}
        theirs={record.theirs && inWords(record.theirs)}
        mine={inWords(record.form.values)}
        onTheirs={record.takeTheirs}
        onMine={record.keepMine}
      />
    </Modal>
  );
}
