/** The formula way: symbols, numbers, groups, the value, and the line to type. Rearranged for whatever is asked. */

import { roundMoney } from '../money/roundMoney.ts';
import { writeBrief, writePercent } from '../money/numberStyle.ts';
import { quotedNumber, quoteRate } from '../rates/quotedRate.ts';
import { quotedRate } from '../case/quote.ts';
import { readBuildUp } from '../case/readDraft.ts';
import { styleOf } from '../case/question.ts';
import type { Quantity } from '../case/quantities.ts';
import type { Rounded, Step, Way } from './solution.ts';
import { stagesThrough, type Stage } from './stages.ts';
import { add, div, evaluate, letter, ln, minus, mul, num, oneLine, pow, sub, tex, texNumber, type Term } from './term.ts';
import { accumulationTerm, answerText, countLetter, discountingTerm, formulaSteps, growth, isZero, money, moneyLetter, rateLetter, rateTerm, roundsOf, type Work } from './work.ts';

interface Formula {
  readonly steps: readonly Step[];
  readonly number: number;
  readonly term?: Term;
  readonly rounds?: readonly Rounded[];
}

/** The formula way, or nothing where no closed form answers the question. */
export function byFormula(work: Work): Way | undefined {
  const found = formulas[work.question.ask.quantity]?.(work);
  if (!found || !Number.isFinite(found.number)) return undefined;
  const { steps, number, term, rounds = [] } = found;
  const written = answerText(work, number);
  return {
    id: 'formula',
    title: 'Formula',
    number,
    written,
    rounds,
    steps: [...steps, { kind: 'answer', text: `${answerName[work.question.ask.quantity] ?? 'The answer'} is ${written}.` }],
    ...(term ? { line: oneLine(term) } : {}),
  };
}

const answerName: Partial<Record<Quantity, string>> = {
  payment: 'The payment',
  amount: 'The amount',
  'final-amount': 'The amount at the end',
  payments: 'The number of payments',
  rate: 'The rate',
};

/** The five letters with the case's numbers. */
function letters(work: Work): { A: Term; P: Term; F: Term; i: Term; n: Term } {
  const { numbers, values } = work.question.solved;
  return {
    A: moneyLetter(work, 'A', numbers.amount),
    P: moneyLetter(work, 'P', numbers.payment),
    F: moneyLetter(work, 'F', numbers.finalAmount),
    i: rateLetter(work, values.i),
    n: countLetter(work, 'n', values.n),
  };
}

const whole = (work: Work, name: string, term: Term): Formula => ({ steps: formulaSteps(work, name, term), number: evaluate(term), term });

/** The level payment of a plan or of one stage of it. */
function paymentTerm({ saving, due }: Work, A: Term, F: Term, i: Term, n: Term): Term {
  if (saving) return div(isZero(A) ? F : sub(F, mul(A, growth(i, n))), accumulationTerm(i, n, due));
  return div(isZero(F) ? A : sub(A, mul(F, growth(i, minus(n)))), discountingTerm(i, n, due));
}

/** What is owed, saved or left after k payments. */
function balanceTerm({ saving, due }: Work, A: Term, P: Term, i: Term, k: Term): Term {
  const grown = mul(A, growth(i, k));
  const paid = mul(P, accumulationTerm(i, k, due));
  if (isZero(P)) return grown;
  if (isZero(A)) return saving ? paid : minus(paid);
  return saving ? add(grown, paid) : sub(grown, paid);
}

function payment(work: Work): Formula | undefined {
  const { question, level } = work;
  const { solved } = question;
  if (solved.flat) return flatPayment(work);
  const { A, F, i, n } = letters(work);
  if (level) return whole(work, 'P', paymentTerm(work, A, F, i, n));
  return stagedPayment(work);
}

