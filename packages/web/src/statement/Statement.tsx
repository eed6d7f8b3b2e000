/** The statement: a sentence whose slots are typed into and whose `?` is solved. */
import { frequencyOf, kindOf, kinds, type Segment, type SlotName, type StatementKind } from '@hardy-sextant/core';
import type { StatementProps } from './statementProps.ts';
import { StatementChoice } from './StatementChoice.tsx';
import { StatementSlot } from './StatementSlot.tsx';
import styles from './Statement.module.css';

export function Statement(props: StatementProps) {
  const { draft, outcome } = props;
  const problems = outcome.state === 'wrong' ? outcome.problems : {};
  const whole = problems.whole?.message ?? problems[draft.unknown]?.message;
  return (
    <div className={styles.statement}>
      {linesOf(kindOf(draft).sentence).map((line, at) => (
        <p key={at} className={styles.line}>
          {line.map((segment, place) => (
            <span key={place} className={`${styles.piece} ${isTight(line[place + 1]) ? styles.close : ''}`}>
              {'words' in segment && segment.words}
              {'slot' in segment && <StatementSlot {...props} slot={segment.slot} />}
              {'choice' in segment && (
                <StatementChoice draft={draft} choice={segment.choice} onChange={props.onChange} />
              )}
              {'period' in segment && <span>{frequencyOf(draft.paymentsPerYear).period}</span>}
            </span>
          ))}
        </p>
      ))}
      {slotsInOrder(draft.kind).map((slot) => {
        const message = slot === draft.unknown ? undefined : problems[slot]?.message;
        return (
          message && (
            <p key={slot} className={styles.whole} data-says={slot}>
              {message}
            </p>
          )
        );
      })}
      {whole && (
        <p role="alert" className={styles.whole}>
          {whole}
        </p>
      )}
    </div>
  );
}

/** The slots in the order of the sentence, for choosing another unknown. */
export function slotsInOrder(kind: StatementKind): readonly SlotName[] {
  return kinds[kind].sentence.flatMap((segment) => ('slot' in segment ? [segment.slot] : []));
}

/** A comma or a full stop stands close to what is before it. */
function isTight(segment: Segment | undefined): boolean {
  return segment !== undefined && 'words' in segment && /^[,.]/.test(segment.words);
}

function linesOf(segments: readonly Segment[]): Segment[][] {
  let line: Segment[] = [];
  const lines = [line];
  for (const segment of segments)
    if ('newLine' in segment) lines.push((line = []));
    else line.push(segment);
  return lines;
}
