/** What made the cells wrong: each cause with its formula, wrong and right, whether it is proved, and who else did it. */
import { Button } from '@mantine/core';
import { cellsInWords } from '@hardy-sextant/core';
import type { KeptWorksheet, WorksheetDetail } from '@hardy-sextant/contract';
import { TextButton } from '../../../ui/TextButton.tsx';
import styles from './Worksheets.module.css';
import { many, say } from '../../../words/say.ts';

interface CausePanelProps {
  readonly detail: WorksheetDetail;
  readonly all: readonly KeptWorksheet[];
  readonly mended: boolean;
  readonly onMended: (mended: boolean) => void;
  readonly onChoose: (address: string) => void;
  readonly onCause: (id: string) => void;
  /** Shows a cause to the class, over all worksheets that have it. */
  readonly onProject: (id: string) => void;
}

export function CausePanel({ detail, all, mended, onMended, onChoose, onCause, onProject }: CausePanelProps) {
  const { causes, summary, judged, notes } = detail;
  const count = (verdict: string): number => judged.filter((cell) => cell.verdict === verdict).length;
  return (
    <div className="stack">
      {summary.says && <p className="wrong">{summary.says}</p>}
      {judged.length > 0 && (
        <p className="soft" style={{ margin: 0 }}>
          {say('{{count}} of {{judged}} cells are wrong by themselves, {{count2}} follow from them.', {
            count: count('wrong'),
            judged: judged.length,
            count2: count('carried'),
          })}
        </p>
      )}
      {causes.length === 0 && judged.length > 0 && count('wrong') === 0 && (
        <p className="sheet" style={{ padding: '10px 16px' }}>
          {say('Everything in this worksheet is right.')}
        </p>
      )}
      {causes.map((cause) => (
        <Cause
          key={`${cause.id} ${cause.cells[0] ?? ''}`}
          cause={cause}
          others={
            all.filter(({ id, summary: own }) => id !== detail.id && own.causes.some((each) => each.id === cause.id))
              .length
          }
          mended={Object.keys(detail.mended).length > 0 && !cause.remark ? mended : undefined}
          onMended={onMended}
          onChoose={onChoose}
          onCause={onCause}
          onProject={onProject}
        />
      ))}
      {notes.map((note) => (
        <p key={note} className="soft">
          {note}
        </p>
      ))}
    </div>
  );
}

interface CauseProps extends Pick<CausePanelProps, 'onMended' | 'onChoose' | 'onCause' | 'onProject'> {
  readonly cause: WorksheetDetail['causes'][number];
  /** How many other worksheets have it too. */
  readonly others: number;
  /** Whether the sheet is shown mended; nothing where it cannot be. */
  readonly mended: boolean | undefined;
}

function Cause({ cause, others, mended, onMended, onChoose, onCause, onProject }: CauseProps) {
  return (
    <section className={`sheet ${styles.cause}`} data-remark={cause.remark}>
      <h2>
        {cause.title} ·{' '}
        <TextButton onClick={() => onChoose(cause.cells[0] ?? '')}>{cellsInWords(cause.cells)}</TextButton>
      </h2>
      <p>{cause.says}</p>
      {cause.wrongFormula && (
        <p className={styles.wrongFormula}>
          <code>{cause.wrongFormula}</code>
        </p>
      )}
      {cause.rightFormula && (
        <p className={styles.rightFormula}>
          <code>{cause.rightFormula}</code>
        </p>
      )}
      <p className={styles.proof}>{proof(cause)}</p>
      <div className="line small">
        {mended !== undefined && (
          <Button aria-pressed={mended} onClick={() => onMended(!mended)}>
            {mended ? say('As it was submitted') : say('See it mended')}
          </Button>
        )}
        {others > 0 && (
          <Button onClick={() => onCause(cause.id)}>
            {many(others, '1 other did this', '{{count}} others did this')}
          </Button>
        )}
        <Button onClick={() => onProject(cause.id)}>{say('Show the class')}</Button>
      </div>
    </section>
  );
}

function proof({ remark, certain, mends }: WorksheetDetail['causes'][number]): string {
  if (remark) return say('A remark: the numbers are right, and no marks hang on it.');
  if (mends === 'all')
    return certain
      ? say('Certain: mended, every cell comes right.')
      : say('Mended, every cell comes right; another cause would do the same.');
  if (mends === 'some')
    return certain
      ? say('Certain: with the others mended too, every cell comes right.')
      : say('Mended, some of the cells come right.');
  return say('It cannot be tried by mending.');
}