/** With changes from the start, the level payment runs over what remains after them. */
function stagedPayment(work: Work): Formula | undefined {
  const first = work.stages.findIndex(({ pause }) => pause === undefined);
  const stage = work.stages[first];
  const { plan } = work.question.solved;
  if (!stage || plan.changes.some((change) => change.kind === 'draw' && change.payment === 'again')) return undefined;
  const before = chain(work, stage.from - 1);
  const remaining = (plan.payments as number) - (stage.from - 1);
  const A = moneyLetter(work, 'B', before.number);
  const F = moneyLetter(work, 'F', plan.finalAmount);
  const i = rateLetter(work, stage.i, stage.from === 1 ? plan.rate : undefined);
  const term = paymentTerm(work, A, F, i, countLetter(work, 'n', remaining));
  const says: Step[] = stage.from === 1 ? [] : [{ kind: 'says', text: `The level payment begins with payment ${stage.from} and runs over the ${remaining} payments that remain.` }];
  return { steps: [...before.steps, ...says, ...formulaSteps(work, 'P', term)], number: evaluate(term), term, rounds: roundsOf(work).filter((each) => each !== 'payment-rounded') };
}

function amount(work: Work): Formula | undefined {
  const { question, saving, due, level } = work;
  if (!level) return undefined;
  const { P, F, i, n } = letters(work);
  if (question.solved.flat) {
    const charge = flatFraction(work);
    return whole(work, 'A', div(mul(P, n), add(num(1), charge)));
  }
  const back = mul(F, growth(i, minus(n)));
  const paid = mul(P, discountingTerm(i, n, due));
  return whole(work, 'A', saving ? (isZero(P) ? back : sub(back, paid)) : isZero(F) ? paid : isZero(P) ? back : add(paid, back));
}

function finalAmount(work: Work): Formula | undefined {
  const { A, P, i, n } = letters(work);
  if (work.level) return whole(work, 'F', balanceTerm(work, A, P, i, n));
  return chain(work, work.question.solved.table.count);
}

function payments(work: Work): Formula | undefined {
  const { question, level, saving, due } = work;
  const { solved } = question;
  if (!level) return undefined;
  const { A, P, F, i } = letters(work);
  if (solved.flat) {
    const p = num(question.draft.paymentsPerYear);
    const j = letter('f', solved.numbers.rate, writeBrief(solved.numbers.rate, 3, 8, work.style));
    return whole(work, 'n', question.draft.flatBy === 'a-year' ? div(A, sub(P, div(mul(A, j), p))) : div(mul(A, add(num(1), j)), P));
  }
  if (isZero(i)) return whole(work, 'n', div(saving ? sub(F, A) : sub(A, F), P));
  const level1 = due ? mul(P, add(num(1), i)) : P;
  const join = saving ? add : sub;
  const over = isZero(F) ? level1 : isZero(P) ? F : join(level1, mul(F, i));
  const under = isZero(A) ? level1 : isZero(P) ? A : join(level1, mul(A, i));
  const term = div(ln(div(over, under)), ln(add(num(1), i)));
  const number = solved.said?.isWhole ? solved.said.count : evaluate(term);
  const steps: Step[] = [...formulaSteps(work, 'n', term, { grouped: false })];
  if (solved.said?.isWhole && !Number.isInteger(evaluate(term)))
    steps.push({ kind: 'says', text: `That is ${solved.said.count} payments.`, because: 'It misses a whole number by a hair only because the payment was rounded to the cent.' });
  else if (solved.said)
    steps.push({
      kind: 'says',
      text: `That is ${solved.said.count} payments, the last one smaller: ${money(work, solved.table.lastPayment)}.`,
      because: 'A part of a payment is not made: the count goes up, and the last payment settles what is left.',
    });
  return { steps, number, term };
}

