/** One part: prompt, marks, what is asked of which plan, how the answer is written, other readings; its key beside it. */
import { ActionIcon, NumberInput, Textarea } from '@mantine/core';
import type { Exercise, ExerciseProblem, HouseRules, KeyedPart, Part, Result } from '@hardy-sextant/core';
import { IconChevronDown, IconChevronUp, IconTrash } from '@tabler/icons-react';
import { AskFields, askSaid } from './AskFields.tsx';
import { FillTableEditor } from './FillTableEditor.tsx';
import { formats } from './formats.ts';
import { ReadingLine, Readings } from './Readings.tsx';
import styles from './ExercisePage.module.css';

interface PartCardProps {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly keyed: Result<KeyedPart>;
  readonly problems: readonly ExerciseProblem[];
  readonly rules: HouseRules;
  readonly open: boolean;
  readonly onOpen: () => void;
  readonly onChange: (part: Part) => void;
  readonly onMove: (by: number) => void;
  readonly onRemove: () => void;
  readonly onWork: () => void;
}

export function PartCard({
  exercise,
  part,
  keyed,
  problems,
  rules,
  open,
  onOpen,
  onChange,
  onMove,
  onRemove,
  onWork,
}: PartCardProps) {
  const own = problems.filter(({ place }) => place.startsWith(`parts.${part.id}`));
  const set = (change: Partial<Part>) => onChange({ ...part, ...change });
  const say = (field: string) => own.find(({ place }) => place === `parts.${part.id}.${field}`)?.message;
  return (
    <li className={styles.part} data-open={open}>
      <div className={styles.partHead}>
        <span className={styles.letter}>{part.id}</span>
        {open ? (
          <Textarea
            label="What is asked"
            aria-label={`prompt of part ${part.id}`}
            autosize
            minRows={1}
            style={{ flex: 1 }}
            value={part.prompt}
            error={say('prompt')}
            onChange={(event) => set({ prompt: event.currentTarget.value })}
          />
        ) : (
          <button type="button" className={styles.prompt} onClick={onOpen} aria-label={`change part ${part.id}`}>
            {part.prompt || <em className="soft">nothing asked yet</em>}
          </button>
        )}
        {open ? (
          <NumberInput
            label="Marks"
            aria-label={`marks of part ${part.id}`}
            w={74}
            clampBehavior="none"
            allowNegative={false}
            value={part.marks}
            error={say('marks')}
            onChange={(value) => set({ marks: typeof value === 'number' ? value : 0 })}
          />
        ) : (
          <span className="figures">{part.marks}</span>
        )}
      </div>
      <p className={styles.keyLine}>
        {!open && <span className="soft">{askSaid(exercise, part.ask)}</span>} <span className="soft">→</span>{' '}
        {keyed.ok ? (
          <button
            type="button"
            className={styles.keyButton}
            onClick={onWork}
            title="Show the working"
            aria-label={`working of part ${part.id}`}
          >
            <strong className="figures">
              {part.ask.quantity === 'table' ? `${keyed.value.exact} cells` : keyed.value.written}
            </strong>
          </button>
        ) : (
          <span role="alert" className={styles.failed}>
            {keyed.problem.message}
          </span>
        )}
      </p>
      {!open &&
        (part.readings ?? []).map((reading) => (
          <ReadingLine key={reading.id} exercise={exercise} part={part} reading={reading} />
        ))}
      {!open && say('marks') && <p className={styles.failed}>{say('marks')}</p>}
      {open && (
        <div className={styles.partBody}>
          <AskFields
            exercise={exercise}
            ask={part.ask}
            label={`of part ${part.id}`}
            onChange={(ask, format) => set({ ask, ...(format ? { format } : {}) })}
          />
          {part.ask.quantity === 'table' && keyed.ok && keyed.value.table && (
            <FillTableEditor part={part} keyed={keyed.value} rules={rules} onChange={onChange} />
          )}
          {part.ask.quantity !== 'table' && (
            <div className={styles.line}>
              <label>
                Answer as{' '}
                <select
                  aria-label={`format of part ${part.id}`}
                  value={
                    formats.find(
                      ({ format }) =>
                        format.kind === part.format.kind &&
                        format.decimals === part.format.decimals &&
                        (format.up ?? false) === (part.format.up ?? false),
                    )?.id ?? ''
                  }
                  onChange={(event) =>
                    set({ format: formats.find(({ id }) => id === event.currentTarget.value)!.format })
                  }
                >
                  {formats.map(({ id, words }) => (
                    <option key={id} value={id}>
                      {words}
                    </option>
                  ))}
                </select>
              </label>
              <label>
                within{' '}
                <input
                  className={styles.small}
                  aria-label={`tolerance of part ${part.id}`}
                  placeholder="house rules"
                  defaultValue={part.tolerance ?? ''}
                  onBlur={(event) => {
                    const value = Number(event.currentTarget.value.replace(',', '.'));
                    set({ tolerance: event.currentTarget.value.trim() === '' || !(value >= 0) ? undefined : value });
                  }}
                />
              </label>
              <label>
                earlier answers{' '}
                <select
                  aria-label={`earlier answers in part ${part.id}`}
                  value={part.earlier ?? ''}
                  onChange={(event) => set({ earlier: (event.currentTarget.value || undefined) as Part['earlier'] })}
                >
                  <option value="">as the house rules say</option>
                  <option value="rounded">rounded before use</option>
                  <option value="exact">with all their digits</option>
                </select>
              </label>
            </div>
          )}
          <Readings exercise={exercise} part={part} onChange={(readings) => set({ readings })} />
          <div className={styles.line}>
            <span style={{ marginLeft: 'auto' }} />
            <ActionIcon variant="subtle" color="gray" aria-label={`move part ${part.id} up`} onClick={() => onMove(-1)}>
              <IconChevronUp size={16} />
            </ActionIcon>
            <ActionIcon
              variant="subtle"
              color="gray"
              aria-label={`move part ${part.id} down`}
              onClick={() => onMove(1)}
            >
              <IconChevronDown size={16} />
            </ActionIcon>
            <ActionIcon variant="subtle" color="gray" aria-label={`remove part ${part.id}`} onClick={onRemove}>
              <IconTrash size={16} />
            </ActionIcon>
          </div>
          {own
            .filter(
              ({ place, message }) => place === `parts.${part.id}` && (keyed.ok || message !== keyed.problem.message),
            )
            .map(({ message }) => (
              <p key={message} role="alert" className={styles.failed}>
                {message}
              </p>
            ))}
        </div>
      )}
    </li>
  );
}
