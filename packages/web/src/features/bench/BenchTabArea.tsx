/** The tabs of the Bench, the tools of the table beside them, and what stands under the tab that is chosen. */
import { notifications } from '@mantine/notifications';
import { clipboardText } from '@hardy-sextant/files';
import { useLatest } from '../../ui/useLatest.ts';
import { BenchTabs } from './BenchHead.tsx';
import { BenchPanel } from './BenchPanel.tsx';
import { NothingYet } from './NothingYet.tsx';
import { TableTools } from './TableTools.tsx';
import type { BenchCase } from './useBenchCase.ts';
import type { BenchView } from './useBenchView.ts';
import type { useSolved } from './useSolved.ts';
import { say } from '../../words/say.ts';

interface BenchTabAreaProps {
  readonly stated: BenchCase;
  readonly worked: ReturnType<typeof useSolved>;
  readonly looked: BenchView;
}

export function BenchTabArea({ stated, worked: { solved, outcomes, asked }, looked }: BenchTabAreaProps) {
  const { draft, style } = stated;
  const { tab, view, range } = looked;
  const changeDate = useLatest((firstPaymentDate: string) => stated.setDraft({ ...draft, firstPaymentDate }, 'date'));
  const copyTable = useLatest(() => {
    if (!solved) return;
    const { from, to } = range;
    const chosen = range.chosen && to > from;
    const text = chosen ? clipboardText(solved.table, style, from, to) : clipboardText(solved.table, style);
    const said = chosen
      ? say('Payments {{from}} to {{to}} are copied.', { from, to })
      : say('All {{count}} rows are copied; paste them into a worksheet.', { count: solved.table.count });
    void navigator.clipboard.writeText(text).then(
      () => notifications.show({ message: said }),
      () => notifications.show({ message: say('The browser does not let this page use the clipboard.') }),
    );
  });
  return (
    <>
      <div className="line">
        <BenchTabs tab={tab} onTab={looked.showTab} />
        {solved && tab === 'table' && (
          <TableTools
            count={solved.table.count}
            running={view.running}
            years={view.years}
            firstPaymentDate={draft.firstPaymentDate}
            onView={looked.changeView}
            onDate={changeDate}
            onJump={looked.setJumpTo}
            onCopy={copyTable}
          />
        )}
      </div>
      <div role="tabpanel" id={`bench-panel-${tab}`} aria-labelledby={`bench-tab-${tab}`}>
        {solved ? (
          <BenchPanel
            tab={tab}
            caseId={stated.caseId}
            title={stated.title}
            document={stated.document}
            solved={solved}
            outcomes={outcomes}
            rules={stated.rules}
            style={style}
            asked={asked}
            view={view}
            range={range}
            jumpTo={looked.jumpTo}
            onPaymentRange={looked.setRange}
            onEdit={stated.bench.editDocument}
          />
        ) : (
          <NothingYet />
        )}
      </div>
    </>
  );
}