/** A rate has a closed form only where a single sum grows without payments. */
function rate(work: Work): Formula | undefined {
  const { question, level } = work;
  const { solved, draft } = question;
  if (!level) return undefined;
  const { A, P, F, n } = letters(work);
  if (solved.flat) {
    const years = draft.flatBy === 'a-year' ? div(n, num(draft.paymentsPerYear)) : undefined;
    const share = div(sub(mul(P, n), A), A);
    const term = years ? div(share, years) : share;
    return { ...whole(work, 'f', term), number: evaluate(term) * 100, term: mul(term, num(100)) };
  }
  if (!isZero(P) || isZero(A) || isZero(F)) return undefined;
  const i = sub(pow(div(F, A), div(num(1), n)), num(1));
  const quoted = quoteRate(evaluate(i), solved.rate, draft.paymentsPerYear);
  if (!quoted.ok) return undefined;
  return {
    steps: [...formulaSteps(work, 'i', i, { grouped: false }), ...quotingSteps(work, evaluate(i))],
    number: quotedNumber(quoted.value) * 100,
    ...(solved.rate.kind === 'nominal' && solved.rate.compoundingsPerYear === draft.paymentsPerYear ? { term: mul(mul(i, num(draft.paymentsPerYear)), num(100)) } : {}),
  };
}

/** From a rate per payment to the rate as it is quoted. */
export function quotingSteps(work: Work, i: number): Step[] {
  const { solved, draft } = work.question;
  const term = quotingTerm(rateLetter(work, i, { kind: 'periodic', perPayment: i }), solved.rate, draft.paymentsPerYear);
  if (!term) return [];
  const symbol = solved.rate.kind === 'effective' ? 'e' : 'j';
  return [
    {
      kind: 'formula',
      tex: `${symbol} = ${tex(term, 'symbols', work.style)} = ${tex(term, 'numbers', work.style)} = ${texNumber(writePercent(evaluate(term), work.style))}`,
      because: 'The rate is asked for as the case quotes it.',
    },
  ];
}

/** The quoted rate from the rate per payment: the inverse of `rateTerm`. */
export function quotingTerm(i: Term, like: Work['question']['solved']['rate'], p: number): Term | undefined {
  switch (like.kind) {
    case 'nominal': {
      const m = like.compoundingsPerYear;
      if (m === 'continuous') return mul(num(p), ln(add(num(1), i)));
      if (m === p) return p === 1 ? i : mul(num(p), i);
      return mul(num(m), sub(pow(add(num(1), i), div(num(p), num(m))), num(1)));
    }
    case 'effective':
      return p === 1 ? i : sub(pow(add(num(1), i), num(p)), num(1));
    case 'periodic':
      return i;
    case 'daily':
      return mul(num(like.daysPerYear), sub(pow(add(num(1), i), div(num(1), num(like.daysPerPeriod))), num(1)));
  }
}

/** The balance after payment k, stage by stage; at most six stages are spelled out. */
function chain(work: Work, k: number): Formula {
  const { solved } = work.question;
  let value = solved.plan.amount;
  let term: Term | undefined;
  const steps: Step[] = [];
  const stages = stagesThrough(work.stages, k);
  stages.forEach((stage, at) => {
    const m = stage.to - stage.from + 1;
    const opening = value + stage.drawn;
    const shown = at < 4 || at >= stages.length - 2;
    if (stage.drawn !== 0 && shown)
      steps.push({
        kind: 'formula',
        tex: `B_{${stage.from - 1}} = ${texNumber(money(work, value))} + ${texNumber(money(work, stage.drawn))} = ${texNumber(money(work, opening))}`,
        because: 'More money is received at the start of this period.',
      });
    const A = moneyLetter(work, at === 0 ? 'A' : `B_{${stage.from - 1}}`, opening);
    const i = rateLetter(work, stage.i, at === 0 ? solved.plan.rate : undefined, stages.length > 1 ? `i_{${at + 1}}` : 'i');
    if (stage.pause === 'interest-only') {
      value = opening;
      if (shown) steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to} cover the interest only: the balance stays ${money(work, opening)}.` });
      return;
    }
    if (stage.settles) {
      // The last payment is whatever settles the rest, so the end is where the plan says.
      value = stage.closing;
      if (shown) steps.push({ kind: 'says', text: `Payment ${stage.to}, ${money(work, stage.payment)}, settles the rest: ${money(work, value)} is left.` });
      return;
    }
    const P = moneyLetter(work, at === 0 ? 'P' : `P_{${at + 1}}`, stage.pause === 'deferred' ? 0 : stage.payment);
    term = balanceTerm(work, A, P, i, countLetter(work, 'k', m));
    value = evaluate(term);
    if (shown) {
      if (at > 0 && work.stages.length > 1) steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to}: ${stageWords(work, stage)}.` });
      steps.push(...formulaSteps(work, `B_{${stage.to}}`, term, { line: stages.length === 1 }));
    } else if (at === 4) steps.push({ kind: 'says', text: 'The stages between go the same way.' });
  });
  return { steps, number: value, ...(stages.length === 1 && term ? { term } : {}), rounds: roundsOf(work) };
}

