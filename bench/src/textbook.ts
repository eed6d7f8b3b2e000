/**
 * Textbook formulas of the bench's own, apart from the product's: answers that are right by each convention, and wrong by
 * each mistake, to hold the judge against. Nothing here comes from `checking`.
 */

export const cents = (value: number): number => Math.sign(value) * (Math.round((Math.abs(value) + 1e-12) * 100) / 100);

/** A level loan as a book states it. */
export interface Loan {
  readonly amount: number;
  /** A year, a fraction. */
  readonly rate: number;
  readonly perYear: number;
  readonly payments: number;
  readonly end: number;
  readonly advance: boolean;
}

/** What somebody puts into the formulas. */
export interface Put {
  readonly amount: number;
  readonly i: number;
  readonly n: number;
  readonly end: number;
  readonly advance: boolean;
}

export const put = ({ amount, rate, perYear, payments, end, advance }: Loan): Put => ({
  amount,
  i: rate / perYear,
  n: payments,
  end,
  advance,
});

const growth = (i: number, n: number): number => (1 + i) ** n;
const worth = (i: number, n: number): number => (i === 0 ? n : (1 - growth(i, -n)) / i);

export const payment = ({ amount, i, n, end, advance }: Put): number =>
  (amount - end * growth(i, -n)) / worth(i, n) / (advance ? 1 + i : 1);

export const owed = ({ amount, i, advance }: Put, paid: number, k: number): number =>
  amount * growth(i, k) - paid * (i === 0 ? k : (growth(i, k) - 1) / i) * (advance ? 1 + i : 1);

/** A table whose rows are in cents, which ends with the row that settles: owed, interest and paid by row, the last payment. */
export function table({ amount, i, n, end, advance }: Put, most: number) {
  const owedAfter = [amount];
  const interest = [0];
  const paid = [0];
  let balance = amount;
  for (let k = 1; k <= n; k += 1) {
    const before = advance ? balance - cents(end / (1 + i)) : balance + cents(balance * i) - end;
    const settles = k === n || before <= most;
    const mine = settles ? before : most;
    interest.push(cents((advance ? balance - mine : balance) * i));
    if (advance && settles) interest[k] = end - (balance - mine);
    balance = settles ? end : cents(balance + interest[k]! - mine);
    paid.push(cents(mine));
    owedAfter.push(balance);
    if (settles) break;
  }
  return { owedAfter, interest, paid, last: paid[paid.length - 1]! };
}

/** What can be read off a loan, and where. */
export type Reading =
  | { readonly what: 'payment' | 'interest' | 'paid' | 'last' }
  | { readonly what: 'owed' | 'left'; readonly after: number }
  | { readonly what: 'interest-in' | 'principal-in'; readonly from: number; readonly to: number };

/** A reading by the formulas with a payment. */
export function byFormula(given: Put, paid: number, reading: Reading): number {
  const { n, amount, end } = given;
  switch (reading.what) {
    case 'payment':
      return payment(given);
    case 'owed':
      return owed(given, paid, reading.after);
    case 'left':
      return (n - reading.after) * paid + end;
    case 'interest':
      return n * paid + end - amount;
    case 'paid':
      return n * paid;
    case 'last':
      return given.advance
        ? owed(given, paid, n - 1) - end / (1 + given.i)
        : owed(given, paid, n - 1) * (1 + given.i) - end;
    default: {
      const principal = owed(given, paid, reading.from - 1) - owed(given, paid, reading.to);
      return reading.what === 'principal-in' ? principal : (reading.to - reading.from + 1) * paid - principal;
    }
  }
}

/** A reading off the table in cents; the table pays the payment to the cent. */
export function byTable(given: Put, paid: number, reading: Reading): number {
  const { owedAfter, interest, paid: payments, last } = table(given, paid);
  const { amount, end } = given;
  const owedAt = (k: number): number => owedAfter[k] ?? end;
  const sum = (from: number, to: number): number => interest.slice(from, to + 1).reduce((a, b) => a + b, 0);
  switch (reading.what) {
    case 'payment':
      return paid;
    case 'owed':
      return owedAt(reading.after);
    case 'left':
      return payments.slice(reading.after + 1).reduce((a, b) => a + b, 0) + end;
    case 'interest':
      return sum(1, given.n);
    case 'paid':
      return sum(1, given.n) + amount - end;
    case 'last':
      return last;
    case 'interest-in':
      return sum(reading.from, reading.to);
    case 'principal-in':
      return owedAt(reading.from - 1) - owedAt(reading.to);
  }
}

/** A reading by every convention of the trade, in cents: nothing rounded, the payment rounded, a table in cents. */
export function everyWay(given: Put, reading: Reading, paid = payment(given)): number[] {
  if (reading.what === 'payment') return [cents(payment(given))];
  const closed = [byFormula(given, paid, reading), byFormula(given, cents(paid), reading)];
  return (isRun(given, cents(paid), reading) ? [...closed, byTable(given, cents(paid), reading)] : closed).map(cents);
}

