/** One part: prompt, marks, what is asked of which plan, how the answer is written, other readings; its key beside it. */
import { ActionIcon, NumberInput, Textarea } from '@mantine/core';
import type { Exercise, ExerciseProblem, HouseRules, KeyedPart, Part, Result } from '@hardy-sextant/core';
import { IconChevronDown, IconChevronUp, IconCopy, IconTrash } from '@tabler/icons-react';
import { useMovable } from '../../ui/MovableItems.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { AskFields, askSaid } from './AskFields.tsx';
import { FillTableEditor } from './FillTableEditor.tsx';
import { formats } from './formats.ts';
import type { Elsewhere } from './useRulesInForce.ts';
import { ReadingLine, Readings } from './Readings.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import styles from './ExercisePage.module.css';
import { say } from '../../words/say.ts';

interface PartCardProps {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly keyed: Result<KeyedPart>;
  /** Its number under the rules of classes where it is another one. */
  readonly elsewhere: readonly Elsewhere[];
  readonly problems: readonly ExerciseProblem[];
  readonly rules: HouseRules;
  readonly open: boolean;
  /** Opens a part: this one, or one that it goes on from. */
  readonly onOpen: (id: string) => void;
  readonly onChange: (part: Part) => void;
  readonly onMove: (by: number) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
  readonly onWork: () => void;
}

export function PartCard(props: PartCardProps) {
  const { exercise, part, problems, open, onOpen } = props;
  const own = problems.filter(({ place }) => place.startsWith(`parts.${part.id}`));
  const { item, grip } = useMovable(part.id, say('move part {{id}}', { id: part.id }));
  const wrongOf = (field: string) => own.find(({ place }) => place === `parts.${part.id}.${field}`)?.message;
  return (
    <li {...item} className={styles.part} data-open={open}>
      <div className={styles.partHead}>
        {grip}
        <span className={styles.letter}>{part.id}</span>
        {open ? (
          <OpenHead part={part} wrongOf={wrongOf} onChange={props.onChange} />
        ) : (
          <>
            <button
              type="button"
              className={styles.prompt}
              onClick={() => onOpen(part.id)}
              aria-label={say('change part {{id}}', { id: part.id })}
            >
              {part.prompt || <em className="soft">{say('nothing asked yet')}</em>}
            </button>
            <span className="figures">{part.marks}</span>
          </>
        )}
      </div>
      <KeyLine {...props} />
      <UsesLine {...props} />
      <ElsewhereLine all={props.elsewhere} />
      {open ? (
        <PartBody {...props} own={own} />
      ) : (
        <>
          {(part.readings ?? []).map((reading) => (
            <ReadingLine key={reading.id} exercise={exercise} part={part} reading={reading} />
          ))}
          {wrongOf('marks') && <p className="wrong">{wrongOf('marks')}</p>}
        </>
      )}
    </li>
  );
}

interface OpenHeadProps {
  readonly part: Part;
  /** What is wrong with a field. */
  readonly wrongOf: (field: string) => string | undefined;
  readonly onChange: (part: Part) => void;
}

function OpenHead({ part, wrongOf, onChange }: OpenHeadProps) {
  return (
    <>
      <Textarea
        label={say('What is asked')}
        aria-label={say('prompt of part {{id}}', { id: part.id })}
        autosize
        minRows={1}
        style={{ flex: 1 }}
        value={part.prompt}
        error={wrongOf('prompt')}
        onChange={(event) => onChange({ ...part, prompt: event.currentTarget.value })}
      />
      <NumberInput
        label={say('Marks')}
        aria-label={say('marks of part {{id}}', { id: part.id })}
        w={74}
        clampBehavior="none"
        allowNegative={false}
        value={part.marks}
        error={wrongOf('marks')}
        onChange={(value) => onChange({ ...part, marks: typeof value === 'number' ? value : 0 })}
      />
    </>
  );
}

/** What is asked, in words, and its key; the key leads to the working. */
function KeyLine({ exercise, part, keyed, open, onWork }: PartCardProps) {
  return (
    <p className={styles.keyLine}>
      {!open && <span className="soft">{askSaid(exercise, part.ask)}</span>} <span className="soft">→</span>{' '}
      {keyed.ok ? (
        <TextButton
          onClick={onWork}
          title={say('Show the working')}
          aria-label={say('working of part {{id}}', { id: part.id })}
        >
          <strong className="figures">
            {part.ask.quantity === 'table' ? say('{{exact}} cells', { exact: keyed.value.exact }) : keyed.value.written}
          </strong>
        </TextButton>
      ) : (
        <span role="alert" className="wrong">
          {keyed.problem.message}
        </span>
      )}
    </p>
  );
}

