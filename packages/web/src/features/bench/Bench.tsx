/** A case on the Bench: stated, solved, varied, looked at. */
import { useHotkeys } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import {
  applyVariation,
  figuresOf,
  newChange,
  numberStyleById,
  rulesInWords,
  solveCase,
  solveVariation,
  isSaving,
  kindOf,
  quantityOfSlot,
  readRefinancing,
  type SlotName,
  type SolvedCase,
  type StatementDraft,
  type ChangeKind,
} from '@hardy-sextant/core';
import type { KeptCase, KeptRules } from '@hardy-sextant/contract';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { Loading } from '../../ui/States.tsx';
import { Answer } from '../../ui/statement/Answer.tsx';
import { AddChange, Changes, newId } from '../../ui/statement/Changes.tsx';
import { withKind, withUnknown } from '../../ui/statement/editing.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import type { TableView } from '../../ui/TablePanel.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { useAddress } from '../../ui/useSearchSetting.ts';
import { usePrinting } from '../../ui/usePrinting.ts';
import { BenchPanel } from './BenchPanel.tsx';
import { BenchHead, BenchTabs, benchTabs, type HeadAction } from './BenchHead.tsx';
import { emptySlots, inStyleOf, isWorthKeeping, newDocument, useBenchDocument } from './benchDocument.ts';
import { Conflict } from './Conflict.tsx';
import { EveryWay } from './EveryWay.tsx';
import { clipboardText, tableAsCsv, tableAsWorkbook } from '@hardy-sextant/files';
import { saveAs } from '../../ui/saveFile.ts';
import { NothingYet } from './NothingYet.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { TableTools } from './TableTools.tsx';
import { useCaseActions } from './useCaseActions.tsx';
import { unsentCase, useAutosave } from './useAutosave.ts';
import { Variations } from './Variations.tsx';
import styles from './BenchPage.module.css';

const WorkingDesk = lazy(() => import('../../ui/working/WorkingDesk.tsx'));

interface BenchProps {
  readonly caseId: string;
  readonly kept?: KeptCase;
  readonly rulesSets: readonly KeptRules[];
}

