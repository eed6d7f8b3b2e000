/** What stands under the tabs of the Bench: the table, the working, the pictures and searches of a solved case. */
import {
  describeVariation,
  type Ask,
  type HouseRules,
  type NumberStyle,
  type SolvedCase,
  type VariedOutcome,
} from '@hardy-sextant/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/States.tsx';
import { statementInWords } from '../../ui/statement/statementInWords.ts';
import { TablePanel, type TableView } from '../../ui/TablePanel.tsx';
import { Timeline } from '../../ui/Timeline.tsx';
import type { BenchDocument, useBenchDocument } from './benchDocument.ts';
import { PaymentRangePanel } from './PaymentRangePanel.tsx';
import { TargetPanel } from './TargetPanel.tsx';
import { TogetherPanel } from './TogetherPanel.tsx';
import styles from './BenchPage.module.css';

const PicturePanel = lazy(() => import('./PicturePanel.tsx'));
const WorkingDesk = lazy(() => import('../../ui/working/WorkingDesk.tsx'));

interface BenchPanelProps {
  readonly tab: string;
  readonly caseId: string;
  readonly title: string;
  readonly document: BenchDocument['document'];
  readonly solved: SolvedCase;
  readonly outcomes: readonly VariedOutcome[];
  readonly rules: HouseRules;
  readonly style: NumberStyle;
  /** What the Working tab asks where nothing else was chosen. */
  readonly asked: Ask;
  readonly view: TableView;
  /** The range of payments read off the table; in the table itself it is marked only once it was chosen. */
  readonly range: { readonly from: number; readonly to: number; readonly chosen: boolean };
  readonly jumpTo: number | undefined;
  readonly onPaymentRange: (from: number, to: number) => void;
  readonly onEdit: ReturnType<typeof useBenchDocument>['editDocument'];
}

export function BenchPanel({
  tab,
  caseId,
  title,
  document,
  solved,
  outcomes,
  rules,
  style,
  asked,
  view,
  range,
  jumpTo,
  onPaymentRange,
  onEdit,
}: BenchPanelProps) {
  const { draft, variations, together } = document;
  switch (tab) {
    case 'working':
    case 'cross-check':
      return (
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
      );
    case 'timeline':
      return <Timeline kind={draft.kind} solved={solved} style={style} />;
    case 'picture':
      return (
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
                        ...(each.refinanced
                          ? {
                              before: {
                                table: each.outcome.solved.table,
                                after: each.figures.count - each.table.count,
                              },
                            }
                          : {}),
                      },
                    ]
                  : [],
              ),
            ]}
          />
        </Suspense>
      );
    case 'target':
      return (
        <TargetPanel
          draft={draft}
          solved={solved}
          onFound={(variation) =>
            onEdit((before) => ({ ...before, variations: [...before.variations, variation] }), 'variations')
          }
        />
      );
    case 'together':
      return (
        <TogetherPanel
          title={title}
          caseId={caseId}
          solved={solved}
          styleId={draft.numberStyle}
          rounding={rules.rounding}
          parts={together}
          onChange={(parts, what) => onEdit((before) => ({ ...before, together: [...parts] }), what)}
        />
      );
    default:
      return (
        <div className={styles.table}>
          <TablePanel
            table={solved.table}
            view={view}
            selected={range.chosen ? range : { from: 1, to: 0 }}
            onSelect={onPaymentRange}
            jumpTo={jumpTo}
          />
          <PaymentRangePanel table={solved.table} from={range.from} to={range.to} onRead={onPaymentRange} />
        </div>
      );
  }
}
