/** One answer explained: what was submitted, what was expected, where the difference comes from, what it does to later parts; and what is decided about it. */
import { Button } from '@mantine/core';
import {
  numberStyleById,
  slipById,
  wrongCells,
  writeNumber,
  roundTo,
  type Entries,
  type HouseRules,
  type Verdict,
} from '@hardy-sextant/core';
import { useState, type Ref } from 'react';
import { Chip } from '../../ui/Chip.tsx';
import { causeName, type Cell } from './causes.ts';
import { EarlierAnswers, MoreEntries } from './Entries.tsx';
import { isAcceptable } from './useGiving.ts';
import { WorkingLines } from './WorkingLines.tsx';
import styles from './Marking.module.css';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

export interface PanelActions {
  readonly onAll: (all: boolean) => void;
  readonly onCredit: (credit: number | undefined) => void;
  /** Lines of the rubric that the answer has. */
  readonly onLines: (lines: readonly string[]) => void;
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
  right: say('This is the number of the key.'),
  'right-rounded': say(
    'This is the number of the key, rounded more coarsely than was asked or within the tolerance of the house rules.',
  ),
  reading: say('This is another reading of the question that is accepted.'),
  unexplained: say(
    'No slip we know leads to this number, nor do two at once. It may be several, or a number from elsewhere.',
  ),
  blank: say('Nothing was submitted for this part.'),
  'by-hand': say('You mark this part yourself.'),
};

export function AnswerPanel(props: AnswerPanelProps) {
  const { setId, cell, entries, alike, row, rules, actions, commentRef } = props;
  const { verdict, part, student, decision } = cell;
  return (
    <aside className={`sheet stays ${styles.panel}`} aria-live="polite" aria-label={say('The answer explained')}>
      <div className="soft">
        {say('{{name}} · part {{id}}', { name: student.name, id: part.id })}
        {alike.length > 1 && ` · ${say('{{alike}} alike', { alike: alike.length })}`}
      </div>
      <h2>{causeName(cell)}</h2>
      {verdict.cells ? <TableCells verdict={verdict} /> : <Submitted cell={cell} rules={rules} />}
      <Cause verdict={verdict} />
      <WorkingLines cell={cell} entries={entries} rules={rules} />
      <MoreEntries key={cell.key} cell={cell} kept={entries} rules={rules} onEntries={actions.onEntries} />
      <EarlierAnswers key={`earlier ${cell.key}`} setId={setId} cell={cell} onEntries={actions.onEntries} />
      {part.ask.quantity === 'by-hand' && part.ask.rubric.length > 0 && <Rubric cell={cell} actions={actions} />}
      <Give {...props} />
      <Comment
        key={`${cell.key} ${decision?.comment ?? ''}`}
        text={decision?.comment ?? ''}
        hint={adviceFor(verdict)}
        onWrite={actions.onComment}
        fieldRef={commentRef}
      />
      <Rest cell={cell} row={row} />
      <p className={`soft ${styles.keys}`}>
        {say(
          'arrows move · Enter types · 0–9 marks · G all alike · A accept · C comment · N next open · U undo · Y redo',
        )}
      </p>
    </aside>
  );
}

/** What was submitted, what was expected, and by how much they differ. */
function Submitted({ cell: { text, verdict, part }, rules }: Pick<AnswerPanelProps, 'cell' | 'rules'>) {
  const { expectedWritten, difference = 0 } = verdict;
  const long =
    text.length > 120
      ? say('{{text}}… ({{text2}} characters)', { text: text.slice(0, 120), text2: text.length })
      : text;
  return (
    <dl className="figures pairs">
      <dt>{say('Submitted')}</dt>
      <dd>{text === '' ? '–' : long}</dd>
      {expectedWritten !== undefined && (
        <>
          <dt>{say('Expected')}</dt>
          <dd>{expectedWritten}</dd>
        </>
      )}
      {difference !== 0 && (
        <>
          <dt>{say('Difference')}</dt>
          <dd className={styles.light}>
            {writeNumber(difference, part.format.decimals, numberStyleById(rules.numberStyle))}
          </dd>
        </>
      )}
    </dl>
  );
}

