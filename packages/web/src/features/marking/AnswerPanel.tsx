/** One answer explained: what was submitted, what was expected, where the difference comes from, what it does to later parts; and what is decided about it. */
import {
  numberStyleById,
  slipById,
  writeNumber,
  roundTo,
  type Entries,
  type HouseRules,
  type Verdict,
} from '@hardy-sextant/core';
import { useState, type Ref } from 'react';
import { FilledTable } from '../../ui/FilledTable.tsx';
import { causeName, type Cell } from './causes.ts';
import { useEarlier } from './markingRecords.ts';
import styles from './Marking.module.css';

export interface PanelActions {
  readonly onAll: (all: boolean) => void;
  readonly onCredit: (credit: number | undefined) => void;
  readonly onComment: (comment: string) => void;
  readonly onAccept: () => void;
  /** Entries of this part typed here: cells of a table, the five values a student entered. */
  readonly onEntries: (changes: readonly { readonly entryId: string; readonly text: string }[]) => void;
  readonly onChoose: (cell: Cell) => void;
}

interface AnswerPanelProps {
  readonly setId: string;
  readonly cell: Cell;
  /** What this student has submitted for this exercise, as it stands this moment: what explains it may come later. */
  readonly entries: Entries;
  /** The answers alike, this one among them. */
  readonly alike: readonly Cell[];
  /** The other answers of this student to the same exercise. */
  readonly row: ReadonlyMap<string, Cell>;
  readonly rules: HouseRules;
  readonly all: boolean;
  readonly actions: PanelActions;
  readonly commentRef: Ref<HTMLTextAreaElement>;
}

const plainly: Readonly<Partial<Record<Verdict['kind'], string>>> = {
  right: 'This is the number of the key.',
  'right-rounded':
    'This is the number of the key, rounded more coarsely than was asked or within the tolerance of the house rules.',
  reading: 'This is another reading of the question that is accepted.',
  unexplained:
    'No slip we know leads to this number, nor do two at once. It may be several, or a number from elsewhere.',
  blank: 'Nothing was submitted for this part.',
};

export function AnswerPanel({ setId, cell, entries, alike, row, rules, all, actions, commentRef }: AnswerPanelProps) {
  const { onAll, onCredit, onComment, onAccept, onEntries } = actions;
  const style = numberStyleById(rules.numberStyle);
  const { verdict, part, text, student, decision } = cell;
  const [likeliest, ...others] = verdict.explanations;
  const decimals = part.format.decimals;
  const credit = decision?.credit ?? verdict.credit;
  const several = all && alike.length > 1;
  const acceptable =
    ['slip', 'carried-slip', 'unexplained'].includes(verdict.kind) && !verdict.cells && verdict.read !== undefined;
  return (
    <aside className={`sheet ${styles.panel}`} aria-live="polite" aria-label="The answer explained">
      <div className="soft">
        {student.name} · part {part.id}
        {alike.length > 1 && ` · ${alike.length} alike`}
      </div>
      <h2>{causeName(cell)}</h2>
      {verdict.cells ? (
        <TableCells verdict={verdict} />
      ) : (
        <dl className="figures">
          <dt>Submitted</dt>
          <dd>{text === '' ? '–' : text.length > 120 ? `${text.slice(0, 120)}… (${text.length} characters)` : text}</dd>
          {verdict.expectedWritten !== undefined && (
            <>
              <dt>Expected</dt>
              <dd>{verdict.expectedWritten}</dd>
            </>
          )}
          {verdict.difference !== undefined && verdict.difference !== 0 && (
            <>
              <dt>Difference</dt>
              <dd className={styles.light}>{writeNumber(verdict.difference, decimals, style)}</dd>
            </>
          )}
        </dl>
      )}
      {likeliest && verdict.kind !== 'reading' && !verdict.cells ? (
        <>
          <p className={`${styles.says} ${verdict.kind === 'carried' ? styles.carriedSays : ''}`}>{likeliest.says}</p>
          {verdict.kind !== 'carried' && <AlsoFits others={others} byChance={verdict.byChance} />}
        </>
      ) : (
        <p>{verdict.says ?? (verdict.cells ? '' : plainly[verdict.kind])}</p>
      )}
      {verdict.wrongEntered && (
        <p className={styles.says}>
          <strong>Entered.</strong> {verdict.wrongEntered.says}
        </p>
      )}
      <MoreEntries key={cell.key} cell={cell} kept={entries} rules={rules} onEntries={onEntries} />
      <EarlierAnswers key={`earlier ${cell.key}`} setId={setId} cell={cell} onEntries={onEntries} />
      <h3>{several ? `Give all ${alike.length} the same` : 'Give this answer'}</h3>
      {alike.length > 1 && (
        <label className={styles.scope}>
          <input type="checkbox" checked={all} onChange={(event) => onAll(event.currentTarget.checked)} /> for all{' '}
          {alike.length} alike
        </label>
      )}
      <div className={styles.give} role="group" aria-label="Marks">
        {steps(part.marks).map((share) => (
          <button
            key={share}
            type="button"
            aria-pressed={Math.abs(credit - share) < 1e-9}
            onClick={() => onCredit(share)}
          >
            {plain(share * part.marks)} of {plain(part.marks)}
          </button>
        ))}
        {decision?.credit !== undefined && (
          <button type="button" onClick={() => onCredit(undefined)}>
            As judged
          </button>
        )}
        {acceptable && (
          <button type="button" onClick={onAccept}>
            Accept as a reading
          </button>
        )}
      </div>
      <Comment
        key={`${cell.key} ${decision?.comment ?? ''}`}
        text={decision?.comment ?? ''}
        hint={adviceFor(verdict)}
        onWrite={onComment}
        fieldRef={commentRef}
      />
      <Rest cell={cell} row={row} />
      <p className={`soft ${styles.keys}`}>
        arrows move · Enter types · 0–9 marks · G all alike · A accept · C comment · N next open · U undo · Y redo
      </p>
    </aside>
  );
}