function stageWords(work: Work, stage: Stage): string {
  const rate = `${writePercent(stage.i, work.style, 2, 8)} for each ${work.period}`;
  return stage.pause === 'deferred' ? `nothing is paid, ${rate}` : `${money(work, stage.payment)} each, ${rate}`;
}

/** The payments from a to b added up: so many alike, and the ones that are not. */
function paidTerm(work: Work, from: number, to: number): Term {
  const { rows } = work.question.solved.table;
  const runs: { value: number; times: number }[] = [];
  for (const { payment: paid, extra } of rows.slice(from - 1, to)) {
    const value = paid + extra;
    const last = runs.at(-1);
    if (last && Math.abs(last.value - value) < 1e-9) last.times += 1;
    else runs.push({ value, times: 1 });
  }
  // Many different payments would make a line nobody reads.
  if (runs.length > 6) {
    const total = runs.reduce((sum, { value, times }) => sum + value * times, 0);
    return moneyLetter(work, `\\text{paid}_{${from}\\ldots ${to}}`, Math.round(total * 1e6) / 1e6);
  }
  return runs
    .map(({ value, times }, at): Term => {
      const P = moneyLetter(work, runs.length === 1 ? 'P' : `P_{${at + 1}}`, value);
      return times === 1 ? P : mul(num(times), P);
    })
    .reduce((sum, each) => add(sum, each));
}

/** How far the balance goes from before payment a to after payment b, and the money drawn between. */
function movement(work: Work, from: number, to: number): { readonly steps: Step[]; readonly term: Term } {
  const { solved } = work.question;
  const before = from === 1 ? { steps: [] as Step[], number: solved.plan.amount } : chain(work, from - 1);
  const after = chain(work, to);
  const drawn = work.stages.filter((stage) => stage.from >= from && stage.from <= to && stage.from > 1).reduce((sum, stage) => sum + stage.drawn, 0);
  const first = moneyLetter(work, from === 1 ? 'A' : `B_{${from - 1}}`, before.number);
  const last = moneyLetter(work, `B_{${to}}`, after.number);
  const opening = drawn === 0 ? first : add(first, moneyLetter(work, '\\text{drawn}', drawn));
  return { steps: [...before.steps.filter(notLine), ...after.steps.filter(notLine)], term: work.saving ? sub(last, opening) : sub(opening, last) };
}

const notLine = ({ kind }: Step): boolean => kind !== 'line';

function stretchFormula(part: 'interest' | 'principal' | 'paid'): (work: Work) => Formula | undefined {
  return (work) => {
    const { from = 1, to = 1 } = work.question.ask;
    const last = Math.min(to, work.question.solved.table.count);
    const paid = paidTerm(work, from, last);
    if (part === 'paid') return { ...whole(work, '\\text{paid}', paid) };
    const moved = movement(work, from, last);
    // What savings gain in principal is deposits and interest together; a loan's principal is what the balance falls by.
    const term = part === 'principal' ? moved.term : work.saving ? sub(moved.term, paid) : sub(paid, moved.term);
    const says: Step = {
      kind: 'says',
      text:
        part === 'principal'
          ? 'Principal is what the balance moves by.'
          : work.saving
            ? 'Interest is what the balance gains beyond the deposits.'
            : 'Interest is what is paid beyond the principal.',
    };
    return { steps: [...moved.steps, says, ...formulaSteps(work, part === 'interest' ? 'I' : '\\text{principal}', term)], number: evaluate(term), term, rounds: roundsOf(work) };
  };
}

