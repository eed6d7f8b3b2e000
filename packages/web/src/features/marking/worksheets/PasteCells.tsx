/** Cells copied from any worksheet are pasted as one student's. */
import { Button, Group, Modal, Textarea } from '@mantine/core';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Pick } from '../../../ui/Pick.tsx';
import type { OwnedFile } from './useImporting.ts';

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
      name: of ? `${of.number} pasted.tsv` : 'pasted cells.tsv',
      bytes: new TextEncoder().encode(text),
      ...(of ? { studentId } : {}),
    });
    onClose();
  };
  return (
    <Modal opened onClose={onClose} size="lg" title="Cells copied from a worksheet">
      <div className="stack">
        <Textarea
          label="the cells, with the words over them"
          description="Copy the whole table and the numbers above it, and paste here. Where formulas are shown, they come along."
          autosize
          minRows={8}
          maxRows={16}
          data-autofocus
          value={text}
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <Pick
          label="whose cells they are"
          value={studentId}
          options={[
            ['', 'whose they are follows from a name in them'],
            ...students.map(({ id, name, number }) => [id, `${name}, ${number}`] as const),
          ]}
          onPick={setStudentId}
        />
        <Group justify="flex-end">
          <Button onClick={onClose}>Cancel</Button>
          <Button variant="filled" disabled={text.trim() === ''} onClick={paste}>
            Judge them
          </Button>
        </Group>
      </div>
    </Modal>
  );
}