const plain = (value: number): string => String(roundTo(value, 2));

/** Whole marks where there are few, quarters of them otherwise. */
function steps(marks: number): number[] {
  if (Number.isInteger(marks) && marks <= 5)
    return Array.from({ length: marks + 1 }, (_, at) => (marks === 0 ? 1 : at / marks));
  return [0, 0.25, 0.5, 0.75, 1];
}

function adviceFor({ explanations: [likeliest] }: Verdict): string {
  const slip = likeliest?.slips[0] === undefined ? undefined : slipById(likeliest.slips[0]);
  return slip?.advice ?? 'A comment for the student…';
}

function AlsoFits({
  others,
  byChance,
}: {
  readonly others: Verdict['explanations'];
  readonly byChance: number | undefined;
}) {
  const chance =
    byChance === undefined
      ? ''
      : byChance < 0.001
        ? ' By chance: under 1 in 1,000.'
        : ` By chance: about 1 in ${Math.max(2, roundTo(1 / byChance, 0)).toLocaleString('en')}.`;
  return (
    <>
      <p className="soft">
        {others.length === 0 ? `Also fits: nothing else we know.${chance}` : 'That is not certain. Also fits:'}
      </p>
      {others.map((other) => (
        <p key={other.slips.join() + other.says} className={styles.other}>
          <strong>{other.title}.</strong> {other.says}
        </p>
      ))}
      {others.length > 0 && chance !== '' && <p className="soft">{chance.trim()}</p>}
    </>
  );
}

function Comment({
  text,
  hint,
  onWrite,
  fieldRef,
}: {
  readonly text: string;
  readonly hint: string;
  readonly onWrite: (text: string) => void;
  readonly fieldRef: Ref<HTMLTextAreaElement>;
}) {
  const [typed, setTyped] = useState(text);
  const leave = () => typed.trim() !== text && onWrite(typed.trim());
  return (
    <textarea
      ref={fieldRef}
      aria-label="comment"
      placeholder={hint}
      value={typed}
      maxLength={4000}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={leave}
      onKeyDown={(event) => {
        if (event.key === 'Escape') setTyped(text);
        if (event.key === 'Escape' || (event.key === 'Enter' && (event.ctrlKey || event.metaKey))) {
          event.preventDefault();
          document.querySelector<HTMLElement>('[role="grid"]')?.focus();
        }
      }}
    />
  );
}

