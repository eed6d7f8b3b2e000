/** If someone gets another number: the slips that apply with the number each gives, and a box that explains one. */
import { explainNumber, slipNumbers, type HouseRules, type Question } from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { Field } from '../ui/Field.tsx';
import { VerdictMark } from '../ui/VerdictMark.tsx';
import { TextButton } from '../ui/TextButton.tsx';
import { say } from '../words/say.ts';

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
    <section className="stack small" aria-label={say('If someone gets another number')}>
      <h2>{say('If someone gets another number')}</h2>
      <Field
        className="long"
        label={say('a number somebody got')}
        placeholder={say('Type it: what explains it?')}
        value={text}
        autoComplete="off"
        spellCheck={false}
        onText={setText}
      />
      {verdict && (
        <div role="status">
          <VerdictMark verdict={verdict} />
          {verdict.explanations.map((each, at) => (
            <p key={each.slips.join()}>
              {at === 1 && <em>{say('That is not certain; also fits:')} </em>}
              {each.says}
            </p>
          ))}
          {verdict.explanations.length === 0 && <p className="soft">{verdict.says ?? plainly[verdict.kind] ?? ''}</p>}
        </div>
      )}
      {numbers.length === 0 ? (
        <p className="soft">{say('No slip we know leads to a number of its own here.')}</p>
      ) : (
        <table className="ledger tight">
          <tbody>
            {shown.map(({ id, title, written, says }) => (
              <tr key={id + written}>
                <td className="words">
                  <TextButton title={says} onClick={() => setText(written)}>
                    {title}
                  </TextButton>
                </td>
                <td>{written}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {numbers.length > 8 && (
        <TextButton onClick={() => setAll(!all)}>
          {all ? say('Fewer') : say('All {{numbers}}', { numbers: numbers.length })}
        </TextButton>
      )}
    </section>
  );
}

const plainly: Partial<Record<string, string>> = {
  right: say('This is the number.'),
  'right-rounded': say('This is the number, rounded more coarsely or within the tolerance of the house rules.'),
  unexplained: say('No slip we know leads to it.'),
};
