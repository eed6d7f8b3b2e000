/** Worksheets of a class with one cause, without names, for the class to see: as submitted, what went wrong, mended; one after the other. */
import { Button, Modal } from '@mantine/core';
import { causeWords, cellsInWords, lookUp, type NumberStyle } from '@hardy-sextant/core';
import type { KeptWorksheet, WorksheetDetail } from '@hardy-sextant/contract';
import { Failed, Loading } from '../../../ui/States.tsx';
import { useWalk, WalkBar } from '../../../working/Walk.tsx';
import projector from '../../../working/Projector.module.css';
import { SheetView } from './SheetView.tsx';
import { sheetShown } from './sheetShown.ts';
import { useWorksheet } from './worksheetRecords.ts';
import styles from './Worksheets.module.css';
import { say } from '../../../words/say.ts';

interface SheetProjectorProps {
  readonly setId: string;
  /** What the exercise is called. */
  readonly title: string;
  readonly causeId: string;
  readonly worksheets: readonly KeptWorksheet[];
  readonly style: NumberStyle;
  readonly onClose: () => void;
}

/** As submitted, the cause, mended. */
const STEPS = 3;

export function SheetProjector({ setId, title, causeId, worksheets, style, onClose }: SheetProjectorProps) {
  const walk = useWalk(worksheets.length * STEPS);
  const at = Math.floor((walk.shown - 1) / STEPS);
  const step = (walk.shown - 1) % STEPS;
  const detail = useWorksheet(setId, worksheets[at]?.id);
  return (
    <Modal.Root opened fullScreen onClose={onClose} transitionProps={{ duration: 0 }}>
      <Modal.Content aria-label={say('worksheets of {{title}}', { title })} className={projector.content}>
        <Modal.Body className={projector.body}>
          <div className="ends">
            <h1 className="called" style={{ fontSize: 24 }}>
              {say('{{title}} · worksheet {{at}} of {{worksheets}}', {
                title,
                at: at + 1,
                worksheets: worksheets.length,
              })}
            </h1>
            <Button onClick={onClose}>{say('Close')}</Button>
          </div>
          {detail.isError && !detail.data && (
            <Failed what={say('worksheet')} error={detail.error} again={() => void detail.refetch()} />
          )}
          {detail.data ? (
            <ShownStep detail={detail.data} causeId={causeId} step={step} style={style} />
          ) : (
            !detail.isError && <Loading what={say('the worksheet')} />
          )}
          <WalkBar walk={walk} count={worksheets.length * STEPS} />
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}

interface ShownStepProps {
  readonly detail: WorksheetDetail;
  readonly causeId: string;
  readonly step: number;
  readonly style: NumberStyle;
}

function ShownStep({ detail, causeId, step, style }: ShownStepProps) {
  const sheet = sheetShown(detail);
  const cause = detail.causes.find(({ id }) => id === causeId);
  if (!sheet || !cause) return <p>{say('Nothing of this kind is in this worksheet any more.')}</p>;
  const mended = step === STEPS - 1 && Object.keys(detail.mended).length > 0;
  return (
    <>
      <div className={styles.said} aria-live="polite">
        {step === 0 ? (
          <p>
            {cause.remark ? say('Something could be better here.') : say('Something went wrong here.')}{' '}
            {say('Look at the cell that is framed.')}
          </p>
        ) : (
          <>
            <h2>
              {cause.title} · {cellsInWords(cause.cells)}
            </h2>
            <p>{lookUp(causeWords, cause.id)?.advice}</p>
            {cause.wrongFormula && <code className={styles.wrongFormula}>{cause.wrongFormula}</code>}
            {step === STEPS - 1 && cause.rightFormula && (
              <code className={styles.rightFormula}>{cause.rightFormula}</code>
            )}
          </>
        )}
      </div>
      <SheetView
        sheet={sheet}
        style={style}
        chosen={cause.cells[0]}
        mended={mended}
        onChoose={() => {
          // Before a class the cell that went wrong stays chosen.
        }}
      />
    </>
  );
}