export function Bench({ caseId, kept, rulesSets }: BenchProps) {
  const navigate = useNavigate();
  const [search, changeAddress] = useAddress();
  const rulesFor = (id: string) => rulesSets.find((each) => each.id === id) ?? rulesSets[0]!;
  const [start] = useState(() => {
    const rules = rulesFor(kept?.document.rules ?? search.get('rules') ?? 'default');
    return {
      title: kept?.title ?? '',
      document: kept ? inStyleOf(kept.document, rules.rules) : newDocument(rules.rules, rules.id),
    };
  });
  // What was typed here before and never stored goes on from there.
  const [first] = useState(() => unsentCase(caseId) ?? start);
  const bench = useBenchDocument(first);
  const { title, document } = bench.present;
  const { draft, variations } = document;
  const { rules, name: rulesName } = rulesFor(document.rules);
  // How numbers are shown; what is put into slots and on the clipboard keeps its cents.
  const style = useMemo(
    () => ({ ...numberStyleById(draft.numberStyle), moneyDecimals: rules.decimals }),
    [draft.numberStyle, rules.decimals],
  );
  const autosave = useAutosave({
    caseId,
    start,
    kept,
    present: bench.present,
    // From now on the address leads to a kept case: its own, or the one beside it when both were kept.
    onCreated: (stored) => {
      if (window.location.pathname.startsWith('/bench'))
        void navigate({ pathname: `/bench/${stored.id}`, search: window.location.search }, { replace: true });
    },
    onShow: (theirs) =>
      bench.replace({
        title: theirs.title,
        document: inStyleOf(theirs.document, rulesFor(theirs.document.rules).rules),
      }),
  });
  useBarNote(`${rulesName} · ${rulesInWords(rules)}`);

  const kind = kindOf(draft);
  const outcome = useMemo(() => solveCase(draft, rules.rounding), [draft, rules.rounding]);
  const current = outcome.state === 'solved' ? outcome.solved : undefined;
  // While a slot is being mended what was last solved stays in sight, so that nothing jumps.
  const [last, setLast] = useState<SolvedCase>();
  const keep = current ?? (kind.hasTable ? last : undefined);
  if (keep !== last) setLast(keep);
  const solved = current ?? (emptySlots(draft) ? undefined : keep);
  const figures = useMemo(() => solved && figuresOf(solved.table), [solved]);
  const outcomes = useMemo(
    () => (solved ? variations.map((variation) => solveVariation(draft, variation, solved.table, rules.rounding)) : []),
    [draft, variations, solved, rules.rounding],
  );
  const printing = usePrinting();
  const tab = search.get('show') ?? 'table';
  const asked = useMemo(
    () => ({
      quantity:
        draft.unknown === 'converted' || !kindOf(draft).hasTable
          ? ('converted' as const)
          : quantityOfSlot(draft.unknown),
      refinancing: variations.flatMap(
        (variation) => (variation.refinancing && readRefinancing(variation.refinancing, draft)) ?? [],
      )[0],
    }),
    [draft, variations],
  );

  const set = (values: Readonly<Record<string, string>>) =>
    changeAddress((settings) => {
      for (const [name, value] of Object.entries(values)) settings.set(name, value);
    });
  const view: TableView = {
    running: search.get('running') === 'yes',
    years: (search.get('years') as TableView['years'] | null) ?? 'none',
  };
  const count = solved?.table.count ?? 1;
  const rangeFrom = Math.max(1, Number(search.get('from') ?? 1) || 1);
  const rangeTo = Number(search.get('to') ?? Math.min(draft.paymentsPerYear, count)) || 1;
  const showTab = useLatest((show: string) => set({ show }));
  const [jumpTo, setJumpTo] = useState<number>();

  const setDraft = (next: StatementDraft, what: string) =>
    bench.editDocument((before) => ({ ...before, draft: next }), `draft.${what}`);
  const ask = (slot: SlotName) => setDraft(withUnknown(draft, slot, outcome, rules.rounding), 'unknown');
  const chooseRules = (id: string) =>
    bench.editDocument((before) => ({ ...inStyleOf(before, rulesFor(id).rules), rules: id }), 'rules');

  const {
    makeExercise,
    duplicate,
    remove,
    making,
    error: actionError,
  } = useCaseActions({ caseId, title, document, flush: autosave.flush, drop: autosave.drop });
  const changeView = useLatest((name: 'running' | 'years', value: string) => set({ [name]: value }));
  const changeDate = useLatest((firstPaymentDate: string) => setDraft({ ...draft, firstPaymentDate }, 'date'));
  const copyTable = useLatest(() => {
    if (!solved) return;
    const chosen = (search.has('from') || search.has('to')) && rangeTo > rangeFrom;
    const text = chosen ? clipboardText(solved.table, style, rangeFrom, rangeTo) : clipboardText(solved.table, style);
    const said = chosen
      ? `Payments ${rangeFrom} to ${rangeTo} are copied.`
      : `All ${count} rows are copied; paste them into a worksheet.`;
    void navigator.clipboard.writeText(text).then(
      () => notifications.show({ message: said }),
      () => notifications.show({ message: 'The browser does not let this page use the clipboard.' }),
    );
  });
  const addChange = useLatest((change: ChangeKind) =>
    setDraft({ ...draft, changes: [...draft.changes, newChange(change, newId())] }, 'changes'),
  );
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
        return void (
          solved && saveAs(tableAsWorkbook, title, tableAsWorkbook.writes(title, solved.table)).catch(failedToSave)
        );
      case 'csv':
        return void (solved && saveAs(tableAsCsv, title, tableAsCsv.writes(title, solved.table)).catch(failedToSave));
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

  const failure = autosave.problem ?? actionError;
  return (
    <NumberStyleProvider value={style}>
      <BenchHead
        title={title}
        kind={draft.kind}
        phase={autosave.phase}
        nothingYet={!kept && !isWorthKeeping(bench.present)}
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
          {kind.takesChanges && (
            <Changes
              draft={draft}
              outcome={outcome}
              onChange={(changes, what) => setDraft({ ...draft, changes }, what)}
            />
          )}
        </div>
        <div className={styles.side}>
          <Answer draft={draft} outcome={outcome} currency={rules.currency} onAsk={ask} />
          {kind.takesChanges && <AddChange saving={isSaving(kind)} onAdd={addChange} />}
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
                statement={{
                  solved: `What ${draft.slots.rate} % is, quoted otherwise.`,
                  asked: `What ${draft.slots.rate} % is, quoted otherwise.`,
                }}
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
                (before) => ({
                  ...before,
                  draft: applyVariation(draft, variation),
                  variations: before.variations.filter(({ id }) => id !== variation.id),
                }),
                'adopt',
              )
            }
          />
        )}

        {kind.hasTable && (
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
              {solved ? (
                <BenchPanel
                  tab={tab}
                  caseId={caseId}
                  title={title}
                  document={document}
                  solved={solved}
                  outcomes={outcomes}
                  rules={rules}
                  style={style}
                  asked={asked}
                  view={view}
                  range={{ from: rangeFrom, to: rangeTo, chosen: search.has('from') || search.has('to') }}
                  jumpTo={jumpTo}
                  onPaymentRange={(from, to) => set({ from: String(from), to: String(to) })}
                  onEdit={bench.editDocument}
                />
              ) : (
                <NothingYet />
              )}
            </div>
          </>
        )}
      </div>
      {solved && printing && tab !== 'working' && (
        <PrintSheet
          title={title || 'A case'}
          draft={draft}
          solved={solved}
          variations={variations}
          outcomes={outcomes}
        />
      )}
      <Conflict mine={bench.present} theirs={autosave.conflict} rules={rules} onSettle={autosave.settle} />
    </NumberStyleProvider>
  );
}

function failedToSave(): void {
  notifications.show({ message: 'The file could not be made. Nothing was changed; try again.' });
}
