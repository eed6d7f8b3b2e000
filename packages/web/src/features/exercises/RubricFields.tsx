/** The lines of a rubric: what an answer has to have, and what each counts. */
import { Button, NumberInput, TextInput } from '@mantine/core';
import type { PartAsk, RubricLine } from '@hardy-sextant/core';
import { newPlace } from '../../ui/newPlace.ts';
import { say } from '../../words/say.ts';

interface RubricFieldsProps {
  readonly ask: Extract<PartAsk, { quantity: 'by-hand' }>;
  readonly label: string;
  readonly onChange: (ask: PartAsk) => void;
}

const MOST_LINES = 20;

export function RubricFields({ ask, label, onChange }: RubricFieldsProps) {
  const { rubric } = ask;
  const set = (lines: readonly RubricLine[]) => onChange({ ...ask, rubric: lines });
  const change = (id: string, to: Partial<RubricLine>) =>
    set(rubric.map((line) => (line.id === id ? { ...line, ...to } : line)));
  return (
    <div className="stack" role="group" aria-label={say('rubric {{label}}', { label })}>
      {rubric.map(({ id, says, marks }, at) => (
        <div key={id} style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
          <TextInput
            aria-label={say('line {{at}} of the rubric {{label}}', { at: at + 1, label })}
            placeholder={say('What the answer has to have')}
            style={{ flex: 1 }}
            maxLength={400}
            value={says}
            onChange={(event) => change(id, { says: event.currentTarget.value })}
          />
          <NumberInput
            aria-label={say('marks of line {{at}} {{label}}', { at: at + 1, label })}
            w={74}
            clampBehavior="none"
            allowNegative={false}
            value={marks}
            onChange={(value) => change(id, { marks: typeof value === 'number' ? value : 0 })}
          />
          <Button
            size="compact-sm"
            aria-label={say('remove line {{at}} {{label}}', { at: at + 1, label })}
            onClick={() => set(rubric.filter((line) => line.id !== id))}
          >
            {say('Remove')}
          </Button>
        </div>
      ))}
      <Button
        size="compact-sm"
        style={{ justifySelf: 'start' }}
        disabled={rubric.length >= MOST_LINES}
        onClick={() => set([...rubric, { id: newPlace(), says: '', marks: 1 }])}
      >
        {say('Add a line to the rubric')}
      </Button>
    </div>
  );
}
