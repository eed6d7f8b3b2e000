/** A statement whose numbers become givens: its slots, its build-up and its changes name them. */

import { readSlotText } from '../../money/expression.ts';
import { numberStyleById, writeBrief, type NumberStyle } from '../../money/numberStyle.ts';
import { kindOf } from '../../case/kinds.ts';
import type { SlotName, StatementKind } from '../../case/statement.ts';
import type { ChangeDraft, ChangeField } from '../../statement/changeDraft.ts';
import type { BuildUp, StatementDraft } from '../../statement/draft.ts';
import { readDraft } from '../../statement/readDraft.ts';
import type { Given, GivenKind } from '../exercise.ts';

export interface NamedDraft {
  readonly draft: StatementDraft;
  readonly givens: readonly Given[];
}

/**
 * @param taken names that other givens have already
 * @param only the slots, and the ids of the changes, whose numbers become givens; all when left out
 */
export function namedDraft(
  draft: StatementDraft,
  taken: readonly string[] = [],
  only?: ReadonlySet<string>,
): NamedDraft {
  return new Naming(draft, taken, only).done();
}

/** What a slot's number is called, by kind where the trade has a word of its own. */
const slotGivens: Readonly<Partial<Record<SlotName, string>>> = {
  amount: 'amount',
  rate: 'rate',
  payments: 'payments',
  payment: 'payment made',
  finalAmount: 'final amount',
};

const ownWords: Readonly<Partial<Record<StatementKind, Readonly<Partial<Record<SlotName, string>>>>>> = {
  borrow: { finalAmount: 'balloon' },
  save: { payment: 'deposit', finalAmount: 'target' },
  'draw-down': { payment: 'withdrawal', finalAmount: 'left over' },
  lease: { amount: 'value', payment: 'rent', finalAmount: 'residual' },
  'lump-sum': { payments: 'periods', finalAmount: 'target' },
  flat: { rate: 'charge' },
};

const buildUpGivens: Readonly<Record<keyof BuildUp, string>> = {
  price: 'price',
  downPayment: 'down payment',
  tradeIn: 'trade in',
  feesAdded: 'fees',
  feesTaken: 'fees kept',
};

const changeGivens: Readonly<Record<ChangeDraft['kind'], Readonly<Partial<Record<ChangeField, string>>>>> = {
  extra: { amount: 'extra' },
  extras: {},
  rate: { rate: 'new rate' },
  payment: { amount: 'new payment' },
  draw: { amount: 'second sum' },
  'interest-only': {},
  deferred: {},
};

class Naming {
  readonly #draft: StatementDraft;
  readonly #style: NumberStyle;
  readonly #taken: Set<string>;
  readonly #only: ReadonlySet<string> | undefined;
  readonly #givens: Given[] = [];

  constructor(draft: StatementDraft, taken: readonly string[], only: ReadonlySet<string> | undefined) {
    this.#draft = draft;
    this.#style = numberStyleById(draft.numberStyle);
    this.#taken = new Set(taken);
    this.#only = only;
  }

  done(): NamedDraft {
    const { buildUp, changes } = this.#draft;
    const built = buildUp && this.#isWanted('amount') ? { buildUp: this.#buildUp(buildUp) } : {};
    const slots = this.#slots();
    const named = changes.map((change) => (this.#isWanted(change.id) ? this.#change(change) : change));
    return { draft: { ...this.#draft, ...built, slots, changes: named }, givens: this.#givens };
  }

  #isWanted(name: string): boolean {
    return this.#only?.has(name) ?? true;
  }

  #slots(): StatementDraft['slots'] {
    const draft = this.#draft;
    const { numbers } = readDraft(draft);
    const slots = { ...draft.slots };
    for (const slot of kindOf(draft).slots) {
      if (slot === draft.unknown || slot === 'converted' || !this.#isWanted(slot)) continue;
      if (slot === 'amount' && draft.buildUp) continue;
      const value = numbers[slot];
      // An amount of nothing, at the start or at the end, is not something to vary.
      if (value === undefined || (value === 0 && (slot === 'finalAmount' || slot === 'amount'))) continue;
      const name = ownWords[draft.kind]?.[slot] ?? slotGivens[slot] ?? slot;
      slots[slot] =
        slot === 'payments'
          ? this.#count(name, value)
          : slot === 'rate'
            ? this.#given('rate', name, value * 100)
            : this.#given('money', name, value);
    }
    return slots;
  }

  /** Years stay years: the slot counts payments from them. */
  #count(name: string, value: number): string {
    const entry = readSlotText(this.#draft.slots.payments, {}, this.#style);
    if (!entry.ok || entry.value.unit !== 'years') return this.#given('count', name, value);
    return `${this.#given('years', 'years', entry.value.value)} × ${this.#draft.paymentsPerYear}`;
  }

  #buildUp(built: BuildUp): BuildUp {
    const text = (part: keyof BuildUp): string => {
      const entry = readSlotText(built[part], {}, this.#style);
      if (!entry.ok || entry.value.value === 0) return built[part];
      return this.#given(entry.value.percent ? 'rate' : 'money', buildUpGivens[part], entry.value.value);
    };
    return {
      price: text('price'),
      downPayment: text('downPayment'),
      tradeIn: text('tradeIn'),
      feesAdded: text('feesAdded'),
      feesTaken: text('feesTaken'),
    };
  }

  #change(change: ChangeDraft): ChangeDraft {
    const texts = { ...change.texts };
    for (const field of ['amount', 'rate'] as const) {
      const name = changeGivens[change.kind][field];
      const entry = readSlotText(texts[field] ?? '', {}, this.#style);
      if (name && entry.ok && entry.value.value !== 0)
        texts[field] = this.#given(field === 'rate' ? 'rate' : 'money', name, entry.value.value);
    }
    return { ...change, texts };
  }

  #given(kind: GivenKind, wanted: string, value: number): string {
    let name = wanted;
    for (let k = 2; this.#taken.has(name); k += 1) name = `${wanted} ${k}`;
    this.#taken.add(name);
    this.#givens.push({ name, kind, now: writeBrief(value, 0, 8, this.#style), vary: { by: 'fixed' } });
    return name;
  }
}
