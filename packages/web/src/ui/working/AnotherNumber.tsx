/** If someone gets another number: the slips that apply with the number each gives, and a box that explains one. */
import { explainNumber, slipNumbers, type HouseRules, type Question } from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { VerdictMark } from '../VerdictMark.tsx';
import styles from './Working.module.css';

export function AnotherNumber({ question, rules }: { readonly question: Question; readonly rules: HouseRules }) {
  const [text, setText] = useState('');
  const [all, setAll] = useState(false);
  const numbers = useMemo(() => slipNumbers(question, rules), [question, rules]);
  const verdict = useMemo(
    () => (text.trim() === '' ? undefined : explainNumber(question, text, rules)),
    [question, text, rules],
  );
  const shown = all ? numbers : numbers.slice(0, 8);
  return (
    <section className={styles.explain} aria-label="If someone gets another number">
      <h2>If someone gets another number</h2>
      <input
        type="text"
        aria-label="a number somebody got"
        placeholder="Type it: what explains it?"
        value={text}
        autoComplete="off"
        spellCheck={false}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      {verdict && (
        <div role="status">
          <VerdictMark verdict={verdict} />
          {verdict.explanations.map((each, at) => (
            <p key={each.slips.join()}>
              {at === 1 && <em>That is not certain; also fits: </em>}
              {each.says}
            </p>
          ))}
          {verdict.explanations.length === 0 && <p className="soft">{verdict.says ?? plainly[verdict.kind] ?? ''}</p>}
        </div>
      )}
      {numbers.length === 0 ? (
        <p className="soft">No slip we know leads to a number of its own here.</p>
      ) : (
        <table className={styles.slips}>
          <tbody>
            {shown.map(({ id, title, written, says }) => (
              <tr key={id + written}>
                <td>
                  <button type="button" title={says} onClick={() => setText(written)}>
                    {title}
                  </button>
                </td>
                <td>{written}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {numbers.length > 8 && (
        <button type="button" className={styles.more} onClick={() => setAll(!all)}>
          {all ? 'Fewer' : `All ${numbers.length}`}
        </button>
      )}
    </section>
  );
}

const plainly: Partial<Record<string, string>> = {
  right: 'This is the number.',
  'right-rounded': 'This is the number, rounded more coarsely or within the tolerance of the house rules.',
  unexplained: 'No slip we know leads to it.',
};