function overAll(part: 'interest' | 'paid'): (work: Work) => Formula | undefined {
  return (work) => {
    const { table } = work.question.solved;
    const paid = paidTerm(work, 1, table.count);
    if (part === 'paid') return whole(work, '\\text{paid}', paid);
    const { plan, totals, closing } = table;
    const A = moneyLetter(work, 'A', plan.amount);
    const F = moneyLetter(work, 'F', closing);
    const drawn = totals.drawn === 0 ? A : add(A, moneyLetter(work, '\\text{drawn}', totals.drawn));
    const moved = work.saving ? (isZero(drawn) ? F : sub(F, drawn)) : isZero(F) ? drawn : sub(drawn, F);
    return whole(work, 'I', work.saving ? sub(moved, paid) : sub(paid, moved));
  };
}

function leftToPay(work: Work): Formula {
  const { solved, ask } = work.question;
  const k = ask.after ?? 0;
  const { count, closing } = solved.table;
  const paid = k >= count ? num(0) : paidTerm(work, k + 1, count);
  const term = closing === 0 ? paid : add(paid, moneyLetter(work, 'F', closing));
  return {
    steps: [
      { kind: 'says', text: `${count - k} payments are left after payment ${k}. What is left to pay has interest still to come in it; the balance does not.` },
      ...formulaSteps(work, '\\text{left}', term),
    ],
    number: evaluate(term),
    term,
  };
}

function lastPayment(work: Work): Formula | undefined {
  const { solved, rounding } = work.question;
  const { table } = solved;
  const { count } = table;
  const before = count === 1 ? { steps: [], number: solved.plan.amount } : chain(work, count - 1);
  const B = moneyLetter(work, `B_{${count - 1}}`, before.number);
  const stage = work.stages.at(-1)!;
  const i = rateLetter(work, stage.i, work.level ? solved.plan.rate : undefined);
  const F = moneyLetter(work, 'F', solved.plan.finalAmount);
  if (rounding.last === 'as-others' && solved.unknown !== 'payments' && !solved.flat)
    return { steps: [{ kind: 'says', text: 'By the house rules the last payment is as the others.' }], number: table.lastPayment };
  if (stage.extra > 0) return undefined;
  const grown = work.due ? B : mul(B, add(num(1), i));
  const end = work.due && !isZero(F) ? div(F, add(num(1), i)) : F;
  const term = work.saving ? sub(F, grown) : isZero(F) ? grown : sub(grown, end);
  return {
    steps: [
      ...before.steps.filter(notLine),
      { kind: 'says', text: 'The last payment settles what is owed then, with the interest of its own period.' },
      ...formulaSteps(work, 'P_{\\text{last}}', term, { line: false }),
    ],
    number: evaluate(term),
    rounds: roundsOf(work),
  };
}

function recurrenceTerm(work: Work): Formula {
  const { solved, ask } = work.question;
  const A = moneyLetter(work, 'V_0', solved.numbers.amount);
  const d = moneyLetter(work, 'd', solved.table.firstPayment);
  return whole(work, `V_{${ask.after ?? 0}}`, balanceTerm(work, A, d, rateLetter(work, solved.values.i), countLetter(work, 'k', ask.after ?? 0)));
}

const flatFraction = (work: Work): Term => {
  const { draft, solved } = work.question;
  const f = letter('f', solved.numbers.rate, writeBrief(solved.numbers.rate, 3, 8, work.style));
  return draft.flatBy === 'a-year' ? mul(f, div(countLetter(work, 'n', solved.numbers.payments), num(draft.paymentsPerYear))) : f;
};

