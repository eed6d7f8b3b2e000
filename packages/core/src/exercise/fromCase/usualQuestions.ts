/** The questions that are usually asked of a plan, each as a part with its prompt: a list to choose from. */

import { frequencyOf } from '../../case/frequency.ts';
import { kindOf } from '../../case/kinds.ts';
import { quantities, quantityOfSlot } from '../../case/quantities.ts';
import type { Quantity } from '../../case/quantity.ts';
import { quoteInWords } from '../../case/quote.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { AskTexts, ExercisePlan, Part } from '../exercise.ts';
import { usualFormat } from '../format.ts';

export type UsualQuestion = Omit<Part, 'id'>;

/** What the statement asks is worth more than what is read off afterwards. */
const FIRST_MARKS = 3;
const LATER_MARKS = 2;

/** A question about a quantity of a plan, as a part. */
export function questionOf(
  plan: Pick<ExercisePlan, 'id' | 'draft'>,
  quantity: Quantity,
  args?: AskTexts,
  prompt = promptFor(plan.draft, quantity, args),
): UsualQuestion {
  return {
    prompt,
    marks: quantity === ownQuantity(plan.draft) ? FIRST_MARKS : LATER_MARKS,
    ask: { quantity, plan: plan.id, ...(args ? { args } : {}) },
    format: usualFormat(quantity),
  };
}

/** The quantity a statement's `?` asks for; for a conversion the other quote. */
export function ownQuantity(draft: StatementDraft): Quantity {
  return draft.unknown === 'converted' || !kindOf(draft).hasTable ? 'converted' : quantityOfSlot(draft.unknown);
}

/**
 * The questions usually asked of a plan, what its statement asks first.
 *
 * @param count its number of payments, where it is known: what is asked at a payment lies within
 */
export function usualQuestions(plan: Pick<ExercisePlan, 'id' | 'draft'>, count?: number): UsualQuestion[] {
  const { draft } = plan;
  const perYear = draft.paymentsPerYear;
  const most = count ?? perYear * 2;
  const at = String(most > perYear ? perYear : Math.max(1, Math.floor(most / 2)));
  const second = { from: String(perYear + 1), to: String(perYear * 2) };
  const ranges: AskTexts[] = most >= perYear * 2 && perYear > 1 ? [second] : [{ from: '1', to: at }];
  const own = ownQuantity(draft);
  const asked: (readonly [Quantity, AskTexts?])[] = [
    [own],
    ...whole.filter((each) => each !== own).map((each) => [each] as const),
    ['balance-after', { after: at }],
    ['balance-right-after', { after: at }],
    ...ranges.flatMap((range) => [['interest-in', range] as const, ['principal-in', range] as const]),
    ...last.filter((each) => each !== own).map((each) => [each] as const),
  ];
  const questions = asked
    .filter(([quantity]) => quantities[quantity].applies(draft) && (worthAsking[quantity]?.(draft) ?? true))
    .map(([quantity, args]) => questionOf(plan, quantity, args));
  if (!kindOf(draft).hasTable || !kindOf(draft).pays) return questions;
  const isRecurrence = kindOf(draft).level && draft.changes.length === 0;
  return [...questions, firstRows(plan, Math.min(3, most)), ...(isRecurrence ? [recurrenceOf(plan)] : [])];
}

/** What can be asked of any loan, and tells something only of some. */
const worthAsking: Readonly<Partial<Record<Quantity, (draft: StatementDraft) => boolean>>> = {
  'finance-charge': ({ kind, buildUp }) => kind === 'flat' || buildUp !== undefined,
  'amount-financed': ({ buildUp }) => buildUp !== undefined,
  'payments-made': ({ changes }) => changes.length > 0,
  'total-with-end': ({ slots }) => slots.finalAmount.trim() !== '' && slots.finalAmount.trim() !== '0',
  'flat-rate': ({ kind }) => kind === 'flat',
};

const whole: readonly Quantity[] = ['total-interest', 'finance-charge', 'total-paid', 'total-with-end', 'total-price'];
const last: readonly Quantity[] = [
  'last-payment',
  'payments-made',
  'time-saved',
  'payments-saved',
  'interest-saved',
  'amount-financed',
  'down-payment',
  'rate-with-charges',
  'flat-rate',
  'rate-per-payment',
  'effective',
];

function firstRows({ id }: Pick<ExercisePlan, 'id'>, rows: number): UsualQuestion {
  return {
    prompt: rows === 1 ? 'Fill in the first row of the table.' : `Fill in the first ${rows} rows of the table.`,
    marks: LATER_MARKS * 2,
    ask: { quantity: 'table', plan: id, blanks: [], args: { from: '1', to: String(rows) } },
    format: { kind: 'money', decimals: 2 },
  };
}

function recurrenceOf({ id }: Pick<ExercisePlan, 'id'>): UsualQuestion {
  return {
    prompt: 'State the recurrence: where it starts, and how each term follows from the one before.',
    marks: FIRST_MARKS,
    ask: { quantity: 'relation', plan: id },
    format: { kind: 'number', decimals: 4 },
  };
}