/** The earlier parts whose answers it goes on from; each leads to its card. */
function UsesLine({ keyed, onOpen }: PartCardProps) {
  const uses = keyed.ok ? keyed.value.uses : [];
  if (uses.length === 0) return null;
  return (
    <p className={`soft ${styles.keyLine}`}>
      {say('goes on from')}{' '}
      {uses.map((id, at) => (
        <span key={id}>
          {at > 0 && (at === uses.length - 1 ? ` ${say('and')} ` : ', ')}
          <TextButton onClick={() => onOpen(id)}>{say('part {{id}}', { id })}</TextButton>
        </span>
      ))}
    </p>
  );
}

/** Where a class follows other rules, its students' key has this number; both are right in marking. */
function ElsewhereLine({ all }: { readonly all: readonly Elsewhere[] }) {
  if (all.length === 0) return null;
  return (
    <p className={`soft ${styles.keyLine}`} title={say('The key of students whose class follows these rules')}>
      {all.map(({ name, number }) => `${name}: ${number}`).join(' · ')}
    </p>
  );
}

function PartBody(props: PartCardProps & { readonly own: readonly ExerciseProblem[] }) {
  const { exercise, part, keyed, rules, onChange, own } = props;
  const set = (change: Partial<Part>) => onChange({ ...part, ...change });
  const problems = own.filter(
    ({ place, message }) => place === `parts.${part.id}` && (keyed.ok || message !== keyed.problem.message),
  );
  return (
    <div className={`stack small ${styles.partBody}`}>
      <AskFields
        exercise={exercise}
        ask={part.ask}
        label={say('of part {{id}}', { id: part.id })}
        onChange={(ask, format) => set({ ask, ...(format ? { format } : {}) })}
      />
      {part.ask.quantity === 'table' && keyed.ok && keyed.value.table && (
        <FillTableEditor part={part} keyed={keyed.value} rules={rules} onChange={onChange} />
      )}
      {part.ask.quantity !== 'table' && part.ask.quantity !== 'by-hand' && <AnswerFields part={part} onChange={set} />}
      {part.ask.quantity !== 'by-hand' && (
        <Readings exercise={exercise} part={part} onChange={(readings) => set({ readings })} />
      )}
      <MoveAndRemove {...props} />
      {problems.map(({ message }) => (
        <p key={message} role="alert" className="wrong">
          {message}
        </p>
      ))}
    </div>
  );
}

const formatOptions = formats.map(({ id, words }) => [id, words] as const);

/** How the answer is written, how far off it may be, and how earlier answers are used. */
function AnswerFields({ part, onChange }: { readonly part: Part; readonly onChange: (change: Partial<Part>) => void }) {
  const { id, format } = part;
  const chosen = formats.find(
    (each) =>
      each.format.kind === format.kind &&
      each.format.decimals === format.decimals &&
      (each.format.up ?? false) === (format.up ?? false) &&
      (each.format.down ?? false) === (format.down ?? false),
  );
  const setFormat = (to: string) => {
    const found = formats.find((each) => each.id === to);
    if (found) onChange({ format: found.format });
  };
  const setTolerance = (text: string) => {
    const value = Number(text.replace(',', '.'));
    onChange({ tolerance: text.trim() === '' || !(value >= 0) ? undefined : value });
  };
  return (
    <div className="line small">
      <label>
        {say('Answer as')}{' '}
        <Pick
          label={say('format of part {{id}}', { id })}
          value={chosen?.id ?? ''}
          options={formatOptions}
          onPick={setFormat}
        />
      </label>
      <label>
        {say('within')}{' '}
        <input
          className="control short"
          aria-label={say('tolerance of part {{id}}', { id })}
          placeholder={say('house rules')}
          defaultValue={part.tolerance ?? ''}
          onBlur={(event) => setTolerance(event.currentTarget.value)}
        />
      </label>
      <label>
        {say('earlier answers')}{' '}
        <Pick
          label={say('earlier answers in part {{id}}', { id })}
          value={part.earlier ?? ''}
          options={[
            ['', say('as the house rules say')],
            ['rounded', say('rounded before use')],
            ['exact', say('with all their digits')],
          ]}
          onPick={(earlier) => onChange({ earlier: earlier === '' ? undefined : earlier })}
        />
      </label>
    </div>
  );
}

function MoveAndRemove({ part, onMove, onCopy, onRemove }: PartCardProps) {
  return (
    <div className="line small">
      <span style={{ marginLeft: 'auto' }} />
      <ActionIcon
        variant="subtle"
        color="gray"
        aria-label={say('move part {{id}} up', { id: part.id })}
        onClick={() => onMove(-1)}
      >
        <IconChevronUp size={16} />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        color="gray"
        aria-label={say('move part {{id}} down', { id: part.id })}
        onClick={() => onMove(1)}
      >
        <IconChevronDown size={16} />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        color="gray"
        aria-label={say('duplicate part {{id}}', { id: part.id })}
        onClick={onCopy}
      >
        <IconCopy size={16} />
      </ActionIcon>
      <ActionIcon
        variant="subtle"
        color="gray"
        aria-label={say('remove part {{id}}', { id: part.id })}
        onClick={onRemove}
      >
        <IconTrash size={16} />
      </ActionIcon>
    </div>
  );
}