function flatPayment(work: Work): Formula {
  const { A, n } = letters(work);
  const charge = mul(A, flatFraction(work));
  const term = div(add(A, charge), n);
  return {
    steps: [
      { kind: 'says', text: 'A flat charge is taken on the whole amount for the whole time, and spread with it over the payments.' },
      ...formulaSteps(work, 'C', charge, { line: false }),
      ...formulaSteps(work, 'P', term),
    ],
    number: evaluate(term),
    term,
  };
}

function financeCharge(work: Work): Formula | undefined {
  const { solved, draft } = work.question;
  const { A } = letters(work);
  if (!solved.flat) {
    const interest = overAll('interest')(work);
    const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(work.question), work.question.names) : undefined;
    if (!interest || !built?.ok || built.value.feesTaken === 0) return interest;
    const term = add(interest.term!, moneyLetter(work, '\\text{fees}', built.value.feesTaken));
    return { ...interest, steps: [...interest.steps.filter(notLine), ...formulaSteps(work, '\\text{charge}', term)], number: evaluate(term), term };
  }
  if (solved.unknown === 'payment') return { ...whole(work, 'C', mul(A, flatFraction(work))), rounds: ['charge-rounded'] };
  const { P, n } = letters(work);
  return whole(work, 'C', sub(mul(n, P), A));
}

/** Nominal, effective and per-payment rates of the case, from the rate it quotes. */
function converted(into: 'per-payment' | 'nominal' | 'effective' | 'other'): (work: Work) => Formula | undefined {
  return (work) => {
    const { solved, draft } = work.question;
    const p = draft.paymentsPerYear;
    if (solved.flat || (solved.unknown === 'rate' && draft.kind !== 'convert')) return undefined;
    const per = rateTerm(solved.rate, p, work.style);
    if (into === 'per-payment') return { ...whole(work, 'i', per), number: evaluate(per) * 100, term: mul(per, num(100)) };
    const target =
      into === 'nominal'
        ? ({ kind: 'nominal', annual: 0, compoundingsPerYear: p } as const)
        : into === 'effective'
          ? ({ kind: 'effective', annual: 0 } as const)
          : quotedRate(draft.into, 0);
    const direct = directEffective(work, target.kind);
    if (direct) return { ...whole(work, 'e', direct), number: evaluate(direct) * 100, term: mul(direct, num(100)) };
    const i = rateLetter(work, solved.values.i);
    const term = quotingTerm(i, target, p);
    if (!term) return undefined;
    return {
      steps: [
        {
          kind: 'formula',
          tex: `i = ${tex(per, 'symbols', work.style)} = ${texNumber(writeBrief(evaluate(per), 4, 10, work.style))}`,
          because: `Growth over one ${work.period} is the bridge between the two.`,
        },
        ...formulaSteps(work, target.kind === 'effective' ? 'e' : 'j', term, { grouped: false }),
      ],
      number: evaluate(term) * 100,
      term: mul(term, num(100)),
    };
  };
}

/** From nominal straight to effective: `(1 + j/m)^m − 1`, without the rate per payment between. */
function directEffective(work: Work, target: string): Term | undefined {
  const { rate: quoted } = work.question.solved;
  return target === 'effective' && quoted.kind === 'nominal' ? rateTerm(quoted, 1, work.style) : undefined;
}

