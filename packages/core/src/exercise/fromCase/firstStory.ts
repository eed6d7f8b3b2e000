/** A first story from a statement whose slots name givens: plain sentences for the instructor to write on. */

import { capital } from '../../capital.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { quoteInWords } from '../../case/quote.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { BuildUp, StatementDraft } from '../../statement/draft.ts';

/** Sentences; `{name}` stands for a given. */
export function firstStory(draft: StatementDraft): string {
  const words = new Words(draft);
  return [...stories[draft.kind](words), ...draft.changes.map((change) => changeSentence(change))]
    .filter((sentence) => sentence !== '')
    .map((sentence) => `${capital(sentence.trim())}.`)
    .join(' ');
}

/** The pieces that the sentences of every kind are made of; empty where the statement asks for them. */
class Words {
  readonly draft: StatementDraft;
  readonly adverb: string;
  readonly period: string;
  /** "at the end of each month" */
  readonly when: string;

  constructor(draft: StatementDraft) {
    const { adverb, period } = frequencyOf(draft.paymentsPerYear);
    this.draft = draft;
    this.adverb = adverb;
    this.period = period;
    this.when = `at the ${draft.timing === 'end' ? 'end' : 'beginning'} of each ${period}`;
  }

  /** A slot's number; nothing where it is asked or is 0. */
  of(slot: 'amount' | 'payment' | 'finalAmount' | 'payments'): string {
    return this.draft.unknown === slot ? '' : placed(this.draft.slots[slot]);
  }

  /** " at {rate} a year, compounded monthly"; where the rate is asked only how it is compounded. */
  get rate(): string {
    const { draft } = this;
    const quote = quoteInWords(draft.quote, draft.paymentsPerYear);
    if (draft.unknown !== 'rate') return ` at ${placed(draft.slots.rate)} ${quote}`;
    return quote.includes('compounded') ? `, with interest ${quote.replace(/^a year, /, '')}` : '';
  }

  /** "over {years} years", "{payments}": how long, as it is typed. */
  get years(): string {
    const years = /^(years[ \d]*) × \d+$/.exec(this.draft.slots.payments)?.[1];
    return this.draft.unknown !== 'payments' && years ? `{${years}} years` : '';
  }

  get count(): string {
    return this.years === '' ? this.of('payments') : '';
  }

  /** "equal monthly payments", "{payments} monthly payments of {payment}". */
  paid(word: string): string {
    const each = this.of('payment');
    const many = this.count === '' ? '' : `${this.count} `;
    return each === '' ? `${many}equal ${this.adverb} ${word}` : `${many}${this.adverb} ${word} of ${each}`;
  }
}

/** A text that names a given as its place in the story; what is typed otherwise as it is; 0 is not said. */
function placed(text: string): string {
  const written = text.trim();
  if (/^[a-z][a-z0-9 ]*$/.test(written)) return `{${written}}`;
  return /^0*([.,]0*)?$/.test(written) ? '' : written;
}

const after = (words: string, text: string): string => (text === '' ? '' : `${words}${text}`);