/** What is asked, in a sentence. */
export function promptFor(draft: StatementDraft, quantity: Quantity, args: AskTexts = {}): string {
  const kind = kindOf(draft);
  const { adverb } = frequencyOf(draft.paymentsPerYear);
  const isSaved = !kind.owes;
  const paid = isSaved ? (kind.directions.plan === 'drawing' ? 'taken out' : 'paid in') : 'paid';
  const interest = isSaved ? 'is earned' : 'is paid';
  switch (quantity) {
    case 'payment':
      return `Find the ${adverb} ${paymentWord[draft.kind] ?? 'payment'}.`;
    case 'amount':
      return amountPrompts[draft.kind] ?? 'How much can be borrowed?';
    case 'final-amount':
      return endPrompts[draft.kind] ?? 'What is still owed after the last payment?';
    case 'payments':
      return kind.pays
        ? `How many ${paymentWord[draft.kind] ?? 'payment'}s are needed?`
        : 'How many periods does it take?';
    case 'years':
      return 'How long does it take?';
    case 'rate':
      return draft.kind === 'flat'
        ? 'Find the flat charge.'
        : `Find the rate ${quoteInWords(draft.quote, draft.paymentsPerYear)}.`;
    case 'total-interest':
      return `How much interest ${interest} in all?`;
    case 'total-paid':
      return `How much is ${paid} in all?`;
    case 'balance-after':
      return isSaved
        ? `How much is there ${afterWords(draft, args)}?`
        : `What is still owed ${afterWords(draft, args)}?`;
    case 'balance-right-after':
      return isSaved
        ? `How much is there right after payment ${args.after}?`
        : `What is still owed right after payment ${args.after}?`;
    case 'interest-in':
      return `How much interest ${interest} ${rangeWords(draft, args)}?`;
    case 'principal-in':
      return isSaved
        ? `By how much does the balance change ${rangeWords(draft, args)}?`
        : `How much of what is owed is paid off ${rangeWords(draft, args)}?`;
    default:
      return otherPrompts[quantity] ?? `Find ${quantities[quantity].words({ quantity, ...args })}.`;
  }
}

const paymentWord: Readonly<Partial<Record<StatementDraft['kind'], string>>> = {
  save: 'deposit',
  'draw-down': 'withdrawal',
  lease: 'rent',
};

const amountPrompts: Readonly<Partial<Record<StatementDraft['kind'], string>>> = {
  save: 'How much must be put in at the start?',
  'draw-down': 'How large must the fund be at the start?',
  'lump-sum': 'How much must be put away?',
  lease: 'What are the goods worth at the start?',
};

const endPrompts: Readonly<Partial<Record<StatementDraft['kind'], string>>> = {
  save: 'How much is there at the end?',
  'draw-down': 'How much is left at the end?',
  'lump-sum': 'How much does it grow to?',
  lease: 'Find the residual.',
};

const otherPrompts: Readonly<Partial<Record<Quantity, string>>> = {
  'finance-charge': 'Find the finance charge.',
  'total-price': 'How much is paid in all, with what was paid down?',
  'last-payment': 'Find the last payment.',
  'payments-made': 'How many payments are really made?',
  'time-saved': 'How much sooner is it finished?',
  'payments-saved': 'How many payments are saved?',
  'total-with-end': 'How much is paid in all, with what falls due at the end?',
  'flat-rate': 'Find the flat rate a year.',
  'interest-saved': 'How much interest is saved?',
  'amount-financed': 'How much is borrowed?',
  'down-payment': 'How much is paid down?',
  'rate-with-charges': 'Find the rate with the fees in it.',
  'rate-per-payment': 'Find the rate for one payment.',
  effective: 'Find the effective rate a year.',
  nominal: 'Find the nominal rate a year.',
  converted: 'Convert the rate.',
};

function afterWords(draft: StatementDraft, { after }: AskTexts): string {
  const { paymentsPerYear, timing } = draft;
  if (paymentsPerYear > 1 && after === String(paymentsPerYear)) return 'after the first year';
  return timing === 'begin' ? `at the end of ${periodOf(draft)} ${after}` : `after payment ${after}`;
}

function rangeWords(draft: StatementDraft, { from, to }: AskTexts): string {
  const { paymentsPerYear: p, timing } = draft;
  if (p > 1 && from === String(p + 1) && to === String(p * 2)) return 'in the second year';
  if (p > 1 && from === '1' && to === String(p)) return 'in the first year';
  // "months - 11" to "months": up to the end, whatever its number is.
  if (from !== to && /[a-z]/i.test(to ?? '')) {
    const others = / - (\d+)$/.exec(from ?? '')?.[1];
    return others === undefined ? `from payment ${from} to the last` : `with the last ${Number(others) + 1} payments`;
  }
  // A payment that comes first is made of the interest before it; what runs up afterwards is named by its period.
  if (timing === 'begin')
    return from === to ? `in ${periodOf(draft)} ${from}` : `in ${periodOf(draft)}s ${from} to ${to}`;
  return from === to ? `with payment ${from}` : `with payments ${from} to ${to}`;
}

/** A word that can be counted. */
function periodOf({ paymentsPerYear }: StatementDraft): string {
  const { period } = frequencyOf(paymentsPerYear);
  return period === 'two weeks' ? 'period' : period;
}
