/** A case worked: what is asked, the ways with their numbers, the chosen way step by step, and what else someone might get. */
import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import {
  askCase,
  crossCheck,
  enteringStyleById,
  stepsAt,
  workedSolution,
  type Ask,
  type Detail,
  type HouseRules,
  type NumberStyle,
  type Question,
  type Scope,
  type StatementDraft,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { usePrinting } from '../usePrinting.ts';
import { useSearchSetting } from '../useSearchSetting.ts';
import { AnotherNumber } from './AnotherNumber.tsx';
import { AskPicker } from './AskPicker.tsx';
import { copyAsText, copyWithMathml } from './copySolution.ts';
import { CrossCheckPanel } from './CrossCheckPanel.tsx';
import { DeviceWalk } from './DeviceWalk.tsx';
import { PrintedSolution } from './PrintedSolution.tsx';
import { Projector } from './Projector.tsx';
import { SmallTimeline } from './SmallTimeline.tsx';
import { Steps } from './Steps.tsx';
import { useAsk } from './useAsk.ts';
import { useAllEnteringStyles } from './useAllEnteringStyles.ts';
import styles from './Working.module.css';

interface WorkingDeskProps {
  readonly view: 'working' | 'cross-check';
  readonly draft: StatementDraft;
  readonly rules: HouseRules;
  readonly style: NumberStyle;
  readonly title: string;
  /** The statement as a sentence with its answer, and with `?` in its place, for the projector and for paper. */
  readonly statement: { readonly solved: string; readonly asked: string };
  /** What is asked where nothing else was chosen; a part of an exercise asks its own and offers no other. */
  readonly ask: Ask;
  readonly fixed?: boolean;
  /** The question already asked, where the page has it. */
  readonly question?: Question;
  /** What the slots may name. */
  readonly names?: Scope;
}

const details: readonly (readonly [Detail, string])[] = [
  ['answer', 'answer only'],
  ['steps', 'steps'],
  ['reasons', 'steps with reasons'],
];

const nothing: Scope = {};

export default function WorkingDesk({
  view,
  draft,
  rules,
  style,
  title,
  statement,
  ask: startAsk,
  fixed = false,
  names = nothing,
  question: given,
}: WorkingDeskProps) {
  const [search, set] = useSearchSetting();
  const printing = usePrinting();
  const [chosen, choose] = useAsk(draft, startAsk);
  const ask = fixed ? startAsk : chosen;
  const entryStyles = useAllEnteringStyles();
  const entering = enteringStyleById(search.get('tool') ?? rules.entering, entryStyles);
  const detail = details.find(([id]) => id === search.get('explain'))?.[0] ?? 'steps';
  const question = useMemo(
    () => (given ? { ok: true as const, value: given } : askCase(draft, ask, rules.rounding, names)),
    [given, draft, ask, rules.rounding, names],
  );
  const solution = useMemo(
    () => (question.ok ? workedSolution(question.value, { style, entering }) : undefined),
    [question, style, entering],
  );
  const way = solution?.ways.find(({ id }) => id === search.get('way')) ?? solution?.ways[0];
  const agreement = useMemo(
    () => (solution ? crossCheck(solution, solution.unit === 'money' ? 2 : 4, style) : undefined),
    [solution, style],
  );

  const copied = (copy: Promise<void>) =>
    void copy.then(
      () => notifications.show({ message: 'The working is copied.' }),
      () => notifications.show({ message: 'The browser does not let this page use the clipboard.' }),
    );
  const picker = fixed ? null : <AskPicker draft={draft} ask={ask} onAsk={choose} />;
  const tool = (
    <label>
      Tool
      <select aria-label="Tool" value={entering.id} onChange={(event) => set('tool', event.currentTarget.value)}>
        {entryStyles.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
  if (!question.ok || !solution || !way)
    return (
      <>
        <div className={styles.tools}>{picker}</div>
        <div className="sheet">
          <p role="alert" className={styles.problem}>
            {question.ok ? 'No way of working is known for this yet.' : question.problem.message}
          </p>
        </div>
      </>
    );
  if (view === 'cross-check')
    return (
      <CrossCheckPanel solution={solution} style={style}>
        {picker}
        {tool}
      </CrossCheckPanel>
    );
  return (
    <>
      <div className={styles.tools}>
        {picker}
        {tool}
        <label>
          Show
          <select aria-label="Show" value={detail} onChange={(event) => set('explain', event.currentTarget.value)}>
            {details.map(([id, words]) => (
              <option key={id} value={id}>
                {words}
              </option>
            ))}
          </select>
        </label>
        <span className={styles.right}>
          <Menu position="bottom-end" shadow="sm">
            <Menu.Target>
              <Button size="xs">Copy ▾</Button>
            </Menu.Target>
            <Menu.Dropdown>
              <Menu.Item onClick={() => copied(copyAsText(solution, [way], detail))}>
                This way as text, formulas in TeX
              </Menu.Item>
              <Menu.Item onClick={() => copied(copyAsText(solution, solution.ways, detail))}>
                Every way as text, formulas in TeX
              </Menu.Item>
              <Menu.Item onClick={() => copied(copyWithMathml(solution, [way], detail))}>
                This way with formulas in MathML
              </Menu.Item>
              <Menu.Item onClick={() => copied(copyWithMathml(solution, solution.ways, detail))}>
                Every way with formulas in MathML
              </Menu.Item>
            </Menu.Dropdown>
          </Menu>
          <Button size="xs" onClick={() => window.print()}>
            Print
          </Button>
          <Button size="xs" onClick={() => set('projector', 'on')}>
            Show on the projector
          </Button>
        </span>
      </div>
      <div className={styles.working}>
        <div className={styles.left}>
          <div className={`sheet ${styles.ways}`} role="tablist" aria-label="Ways" aria-orientation="vertical">
            {solution.ways.map(({ id, title: words, written }) => (
              <button
                key={id}
                type="button"
                role="tab"
                id={`way-${id}`}
                aria-selected={id === way.id}
                aria-controls="way-steps"
                className={id === way.id ? styles.chosen : undefined}
                onClick={() => set('way', id)}
              >
                <span>{words}</span>
                <span className={`figures ${styles.number}`}>{written}</span>
              </button>
            ))}
          </div>
          <p className="soft" style={{ margin: '0 4px', fontSize: 13 }}>
            {agreement?.brief}{' '}
            <button type="button" className={styles.more} onClick={() => set('show', 'cross-check')}>
              Cross-check
            </button>
          </p>
          <div className={`sheet ${styles.facts}`}>
            <h2>From the statement</h2>
            <dl>
              {solution.facts.map(({ id, name, written, from }) => (
                <div key={id}>
                  <dt>{name}</dt>
                  <dd className="figures">
                    {written}
                    {detail === 'reasons' && <small>{from}</small>}
                  </dd>
                </div>
              ))}
            </dl>
          </div>
        </div>
        <div role="tabpanel" id="way-steps" aria-labelledby={`way-${way.id}`} style={{ minWidth: 0 }}>
          {detail !== 'answer' && solution.setting.length > 0 && way.id !== 'table' && (
            <div style={{ marginBottom: 12 }}>
              <Steps steps={stepsAt(solution.setting, detail)} name="From the statement" />
            </div>
          )}
          <Steps steps={stepsAt(way.steps, detail)} name={way.title} />
          {way.entries && way.entries.length > 0 && (
            <DeviceWalk
              key={`${entering.id} ${JSON.stringify(way.entries)}`}
              entries={way.entries}
              entering={entering}
              style={style}
            />
          )}
        </div>
        <div className={`sheet ${styles.side}`}>
          {solution.timeline.length > 0 && (
            <section>
              <h2>Timeline</h2>
              <SmallTimeline moments={solution.timeline} count={question.value.solved.table.count} style={style} />
            </section>
          )}
          <AnotherNumber question={question.value} rules={rules} />
        </div>
      </div>
      {search.get('projector') === 'on' && (
        <Projector
          title={title}
          statement={ask.quantity === startAsk.quantity ? statement.asked : statement.solved}
          solution={solution}
          wayId={way.id}
          detail={detail}
          onWay={(id) => set('way', id)}
          onClose={() => set('projector', '')}
        />
      )}
      {printing && (
        <PrintedSolution title={title} statement={statement.solved} solution={solution} ways={[way]} detail={detail} />
      )}
    </>
  );
}
