/** A case on the Bench: stated, solved, varied, looked at. */
import { ActionIcon, Button, Menu, Tabs, TextInput } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import {
  applyVariation,
  describeVariation,
  figuresOf,
  newChange,
  numberStyleById,
  quantityOf,
  rulesInWords,
  solveCase,
  solveVariation,
  takesChanges,
  usualFormat,
  workedSolution,
  type Exercise,
  type SlotName,
  type StatementDraft,
  type StatementKind,
} from '@hardy-sextant/core';
import type { KeptCase, KeptRules } from '@hardy-sextant/contract';
import { IconArrowBackUp, IconArrowForwardUp, IconDots } from '@tabler/icons-react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useDeleteCase, useRestoreCase, useWriteCase, useWriteExercise } from '../../ui/records.ts';
import { Loading } from '../../ui/States.tsx';
import { Answer } from '../../ui/statement/Answer.tsx';
import { AddChange, Changes, newId } from '../../ui/statement/Changes.tsx';
import { withKind, withUnknown } from '../../ui/statement/editing.ts';
import { sentences } from '../../ui/statement/sentences.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import { TablePanel, type TableView } from '../../ui/TablePanel.tsx';
import { Timeline } from '../../ui/Timeline.tsx';
import { WorkingPanel } from '../../ui/WorkingPanel.tsx';
import { inStyleOf, newDocument, useBenchDocument } from './benchDocument.ts';
import { Conflict } from './Conflict.tsx';
import { saveCsv, saveWorkbook } from './out.ts';
import { PrintSheet } from './PrintSheet.tsx';
import { StretchPanel } from './StretchPanel.tsx';
import { TableTools } from './TableTools.tsx';
import { TagsField } from './TagsField.tsx';
import { TargetPanel } from './TargetPanel.tsx';
import { TogetherPanel } from './TogetherPanel.tsx';
import { useAutosave, type KeptState } from './useAutosave.ts';
import { Variations } from './Variations.tsx';
import styles from './BenchPage.module.css';

const PicturePanel = lazy(() => import('./PicturePanel.tsx'));

interface BenchProps {
  readonly caseId: string;
  readonly kept?: KeptCase;
  readonly rulesSets: readonly KeptRules[];
}

const states: Readonly<Record<KeptState, string>> = { unsaved: 'not kept yet', keeping: 'keeping…', kept: 'kept', 'not-kept': 'not kept' };

