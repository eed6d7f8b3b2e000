/** A case on the Bench: stated, solved, varied, looked at. */
import { applyVariation, kindOf, variedFrom, type Ask, type Variation } from '@hardy-sextant/core';
import { NumberStyleProvider } from '../../statement/Figures.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { usePrinting } from '../../ui/usePrinting.ts';
import { useAsk } from '../../working/useAsk.ts';
import { BenchHead } from './BenchHead.tsx';
import { BenchTabArea } from './BenchTabArea.tsx';
import { isWorthKeeping } from './benchDocument.ts';
import { Conflict } from './Conflict.tsx';
import { Conversion } from './Conversion.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { StatementSheet } from './StatementSheet.tsx';
import { useBenchCase, type BenchCase, type BenchCaseProps } from './useBenchCase.ts';
import { useBenchKeys } from './useBenchKeys.ts';
import { useBenchView, type BenchView } from './useBenchView.ts';
import { useHeadActions } from './useHeadActions.ts';
import { useSolved } from './useSolved.ts';
import { Variations } from './Variations.tsx';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

export function Bench(props: BenchCaseProps) {
  const stated = useBenchCase(props);
  const { title, document, draft, rules, style, autosave, bench } = stated;
  const worked = useSolved(document, rules);
  const { outcome, current, solved, outcomes } = worked;
  const looked = useBenchView(solved?.table.count ?? 1, draft.paymentsPerYear);
  const { act, making, error } = useHeadActions(stated, worked, useOpenAsk(stated, worked, looked));
  const printing = usePrinting();
  useBenchKeys({ undo: bench.undo, redo: bench.redo, onTab: looked.showTab });
  const failure = autosave.problem ?? error;
  return (
    <NumberStyleProvider value={style}>
      <BenchHead
        title={title}
        kind={draft.kind}
        phase={autosave.phase}
        nothingYet={!props.kept && !isWorthKeeping(bench.present)}
        rulesId={document.rules}
        rulesSets={props.rulesSets}
        tags={document.tags}
        canUndo={bench.canUndo}
        canRedo={bench.canRedo}
        solved={current !== undefined}
        making={making}
        act={useLatest(act)}
      />
      {failure && (
        <p role="alert" className="wrong">
          {say('{{failure}} What you see here is not stored yet.', { failure })}
        </p>
      )}
      <StatementSheet stated={stated} outcome={outcome} />
      {outcome.state === 'converted' && (
        <Conversion stated={stated} converted={outcome.converted} asked={worked.asked} />
      )}
      <div className={solved && !current ? styles.setBack : undefined}>
        {!isWorkingTab(looked.tab) && <Varied stated={stated} worked={worked} />}
        {kindOf(draft).hasTable && <BenchTabArea stated={stated} worked={worked} looked={looked} />}
      </div>
      {solved && printing && looked.tab !== 'working' && (
        <PrintSheet
          title={title || say('A case')}
          draft={draft}
          solved={solved}
          variations={document.variations}
          outcomes={outcomes}
        />
      )}
      <Conflict mine={bench.present} theirs={autosave.conflict} rules={rules} onSettle={autosave.settle} />
    </NumberStyleProvider>
  );
}

/** What is looked at besides what the statement asks: payments marked in the table, the question of the working. */
function useOpenAsk(
  { draft }: BenchCase,
  { asked }: ReturnType<typeof useSolved>,
  { tab, range }: BenchView,
): Ask | undefined {
  const [worked] = useAsk(draft, asked);
  if (tab === 'table' && range.chosen) return { quantity: 'interest-in', from: range.from, to: range.to };
  return isWorkingTab(tab) ? worked : undefined;
}

const isWorkingTab = (tab: string): boolean => tab === 'working' || tab === 'cross-check';

/** The case beside its variations. */
function Varied({
  stated: { bench, draft, document },
  worked: { solved, figures, outcomes },
}: {
  readonly stated: BenchCase;
  readonly worked: ReturnType<typeof useSolved>;
}) {
  if (!solved || !figures) return null;
  const adopt = (variation: Variation) =>
    bench.editDocument(
      (before) => ({
        ...before,
        draft: applyVariation(variedFrom(draft, variation, solved.plan), variation),
        variations: before.variations.filter(({ id }) => id !== variation.id),
      }),
      'adopt',
    );
  return (
    <Variations
      draft={draft}
      solved={solved}
      figures={figures}
      variations={document.variations}
      outcomes={outcomes}
      onChange={(next, what) => bench.editDocument((before) => ({ ...before, variations: [...next] }), what)}
      onAdopt={adopt}
    />
  );
}
