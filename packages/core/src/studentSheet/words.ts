/** The words that head columns and label inputs, in the spellings of several languages. Adding a spelling adds to a record here. */

import type { TableColumn } from '../exercise/tableColumns.ts';
import { namesOf } from '../records.ts';

/** A column of a table as tables to fill in have them, and the number of the payment. */
export type FoundColumn = 'number' | TableColumn;

export type InputName =
  | 'amount'
  | 'price'
  | 'downPayment'
  | 'rate'
  | 'ratePerPayment'
  | 'payments'
  | 'years'
  /** A time that does not say of what: years or payments. */
  | 'term'
  | 'paymentsPerYear'
  | 'payment'
  | 'finalAmount'
  | 'extra'
  | 'totalInterest'
  | 'totalPaid';

/** What an input is called on screens and in sentences. */
export const inputTitles: Readonly<Record<InputName, string>> = {
  amount: 'amount',
  price: 'price',
  downPayment: 'down payment',
  rate: 'rate a year',
  ratePerPayment: 'rate per payment',
  payments: 'number of payments',
  years: 'years',
  term: 'time',
  paymentsPerYear: 'payments a year',
  payment: 'payment',
  finalAmount: 'amount at the end',
  extra: 'extra payment',
  totalInterest: 'interest in all',
  totalPaid: 'paid in all',
};

/** What a column of a worksheet is called there. */
export const foundColumnTitles: Readonly<Record<FoundColumn, string>> = {
  number: 'no.',
  date: 'date',
  opening: 'owed before',
  interest: 'interest',
  payment: 'paid',
  extra: 'extra',
  principal: 'to principal',
  closing: 'owed after',
  'interest-so-far': 'interest so far',
  'principal-so-far': 'principal so far',
};

