/** What goes to paper: the statement in words, the comparison, every row of the table. Shown only in print. */
import {
  describeVariation,
  frequencyOf,
  numberStyleById,
  tableText,
  writeMoney,
  type SolvedCase,
  type StatementDraft,
  type Variation,
  type VariedOutcome,
} from '@hardy-sextant/core';
import { useLayoutEffect } from 'react';
import { createPortal } from 'react-dom';
import { solvedText } from '../../ui/statement/editing.ts';
import { quoteChoices, quoteId } from '../../ui/statement/quotes.ts';
import { sentences } from '../../ui/statement/sentences.ts';
import styles from './PrintSheet.module.css';

interface PrintSheetProps {
  readonly title: string;
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly variations: readonly Variation[];
  readonly outcomes: readonly VariedOutcome[];
}

export function PrintSheet({ title, draft, solved, variations, outcomes }: PrintSheetProps) {
  useLayoutEffect(() => {
    // While the sheet stands, nothing else is printed.
    document.documentElement.dataset.paper = 'case';
    return () => {
      delete document.documentElement.dataset.paper;
    };
  }, []);
  const style = numberStyleById(draft.numberStyle);
  const [head, ...rows] = tableText(solved.table, { number: (value) => writeMoney(value, style) });
  return createPortal(
    <section className={styles.print} aria-hidden>
      <h1>{title}</h1>
      <p className={styles.statement}>{statementInWords(draft, solved)}</p>
      {outcomes.length > 0 && (
        <table className="ledger">
          <thead>
            <tr>
              <th className="words">As stated, but…</th>
              <th>Payment</th>
              <th>Payments</th>
              <th>Paid in all</th>
              <th>Interest in all</th>
            </tr>
          </thead>
          <tbody>
            <tr>
              <td className="words">As stated</td>
              <td>{writeMoney(solved.table.firstPayment, style)}</td>
              <td>{solved.table.count}</td>
              <td>{writeMoney(solved.table.totalPaid, style)}</td>
              <td>{writeMoney(solved.table.totalInterest, style)}</td>
            </tr>
            {outcomes.map((outcome, at) => (
              <tr key={variations[at]!.id}>
                <td className="words">{describeVariation(draft.numberStyle, variations[at]!, style).title}</td>
                {outcome.ok ? (
                  <>
                    <td>{writeMoney(outcome.figures.payment, style)}</td>
                    <td>{outcome.figures.count}</td>
                    <td>{writeMoney(outcome.figures.totalPaid, style)}</td>
                    <td>{writeMoney(outcome.figures.totalInterest, style)}</td>
                  </>
                ) : (
                  <td colSpan={4}>{outcome.says}</td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <BalanceDrawing solved={solved} />
      <table className="ledger">
        <thead>
          <tr>
            {head!.map((each) => (
              <th key={each}>{each}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row[0]}>
              {row.map((cell, at) => (
                <td key={at}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>,
    document.body,
  );
}

/** The statement as a sentence, its answer in place of the `?`. */
export function statementInWords(draft: StatementDraft, solved: SolvedCase): string {
  const style = numberStyleById(draft.numberStyle);
  const answer = solvedText(draft, { state: 'solved', solved }) ?? '?';
  return sentences[draft.kind].segments
    .map((segment) => {
      if ('words' in segment) return segment.words;
      if ('period' in segment) return frequencyOf(draft.paymentsPerYear).period;
      if ('newLine' in segment) return '';
      if ('slot' in segment) {
        const { slot } = segment;
        if (slot === draft.unknown) return answer;
        if (slot === 'rate') return `${draft.slots.rate.replace(/\s*%$/, '')} %`;
        if (slot === 'payments') return String(solved.numbers.payments);
        return slot === 'converted' ? '' : writeMoney(solved.numbers[slot], style);
      }
      if (segment.choice === 'frequency') return frequencyOf(draft.paymentsPerYear).adverb;
      if (segment.choice === 'timing') return draft.timing === 'end' ? 'end' : 'beginning';
      if (segment.choice === 'flatBy') return draft.flatBy === 'a-year' ? 'of it for each year' : 'of it once';
      return quoteChoices(draft.paymentsPerYear, draft.quote).find(({ id }) => id === quoteId(draft.quote))?.words ?? '';
    })
    .filter((word) => word !== '')
    .join(' ')
    .replace(/ ([,.])/g, '$1');
}

/** The balance as a plain line, which any printer draws sharply. */
function BalanceDrawing({ solved }: { readonly solved: SolvedCase }) {
  const { rows, plan } = solved.table;
  const points = [plan.amount, ...rows.map((row) => row.closing)];
  const most = Math.max(...points, 1);
  const path = points.map((value, at) => `${at === 0 ? 'M' : 'L'}${40 + (at / Math.max(1, points.length - 1)) * 640} ${130 - (value / most) * 110}`).join(' ');
  return (
    <svg viewBox="0 0 700 150" className={styles.drawing}>
      <path d="M40 20 V130 H680" fill="none" stroke="#777" />
      <path d={path} fill="none" stroke="#12606a" strokeWidth="2" />
      <text x="40" y="146" fontSize="11">
        0
      </text>
      <text x="680" y="146" fontSize="11" textAnchor="end">
        payment {rows.length}
      </text>
    </svg>
  );
}
