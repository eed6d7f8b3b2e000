/** What was understood: the plans in sentences, what is asked with its answers, what is not used. */
import type { ProblemReading } from '@hardy-sextant/core/texts';
import type { ReadText } from './texts.worker.ts';
import { answerInWords, askInWords } from './readWords.ts';
import styles from './Text.module.css';

export function ReadPlans({ read: { reading, sentences, made } }: { readonly read: ReadText }) {
  const { plans, asks, ignores, uses } = reading;
  return (
    <div className="stack">
      <section className="sheet" aria-label={plans.length > 1 ? 'the plans' : 'the plan'}>
        <h2 className="label" style={{ padding: '10px 16px 0' }}>
          {plans.length > 1 ? 'The plans' : 'The plan'}
        </h2>
        {plans.map(({ name, links }, at) => (
          <p key={at} className={styles.plan} style={{ margin: 0 }}>
            {plans.length > 1 && <strong>{name ?? `Plan ${at + 1}`}: </strong>}
            {sentences[at] || <span className="soft">Something is still missing.</span>}
            {links && <span className="soft"> It goes on from the other.</span>}
          </p>
        ))}
        {plans.length === 0 && <p className={styles.plan}>Nothing was understood.</p>}
      </section>
      <section className="sheet" aria-label="what is asked">
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
                <td style={{ textAlign: 'left', fontWeight: 400 }}>Nothing is asked.</td>
              </tr>
            )}
          </tbody>
        </table>
      </section>
      <section className="sheet small" style={{ padding: '10px 16px' }} aria-label="not used">
        <NotUsed ignores={ignores} />
        <p className="soft" style={{ margin: 0 }}>
          {uses.length} {uses.length === 1 ? 'number' : 'numbers'} taken.
          {made && made.leftOut.length > 0 && ` No part is made of ${made.leftOut.join(', ')}: add it on the exercise.`}
        </p>
      </section>
    </div>
  );
}

function NotUsed({ ignores }: Pick<ProblemReading, 'ignores'>) {
  if (ignores.length === 0) return null;
  return (
    <p style={{ margin: '0 0 4px' }}>
      <strong>Not used:</strong> {ignores.map(({ quote }) => quote).join(', ')}
    </p>
  );
}
