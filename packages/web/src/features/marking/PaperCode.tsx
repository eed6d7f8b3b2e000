/** The code on a student's paper, typed or scanned, opens that student's row. */
import { paperCode, readPaperCode } from '@hardy-sextant/core';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Field } from '../../ui/Field.tsx';
import { say } from '../../words/say.ts';

/** A code with its check letter has so many letters. */
const WHOLE = 7;

interface PaperCodeProps {
  readonly setId: string;
  readonly students: readonly MarkedStudent[];
  readonly onStudent: (id: string) => void;
}

export function PaperCode({ setId, students, onStudent }: PaperCodeProps) {
  const [typed, setTyped] = useState('');
  const isWhole = typed.replace(/[^A-Za-z0-9]/g, '').length >= WHOLE;
  const type = (text: string) => {
    setTyped(text);
    const code = readPaperCode(text);
    const student = code === undefined ? undefined : students.find(({ id }) => paperCode(setId, id) === code);
    if (!student) return;
    setTyped('');
    onStudent(student.id);
  };
  return (
    <>
      <Field
        label={say('code on a paper')}
        placeholder={say('code on a paper')}
        size={15}
        value={typed}
        autoComplete="off"
        aria-invalid={isWhole}
        onText={type}
      />
      {isWhole && (
        <span role="alert" className="wrong">
          {readPaperCode(typed) === undefined
            ? say('This is mistyped: look at the code again.')
            : say('Nobody in this set has a paper with this code.')}
        </span>
      )}
    </>
  );
}