export function Bench({ caseId, kept, rulesSets }: BenchProps) {
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const rulesFor = (id: string) => rulesSets.find((each) => each.id === id) ?? rulesSets[0]!;
  const [start] = useState(() => {
    const rules = rulesFor(kept?.document.rules ?? search.get('rules') ?? 'default');
    return { title: kept?.title ?? '', document: kept ? inStyleOf(kept.document, rules.rules) : newDocument(rules.rules, rules.id) };
  });
  const bench = useBenchDocument(start);
  const { title, document } = bench.present;
  const { draft, variations, together } = document;
  const { rules, name: rulesName } = rulesFor(document.rules);
  const style = numberStyleById(draft.numberStyle);
  const autosave = useAutosave(
    bench.present,
    caseId,
    kept,
    // From now on the address leads to a kept case: its own, or the one beside it when both were kept.
    (stored) => void navigate({ pathname: `/bench/${stored.id}`, search: window.location.search }, { replace: true }),
    (theirs) => bench.replace({ title: theirs.title, document: inStyleOf(theirs.document, rulesFor(theirs.document.rules).rules) }),
  );
  const writeExercise = useWriteExercise();
  const writeCase = useWriteCase();
  const deleteCase = useDeleteCase();
  const restoreCase = useRestoreCase();
  useBarNote(`${rulesName} · ${rulesInWords(rules)}`);

  const outcome = useMemo(() => solveCase(draft, rules.rounding), [draft, rules.rounding]);
  const solved = outcome.state === 'solved' ? outcome.solved : undefined;
  const figures = useMemo(() => solved && figuresOf(solved.table), [solved]);
  const outcomes = useMemo(
    () => (solved ? variations.map((variation) => solveVariation(draft, variation, solved.table, rules.rounding)) : []),
    [draft, variations, solved, rules.rounding],
  );
  const tab = search.get('show') ?? 'table';
  const solution = useMemo(() => (solved && tab === 'working' ? workedSolution(draft, solved, style) : undefined), [draft, solved, style, tab]);

  const set = (values: Readonly<Record<string, string>>) =>
    setSearch(
      (before) => {
        for (const [name, value] of Object.entries(values)) {
          if (value === '') before.delete(name);
          else before.set(name, value);
        }
        return before;
      },
      { replace: true },
    );
  const view: TableView = { running: search.get('running') === 'yes', years: (search.get('years') as TableView['years'] | null) ?? 'none' };
  const count = solved?.table.count ?? 1;
  const stretchFrom = Math.max(1, Number(search.get('from') ?? 1) || 1);
  const stretchTo = Number(search.get('to') ?? Math.min(draft.paymentsPerYear, count)) || 1;
  const [jumpTo, setJumpTo] = useState<number>();

  const setDraft = (next: StatementDraft, what: string) => bench.editDocument((before) => ({ ...before, draft: next }), `draft.${what}`);
  const ask = (slot: SlotName) => setDraft(withUnknown(draft, slot, outcome, rules.rounding), 'unknown');
  const chooseRules = (id: string) => bench.editDocument((before) => ({ ...inStyleOf(before, rulesFor(id).rules), rules: id }), 'rules');

  const makeExercise = async () => {
    if (!solved) return;
    await autosave.flush();
    const stored = await writeExercise.mutateAsync({ document: { schemaVersion: 1, exercise: exerciseFrom(title.trim() || 'Unnamed exercise', draft) } });
    await navigate(`/exercises/${stored.id}`);
  };
  const duplicate = async () => {
    const stored = await writeCase.mutateAsync({ title: `${title.trim() || 'Unnamed case'}, again`, document });
    notifications.show({ message: `“${stored.title}” is a case of its own now; you are looking at it.` });
    await navigate(`/bench/${stored.id}`);
  };
  const remove = async () => {
    await autosave.flush();
    await deleteCase.mutateAsync(caseId);
    await navigate('/cases');
    const note = notifications.show({
      autoClose: 12_000,
      message: (
        <>
          “{title || 'Unnamed case'}” is deleted.{' '}
          <Button
            size="compact-xs"
            onClick={() => {
              notifications.hide(note);
              void restoreCase.mutateAsync(caseId).then(() => navigate(`/bench/${caseId}`));
            }}
          >
            Undo
          </Button>
        </>
      ),
    });
  };
  const print = () => {
    if (solved) window.print();
  };
  useHotkeys(
    [
      ['mod+Z', bench.undo],
      ['mod+shift+Z', bench.redo],
      ['mod+Y', bench.redo],
    ],
    [],
  );
  useHotkeys([
    ['V', () => window.document.querySelector<HTMLElement>('[data-add-variation]')?.click()],
    ['C', () => window.document.querySelector<HTMLElement>('[data-add-change]')?.click()],
    ['S', () => window.document.querySelector<HTMLElement>('[data-slot="amount"], [data-slot="rate"]')?.focus()],
    ...['table', 'working', 'timeline', 'picture', 'target', 'together'].map((name, at): [string, () => void] => [String(at + 1), () => set({ show: name })]),
  ]);

  const failure = autosave.error ?? writeExercise.error?.message ?? writeCase.error?.message ?? deleteCase.error?.message;
  return (
    <NumberStyleProvider value={style}>
      <PageHead
        title={title || 'A new case'}
        where={
          <span className={styles.where}>
            <label className={styles.kind}>
              {' '}
              <span className="visually-hidden">kind of case</span>{' '}
              <select value={draft.kind} onChange={(event) => setDraft(withKind(draft, event.currentTarget.value as StatementKind), 'kind')}>
                {' '}
                {Object.entries(sentences).map(([kind, { title: words }]) => (
                  <option key={kind} value={kind}>
                    {' '}
                    {words}{' '}
                  </option>
                ))}{' '}
              </select>{' '}
            </label>{' '}
            · <Link to="/cases">Kept cases</Link> · <span role="status">{states[autosave.state]}</span> · rules
            <select aria-label="house rules" value={document.rules} onChange={(event) => chooseRules(event.currentTarget.value)}>
              {rulesSets.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </select>
            · <TagsField tags={document.tags} onChange={(tags) => bench.editDocument((before) => ({ ...before, tags: [...tags] }), 'tags')} />
          </span>
        }
        heading={
          <>
            <h1 className="visually-hidden">{title || 'A new case'}</h1>
            <TextInput
              variant="unstyled"
              aria-label="name of the case"
              placeholder="Name this case"
              value={title}
              maxLength={120}
              onChange={(event) => {
                const text = event.currentTarget.value;
                bench.edit((before) => ({ ...before, title: text }), 'title');
              }}
              classNames={{ input: styles.title }}
            />
          </>
        }
      >
        <ActionIcon variant="default" size={30} aria-label="undo" disabled={!bench.canUndo} onClick={bench.undo}>
          <IconArrowBackUp size={16} />
        </ActionIcon>
        <ActionIcon variant="default" size={30} aria-label="redo" disabled={!bench.canRedo} onClick={bench.redo}>
          <IconArrowForwardUp size={16} />
        </ActionIcon>
        <Menu position="bottom-end" shadow="sm">
          <Menu.Target>
            <Button disabled={!solved}>Send out ▾</Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={print}>Print case, table and picture</Menu.Item>
            <Menu.Item onClick={() => solved && void saveWorkbook(title, solved.table).catch(failedToSave)}>Workbook with live formulas</Menu.Item>
            <Menu.Item onClick={() => solved && void saveCsv(title, solved.table).catch(failedToSave)}>CSV of the table</Menu.Item>
          </Menu.Dropdown>
        </Menu>
        <Button variant="filled" onClick={() => void makeExercise().catch(() => undefined)} loading={writeExercise.isPending} disabled={!solved}>
          Make an exercise of it
        </Button>
        <Menu position="bottom-end" shadow="sm">
          <Menu.Target>
            <ActionIcon variant="default" size={30} aria-label="more to do with this case">
              <IconDots size={16} />
            </ActionIcon>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => void navigate('/bench')}>A new case</Menu.Item>
            <Menu.Item disabled={autosave.state === 'unsaved'} onClick={() => void duplicate().catch(() => undefined)}>
              Duplicate
            </Menu.Item>
            <Menu.Item disabled={autosave.state === 'unsaved'} onClick={() => void remove().catch(() => undefined)}>
              Delete
            </Menu.Item>
          </Menu.Dropdown>
        </Menu>
      </PageHead>
      {failure && (
        <p role="alert" className={styles.failed}>
          {failure} What you see here is not stored yet.
        </p>
      )}
      <section className={`sheet ${styles.statement}`} aria-label="Statement">
        <div className={styles.sentences}>
          <Statement draft={draft} outcome={outcome} rounding={rules.rounding} onChange={setDraft} />
          {takesChanges(draft.kind) && <Changes draft={draft} outcome={outcome} onChange={(changes, what) => setDraft({ ...draft, changes }, what)} />}
        </div>
        <div className={styles.side}>
          <Answer draft={draft} outcome={outcome} onAsk={ask} />
          {takesChanges(draft.kind) && (
            <AddChange saving={draft.kind === 'save'} onAdd={(change) => setDraft({ ...draft, changes: [...draft.changes, newChange(change, newId())] }, 'changes')} />
          )}
        </div>
      </section>

      {solved && figures && (
        <Variations
          draft={draft}
          solved={solved}
          figures={figures}
          variations={variations}
          outcomes={outcomes}
          onChange={(next, what) => bench.editDocument((before) => ({ ...before, variations: [...next] }), what)}
          onAdopt={(variation) =>
            bench.editDocument((before) => ({ ...before, draft: applyVariation(draft, variation), variations: before.variations.filter(({ id }) => id !== variation.id) }), 'adopt')
          }
        />
      )}

      {draft.kind !== 'convert' && (
        <Tabs value={tab} onChange={(value) => value && set({ show: value })} classNames={{ list: styles.tabs, tab: styles.tab }} keepMounted={false}>
          <div className={styles.tabLine}>
            <Tabs.List>
              <Tabs.Tab value="table">Table</Tabs.Tab>
              <Tabs.Tab value="working">Working</Tabs.Tab>
              <Tabs.Tab value="timeline">Timeline</Tabs.Tab>
              <Tabs.Tab value="picture">Picture</Tabs.Tab>
              <Tabs.Tab value="target">Target</Tabs.Tab>
              <Tabs.Tab value="together">Together</Tabs.Tab>
            </Tabs.List>
            {solved && tab === 'table' && (
              <TableTools
                table={solved.table}
                view={view}
                selected={{ from: stretchFrom, to: stretchTo }}
                style={style}
                firstPaymentDate={draft.firstPaymentDate}
                onView={(name, value) => set({ [name]: value })}
                onDate={(firstPaymentDate) => setDraft({ ...draft, firstPaymentDate }, 'date')}
                onJump={setJumpTo}
              />
            )}
          </div>
          {!solved && <NothingYet />}
          {solved && (
            <>
              <Tabs.Panel value="table">
                <div className={styles.table}>
                  <TablePanel
                    table={solved.table}
                    view={view}
                    selected={search.has('from') || search.has('to') ? { from: stretchFrom, to: stretchTo } : { from: 1, to: 0 }}
                    onSelect={(from, to) => set({ from: String(from), to: String(to) })}
                    jumpTo={jumpTo}
                  />
                  <StretchPanel table={solved.table} from={stretchFrom} to={stretchTo} onRead={(from, to) => set({ from: String(from), to: String(to) })} />
                </div>
              </Tabs.Panel>
              <Tabs.Panel value="working">
                {draft.changes.length > 0 && <p className="soft">These ways work the statement as it stands before the changes on the way; the table has them all.</p>}
                {solved.flat ? (
                  <p className="soft">
                    The charge of a flat plan is worked in one line: {sentences.flat.title.toLowerCase()} times the amount, spread with it over the payments. The rate really
                    charged is found from the table’s own payments.
                  </p>
                ) : (
                  solution && <WorkingPanel solution={solution} chosen={search.get('way') ?? 'formula'} onChoose={(way) => set({ way })} />
                )}
              </Tabs.Panel>
              <Tabs.Panel value="timeline">
                <Timeline kind={draft.kind} solved={solved} style={style} />
              </Tabs.Panel>
              <Tabs.Panel value="picture">
                <Suspense fallback={<Loading what="the picture" />}>
                  <PicturePanel
                    plans={[
                      { name: 'As stated', table: solved.table },
                      ...outcomes.flatMap((each, at) =>
                        each.ok
                          ? [
                              {
                                name: describeVariation(draft, variations[at]!, style).title,
                                table: each.table,
                                ...(each.refinanced ? { before: { table: each.outcome.solved.table, after: each.figures.count - each.table.count } } : {}),
                              },
                            ]
                          : [],
                      ),
                    ]}
                  />
                </Suspense>
              </Tabs.Panel>
              <Tabs.Panel value="target">
                <TargetPanel
                  draft={draft}
                  solved={solved}
                  onFound={(variation) => bench.editDocument((before) => ({ ...before, variations: [...before.variations, variation] }), 'variations')}
                />
              </Tabs.Panel>
              <Tabs.Panel value="together">
                <TogetherPanel
                  title={title}
                  caseId={caseId}
                  solved={solved}
                  styleId={draft.numberStyle}
                  rounding={rules.rounding}
                  parts={together}
                  onChange={(parts, what) => bench.editDocument((before) => ({ ...before, together: [...parts] }), what)}
                />
              </Tabs.Panel>
            </>
          )}
        </Tabs>
      )}
      {solved && <PrintSheet title={title || 'A case'} draft={draft} solved={solved} variations={variations} outcomes={outcomes} />}
      <Conflict mine={bench.present} theirs={autosave.conflict} rules={rules} onSettle={autosave.settle} />
    </NumberStyleProvider>
  );
}

function failedToSave(): void {
  notifications.show({ message: 'The file could not be made. Nothing was changed; try again.' });
}

function NothingYet() {
  return (
    <p className="soft">
      Fill in the slots of the statement; the one with ? is solved while you type. Type ? into another slot to ask for that one. To begin with something, open one of the{' '}
      <Link to="/cases">kept cases</Link>.
    </p>
  );
}

const prompts: Readonly<Record<SlotName, string>> = {
  payment: 'Find each payment.',
  amount: 'Find the amount.',
  finalAmount: 'Find what is there at the end.',
  payments: 'Find the number of payments.',
  rate: 'Find the rate.',
  converted: 'Convert the rate.',
};

/** An exercise that asks what the statement asks; its story is left for the instructor to write. */
function exerciseFrom(title: string, draft: StatementDraft): Exercise {
  const quantity = quantityOf(draft.unknown === 'converted' ? 'rate' : draft.unknown);
  return {
    title,
    story: '',
    plans: [{ id: 'plan', draft }],
    parts: [{ id: 'a', prompt: prompts[draft.unknown], marks: 2, ask: { quantity, plan: 'plan' }, format: usualFormat(quantity) }],
  };
}