/**
 * The same where payments come first, looked at when a payment has just been made: what is owed then, and what the payments
 * themselves have of interest and principal. Nothing where the words mean one thing.
 */
export function rightAfter(given: Put, reading: Reading, paid = payment(given)): number[] {
  if (!given.advance) return [];
  const { amount, i } = given;
  const closed = (mine: number): number => {
    const at = (k: number): number => (k === 0 ? amount : owed(given, mine, k) / (1 + i));
    if (reading.what === 'owed') return at(reading.after);
    if (reading.what !== 'interest-in' && reading.what !== 'principal-in') return NaN;
    const principal = at(reading.from - 1) - at(reading.to);
    return reading.what === 'principal-in' ? principal : (reading.to - reading.from + 1) * mine - principal;
  };
  const inRows = (): number => {
    const { owedAfter, interest, paid: payments } = table(given, cents(paid));
    if (reading.what === 'owed') return owedAfter[reading.after]! - interest[reading.after]!;
    if (reading.what !== 'interest-in' && reading.what !== 'principal-in') return NaN;
    const sum = (all: readonly number[], a: number, b: number): number =>
      all.slice(a, b + 1).reduce((total, each) => total + each, 0);
    const earlier = sum(interest, reading.from - 1, reading.to - 1);
    return reading.what === 'interest-in' ? earlier : sum(payments, reading.from, reading.to) - earlier;
  };
  return [closed(paid), closed(cents(paid)), ...(isRun(given, cents(paid), reading) ? [inRows()] : [])]
    .filter(Number.isFinite)
    .map(cents);
}

/** Whether somebody would run a table so: it goes as far as the reading, and the payment covers the interest. */
function isRun(given: Put, paid: number, reading: Reading): boolean {
  if (!Number.isInteger(given.n) || given.n < 1 || paid <= given.amount * given.i) return false;
  const last = table(given, paid).paid.length - 1;
  return 'after' in reading ? reading.after < last : 'to' in reading ? reading.to < last : true;
}

/** A mistake of the book's list: what is put in wrongly, by name. */
export interface Mistake {
  /** The slip the product knows it by; several where the numbers are the same by mathematics. */
  readonly ids: readonly string[];
  /** It is made where the payment is worked out, and nowhere else. */
  readonly inPayment?: true;
  readonly wrong: (given: Put, loan: Loan) => Put | undefined;
}

const only = (id: string, wrong: Mistake['wrong']): Mistake => ({ ids: [id], wrong });

export const mistakes: readonly Mistake[] = [
  only('rate-left-annual', (given, { rate, perYear }) => (perYear > 1 ? { ...given, i: rate } : undefined)),
  ...[1, 2, 4, 6, 12, 24, 26, 52, 360, 365].map((count) =>
    only('rate-divided-by-wrong-count', (given, { rate, perYear }) =>
      count === perYear || count === 1 ? undefined : { ...given, i: rate / count },
    ),
  ),
  // Compoundings left at one a year come to the same number.
  {
    ids: ['effective-for-nominal', 'settings-left-at-one'],
    wrong: (given, { rate, perYear }) => (perYear > 1 ? { ...given, i: growth(rate, 1 / perYear) - 1 } : undefined),
  },
  only('rate-rounded-early', (given) => ({ ...given, i: Math.round(given.i * 1e4 + 1e-9) / 1e4 })),
  only('years-for-payments', (given, { perYear }) => (perYear > 1 ? { ...given, n: given.n / perYear } : undefined)),
  // What is left after one payment more is what is left of one payment less.
  { ids: ['count-off-by-one', 'wrong-period'], wrong: (given) => ({ ...given, n: given.n - 1 }) },
  { ids: ['count-off-by-one', 'wrong-period'], wrong: (given) => ({ ...given, n: given.n + 1 }) },
  only('beginning-for-end', (given) => (given.advance ? undefined : { ...given, advance: true })),
  only('end-for-beginning', (given) => (given.advance ? { ...given, advance: false } : undefined)),
  only('final-amount-ignored', (given) => (given.end > 0 ? { ...given, end: 0 } : undefined)),
  {
    ids: ['final-amount-sign'],
    inPayment: true,
    wrong: (given) => (given.end > 0 ? { ...given, end: -given.end } : undefined),
  },
];

/** Mistakes no list has: a wrong given nobody would guess, several at once. None may be accused of one that is known. */
export const unknownMistakes: readonly ((given: Put, random: () => number) => Put)[] = [
  (given, random) => ({ ...given, i: given.i * (1 + 0.1 + random() / 3) }),
  (given, random) => ({ ...given, amount: given.amount * (1.03 + random() / 5) }),
  (given, random) => ({ ...given, n: given.n + 3 + Math.floor(random() * 5) }),
  (given, random) => ({
    ...given,
    amount: given.amount + 137 + Math.floor(random() * 900),
    i: given.i * (0.8 + random() / 10),
  }),
  (given, random) => ({ ...given, end: given.end + given.amount * (0.05 + random() / 20), n: given.n + 2 }),
];
