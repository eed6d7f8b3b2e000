/** A case on the Bench: stated, solved, varied, looked at. */
import { useHotkeys } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import {
  applyVariation,
  describeVariation,
  figuresOf,
  newChange,
  numberStyleById,
  rulesInWords,
  solveCase,
  solveVariation,
  takesChanges,
  quantityOfSlot,
  readRefinancing,
  type SlotName,
  type SolvedCase,
  type StatementDraft,
  type ChangeKind,
} from '@hardy-sextant/core';
import type { KeptCase, KeptRules } from '@hardy-sextant/contract';
import { lazy, Suspense, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useSearchParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { Loading } from '../../ui/States.tsx';
import { Answer } from '../../ui/statement/Answer.tsx';
import { AddChange, Changes, newId } from '../../ui/statement/Changes.tsx';
import { withKind, withUnknown } from '../../ui/statement/editing.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import { TablePanel, type TableView } from '../../ui/TablePanel.tsx';
import { Timeline } from '../../ui/Timeline.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { usePrinting } from '../../ui/usePrinting.ts';
import { BenchHead, BenchTabs, benchTabs, type HeadAction } from './BenchHead.tsx';
import { emptySlots, inStyleOf, newDocument, useBenchDocument } from './benchDocument.ts';
import { Conflict } from './Conflict.tsx';
import { EveryWay } from './EveryWay.tsx';
import { clipboardText, saveCsv, saveWorkbook } from './out.ts';
import { NothingYet } from './NothingYet.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { statementInWords } from '../../ui/statement/statementInWords.ts';
import { StretchPanel } from './StretchPanel.tsx';
import { TableTools } from './TableTools.tsx';
import { TargetPanel } from './TargetPanel.tsx';
import { TogetherPanel } from './TogetherPanel.tsx';
import { useCaseActions } from './useCaseActions.tsx';
import { useAutosave } from './useAutosave.ts';
import { Variations } from './Variations.tsx';
import styles from './BenchPage.module.css';

const PicturePanel = lazy(() => import('./PicturePanel.tsx'));
const WorkingDesk = lazy(() => import('../../ui/working/WorkingDesk.tsx'));

interface BenchProps {
  readonly caseId: string;
  readonly kept?: KeptCase;
  readonly rulesSets: readonly KeptRules[];
}

export function Bench({ caseId, kept, rulesSets }: BenchProps) {
  const navigate = useNavigate();
  const location = useLocation();
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
  // How numbers are shown; what is put into slots and on the clipboard keeps its cents.
  const style = useMemo(() => ({ ...numberStyleById(draft.numberStyle), moneyDecimals: rules.decimals }), [draft.numberStyle, rules.decimals]);
  const autosave = useAutosave(
    bench.present,
    caseId,
    kept,
    // From now on the address leads to a kept case: its own, or the one beside it when both were kept.
    (stored) => void navigate({ pathname: `/bench/${stored.id}`, search: window.location.search }, { replace: true }),
    (theirs) => bench.replace({ title: theirs.title, document: inStyleOf(theirs.document, rulesFor(theirs.document.rules).rules) }),
  );
  useBarNote(`${rulesName} · ${rulesInWords(rules)}`);

  const outcome = useMemo(() => solveCase(draft, rules.rounding), [draft, rules.rounding]);
  const current = outcome.state === 'solved' ? outcome.solved : undefined;
  // While a slot is being mended what was last solved stays in sight, so that nothing jumps.
  const last = useRef<SolvedCase>(undefined);
  useLayoutEffect(() => {
    last.current = current ?? (draft.kind === 'convert' ? undefined : last.current);
  });
  const solved = current ?? (draft.kind === 'convert' || emptySlots(draft) ? undefined : last.current);
  const figures = useMemo(() => solved && figuresOf(solved.table), [solved]);
  const outcomes = useMemo(
    () => (solved ? variations.map((variation) => solveVariation(draft, variation, solved.table, rules.rounding)) : []),
    [draft, variations, solved, rules.rounding],
  );
  const printing = usePrinting();
  const tab = search.get('show') ?? 'table';
  const asked = useMemo(
    () => ({
      quantity: draft.kind === 'convert' || draft.unknown === 'converted' ? ('converted' as const) : quantityOfSlot(draft.unknown),
      refinancing: variations.flatMap((variation) => (variation.refinancing && readRefinancing(variation.refinancing, draft)) ?? [])[0],
    }),
    [draft, variations],
  );

  const set = (values: Readonly<Record<string, string>>) =>
    setSearch(
      (before) => {
        for (const [name, value] of Object.entries(values)) {
          if (value === '') before.delete(name);
          else before.set(name, value);
        }
        return before;
      },
      { replace: true, state: location.state },
    );
  const view: TableView = { running: search.get('running') === 'yes', years: (search.get('years') as TableView['years'] | null) ?? 'none' };
  const count = solved?.table.count ?? 1;
  const stretchFrom = Math.max(1, Number(search.get('from') ?? 1) || 1);
  const stretchTo = Number(search.get('to') ?? Math.min(draft.paymentsPerYear, count)) || 1;
  const showTab = useLatest((show: string) => set({ show }));
  const [jumpTo, setJumpTo] = useState<number>();

  const setDraft = (next: StatementDraft, what: string) => bench.editDocument((before) => ({ ...before, draft: next }), `draft.${what}`);
  const ask = (slot: SlotName) => setDraft(withUnknown(draft, slot, outcome, rules.rounding), 'unknown');
  const chooseRules = (id: string) => bench.editDocument((before) => ({ ...inStyleOf(before, rulesFor(id).rules), rules: id }), 'rules');

  const { makeExercise, duplicate, remove, making, error: actionError } = useCaseActions({ caseId, title, document, flush: autosave.flush });
  const changeView = useLatest((name: 'running' | 'years', value: string) => set({ [name]: value }));
  const changeDate = useLatest((firstPaymentDate: string) => setDraft({ ...draft, firstPaymentDate }, 'date'));
  const copyTable = useLatest(() => {
    if (!solved) return;
    const chosen = (search.has('from') || search.has('to')) && stretchTo > stretchFrom;
    const text = chosen ? clipboardText(solved.table, style, stretchFrom, stretchTo) : clipboardText(solved.table, style);
    const said = chosen ? `Payments ${stretchFrom} to ${stretchTo} are copied.` : `All ${count} rows are copied; paste them into a worksheet.`;
    void navigator.clipboard.writeText(text).then(
      () => notifications.show({ message: said }),
      () => notifications.show({ message: 'The browser does not let this page use the clipboard.' }),
    );
  });
  const addChange = useLatest((change: ChangeKind) => setDraft({ ...draft, changes: [...draft.changes, newChange(change, newId())] }, 'changes'));
  const act = (action: HeadAction): void => {
    switch (action.type) {
      case 'kind':
        return setDraft(withKind(draft, action.kind), 'kind');
      case 'rules':
        return chooseRules(action.id);
      case 'tags':
        return bench.editDocument((before) => ({ ...before, tags: [...action.tags] }), 'tags');
      case 'title':
        return bench.edit((before) => ({ ...before, title: action.title }), 'title');
      case 'undo':
        return bench.undo();
      case 'redo':
        return bench.redo();
      case 'print':
        return window.print();
      case 'workbook':
        return void (solved && saveWorkbook(title, solved.table).catch(failedToSave));
      case 'csv':
        return void (solved && saveCsv(title, solved.table).catch(failedToSave));
      case 'exercise':
        return void (current && makeExercise().catch(() => undefined));
      case 'new':
        return void navigate('/bench');
      case 'duplicate':
        return void duplicate().catch(() => undefined);
      case 'delete':
        return void remove().catch(() => undefined);
    }
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
    ...benchTabs.map(([name], at): [string, () => void] => [String(at + 1), () => set({ show: name })]),
  ]);

  const failure = autosave.error ?? actionError;
  return (
    <NumberStyleProvider value={style}>
      <BenchHead
        title={title}
        kind={draft.kind}
        state={autosave.state}
        rulesId={document.rules}
        rulesSets={rulesSets}
        tags={document.tags}
        canUndo={bench.canUndo}
        canRedo={bench.canRedo}
        solved={current !== undefined}
        making={making}
        act={useLatest(act)}
      />
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
          <Answer draft={draft} outcome={outcome} currency={rules.currency} onAsk={ask} />
          {takesChanges(draft.kind) && <AddChange saving={draft.kind === 'save'} onAdd={addChange} />}
        </div>
      </section>

      {outcome.state === 'converted' && (
        <>
          <EveryWay draft={draft} converted={outcome.converted} />
          {outcome.converted.unknown === 'converted' && (
            <Suspense fallback={<Loading what="the working" />}>
              <WorkingDesk
                view="working"
                draft={draft}
                rules={rules}
                style={style}
                title={title || 'A conversion'}
                statement={{ solved: `What ${draft.slots.rate} % is, quoted otherwise.`, asked: `What ${draft.slots.rate} % is, quoted otherwise.` }}
                ask={asked}
                fixed
              />
            </Suspense>
          )}
        </>
      )}
      <div className={solved && !current ? styles.setBack : undefined}>
        {solved && figures && tab !== 'working' && tab !== 'cross-check' && (
          <Variations
            draft={draft}
            solved={solved}
            figures={figures}
            variations={variations}
            outcomes={outcomes}
            onChange={(next, what) => bench.editDocument((before) => ({ ...before, variations: [...next] }), what)}
            onAdopt={(variation) =>
              bench.editDocument(
                (before) => ({ ...before, draft: applyVariation(draft, variation), variations: before.variations.filter(({ id }) => id !== variation.id) }),
                'adopt',
              )
            }
          />
        )}

        {draft.kind !== 'convert' && (
          <>
            <div className={styles.tabLine}>
              <BenchTabs tab={tab} onTab={showTab} />
              {solved && tab === 'table' && (
                <TableTools
                  count={solved.table.count}
                  running={view.running}
                  years={view.years}
                  firstPaymentDate={draft.firstPaymentDate}
                  onView={changeView}
                  onDate={changeDate}
                  onJump={setJumpTo}
                  onCopy={copyTable}
                />
              )}
            </div>
            <div role="tabpanel" id={`bench-panel-${tab}`} aria-labelledby={`bench-tab-${tab}`}>
              {!solved && <NothingYet />}
              {solved && (tab === 'working' || tab === 'cross-check') && (
                <Suspense fallback={<Loading what="the working" />}>
                  <WorkingDesk
                    view={tab}
                    draft={draft}
                    rules={rules}
                    style={style}
                    title={title || 'A case'}
                    statement={{ solved: statementInWords(draft, solved), asked: statementInWords(draft, solved, true) }}
                    ask={asked}
                  />
                </Suspense>
              )}
              {solved && (
                <>
                  {tab === 'table' && (
                    <>
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
                    </>
                  )}
                  {tab === 'timeline' && (
                    <>
                      <Timeline kind={draft.kind} solved={solved} style={style} />
                    </>
                  )}
                  {tab === 'picture' && (
                    <>
                      <Suspense fallback={<Loading what="the picture" />}>
                        <PicturePanel
                          plans={[
                            { name: 'As stated', table: solved.table },
                            ...outcomes.flatMap((each, at) =>
                              each.ok
                                ? [
                                    {
                                      name: describeVariation(draft.numberStyle, variations[at]!, style).title,
                                      table: each.table,
                                      ...(each.refinanced ? { before: { table: each.outcome.solved.table, after: each.figures.count - each.table.count } } : {}),
                                    },
                                  ]
                                : [],
                            ),
                          ]}
                        />
                      </Suspense>
                    </>
                  )}
                  {tab === 'target' && (
                    <>
                      <TargetPanel
                        draft={draft}
                        solved={solved}
                        onFound={(variation) => bench.editDocument((before) => ({ ...before, variations: [...before.variations, variation] }), 'variations')}
                      />
                    </>
                  )}
                  {tab === 'together' && (
                    <>
                      <TogetherPanel
                        title={title}
                        caseId={caseId}
                        solved={solved}
                        styleId={draft.numberStyle}
                        rounding={rules.rounding}
                        parts={together}
                        onChange={(parts, what) => bench.editDocument((before) => ({ ...before, together: [...parts] }), what)}
                      />
                    </>
                  )}
                </>
              )}
            </div>
          </>
        )}
      </div>
      {solved && printing && tab !== 'working' && <PrintSheet title={title || 'A case'} draft={draft} solved={solved} variations={variations} outcomes={outcomes} />}
      <Conflict mine={bench.present} theirs={autosave.conflict} rules={rules} onSettle={autosave.settle} />
    </NumberStyleProvider>
  );
}

function failedToSave(): void {
  notifications.show({ message: 'The file could not be made. Nothing was changed; try again.' });
}