/** Small letters without accents or marks, single blanks. */
export const plainWords = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/ß/g, 'ss')
    .replace(/[^a-z0-9%#/]+/g, ' ')
    .trim();

interface Spelling<T extends string> {
  readonly means: T;
  readonly fits: RegExp;
}

const interestWord = String.raw`(interest|int|zins(en)?|interets?|interes(es)?|rente|interessi|juros)`;
const principalWord = String.raw`(principal|prin|capital|tilgung|amorti[sz]\w*|amortissement|amortizacion|aflossing|quota capitale|repaid|reduction)`;
const balanceWord = String.raw`(balance|bal|debt|loan|owed|owing|outstanding|restschuld|schuld|saldo|solde|restant|capital restant( du)?|schuldrest|debito|principal|amount|value|fund)`;
const before = String.raw`(opening|open|beginning|begin|beg|starting|start|initial|previous|prior|old|bop|before|brought|anfangs?|anfang|vorher|debut|avant|inicial|antes|iniziale|prima|begin|from)`;
const after = String.raw`(closing|close|ending|end|final|new|remaining|left|eop|after|carried|unpaid|outstanding|ende|neue?|nachher|rest|fin|apres|despues|finale|dopo|eind|still|still owed)`;

const heads: readonly Spelling<FoundColumn>[] = [
  {
    means: 'interest-so-far',
    fits: new RegExp(
      String.raw`\b(cum\w*|running|accumulated|total|kumul\w*|acum\w*)\b.*\b${interestWord}\b|\b${interestWord}\b.*\b(so far|to date|cum\w*|running|total|kumuliert)\b`,
    ),
  },
  {
    means: 'principal-so-far',
    fits: new RegExp(
      String.raw`\b(cum\w*|running|accumulated|total|kumul\w*|acum\w*)\b.*\b(${principalWord}|equity)\b|\b(${principalWord}|paid off)\b.*\b(so far|to date|cum\w*|running|total)\b|^equity$`,
    ),
  },
  { means: 'date', fits: /\b(date|datum|fecha|data|due (date|on)|faellig\w*|echeance|when)\b/ },
  {
    means: 'extra',
    fits: /\b(extra|additional|over ?payments?|pre ?payments?|lump( sum)?|sonder\w*|besides|on top|supplement\w*|bonus)\b/,
  },
  {
    means: 'opening',
    fits: new RegExp(
      String.raw`\b${before}\b.*\b${balanceWord}\b|\b${balanceWord}\b.*\b${before}\b|^${before}$|\bb ?/? ?f\b`,
    ),
  },
  {
    means: 'closing',
    fits: new RegExp(
      String.raw`\b${after}\b.*\b${balanceWord}\b|\b${balanceWord}\b.*\b${after}\b|^${after}$|\b(balance|bal|outstanding|owed|owing|restschuld|saldo|solde|schuldrest|unpaid|debt|capital restant( du)?|stand|kontostand)\b|\bc ?/? ?f\b|\b(left|still) to (be )?(pay|paid)\b|^(what is |amount |sum )?left( over| owing| unpaid)?$`,
    ),
  },
  {
    means: 'number',
    fits: /^(no|nr|n|k|t|#|num|number|nummer|numero|lfd nr|row|line|periods?|per|periode?|periodo|(payment|pmt|period|month|instal?ment|week|quarter|year) ?(no|nr|number|num|#|n)|#? ?of payments?|months?|weeks?|quarters?|years?|monat|jahr|mois|annee|mes|mese|anno|ano|maand|jaar|zeile|ligne|fila)$/,
  },
  {
    means: 'interest',
    fits: new RegExp(String.raw`\b${interestWord}\b|\b(finance|credit) charges?\b|\bcost of (credit|borrowing)\b|^i$`),
  },
  {
    means: 'principal',
    fits: new RegExp(
      String.raw`\b${principalWord}\b|\bpaid (off|down)\b|\boff (the )?(loan|debt)\b|\b(added|growth)\b`,
    ),
  },
  {
    means: 'payment',
    fits: /\b(payments?|pmts?|paid|pay|instal?l?ments?|repayments?|annuit\w*|rate|mensualites?|cuota|rata|termijn|pago|paiement|zahlung|deposits?|withdrawals?|rent|einzahlung|versement|level amount|amount)\b/,
  },
];

const rateWord = String.raw`(interest|rate|apr|nominal|zins(satz)?|taux|tasa|tipo|tasso|rente(voet)?|j|r|i)`;
const perPayment = String.raw`(per|a|each|every|for (a|each|one)|pro|par|por|/) ?(period|month|payment|pmt|quarter|week|fortnight|monat|mois|mes|mese|maand|periode|half year)|periodic|monthly|quarterly|weekly|fortnightly|monatlich|mensuel|mensual|half yearly`;
const aYear = String.raw`(per|a|each|/|pro|par|por|every) ?(year|yr|annum|jahr|an|ano|anno)`;

const inputs: readonly Spelling<InputName>[] = [
  {
    means: 'totalInterest',
    fits: new RegExp(
      String.raw`\b(total|all|sum of|overall|finance|gesamt)\b.*\b(${interestWord}|charge)\b|\b${interestWord}\b.*\b(in all|total|paid)\b`,
    ),
  },
  {
    means: 'totalPaid',
    fits: /\b(total|all|sum of|altogether|gesamt)\b.*\b(paid|payments?|repaid|repayments?|cost)\b|\bpaid (in all|altogether)\b/,
  },
  {
    means: 'paymentsPerYear',
    fits: new RegExp(
      String.raw`\b(payments?|pmts?|periods?|instal?ments?|compounding\w*|times|number|zahlungen|months?)\b.*${aYear}|\b(frequency|m)\b$`,
    ),
  },
  {
    means: 'finalAmount',
    fits: /\b(balloon|residual|final (amount|value|balance)|left at the end|future value|fv|target|goal|restwert|still owed)\b/,
  },
  { means: 'extra', fits: /\b(extra|additional|overpayment|on top)\b/ },
  {
    means: 'ratePerPayment',
    fits: new RegExp(String.raw`\b${rateWord}\b.*(${perPayment})|(${perPayment}).*\b${rateWord}\b|^i$`),
  },
  {
    means: 'payments',
    fits: /\b(number|no|nr|count|num|#|how many|anzahl|nombre|numero|total) ?(of )?(the )?(monthly |quarterly |weekly |level |equal )?(payments?|periods?|months?|instal?l?ments?|pmts?|quarters?|weeks?|zahlungen|raten|mois|cuotas|mensualites)\b|\b(anzahl|nombre|aantal)\b|^(n|nper|payments|periods|months|instal?ments|raten|monate)$|\b(months|periods|payments|quarters|weeks)\b/,
  },
  { means: 'rate', fits: /\b(rate|apr|interest|nominal|zins(satz)?|taux|tasa|tipo|tasso|rentevoet)\b/ },
  { means: 'years', fits: /\b(years?|yrs?|jahren?|annees?|ans|anos|anni|jaren)\b(?!ly)/ },
  { means: 'downPayment', fits: /\b(down ?payment|deposit paid|paid down|anzahlung|trade in|acompte)\b/ },
  { means: 'price', fits: /\b(price|cash price|cost|preis|prix|precio)\b/ },
  {
    means: 'payment',
    fits: /\b(payments?|pmt|instal?l?ments?|repayment|annuity|annuitaet|mensualite|cuota|rate monatlich|monatsrate|rata|deposits?|withdrawal|rent)\b/,
  },
  { means: 'rate', fits: new RegExp(String.raw`\b${rateWord}\b|\bp a\b`) },
  {
    means: 'amount',
    fits: /\b(amount|loan|principal|borrow\w*|pv|present value|mortgage|debt|capital|financed|kredit\w*|darlehen\w*|betrag|montant|emprunt|prestamo|credito|importo|lening|value|sum|start\w*)\b|^(a|a0|p|p0|v0|b0)$/,
  },
  { means: 'term', fits: /\b(term|time|duration|length|laufzeit|dauer|duree|plazo|durata|looptijd)\b|^t$/ },
];

/** What heads a column; nothing where the words are none of ours. */
export function headMeans(
  text: string,
  own: Readonly<Partial<Record<FoundColumn, readonly string[]>>> = {},
): FoundColumn | undefined {
  const plain = plainWords(text);
  // A sentence is a title, no head of a column.
  if (plain === '' || plain.length > 48 || plain.split(' ').length > 7) return undefined;
  for (const means of namesOf(own)) if (own[means]?.some((word) => plainWords(word) === plain)) return means;
  if (/\b(interest|principal|payment)\b.*\brate\b/.test(plain)) return undefined;
  // "Rate" alone is an instalment in German tables and a rate of interest in others: a head of a table is the first.
  return heads.find(({ fits }) => fits.test(plain))?.means;
}

/** What a label says of the number beside it; nothing where it is none of ours. */
export function labelMeans(text: string): InputName | undefined {
  const plain = plainWords(text);
  if (plain === '' || plain.length > 80) return undefined;
  // A large R is a payment where a small one is a rate.
  if (/^R\s*[:=]?$/.test(text.trim())) return 'payment';
  const means = inputs.find(({ fits }) => fits.test(plain))?.means;
  // Another payment than the level one, or what something comes to, is no number the sheet starts from.
  return means === 'payment' && /\b(last|first|final|saved|difference|check)\b/.test(plain) ? undefined : means;
}

/** The row under a table that adds it up. */
export const isTotalsLabel = (text: string): boolean =>
  /^(grand )?(totals?|sums?|in all|summe|gesamt|somme|suma|totale|totaal|all)\b/.test(plainWords(text));
