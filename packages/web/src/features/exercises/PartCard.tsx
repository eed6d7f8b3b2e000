/** One part: prompt, marks, what is asked of which plan, how the answer is written, other readings; its key beside it. */
import { ActionIcon, NumberInput, Textarea } from '@mantine/core';
import {
  answerName,
  askInWords,
  quantities,
  quantityIds,
  usualFormat,
  type AnswerFormat,
  type AskTexts,
  type Exercise,
  type ExerciseProblem,
  type HouseRules,
  type KeyedPart,
  type Part,
  type PartAsk,
  type Quantity,
  type Reading,
  type Result,
} from '@hardy-sextant/core';
import { IconChevronDown, IconChevronUp, IconTrash } from '@tabler/icons-react';
import { FillTableEditor } from './FillTableEditor.tsx';
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

export const formats: readonly { readonly id: string; readonly words: string; readonly format: AnswerFormat }[] = [
  { id: 'money-2', words: 'money to the cent', format: { kind: 'money', decimals: 2 } },
  { id: 'money-0', words: 'money in whole units', format: { kind: 'money', decimals: 0 } },
  { id: 'percent-1', words: 'percent, one decimal', format: { kind: 'percent', decimals: 1 } },
  { id: 'percent-2', words: 'percent, two decimals', format: { kind: 'percent', decimals: 2 } },
  { id: 'percent-3', words: 'percent, three decimals', format: { kind: 'percent', decimals: 3 } },
  { id: 'percent-4', words: 'percent, four decimals', format: { kind: 'percent', decimals: 4 } },
  { id: 'count-up', words: 'a whole count, rounded up', format: { kind: 'count', decimals: 0, up: true } },
  { id: 'count-0', words: 'a whole count', format: { kind: 'count', decimals: 0 } },
  { id: 'count-2', words: 'a count with two decimals', format: { kind: 'count', decimals: 2 } },
  { id: 'years-months', words: 'years and months', format: { kind: 'years-months', decimals: 0, up: true } },
];

const special = { difference: 'the difference of two plans', expression: 'an expression over answers', table: 'a table to fill in', choice: 'which plan is better' } as const;

/** What a part asks, in words, for its closed card. */
export function askSaid(exercise: Exercise, ask: PartAsk): string {
  const several = exercise.plans.length > 1;
  const plan = (id: string): string => exercise.plans.find((each) => each.id === id)?.name ?? id;
  const args = ask.args ?? {};
  if (ask.quantity === 'expression') return ask.text || 'an expression';
  if (ask.quantity === 'table') return `rows ${args.from ?? 1} to ${args.to || 'the last'} to fill in`;
  if (ask.quantity === 'difference') return `${quantities[ask.of].title}: ${plan(ask.plan)} less ${plan(ask.other)}`;
  if (ask.quantity === 'choice') return `which has ${ask.prefer} of ${quantities[ask.of].title}`;
  const { needs } = quantities[ask.quantity];
  const words =
    needs.length === 0 ? quantities[ask.quantity].title : askInWords({ quantity: ask.quantity, after: args.after as never, from: args.from as never, to: args.to as never });
  return `${words}${several ? ` of ${plan(ask.plan)}` : ''}${args.paying ? `, paying ${args.paying}` : ''}`;
}

