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
  type WorkedSolution,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { Pick } from '../ui/Pick.tsx';
import { usePrinting } from '../ui/usePrinting.ts';
import { useSearchSetting } from '../ui/useSearchSetting.ts';
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
import { WorksheetWay } from './WorksheetWay.tsx';
import { useAllEnteringStyles } from './useAllEnteringStyles.ts';
import { TextButton } from '../ui/TextButton.tsx';
import styles from './Working.module.css';
import { say } from '../words/say.ts';

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
  ['answer', say('answer only')],
  ['steps', say('steps')],
  ['reasons', say('steps with reasons')],
];

const nothing: Scope = {};

export default function WorkingDesk(props: WorkingDeskProps) {
  const { view, draft, rules, style, title, statement, ask: startAsk } = props;
  const { fixed = false, names = nothing, question: given } = props;
  const [chosen, choose] = useAsk(draft, startAsk);
  const ask = fixed ? startAsk : chosen;
  const question = useMemo(
    () => (given ? { ok: true as const, value: given } : askCase(draft, ask, rules.rounding, names)),
    [given, draft, ask, rules.rounding, names],
  );
  const worked = useWorked(question.ok ? question.value : undefined, rules, style);
  const picker = fixed ? null : <AskPicker draft={draft} ask={ask} onAsk={choose} />;
  if (!question.ok || !worked)
    return (
      <>
        <div className="line small tools">{picker}</div>
        <div className="sheet">
          <p role="alert" className="wrong block">
            {question.ok ? say('No way of working is known for this yet.') : question.problem.message}
          </p>
        </div>
      </>
    );
  const tool = <ToolPick chosen={worked.entering.id} />;
  if (view === 'cross-check')
    return (
      <CrossCheckPanel solution={worked.solution} question={question.value} rules={rules} style={style}>
        {picker}
        {tool}
      </CrossCheckPanel>
    );
  return (
    <>
      <div className="line small tools">
        {picker}
        {tool}
        <WorkingTools worked={worked} />
      </div>
      <div className={`${styles.working} ${isBuilt(worked) ? styles.spread : ''}`}>
        <WaysAndFacts worked={worked} style={style} />
        {isBuilt(worked) ? (
          <div role="tabpanel" id="way-steps" aria-labelledby="way-worksheet" style={{ minWidth: 0 }}>
            <WorksheetWay way={worked.way} question={question.value} rules={rules} title={title} />
          </div>
        ) : (
          <>
            <WayInSteps worked={worked} style={style} />
            <Beside solution={worked.solution} question={question.value} rules={rules} style={style} />
          </>
        )}
      </div>
      <Shown worked={worked} title={title} statement={statement} isFirstAsk={ask.quantity === startAsk.quantity} />
    </>
  );
}

interface BesideProps {
  readonly solution: WorkedSolution;
  readonly question: Question;
  readonly rules: HouseRules;
  readonly style: NumberStyle;
}

/** What flows when, and what else somebody might get. */
function Beside({ solution: { timeline, signs }, question, rules, style }: BesideProps) {
  return (
    <div className="sheet stack block">
      {timeline.length > 0 && (
        <section>
          <h2>{say('Timeline')}</h2>
          <SmallTimeline moments={timeline} count={question.solved.table.count} style={style} bare={signs === 'none'} />
        </section>
      )}
      <AnotherNumber question={question} rules={rules} />
    </div>
  );
}

/** A worksheet is built up step by step, with the whole width to itself. */
const isBuilt = ({ way, detail }: Worked): boolean => way.id === 'worksheet' && detail !== 'answer';

type Worked = NonNullable<ReturnType<typeof useWorked>>;

/** A question worked under the tool, the way and the detail that the address names. */
function useWorked(question: Question | undefined, rules: HouseRules, style: NumberStyle) {
  const [search] = useSearchSetting();
  const entryStyles = useAllEnteringStyles();
  const entering = enteringStyleById(search.get('tool') ?? rules.entering, entryStyles);
  const detail = details.find(([id]) => id === search.get('explain'))?.[0] ?? 'steps';
  const solution = useMemo(
    () => (question ? workedSolution(question, { style, entering, writing: rules.writing }) : undefined),
    [question, style, entering, rules.writing],
  );
  const way = solution?.ways.find(({ id }) => id === search.get('way')) ?? solution?.ways[0];
  return solution && way ? { solution, way, entering, detail } : undefined;
}