/** Where the number came from, and what else would fit. */
function Cause({ verdict }: { readonly verdict: Verdict }) {
  const { kind, cells, says, byChance, wrongEntered } = verdict;
  const [likeliest, ...others] = verdict.explanations;
  return (
    <>
      {likeliest && kind !== 'reading' && !cells ? (
        <>
          <p className={styles.says} data-tone={kind === 'carried' ? 'carried' : 'slip'}>
            {likeliest.says}
          </p>
          {kind !== 'carried' && <AlsoFits others={others} byChance={byChance} />}
        </>
      ) : (
        <p>{says ?? (cells ? '' : plainly[kind])}</p>
      )}
      {wrongEntered && (
        <p className={styles.says} data-tone="slip">
          <strong>{say('Entered.')}</strong> {wrongEntered.says}
        </p>
      )}
    </>
  );
}

/** The lines of a rubric; those that the answer has make its marks. */
function Rubric({ cell: { part, decision }, actions }: Pick<AnswerPanelProps, 'cell' | 'actions'>) {
  if (part.ask.quantity !== 'by-hand') return null;
  const lines = decision?.lines ?? [];
  const toggle = (id: string) =>
    actions.onLines(lines.includes(id) ? lines.filter((each) => each !== id) : [...lines, id]);
  return (
    <fieldset className={styles.rubric}>
      <legend>{say('What the answer has')}</legend>
      {part.ask.rubric.map(({ id, says, marks }) => (
        <label key={id}>
          <input type="checkbox" checked={lines.includes(id)} onChange={() => toggle(id)} /> {says}{' '}
          <span className="soft">{plain(marks)}</span>
        </label>
      ))}
    </fieldset>
  );
}

/** Marks by hand: for this answer, or for all alike. */
function Give({ cell, alike, all, actions }: AnswerPanelProps) {
  const { verdict, part, decision } = cell;
  const credit = decision?.credit ?? verdict.credit;
  const several = all && alike.length > 1;
  return (
    <>
      <h3>{several ? say('Give all {{alike}} the same', { alike: alike.length }) : say('Give this answer')}</h3>
      {alike.length > 1 && (
        <label className="line">
          <input type="checkbox" checked={all} onChange={(event) => actions.onAll(event.currentTarget.checked)} />{' '}
          {say('for all {{alike}} alike', { alike: alike.length })}
        </label>
      )}
      <div className="line line tools" role="group" aria-label={say('Marks')}>
        {steps(part.marks).map((share) => (
          <Chip
            key={share}
            name={say('{{given}} of {{marks}}', { given: plain(share * part.marks), marks: plain(part.marks) })}
            pressed={Math.abs(credit - share) < 1e-9}
            onPress={() => actions.onCredit(share)}
          />
        ))}
        {decision?.credit !== undefined && (
          <Button size="compact-sm" onClick={() => actions.onCredit(undefined)}>
            {say('As judged')}
          </Button>
        )}
        {isAcceptable(cell) && (
          <Button size="compact-sm" onClick={actions.onAccept}>
            {say('Accept as a reading')}
          </Button>
        )}
      </div>
    </>
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
  return slip?.advice ?? say('A comment for the student…');
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
        ? say('By chance: under 1 in 1,000.')
        : say('By chance: about 1 in {{max}}.', { max: Math.max(2, roundTo(1 / byChance, 0)).toLocaleString('en') });
  return (
    <>
      <p className="soft">
        {others.length === 0
          ? `${say('Also fits: nothing else we know.')} ${chance}`
          : say('That is not certain. Also fits:')}
      </p>
      {others.map((other) => (
        <p key={other.slips.join() + other.says}>
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
      className="control long"
      ref={fieldRef}
      aria-label={say('comment')}
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
      <h3>{say('What it does to the rest')}</h3>
      <ul className="list ruled">
        {later.map(({ part, text, verdict, marks }) => (
          <li key={part.id}>
            <Said
              text="Part {{id}}, <span>{{text}}</span>, is {{right}}: {{plain}} of {{plain2}}."
              values={{
                id: part.id,
                text,
                right:
                  verdict.kind === 'carried'
                    ? say('right for this answer')
                    : say('{{toLowerCase}} on top of this answer', {
                        toLowerCase: causeName({ verdict }).toLowerCase(),
                      }),
                plain: plain(marks),
                plain2: plain(part.marks),
              }}
              parts={{ span: <span className="figures" /> }}
            />
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
    <>
      <p>
        {say(
          '{{cells}} cells: {{count}} right, {{count2}} carried, {{count3}} with a slip, {{count4}} not explained, {{count5}} empty.',
          {
            cells: cells.length,
            count: count('right') + count('right-rounded'),
            count2: count('carried'),
            count3: count('slip'),
            count4: count('unexplained') + count('unreadable'),
            count5: count('blank'),
          },
        )}
      </p>
      <ul className="list ruled">
        {wrongCells(verdict).map((says) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
    </>
  );
}
