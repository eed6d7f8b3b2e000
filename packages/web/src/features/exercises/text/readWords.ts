/** What was read, in words: roles under numbers, what cues say, what is asked, and answers. */
import { frequencyOf, numberStyleById, writeBrief, writeMoney } from '@hardy-sextant/core';
import { roleNames, type ReadAsk, type ReadCue, type ReadPlan, type ReadUse } from '@hardy-sextant/core/texts';
import { say } from '../../../words/say.ts';

export const roleInWords = ({ role, value, unit }: ReadUse): string =>
  role === 'rate' && unit === 'per-year' && value > 0 ? 'rate' : roleNames[role];

const kinds: Readonly<Record<string, string>> = {
  borrowing: say('borrowing'),
  saving: say('saving'),
  'drawing-down': say('drawing down'),
  'lump-sum': say('a single sum'),
  leasing: say('leasing'),
  flat: say('flat charge'),
  convert: say('converting'),
};

const asked: Readonly<Record<string, string>> = {
  payment: say('payment'),
  amount: say('amount'),
  finalAmount: say('amount at the end'),
  payments: say('number of payments'),
  rate: say('rate'),
  years: say('years'),
  nominalRate: say('nominal rate'),
  effectiveRate: say('effective rate'),
  ratePerPayment: say('rate for one payment'),
  totalPaid: say('total paid'),
  totalInterest: say('interest in all'),
  financeCharge: say('finance charge'),
  balanceAfter: say('balance'),
  interestIn: say('interest'),
  principalIn: say('principal'),
  leftToPay: say('left to pay'),
  lastPayment: say('last payment'),
  downPayment: say('deposit'),
  price: say('price'),
  difference: say('difference'),
  choice: say('which is better'),
};

/** What a cue says, under its words. */
export function cueInWords({ says }: ReadCue): string {
  const [key = '', value = ''] = says.split('=');
  switch (key) {
    case 'frequency':
      return frequencyOf(Number(value)).adverb;
    case 'compounding':
      return say('compounded {{adverb}}', { adverb: frequencyOf(Number(value)).adverb });
    case 'kind':
      return kinds[value] ?? value;
    case 'quoted':
      return value === 'per-period' ? say('for each period') : value;
    case 'unknown':
    case 'asks':
      return say('asks: {{asked}}', { asked: asked[value] ?? value });
    default:
      return value;
  }
}

/** "owed after payment 30", with its plan where there are several. */
export function askInWords({ quantity, args = {}, plan }: ReadAsk, plans: readonly ReadPlan[]): string {
  const own = asked[quantity] ?? quantity;
  const after = args.k ?? (args.from === undefined ? args.after : undefined);
  const what = momentInWords(own, args) ?? placeInWords(own, after, args);
  const name =
    plans.length > 1 && plan !== null ? ` · ${plans[plan]?.name ?? say('plan {{plan}}', { plan: plan + 1 })}` : '';
  return `${what}${name}`;
}

type Args = NonNullable<ReadAsk['args']>;

function momentInWords(what: string, { moment, k = 0 }: Args): string | undefined {
  switch (moment) {
    case 'beforeExtra':
      return say('{{what}} before the extra payment', { what });
    case 'afterExtra':
      return say('{{what}} after the extra payment', { what });
    case 'beforePayment':
      return say('{{what}} before payment {{after}}', { what, after: k });
    case 'justAfterPayment':
      return say('{{what}} right after payment {{after}}', { what, after: k });
    default:
      return undefined;
  }
}

function placeInWords(own: string, after: number | undefined, { from, to = from, include }: Args): string {
  if (after !== undefined) return say('{{what}} after payment {{after}}', { what: own, after });
  if (from !== undefined && to !== undefined)
    return from === to
      ? say('{{what}} in payment {{from}}', { what: own, from })
      : say('{{what}} in payments {{from}} to {{to}}', { what: own, from, to });
  return include?.includes('downPayment') ? say('{{what}} with the deposit', { what: own }) : own;
}

/** What changes on the way, each in a sentence, and what stays as it was. */
export const changesInWords = (
  { changes }: Pick<ReadPlan, 'changes'>,
  style = numberStyleById('comma-point'),
): string[] =>
  changes.map((change) => {
    switch (change.kind) {
      case 'rate': {
        const rate = writeBrief(change.rate.value * 100, 0, 6, style);
        return change.keep === 'payment'
          ? say('After payment {{after}} the rate is {{rate}} %; the payment stays.', { after: change.after, rate })
          : say('After payment {{after}} the rate is {{rate}} %; the end stays.', { after: change.after, rate });
      }
      case 'extra': {
        const amount = writeMoney(change.value, style);
        return change.keep === 'payment'
          ? say('{{amount}} more comes with payment {{after}}; the payment stays.', { after: change.after, amount })
          : say('{{amount}} more comes with payment {{after}}; the end stays.', { after: change.after, amount });
      }
      case 'payment': {
        const from = change.after + 1;
        if (change.to !== undefined)
          return say('From payment {{from}} on each payment is {{amount}}.', {
            from,
            amount: writeMoney(change.to, style),
          });
        const amount = writeMoney(Math.abs(change.by), style);
        return change.by < 0
          ? say('From payment {{from}} on each payment is {{amount}} less.', { from, amount })
          : say('From payment {{from}} on each payment is {{amount}} more.', { from, amount });
      }
      case 'skip': {
        const places = { from: change.after + 1, to: change.after + change.payments };
        return change.keep === 'payment'
          ? say('Payments {{from}} to {{to}} are left out; the payment stays.', places)
          : say('Payments {{from}} to {{to}} are left out; the end stays.', places);
      }
    }
  });

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
  if (quantity === 'choice') return plans[answer]?.name ?? say('plan {{answer}}', { answer: answer + 1 });
  if (percent.has(of)) return `${writeBrief(answer * 100, 2, 4, style)} %`;
  return counts.has(of) ? writeBrief(answer, 0, 4, style) : writeMoney(answer, style);
}