export function PartCard({ exercise, part, keyed, problems, rules, open, onOpen, onChange, onMove, onRemove, onWork }: PartCardProps) {
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
          <button type="button" className={styles.keyButton} onClick={onWork} title="Show the working" aria-label={`working of part ${part.id}`}>
            <strong className="figures">{part.ask.quantity === 'table' ? `${keyed.value.exact} cells` : keyed.value.written}</strong>
          </button>
        ) : (
          <span role="alert" className={styles.failed}>
            {keyed.problem.message}
          </span>
        )}
      </p>
      {!open && (part.readings ?? []).map((reading) => <ReadingLine key={reading.id} exercise={exercise} part={part} reading={reading} />)}
      {!open && say('marks') && <p className={styles.failed}>{say('marks')}</p>}
      {open && (
        <div className={styles.partBody}>
          <AskFields exercise={exercise} ask={part.ask} label={`of part ${part.id}`} onChange={(ask, format) => set({ ask, ...(format ? { format } : {}) })} />
          {part.ask.quantity === 'table' && keyed.ok && keyed.value.table && <FillTableEditor part={part} keyed={keyed.value} rules={rules} onChange={onChange} />}
          {part.ask.quantity !== 'table' && (
            <div className={styles.line}>
              <label>
                Answer as{' '}
                <select
                  aria-label={`format of part ${part.id}`}
                  value={
                    formats.find(({ format }) => format.kind === part.format.kind && format.decimals === part.format.decimals && (format.up ?? false) === (part.format.up ?? false))
                      ?.id ?? ''
                  }
                  onChange={(event) => set({ format: formats.find(({ id }) => id === event.currentTarget.value)!.format })}
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
          {(part.readings ?? []).map((reading, at) => (
            <div key={reading.id} className={styles.reading}>
              <div className={styles.line}>
                <label style={{ flex: 1 }}>
                  Also accepted:{' '}
                  <input
                    className={styles.wide}
                    aria-label={`reading ${at + 1} of part ${part.id}`}
                    value={reading.says}
                    onChange={(event) => setReading(at, { says: event.currentTarget.value })}
                  />
                </label>
                <label>
                  share{' '}
                  <input
                    className={styles.small}
                    type="number"
                    min={0}
                    max={1}
                    step={0.25}
                    aria-label={`credit of reading ${at + 1}`}
                    value={reading.credit}
                    onChange={(event) => setReading(at, { credit: Math.min(1, Math.max(0, Number(event.currentTarget.value) || 0)) })}
                  />
                </label>
                <button type="button" className={styles.add} onClick={() => set({ readings: part.readings!.filter((_each, place) => place !== at) })}>
                  remove
                </button>
              </div>
              <AskFields exercise={exercise} ask={reading.ask} label={`of reading ${at + 1}`} onChange={(ask) => setReading(at, { ask })} />
            </div>
          ))}
          <div className={styles.line}>
            <button
              type="button"
              className={styles.add}
              onClick={() =>
                set({
                  readings: [
                    ...(part.readings ?? []),
                    {
                      id: `r${(part.readings?.length ?? 0) + 1}`,
                      says: 'What is left to pay',
                      ask: { quantity: 'left-to-pay', plan: exercise.plans[0]!.id, args: part.ask.args },
                      credit: 0.5,
                    },
                  ],
                })
              }
            >
              + another accepted reading
            </button>
            <span style={{ marginLeft: 'auto' }} />
            <ActionIcon variant="subtle" color="gray" aria-label={`move part ${part.id} up`} onClick={() => onMove(-1)}>
              <IconChevronUp size={16} />
            </ActionIcon>
            <ActionIcon variant="subtle" color="gray" aria-label={`move part ${part.id} down`} onClick={() => onMove(1)}>
              <IconChevronDown size={16} />
            </ActionIcon>
            <ActionIcon variant="subtle" color="gray" aria-label={`remove part ${part.id}`} onClick={onRemove}>
              <IconTrash size={16} />
            </ActionIcon>
          </div>
          {own
            .filter(({ place, message }) => place === `parts.${part.id}` && (keyed.ok || message !== keyed.problem.message))
            .map(({ message }) => (
              <p key={message} role="alert" className={styles.failed}>
                {message}
              </p>
            ))}
        </div>
      )}
    </li>
  );

  function setReading(at: number, change: Partial<Reading>): void {
    set({ readings: part.readings!.map((each, place) => (place === at ? { ...each, ...change } : each)) });
  }
}

function ReadingLine({ exercise, part, reading }: { readonly exercise: Exercise; readonly part: Part; readonly reading: Reading }) {
  return (
    <p className={`soft ${styles.keyLine}`}>
      other reading: {reading.says || askSaid(exercise, reading.ask)} · {Math.round(reading.credit * part.marks * 100) / 100} of {part.marks}
    </p>
  );
}

interface AskFieldsProps {
  readonly exercise: Exercise;
  readonly ask: PartAsk;
  readonly label: string;
  readonly onChange: (ask: PartAsk, format?: AnswerFormat) => void;
}

