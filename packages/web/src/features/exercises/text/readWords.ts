/** What was read, in words: roles under numbers, what cues say, what is asked, and answers. */
import { frequencyOf, numberStyleById, writeBrief, writeMoney } from '@hardy-sextant/core';
import { roleNames, type ReadAsk, type ReadCue, type ReadPlan, type ReadUse } from '@hardy-sextant/core/texts';

export const roleInWords = ({ role, value, unit }: ReadUse): string =>
  role === 'rate' && unit === 'per-year' && value > 0 ? 'rate' : roleNames[role];

const kinds: Readonly<Record<string, string>> = {
  borrowing: 'borrowing',
  saving: 'saving',
  'drawing-down': 'drawing down',
  'lump-sum': 'a single sum',
  leasing: 'leasing',
  flat: 'flat charge',
  convert: 'converting',
};

const asked: Readonly<Record<string, string>> = {
  payment: 'payment',
  amount: 'amount',
  finalAmount: 'amount at the end',
  payments: 'number of payments',
  rate: 'rate',
  years: 'years',
  nominalRate: 'nominal rate',
  effectiveRate: 'effective rate',
  ratePerPayment: 'rate for one payment',
  totalPaid: 'total paid',
  totalInterest: 'interest in all',
  financeCharge: 'finance charge',
  balanceAfter: 'balance',
  interestIn: 'interest',
  principalIn: 'principal',
  leftToPay: 'left to pay',
  lastPayment: 'last payment',
  downPayment: 'deposit',
  difference: 'difference',
  choice: 'which is better',
};

/** What a cue says, under its words. */
export function cueInWords({ says }: ReadCue): string {
  const [key = '', value = ''] = says.split('=');
  switch (key) {
    case 'frequency':
      return frequencyOf(Number(value)).adverb;
    case 'compounding':
      return `compounded ${frequencyOf(Number(value)).adverb}`;
    case 'kind':
      return kinds[value] ?? value;
    case 'quoted':
      return value === 'per-period' ? 'for each period' : value;
    case 'unknown':
    case 'asks':
      return `asks: ${asked[value] ?? value}`;
    default:
      return value;
  }
}

/** "owed after payment 30", with its plan where there are several. */
export function askInWords({ quantity, args = {}, plan }: ReadAsk, plans: readonly ReadPlan[]): string {
  const own = asked[quantity] ?? quantity;
  const where =
    args.k !== undefined
      ? ` after payment ${args.k}`
      : args.from !== undefined
        ? ` in payments ${args.from} to ${args.to}`
        : args.after !== undefined
          ? ` after payment ${args.after}`
          : args.include?.includes('downPayment')
            ? ' with the deposit'
            : '';
  const name = plans.length > 1 && plan !== null ? ` · ${plans[plan]?.name ?? `plan ${plan + 1}`}` : '';
  return `${own}${where}${name}`;
}

const percent = new Set(['nominalRate', 'effectiveRate', 'ratePerPayment']);
const counts = new Set(['payments', 'years']);

/** The first of the right numbers, written as such answers are. */
export function answerInWords(
  { quantity, answers, args }: ReadAsk,
  plans: readonly ReadPlan[],
  style = numberStyleById('comma-point'),
): string {
  const [answer] = answers;
  if (answer === undefined) return '–';
  const of = quantity === 'difference' ? (args?.of ?? 'totalPaid') : quantity;
  if (quantity === 'choice') return plans[answer]?.name ?? `plan ${answer + 1}`;
  if (percent.has(of)) return `${writeBrief(answer * 100, 2, 4, style)} %`;
  return counts.has(of) ? writeBrief(answer, 0, 4, style) : writeMoney(answer, style);
}
