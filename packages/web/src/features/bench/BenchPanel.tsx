/** What stands under the tabs of the Bench: the table, the working, the pictures and searches of a solved case. */
import { notifications } from '@mantine/notifications';
import {
  describeVariation,
  kindOf,
  numberStyleById,
  readEntry,
  withExtraPayment,
  type Ask,
  type HouseRules,
  type NumberStyle,
  type SolvedCase,
  type VariedOutcome,
} from '@hardy-sextant/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/States.tsx';
import { newId } from '../../statement/Changes.tsx';
import { statementInWords } from '../../statement/statementInWords.ts';
import { TablePanel, type TableView } from '../../statement/TablePanel.tsx';
import { Timeline } from '../../statement/Timeline.tsx';
import type { BenchDocument, useBenchDocument } from './benchDocument.ts';
import type { PicturedPlan, PicturedPlans } from './PicturePanel.tsx';
import { PaymentRangePanel } from './PaymentRangePanel.tsx';
import { TargetPanel } from './TargetPanel.tsx';
import { TogetherPanel } from './TogetherPanel.tsx';
import { say } from '../../words/say.ts';

const PicturePanel = lazy(() => import('./PicturePanel.tsx'));
const WorkingDesk = lazy(() => import('../../working/WorkingDesk.tsx'));

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

export function BenchPanel(props: BenchPanelProps) {
  const { tab, caseId, title, document, solved, outcomes, rules, style, asked, onEdit } = props;
  const { draft, together } = document;
  switch (tab) {
    case 'working':
    case 'cross-check':
      return (
        <Suspense fallback={<Loading what={say('the working')} />}>
          <WorkingDesk
            view={tab}
            draft={draft}
            rules={rules}
            style={style}
            title={title || say('A case')}
            statement={{ solved: statementInWords(draft, solved), asked: statementInWords(draft, solved, true) }}
            ask={asked}
          />
        </Suspense>
      );
    case 'timeline':
      return <Timeline kind={draft.kind} solved={solved} style={style} signs={rules.writing.signs} />;
    case 'picture':
      return (
        <Suspense fallback={<Loading what={say('the picture')} />}>
          <PicturePanel plans={plansToDraw(document, solved, outcomes, style)} />
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
      return <TableWithRange {...props} />;
  }
}

function TableWithRange(props: BenchPanelProps) {
  const { solved, document, view, range, jumpTo, onPaymentRange, onEdit } = props;
  const { table } = solved;
  const { takesChanges, pays } = kindOf(document.draft);
  const typeExtra = (payment: number, text: string) => {
    const style = numberStyleById(document.draft.numberStyle);
    const entry = readEntry(text.trim() === '' ? '0' : text, style);
    if (!entry.ok || entry.value.percent || entry.value.value < 0)
      return notifications.show({ message: say('“{{text}}” is no amount: nothing was changed.', { text }) });
    const typed = { payment, amount: entry.value.value, shown: table.rows[payment - 1]?.extra ?? 0, id: newId() };
    onEdit((before) => ({ ...before, draft: withExtraPayment(before.draft, typed, style) }), `extra.${payment}`);
  };
  return (
    <div className="beside">
      <TablePanel
        table={table}
        view={view}
        selected={range.chosen ? range : { from: 1, to: 0 }}
        onSelect={onPaymentRange}
        jumpTo={jumpTo}
        {...(takesChanges && pays ? { onExtra: typeExtra } : {})}
      />
      <PaymentRangePanel table={table} from={range.from} to={range.to} onRead={onPaymentRange} />
    </div>
  );
}

/** The statement and every variation that could be worked out, each with its name. */
function plansToDraw(
  { draft, variations }: BenchDocument['document'],
  solved: SolvedCase,
  outcomes: readonly VariedOutcome[],
  style: NumberStyle,
): PicturedPlans {
  const varied = outcomes.flatMap((each, at): PicturedPlan[] => {
    const variation = variations[at];
    if (!each.ok || !variation) return [];
    const { title: name } = describeVariation(draft.numberStyle, variation, style);
    const before = { table: each.outcome.solved.table, after: each.figures.count - each.table.count };
    return [{ name, table: each.table, ...(each.refinanced ? { before } : {}) }];
  });
  return [{ name: say('As stated'), table: solved.table }, ...varied];
}
