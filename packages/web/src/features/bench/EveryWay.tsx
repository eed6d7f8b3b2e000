/** One rate quoted in every way, for a conversion: the whole family at a glance. */
import {
  convertRate,
  numberStyleById,
  quotedRate,
  readDraft,
  writePercent,
  type ConvertedRate,
  type StatementDraft,
} from '@hardy-sextant/core';
import { quoteChoices, quoteId } from '../../statement/quotes.ts';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

export function EveryWay({ draft, converted }: { readonly draft: StatementDraft; readonly converted: ConvertedRate }) {
  const style = numberStyleById(draft.numberStyle);
  const { numbers } = readDraft(draft);
  const rate = converted.unknown === 'rate' ? converted.exact : (numbers.rate ?? 0);
  const from = quotedRate(draft.quote, rate);
  return (
    <div className={`sheet block ${styles.everyWay}`}>
      <table className="ledger">
        <caption className="label">{say('The same rate, every way')}</caption>
        <tbody>
          {quoteChoices(draft.paymentsPerYear, draft.quote).map(({ id, words, quote }) => {
            const found = convertRate(from, quotedRate(quote, 0), draft.paymentsPerYear);
            return (
              <tr key={id} data-asked={id === quoteId(draft.into)}>
                <td className="words">{words}</td>
                <td>{found.ok ? writePercent(found.value, style, 4, 8) : '–'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