/** What this answer does to later parts that use it. */
function Rest({ cell, row }: { readonly cell: Cell; readonly row: ReadonlyMap<string, Cell> }) {
  const later = [...row.values()].filter(
    ({ assigned, verdict }) =>
      assigned.itemId === cell.assigned.itemId &&
      (verdict.kind === 'carried' || verdict.kind === 'carried-slip') &&
      verdict.explanations[0]?.carriedFrom?.includes(cell.part.id),
  );
  if (later.length === 0) return null;
  return (
    <>
      <h3>What it does to the rest</h3>
      <ul className={styles.list}>
        {later.map(({ part, text, verdict, marks }) => (
          <li key={part.id}>
            Part {part.id}, <span className="figures">{text}</span>, is{' '}
            {verdict.kind === 'carried'
              ? 'right for this answer'
              : `${causeName({ verdict }).toLowerCase()} on top of this answer`}
            : {plain(marks)} of {plain(part.marks)}.
          </li>
        ))}
      </ul>
    </>
  );
}

/** A table that was filled in, in short. */
function TableCells({ verdict }: { readonly verdict: Verdict }) {
  const cells = verdict.cells ?? [];
  const count = (kind: string): number => cells.filter((cell) => cell.kind === kind).length;
  return (
    <p>
      {cells.length} cells: {count('right') + count('right-rounded')} right, {count('carried')} carried, {count('slip')}{' '}
      with a slip, {count('unexplained') + count('unreadable')} not explained, {count('blank')} empty.
    </p>
  );
}

const entered = ['n', 'rate', 'pv', 'pmt', 'fv'] as const;

interface MoreEntriesProps extends Pick<AnswerPanelProps, 'cell' | 'rules'>, Pick<PanelActions, 'onEntries'> {
  readonly kept: Entries;
}

/** What else was submitted for this part: a table's cells, or the five values that were entered. Typed here, written when a field is left. */
function MoreEntries({ cell, kept, rules, onEntries }: MoreEntriesProps) {
  const { student, assigned, part } = cell;
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const texts = { ...kept, ...typed };
  const type = (entryId: string, text: string) => setTyped({ ...typed, [entryId]: text });
  const leave = () => {
    const changes = Object.entries(typed).filter(([entryId, text]) => text !== (kept[entryId] ?? ''));
    if (changes.length > 0) onEntries(changes.map(([entryId, text]) => ({ entryId, text })));
    // What was written is in `kept` now; held on to here, it would stand over what is undone later.
    setTyped({});
  };
  if (part.ask.quantity === 'table')
    return (
      <FilledTable
        exercise={assigned.exercise}
        numbers={student.numbers[assigned.itemId] ?? nothing}
        rules={rules}
        partId={part.id}
        verdict={cell.judged}
        entries={texts}
        onEntry={type}
        onLeave={leave}
      />
    );
  const given = entered.some((name) => (kept[`${part.id}.${name}`] ?? '') !== '');
  return (
    <details className={styles.entered} open={given}>
      <summary>The five values, as entered</summary>
      <div>
        {entered.map((name) => (
          <label key={name}>
            {name === 'rate' ? 'rate' : name.toUpperCase()}
            <input
              aria-label={`entered ${name}`}
              value={texts[`${part.id}.${name}`] ?? ''}
              autoComplete="off"
              onChange={(event) => type(`${part.id}.${name}`, event.currentTarget.value)}
              onBlur={leave}
            />
          </label>
        ))}
      </div>
    </details>
  );
}

const nothing = {};

/** What stood here before it was written over, with when and by what. */
function EarlierAnswers({
  setId,
  cell: { student, assigned, part },
  onEntries,
}: Pick<AnswerPanelProps, 'cell' | 'setId'> & Pick<PanelActions, 'onEntries'>) {
  const [opened, setOpened] = useState(false);
  const earlier = useEarlier(setId, student.id, opened);
  const here = earlier.data?.filter(
    ({ itemId, entryId }) => itemId === assigned.itemId && entryId.split('.')[0] === part.id,
  );
  return (
    <details className={styles.entered} onToggle={(event) => setOpened(event.currentTarget.open)}>
      <summary>Earlier answers</summary>
      {earlier.isError && <p className={styles.failed}>{earlier.error.message}</p>}
      {here?.length === 0 && <p className="soft">Nothing has been written over here.</p>}
      <ul className={styles.list}>
        {here?.map(({ entryId, text, at, source }) => (
          <li key={`${entryId} ${at}`}>
            {entryId === part.id ? '' : `${entryId.slice(part.id.length + 1)}: `}
            <span className="figures">{text === '' ? 'empty' : text.slice(0, 120)}</span>{' '}
            <span className="soft">
              until {new Date(at).toLocaleString()}, then {source}
            </span>{' '}
            <button type="button" className={styles.light} onClick={() => onEntries([{ entryId, text }])}>
              put back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
