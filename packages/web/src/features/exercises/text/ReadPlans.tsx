/** What was understood: the plans in sentences, what is asked with its answers, what is not used. */
import type { ProblemReading } from '@hardy-sextant/core/texts';
import type { ReadText, VariedText } from './texts.worker.ts';
import { answerInWords, askInWords, changesInWords } from './readWords.ts';
import styles from './Text.module.css';
import { many, say } from '../../../words/say.ts';

export function ReadPlans({ read: { reading, sentences, leftOut } }: { readonly read: ReadText }) {
  const { plans, asks, ignores, uses } = reading;
  return (
    <div className="stack">
      <section className="sheet" aria-label={plans.length > 1 ? say('the plans') : say('the plan')}>
        <h2 className="label" style={{ padding: '10px 16px 0' }}>
          {plans.length > 1 ? say('The plans') : say('The plan')}
        </h2>
        {plans.map(({ name, links, changes }, at) => (
          <p key={at} className={styles.plan} style={{ margin: 0 }}>
            {plans.length > 1 && <strong>{name ?? say('Plan {{at}}', { at: at + 1 })}: </strong>}
            {sentences[at]?.replaceAll(' %', '\u00a0%') || (
              <span className="soft">{say('Something is still missing.')}</span>
            )}
            {sentences[at] && ` ${changesInWords({ changes }).join(' ')}`}
            {(links?.length ?? 0) > 0 && <span className="soft"> {say('It goes on from the other.')}</span>}
          </p>
        ))}
        {plans.length === 0 && <p className={styles.plan}>{say('Nothing was understood.')}</p>}
      </section>
      <section className="sheet" aria-label={say('what is asked')}>
        <table className={styles.asks}>
          <tbody>
            {asks.map((ask) => (
              <tr key={ask.part}>
                <th scope="row">
                  <strong>{ask.part}</strong> {askInWords(ask, plans)}
                </th>
                <td>{answerInWords(ask, plans)}</td>
              </tr>
            ))}
            {asks.length === 0 && (
              <tr>
                <td style={{ textAlign: 'left', fontWeight: 400 }}>{say('Nothing is asked.')}</td>
              </tr>
            )}
          </tbody>
        </table>
      </section>
      <section className="sheet small" style={{ padding: '10px 16px' }} aria-label={say('not used')}>
        <NotUsed ignores={ignores} />
        <p className="soft" style={{ margin: 0 }}>
          {many(uses.length, '{{count}} number taken.', '{{count}} numbers taken.')}{' '}
          {leftOut &&
            leftOut.length > 0 &&
            say('No part is made of {{leftOut}}: add it on the exercise.', { leftOut: leftOut.join(', ') })}
        </p>
      </section>
    </div>
  );
}

/** Which numbers vary from student to student, and which stay as they stand. */
export function VariedNumbers({ varied: { varied, kept } }: { readonly varied: VariedText }) {
  return (
    <section className="sheet small" style={{ padding: '10px 16px', marginTop: 12 }} aria-label={say('what varies')}>
      <p style={{ margin: 0 }}>
        <strong>{say('Varies:')}</strong>{' '}
        {varied.length === 0
          ? say('no number.')
          : varied.map(({ name, from, to }) => say('{{name}} {{from}} to {{to}}', { name, from, to })).join(', ')}
      </p>
      {kept.length > 0 && (
        <p className="soft" style={{ margin: '4px 0 0' }}>
          {say('Stays as it is: {{kept}}', { kept: kept.join(', ') })}
        </p>
      )}
    </section>
  );
}

function NotUsed({ ignores }: Pick<ProblemReading, 'ignores'>) {
  const numbers = ignores.filter(({ isLabel }) => !isLabel);
  if (numbers.length === 0) return null;
  return (
    <p style={{ margin: '0 0 4px' }}>
      <strong>{say('Not used:')}</strong> {numbers.map(({ quote }) => quote).join(', ')}
    </p>
  );
}
