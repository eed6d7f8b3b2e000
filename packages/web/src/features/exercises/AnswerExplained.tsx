/** One answer explained: what was handed in, what was expected, and where the difference comes from. */
import { readEntry, numberStyleById, writeAnswer, writeNumber, type HouseRules, type Part, type Verdict } from '@hardy-sextant/core';
import { verdictLooks } from '../../ui/VerdictMark.tsx';
import styles from './AnswersPage.module.css';

interface AnswerExplainedProps {
  readonly name: string;
  readonly text: string;
  readonly verdict: Verdict;
  readonly part: Part;
  readonly rules: HouseRules;
  /** How many answers share this one's cause, this one included. */
  readonly alike: number;
}

const plainly: Readonly<Record<Verdict['kind'], string>> = {
  right: 'This is the number of the key.',
  'right-rounded': 'This is the number of the key, rounded more coarsely than was asked or within the tolerance of the house rules.',
  slip: '',
  reading: 'This is another reading of the question that is accepted.',
  carried: '',
  'carried-slip': '',
  unexplained: 'No slip we know leads to this number. It may be several at once, or a number from elsewhere.',
  unreadable: '',
  blank: 'Nothing was handed in for this part.',
  'no-key': '',
};

export function AnswerExplained({ name, text, verdict, part, rules, alike }: AnswerExplainedProps) {
  const style = numberStyleById(rules.numberStyle);
  const entry = readEntry(text, style);
  const [likeliest, ...others] = verdict.explanations;
  const title = likeliest?.title ?? verdictLooks[verdict.kind].word;
  const decimals = entry.ok ? Math.max(entry.value.decimals, part.format.decimals) : part.format.decimals;
  return (
    <aside className={`sheet ${styles.explained}`} aria-live="polite" aria-label="The answer explained">
      <div className="soft">
        {name} · part {part.id}
        {likeliest && alike > 1 && ` · ${alike} alike`}
      </div>
      <h2>{title}</h2>
      <dl className="figures">
        <dt>Handed in</dt>
        <dd>{verdict.read === undefined ? text || '–' : writeNumber(verdict.read, decimals, style)}</dd>
        {verdict.expectedWritten !== undefined && (
          <>
            <dt>Expected</dt>
            <dd>{verdict.expectedWritten}</dd>
          </>
        )}
        {verdict.difference !== undefined && verdict.difference !== 0 && (
          <>
            <dt>Difference</dt>
            <dd className={styles.light}>{writeNumber(verdict.difference, decimals, style)}</dd>
          </>
        )}
      </dl>
      {likeliest ? (
        <>
          <p className={styles.says}>{likeliest.says}</p>
          <p className="soft">{others.length === 0 ? 'Also fits: nothing else we know.' : 'That is not certain. Also fits:'}</p>
          {others.map((other) => (
            <p key={other.slips.join()} className={styles.other}>
              <strong>{other.title}.</strong> {other.says}
            </p>
          ))}
        </>
      ) : (
        <p>{verdict.says ?? plainly[verdict.kind]}</p>
      )}
      <p className="soft">
        Credit: {writeNumber(verdict.credit * part.marks, (verdict.credit * part.marks) % 1 === 0 ? 0 : 2, style)} of {part.marks}
        {likeliest ? `, as the house rules give for a slip. The key is ${writeAnswer(verdict.expected!, part.format, rules)}.` : '.'}
      </p>
      <p className={`soft ${styles.keys}`}>↑ ↓ next student · Enter writes · Esc takes back</p>
    </aside>
  );
}
