/** What goes to paper: the statement in words, the comparison, every row of the table. Shown only in print. */
import {
  describeVariation,
  numberStyleById,
  tableText,
  writeMoney,
  type NumberStyle,
  type SolvedCase,
  type StatementDraft,
  type Variation,
  type VariedOutcome,
} from '@hardy-sextant/core';
import { Paper, paperStyles as styles } from '../../ui/Paper.tsx';
import { statementInWords } from '../../statement/statementInWords.ts';
import { say } from '../../words/say.ts';

interface PrintSheetProps {
  readonly title: string;
  readonly draft: StatementDraft;
  readonly solved: SolvedCase;
  readonly variations: readonly Variation[];
  readonly outcomes: readonly VariedOutcome[];
}

export function PrintSheet({ title, draft, solved, variations, outcomes }: PrintSheetProps) {
  const style = numberStyleById(draft.numberStyle);
  const titles = variations.map((variation) => describeVariation(draft.numberStyle, variation, style).title);
  const [head = [], ...rows] = tableText(solved.table, { number: (value) => writeMoney(value, style) });
  return (
    <Paper>
      <h1>{title}</h1>
      <p className={styles.statement}>{statementInWords(draft, solved)}</p>
      {outcomes.length > 0 && <Comparison solved={solved} outcomes={outcomes} titles={titles} style={style} />}
      <BalanceDrawing solved={solved} />
      <table className="ledger">
        <thead>
          <tr>
            {head.map((each) => (
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
    </Paper>
  );
}

interface ComparisonProps extends Pick<PrintSheetProps, 'solved' | 'outcomes'> {
  readonly titles: readonly string[];
  readonly style: NumberStyle;
}

function Comparison({ solved: { table }, outcomes, titles, style }: ComparisonProps) {
  return (
    <table className="ledger">
      <thead>
        <tr>
          <th className="words">{say('As stated, but…')}</th>
          <th>{say('Payment')}</th>
          <th>{say('Payments')}</th>
          <th>{say('Paid in all')}</th>
          <th>{say('Interest in all')}</th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <td className="words">{say('As stated')}</td>
          <td>{writeMoney(table.firstPayment, style)}</td>
          <td>{table.count}</td>
          <td>{writeMoney(table.totalPaid, style)}</td>
          <td>{writeMoney(table.totalInterest, style)}</td>
        </tr>
        {outcomes.map((outcome, at) => (
          <tr key={at}>
            <td className="words">{titles[at]}</td>
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
  );
}

/** The balance as a plain line, which any printer draws sharply. */
function BalanceDrawing({ solved }: { readonly solved: SolvedCase }) {
  const { rows, plan } = solved.table;
  const points = [plan.amount, ...rows.map((row) => row.closing)];
  const most = Math.max(...points, 1);
  const path = points
    .map(
      (value, at) =>
        `${at === 0 ? 'M' : 'L'}${40 + (at / Math.max(1, points.length - 1)) * 640} ${130 - (value / most) * 110}`,
    )
    .join(' ');
  return (
    <svg viewBox="0 0 700 150" className={styles.drawing}>
      <path d="M40 20 V130 H680" fill="none" stroke="#777" />
      <path d={path} fill="none" stroke="#12606a" strokeWidth="2" />
      <text x="40" y="146" fontSize="11">
        0
      </text>
      <text x="680" y="146" fontSize="11" textAnchor="end">
        {say('payment {{rows}}', { rows: rows.length })}
      </text>
    </svg>
  );
}
