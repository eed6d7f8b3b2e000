/** Layouts of a table drawn at random, so that none of them is one the reader was made for. */
import type { Column, InputLabel, Layout } from './studentSheets.ts';

const words = (list: string): readonly string[] => list.split('; ');

/** What people write over the columns of a table. */
const heads: Readonly<Record<Column, readonly string[]>> = {
  number: words(
    'No; #; Period; Month; Pmt no.; Payment number; k; t; Installment; Nr.; Mois; Periodo; Payment #; Month No',
  ),
  opening: words(
    'Opening; Beginning balance; Balance at start; Start; Previous balance; Opening balance ($); Beg. Bal.; Balance b/f; Saldo inicial; Capital restant dû début; Principal at start; BOP balance; Starting loan',
  ),
  payment: words(
    'Payment; PMT; Monthly payment; Instalment; Paid; Total payment; Cuota; Mensualité; Repayment; Payment ($); Annuity',
  ),
  interest: words(
    'Interest; Int.; Interest paid; Interest portion; Interest due; Intérêts; Interés; Zinsen; Interest for month; Finance charge; Cost of credit; INT; i; Interest ($)',
  ),
  extra: words('Extra; Additional payment'),
  principal: words(
    'Principal; Principal paid; Principal portion; Capital; Repaid; Amortization; Amortización; Tilgung; To principal; Principal repaid; Reduction of principal; Off the loan; Kapital; Weird words; Principal reduction',
  ),
  closing: words(
    'Closing; Ending balance; Balance; Remaining balance; Outstanding; Balance owing; New balance; Closing balance; End balance; Saldo final; Capital restant; Balance c/f; Unpaid balance; Outstanding principal; Now owing; What is left; Stand; Left to pay; Loan balance',
  ),
};
/** What they write beside the numbers it starts from. */
const labels: Readonly<Record<InputLabel, readonly string[]>> = {
  amount: words(
    'Loan; Loan amount; Principal; Amount; PV; Amount borrowed; Present value; Mortgage; Borrowed; Loan:; Price financed; P; A0',
  ),
  rate: words(
    'Rate; Interest rate; APR; Annual rate; Nominal rate; j; Rate per year; Interest rate (annual); Yearly interest; Nominal annual rate; r',
  ),
  count: words(
    'n; N; Payments; Number of payments; Months; Term (months); NPER; No. of payments; # payments; Periods; Total payments',
  ),
  payment: words('Payment; PMT; Monthly payment; Instalment; Payment per month; Regular payment; Payment:; R'),
  perPayment: words('Rate per month; Periodic rate; i; Monthly rate; Rate/period; Interest per period'),
};

/** A layout nobody thought of: words, order, places, what is shown and what is not. */
export function randomLayout(random: () => number): Layout {
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const order: Column[] = [
    ...(random() < 0.7 ? (['number'] as const) : []),
    ...(random() < 0.6 ? (['opening'] as const) : []),
    ...(random() < 0.75 ? (['payment'] as const) : []),
    'interest',
    ...(random() < 0.85 ? (['principal'] as const) : []),
    'closing',
  ];
  if (!order.includes('payment') && !order.includes('principal')) order.splice(-1, 0, 'principal');
  if (random() < 0.5) {
    const [first, ...rest] = order;
    const mid = rest.slice(0, -1).sort(() => random() - 0.5);
    order.splice(0, order.length, first!, ...mid, rest.at(-1)!);
  }
  const hasOpening = order.includes('opening');
  const same = random() < 0.6;
  const offset = Math.floor(random() * 3);
  const row0 = !hasOpening;
  const inputRow = 1 + Math.floor(random() * 3);
  const side = same && random() < 0.4;
  const headRow = side || !same ? 2 + Math.floor(random() * 4) : inputRow + 7 + Math.floor(random() * 4);
  const letter = (at: number) => String.fromCharCode(65 + at);
  const columns = Object.fromEntries(
    order.map((name, at) => [name, [letter(offset + at), pick(heads[name])]]),
  ) as Layout['columns'];
  const labelAt = side ? offset + order.length + 2 : Math.floor(random() * 3);
  return {
    name: 'drawn at random',
    inputs: {
      sheet: same ? 'S' : 'Inputs',
      label: letter(labelAt),
      value: letter(labelAt + 1 + (random() < 0.2 ? 1 : 0)),
      row: inputRow,
    },
    table: { sheet: 'S', headRow },
    columns,
    row0,
    perPayment: random() < 0.4,
    rounds: random() < 0.5,
    totals: random() < 0.4,
    labels: Object.fromEntries(Object.entries(labels).map(([name, list]) => [name, pick(list)])) as Layout['labels'],
  };
}