function buildUp(part: 'amount' | 'downPayment' | 'total'): (work: Work) => Formula | undefined {
  return (work) => {
    const { draft, solved, names } = work.question;
    const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(work.question), names) : undefined;
    if (!built?.ok) return part === 'amount' ? { steps: [{ kind: 'says', text: 'The statement gives the amount itself.' }], number: solved.numbers.amount } : undefined;
    const { price, downPayment, tradeIn, feesAdded } = built.value;
    const [whole0, down, trade, fees] = [
      moneyLetter(work, '\\text{price}', price),
      moneyLetter(work, '\\text{down}', downPayment),
      moneyLetter(work, '\\text{trade-in}', tradeIn),
      moneyLetter(work, '\\text{fees}', feesAdded),
    ];
    if (part === 'downPayment') {
      const share = /%/.test(draft.buildUp!.downPayment) && price > 0 ? downPayment / price : undefined;
      const term = share === undefined ? down : mul(whole0, num(Math.round(share * 1e8) / 1e8));
      return { ...whole(work, '\\text{down}', term), ...(share === undefined ? {} : { rounds: ['amount-rounded'] as const }) };
    }
    let term: Term = part === 'amount' ? whole0 : paidTerm(work, 1, solved.table.count);
    const join = part === 'amount' ? sub : add;
    if (downPayment !== 0) term = join(term, down);
    if (tradeIn !== 0) term = join(term, trade);
    if (part === 'amount' && feesAdded !== 0) term = add(term, fees);
    if (part === 'total' && solved.numbers.finalAmount !== 0) term = add(term, moneyLetter(work, 'F', solved.numbers.finalAmount));
    return whole(work, part === 'amount' ? 'A' : '\\text{total}', term);
  };
}

/** After refinancing: the balance, with costs that are added, runs at the new rate over the new term. */
function refinancedPayment(work: Work): Formula | undefined {
  const { ask, solved, draft, rounding } = work.question;
  const { refinancing } = ask;
  if (!refinancing) return undefined;
  const balance = refinancing.after === 0 ? { steps: [], number: solved.plan.amount } : chain(work, refinancing.after);
  const owed = roundMoney(balance.number, rounding.payment === 'exact' ? 'exact' : 'cent');
  const A =
    refinancing.costsPaid === 'added' && refinancing.costs > 0
      ? add(moneyLetter(work, 'B', owed), moneyLetter(work, '\\text{costs}', refinancing.costs))
      : moneyLetter(work, 'B', owed);
  const p = refinancing.paymentsPerYear ?? draft.paymentsPerYear;
  const made = rateTerm(refinancing.rate, p, work.style);
  const i = letter("i'", evaluate(made), writeBrief(evaluate(made), 4, 10, work.style), made);
  const F = moneyLetter(work, 'F', solved.plan.finalAmount);
  const term = paymentTerm({ ...work, saving: false }, A, F, i, countLetter(work, "n'", refinancing.payments));
  return { steps: [...balance.steps, ...formulaSteps(work, "P'", term)], number: evaluate(term), term, rounds: ['rows-rounded', 'payment-unrounded'] };
}

const formulas: Readonly<Partial<Record<Quantity, (work: Work) => Formula | undefined>>> = {
  payment,
  amount,
  'final-amount': finalAmount,
  payments,
  rate,
  years: (work) => {
    const found = payments(work);
    if (!found?.term) return undefined;
    const term = div(found.term, num(work.question.draft.paymentsPerYear));
    const number = found.number / work.question.draft.paymentsPerYear;
    return {
      steps: [...found.steps.filter(notLine), { kind: 'formula', tex: `\\dfrac{n}{${work.question.draft.paymentsPerYear}} = ${texNumber(writeBrief(number, 2, 6, work.style))}` }],
      number,
      term,
    };
  },
  'balance-after': (work) => chain(work, work.question.ask.after ?? 0),
  'left-to-pay': leftToPay,
  'interest-in': stretchFormula('interest'),
  'principal-in': stretchFormula('principal'),
  'paid-in': stretchFormula('paid'),
  'total-interest': overAll('interest'),
  'total-paid': overAll('paid'),
  'last-payment': lastPayment,
  term: recurrenceTerm,
  'finance-charge': financeCharge,
  'rate-per-payment': converted('per-payment'),
  nominal: converted('nominal'),
  effective: converted('effective'),
  converted: converted('other'),
  'amount-financed': buildUp('amount'),
  'down-payment': buildUp('downPayment'),
  'total-price': buildUp('total'),
  'refinanced-payment': refinancedPayment,
};