/** What is asked, of which plan, with its arguments. */
function AskFields({ exercise, ask, label, onChange }: AskFieldsProps) {
  const { plans, parts } = exercise;
  const first = plans[0]!.id;
  const planId = 'plan' in ask ? ask.plan : first;
  const draft = plans.find(({ id }) => id === planId)?.draft ?? plans[0]!.draft;
  const args = ask.args ?? {};
  const setArgs = (change: AskTexts) => onChange({ ...ask, args: { ...args, ...change } } as PartAsk);
  const choose = (id: string) => {
    const kept = { args: { after: args.after ?? '12', from: args.from ?? '1', to: args.to ?? '12' } };
    if (id === 'difference') onChange({ quantity: 'difference', of: 'total-interest', plan: first, other: plans[1]?.id ?? first, ...kept }, usualFormat('total-interest'));
    else if (id === 'choice') onChange({ quantity: 'choice', of: 'total-paid', plans: plans.map((plan) => plan.id), prefer: 'less', ...kept }, usualFormat('total-paid'));
    else if (id === 'expression') onChange({ quantity: 'expression', text: '' }, { kind: 'money', decimals: 2 });
    else if (id === 'table') onChange({ quantity: 'table', plan: planId, blanks: [], args: { from: '1', to: '3' } }, { kind: 'money', decimals: 2 });
    else onChange({ quantity: id as Quantity, plan: planId, ...(quantities[id as Quantity].needs.length > 0 ? kept : {}) }, usualFormat(id as Quantity));
  };
  const needs = ask.quantity === 'expression' ? [] : ask.quantity === 'table' ? (['from', 'to'] as const) : quantities['of' in ask ? ask.of : ask.quantity].needs;
  const argumentWords = { after: 'after payment', from: ask.quantity === 'table' ? 'rows' : 'payments', to: 'to' } as const;
  return (
    <div className={styles.line}>
      <label>
        Asks for{' '}
        <select aria-label={`what is asked ${label}`} value={ask.quantity} onChange={(event) => choose(event.currentTarget.value)}>
          {quantityIds
            .filter((each) => !quantities[each].refinancing && (quantities[each].applies(draft) || each === ask.quantity))
            .map((each) => (
              <option key={each} value={each}>
                {quantities[each].title}
              </option>
            ))}
          {(Object.keys(special) as (keyof typeof special)[]).map((each) => (
            <option key={each} value={each}>
              {special[each]}
            </option>
          ))}
        </select>
      </label>
      {ask.quantity === 'expression' && (
        <input
          className={styles.wide}
          aria-label={`expression ${label}`}
          placeholder={`30 × (${answerName(parts[1]?.id ?? 'b')} − ${answerName(parts[0]?.id ?? 'a')})`}
          value={ask.text}
          onChange={(event) => onChange({ ...ask, text: event.currentTarget.value })}
        />
      )}
      {(ask.quantity === 'difference' || ask.quantity === 'choice') && (
        <select
          aria-label={`quantity ${label}`}
          value={ask.of}
          onChange={(event) => onChange({ ...ask, of: event.currentTarget.value as Quantity }, usualFormat(event.currentTarget.value as Quantity))}
        >
          {quantityIds
            .filter((each) => !quantities[each].refinancing && quantities[each].applies(draft))
            .map((each) => (
              <option key={each} value={each}>
                {quantities[each].title}
              </option>
            ))}
        </select>
      )}
      {ask.quantity === 'choice' && (
        <select aria-label={`better has ${label}`} value={ask.prefer} onChange={(event) => onChange({ ...ask, prefer: event.currentTarget.value as 'less' | 'more' })}>
          <option value="less">less is better</option>
          <option value="more">more is better</option>
        </select>
      )}
      {plans.length > 1 && 'plan' in ask && (
        <label>
          of{' '}
          <select aria-label={`plan ${label}`} value={ask.plan} onChange={(event) => onChange({ ...ask, plan: event.currentTarget.value })}>
            {plans.map(({ id, name }) => (
              <option key={id} value={id}>
                {name ?? id}
              </option>
            ))}
          </select>
        </label>
      )}
      {ask.quantity === 'difference' && (
        <label>
          less{' '}
          <select aria-label={`other plan ${label}`} value={ask.other} onChange={(event) => onChange({ ...ask, other: event.currentTarget.value })}>
            {plans.map(({ id, name }) => (
              <option key={id} value={id}>
                {name ?? id}
              </option>
            ))}
          </select>
        </label>
      )}
      {needs.map((need) => (
        <label key={need}>
          {argumentWords[need]}{' '}
          <input
            className={styles.small}
            aria-label={`${argumentWords[need]} ${label}`}
            value={args[need] ?? ''}
            onChange={(event) => setArgs({ [need]: event.currentTarget.value })}
          />
        </label>
      ))}
      {['balance-after', 'left-to-pay', 'interest-in', 'principal-in', 'total-interest', 'total-paid'].includes(ask.quantity) && (
        <label>
          paying{' '}
          <input
            className={styles.small}
            aria-label={`payment made ${label}`}
            placeholder="the plan’s own"
            value={args.paying ?? ''}
            onChange={(event) => setArgs({ paying: event.currentTarget.value === '' ? undefined : event.currentTarget.value })}
          />
        </label>
      )}
    </div>
  );
}
