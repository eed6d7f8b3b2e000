/** Cells copied from any worksheet are pasted as one student's. */
import { Button, Group, Modal, Textarea } from '@mantine/core';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Pick } from '../../../ui/Pick.tsx';
import type { OwnedFile } from './useImporting.ts';
import { say } from '../../../words/say.ts';

interface PasteCellsProps {
  readonly students: readonly MarkedStudent[];
  readonly onPaste: (file: OwnedFile) => void;
  readonly onClose: () => void;
}

export function PasteCells({ students, onPaste, onClose }: PasteCellsProps) {
  const [text, setText] = useState('');
  const [studentId, setStudentId] = useState('');
  const of = students.find(({ id }) => id === studentId);
  const paste = () => {
    onPaste({
      name: of ? say('{{number}} pasted.tsv', { number: of.number }) : say('pasted cells.tsv'),
      bytes: new TextEncoder().encode(text),
      ...(of ? { studentId } : {}),
    });
    onClose();
  };
  return (
    <Modal opened onClose={onClose} size="lg" title={say('Cells copied from a worksheet')}>
      <div className="stack">
        <Textarea
          label={say('the cells, with the words over them')}
          description={say(
            'Copy the whole table and the numbers above it, and paste here. Where formulas are shown, they come along.',
          )}
          autosize
          minRows={8}
          maxRows={16}
          data-autofocus
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <Pick
          label={say('whose cells they are')}
          value={studentId}
          options={[
            ['', say('whose they are follows from a name in them')],
            ...students.map(({ id, name, number }) => [id, `${name}, ${number}`] as const),
          ]}
          onPick={setStudentId}
        />
        <Group justify="flex-end">
          <Button onClick={onClose}>{say('Cancel')}</Button>
          <Button variant="filled" disabled={text.trim() === ''} onClick={paste}>
            {say('Judge them')}
          </Button>
        </Group>
      </div>
    </Modal>
  );
}