const stories: Readonly<Record<StatementDraft['kind'], (words: Words) => string[]>> = {
  borrow: (words) => {
    const { years, when, rate, draft } = words;
    const over = after(' over ', years);
    const what = draft.buildUp ? 'The rest, borrowed' : `A loan${after(' of ', words.of('amount'))}`;
    return [
      ...bought(draft.buildUp),
      `${what}${rate}${rate.includes(',') ? ',' : ''} is repaid${over} in ${words.paid('payments')} ${when}`,
      after(
        'After the last payment ',
        after('', words.of('finalAmount')) && `${words.of('finalAmount')} is still owed`,
      ),
    ];
  },
  save: (words) => {
    const start = words.of('amount');
    const begins =
      words.draft.unknown === 'amount'
        ? 'begins with a single sum and '
        : after('begins with ', start && `${start} and `);
    const during = after('For ', words.years && `${words.years} `);
    return [
      `A savings plan ${begins}${earns(words)}`,
      `${during}${words.paid('deposits')} are made ${words.when}${after(', to have ', words.of('finalAmount') && `${words.of('finalAmount')} at the end`)}`,
    ];
  },
  'draw-down': (words) => {
    const during = after('For ', words.years && `${words.years} `);
    const end = words.of('finalAmount');
    const until =
      end !== ''
        ? `, and ${end} is to be left`
        : words.draft.unknown === 'finalAmount'
          ? ''
          : ', until nothing is left';
    return [
      `A fund${after(' of ', words.of('amount'))} ${earns(words)}`,
      `${during}${words.paid('withdrawals')} are taken out ${words.when}${until}`,
    ];
  },
  'lump-sum': (words) => {
    const periods = words.count && `The number of periods, of a ${words.period} each, is ${words.count}`;
    const grown = words.of('finalAmount');
    return [
      `${words.of('amount') || 'a sum'} is put away${words.rate}${after(' for ', words.years)}${after(' and grows to ', grown)}`,
      periods,
    ];
  },
  lease: (words) => {
    const over = after('Over ', words.years && `${words.years}, `);
    return [
      `Goods${after(' worth ', words.of('amount'))} are leased${words.rate}`,
      `${over}${words.paid('rents')} are paid ${words.when}`,
      words.of('finalAmount') && `After the last rent they are worth ${words.of('finalAmount')}`,
    ];
  },
  flat: (words) => {
    const { draft } = words;
    const by = draft.flatBy === 'a-year' ? 'of it for each year' : 'of it once';
    const charge = draft.unknown === 'rate' ? 'a flat charge' : `a flat charge of ${placed(draft.slots.rate)} ${by}`;
    const over = after(' over ', words.years);
    return [
      ...bought(draft.buildUp),
      `${draft.buildUp ? 'the rest' : words.of('amount') || 'a sum'} is lent at ${charge} and repaid${over} in ${words.paid('payments')}`,
    ];
  },
  convert: (words) => [`A bank quotes a rate of ${words.rate.replace(/^ at /, '')}`],
};

function earns({ rate }: Words): string {
  return rate.startsWith(' at ') ? `earns ${rate.slice(4)}` : `earns interest${rate.replace(/^, with interest/, '')}`;
}

/** How the amount comes about. */
function bought(built: BuildUp | undefined): string[] {
  if (!built) return [];
  const [down, trade, fees, kept] = [built.downPayment, built.tradeIn, built.feesAdded, built.feesTaken].map(placed);
  return [
    `Goods are bought for ${placed(built.price)}`,
    down ? `${down} is paid down` : '',
    trade ? `${trade} is allowed for what is traded in` : '',
    fees ? `Fees of ${fees} are added to what is borrowed` : '',
    kept ? `Fees of ${kept} are kept back from what is paid out` : '',
  ];
}

/** A change on the way, as a sentence without its full stop; a change that is not filled in says nothing. */
export function changeSentence({ kind, texts, payment }: ChangeDraft): string {
  const [amount, rate, from, to, every, through, before, behind] = (
    ['amount', 'rate', 'from', 'to', 'every', 'through', 'before', 'after'] as const
  ).map((field) => placed(texts[field] ?? ''));
  switch (kind) {
    case 'extra':
      if (!amount) return '';
      return to || every
        ? `${amount} more is paid with ${every && every !== '1' ? `payment ${from || '1'} and every ${every} payments after it` : `each payment from payment ${from || '1'}`}${to ? ` to payment ${to}` : ' on'}`
        : `${amount} more is paid with payment ${from}`;
    case 'extras':
      return listed(texts.list ?? '');
    case 'rate':
      return rate
        ? `After payment ${behind || '0'} the rate is ${rate}, and the payment ${payment === 'same' ? 'stays the same' : 'is worked out again'}`
        : '';
    case 'payment':
      return amount ? `After payment ${behind || '0'} each payment is ${amount}` : '';
    case 'interest-only':
      return `${fromTo(from, through)} only the interest is paid`;
    case 'deferred':
      return `${fromTo(from, through)} nothing is paid, and the interest is added to what is owed`;
    case 'draw':
      return amount ? `${amount} more is received before payment ${before}` : '';
  }
}

/** Irregular extra payments in a sentence, each with its payment. */
function listed(text: string): string {
  const lines = text
    .split(/[\n;]/)
    .map((line) => /^(?:payment\s+)?(\d+)[:\s]+(.+)$/.exec(line.trim()))
    .flatMap((found) => (found ? [`${found[2]} with payment ${found[1]}`] : []));
  return lines.length === 0 ? '' : `More is paid besides: ${lines.join(', ')}`;
}

const fromTo = (from: string | undefined, through: string | undefined): string =>
  !from || from === '1' ? `Through payment ${through}` : `From payment ${from} to payment ${through}`;