function ToolPick({ chosen }: { readonly chosen: string }) {
  const [, set] = useSearchSetting();
  const options = useAllEnteringStyles().map(({ id, name }) => [id, name] as const);
  return (
    <label>
      {say('Tool')}
      <Pick label={say('Tool')} value={chosen} options={options} onPick={(id) => set('tool', id)} />
    </label>
  );
}

/** How much is shown; copied, printed, put on the projector. */
function WorkingTools({ worked: { solution, way, detail } }: { readonly worked: Worked }) {
  const [, set] = useSearchSetting();
  const copied = (copy: Promise<void>) =>
    void copy.then(
      () => notifications.show({ message: say('The working is copied.') }),
      () => notifications.show({ message: say('The browser does not let this page use the clipboard.') }),
    );
  const copies = [
    [say('This way as text, formulas in TeX'), () => copyAsText(solution, [way], detail)],
    [say('Every way as text, formulas in TeX'), () => copyAsText(solution, solution.ways, detail)],
    [say('This way with formulas in MathML'), () => copyWithMathml(solution, [way], detail)],
    [say('Every way with formulas in MathML'), () => copyWithMathml(solution, solution.ways, detail)],
  ] as const;
  return (
    <>
      <label>
        {say('Show')}
        <Pick label={say('Show')} value={detail} options={details} onPick={(id) => set('explain', id)} />
      </label>
      <span className={styles.right}>
        <Menu position="bottom-end" shadow="sm">
          <Menu.Target>
            <Button size="xs">{say('Copy ▾')}</Button>
          </Menu.Target>
          <Menu.Dropdown>
            {copies.map(([words, copy]) => (
              <Menu.Item key={words} onClick={() => copied(copy())}>
                {words}
              </Menu.Item>
            ))}
          </Menu.Dropdown>
        </Menu>
        <Button size="xs" onClick={() => window.print()}>
          {say('Print')}
        </Button>
        <Button size="xs" onClick={() => set('projector', 'on')}>
          {say('Show on the projector')}
        </Button>
      </span>
    </>
  );
}

/** The ways with their numbers, whether they agree, and what the statement gives. */
function WaysAndFacts({ worked, style }: { readonly worked: Worked; readonly style: NumberStyle }) {
  const { solution, way, detail } = worked;
  const [, set] = useSearchSetting();
  const agreement = useMemo(() => crossCheck(solution, solution.unit === 'money' ? 2 : 4, style), [solution, style]);
  return (
    <div className="stack">
      <div className="sheet picks" role="tablist" aria-label={say('Ways')} aria-orientation="vertical">
        {solution.ways.map(({ id, title: words, written }) => (
          <button
            key={id}
            type="button"
            role="tab"
            id={`way-${id}`}
            aria-selected={id === way.id}
            aria-controls="way-steps"
            onClick={() => set('way', id)}
          >
            <span>{words}</span>
            <span className={`figures ${styles.number}`}>{written}</span>
          </button>
        ))}
      </div>
      <p className="soft" style={{ margin: '0 4px', fontSize: 13 }}>
        {agreement.brief} <TextButton onClick={() => set('show', 'cross-check')}>{say('Cross-check')}</TextButton>
      </p>
      <div className={`sheet block small ${styles.facts}`}>
        <h2>{say('From the statement')}</h2>
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
  );
}

function WayInSteps({ worked, style }: { readonly worked: Worked; readonly style: NumberStyle }) {
  const { solution, way, detail, entering } = worked;
  return (
    <div role="tabpanel" id="way-steps" aria-labelledby={`way-${way.id}`} style={{ minWidth: 0 }}>
      {detail !== 'answer' && solution.setting.length > 0 && way.id !== 'table' && (
        <div style={{ marginBottom: 12 }}>
          <Steps steps={stepsAt(solution.setting, detail)} name={say('From the statement')} />
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
  );
}

interface ShownProps {
  readonly title: string;
  readonly statement: WorkingDeskProps['statement'];
  readonly worked: Worked;
  /** Whether what is asked is the statement's own `?`. */
  readonly isFirstAsk: boolean;
}

/** The working on the projector or on paper. */
function Shown({ worked: { solution, way, detail }, title, statement, isFirstAsk }: ShownProps) {
  const [search, set] = useSearchSetting();
  const printing = usePrinting();
  return (
    <>
      {search.get('projector') === 'on' && (
        <Projector
          title={title}
          statement={isFirstAsk ? statement.asked : statement.solved}
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
