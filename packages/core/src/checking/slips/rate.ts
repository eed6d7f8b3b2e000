/** Slips of the rate family. */

import { roundTo } from '../../money/roundMoney.ts';
import { growthLessOne } from '../../annuity/fiveValues.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { changed } from '../../case/inputs.ts';
import { brief, defineSlip, percent, resultsFrom, type Answered, type Asked, type Slip } from '../slip.ts';

/** The rate is known, quoted by the year, and goes into the computation. */
const usesRate = ({ kind, question: { solved, ask } }: Asked): boolean =>
  kind.compounds &&
  (solved.unknown !== 'rate' || !kind.hasTable) &&
  !['amount-financed', 'down-payment', 'rate', 'rate-with-charges'].includes(ask.quantity) &&
  solved.values.i !== 0;
const yearly = (asked: Asked): boolean =>
  usesRate(asked) && asked.question.solved.rate.kind !== 'periodic' && asked.inputs.p > 1;
const gives = ({ unit }: Answered): boolean => unit === 'percent';
const givesYearly = (asked: Asked): boolean => gives(asked) && asked.question.ask.quantity !== 'rate-per-payment';
const period = ({ inputs }: Asked): string => frequencyOf(inputs.p).period;
/** What was found or is known per payment. */
const perPayment = (asked: Asked): number => asked.question.solved.values.i;
const effectiveRate = (asked: Asked): number => growthLessOne(perPayment(asked), asked.inputs.p);

export const rateSlips: readonly Slip[] = [
  defineSlip({
    id: 'rate-left-annual',
    family: 'rate',
    title: 'Rate left annual',
    advice: 'The rate for a whole year was used for each payment. Turn it into the rate for one payment first.',
    weight: 10,
    applies: (asked) => yearly(asked) && !gives(asked),
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { i: inputs.quoted }),
        did: `The rate for a year, ${percent(asked, inputs.quoted)}, was used as the rate for each ${period(asked)}.`,
      },
    ],
  }),
  defineSlip({
    id: 'rate-divided-by-wrong-count',
    family: 'rate',
    title: 'Rate divided by the wrong count',
    advice: 'The rate was divided by another number than the payments in a year.',
    weight: 7,
    applies: (asked) =>
      usesRate(asked) &&
      asked.question.solved.rate.kind !== 'periodic' &&
      !(gives(asked) && asked.question.ask.quantity === 'effective'),
    wrongInputs: (inputs, asked) =>
      [12, 4, 2, 52, 26, 365, 360, 24, 6]
        .filter((count) => count !== inputs.p && Math.abs(inputs.quoted / count - inputs.i) > 1e-12)
        .map((count) => ({
          inputs: changed(inputs, { i: inputs.quoted / count }),
          did: `${percent(asked, inputs.quoted)} was divided by ${count} for each ${period(asked)}, of which a year has ${inputs.p}.`,
        })),
  }),
  defineSlip({
    id: 'rate-percent-not-decimal',
    family: 'rate',
    title: 'Percent not made a decimal',
    advice: 'A percentage goes into a formula as a decimal: 0.55 % is 0.0055.',
    weight: 6,
    applies: (asked) => usesRate(asked) && !gives(asked),
    wrongInputs: (inputs, asked) =>
      inputs.i * 100 < 10
        ? [
            {
              inputs: changed(inputs, { i: inputs.i * 100, quoted: inputs.quoted * 100 }),
              did: `${brief(asked, inputs.i * 100, 6)} % was put in as ${brief(asked, inputs.i * 100, 6)} instead of ${brief(asked, inputs.i, 8)}.`,
            },
          ]
        : [],
  }),
  defineSlip({
    id: 'rate-decimal-as-percent',
    family: 'rate',
    title: 'Decimal taken for a percentage',
    advice: 'The tool wants the rate in percent, and got the decimal: a hundredth of it.',
    weight: 5,
    applies: (asked) => usesRate(asked) && !gives(asked),
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { i: inputs.i / 100, quoted: inputs.quoted / 100 }),
        did: `${brief(asked, inputs.i, 8)} was entered where percent was meant: a hundredth of the rate.`,
      },
    ],
  }),
  defineSlip({
    id: 'rate-rounded-early',
    family: 'rate',
    title: 'Rate rounded too soon',
    advice: 'The rate for one payment was rounded before it was used. Keep all its digits.',
    weight: 6,
    applies: (asked) => usesRate(asked) && !['rate-per-payment'].includes(asked.question.ask.quantity),
    wrongInputs: (inputs, asked) =>
      [5, 4, 3, 6, 2]
        .map((decimals) => roundTo(inputs.i, decimals))
        .filter((i, at, all) => i > 0 && Math.abs(i - inputs.i) > 1e-10 * inputs.i && all.indexOf(i) === at)
        .map((i) => ({
          inputs: changed(inputs, { i }),
          did: `The rate for each ${period(asked)}, ${brief(asked, inputs.i, 8)}, was rounded to ${brief(asked, i, 8)} before it was used.`,
        })),
  }),
  defineSlip({
    id: 'compounding-ignored',
    family: 'rate',
    title: 'Compounding ignored',
    advice:
      'Interest is added at other times than payments fall: the rate for one payment is a root or a power, not a share.',
    weight: 8,
    applies: (asked) => {
      const { rate } = asked.question.solved;
      return (
        usesRate(asked) &&
        ((rate.kind === 'nominal' && rate.compoundingsPerYear !== asked.inputs.p) || rate.kind === 'daily') &&
        !(gives(asked) && asked.question.ask.quantity !== 'rate-per-payment')
      );
    },
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { i: inputs.quoted / inputs.p }),
        did: `${percent(asked, inputs.quoted)} was shared out over ${inputs.p} payments a year, as if interest were added as often.`,
      },
    ],
  }),
  defineSlip({
    id: 'nominal-for-effective',
    family: 'rate',
    title: 'Nominal taken for effective',
    advice: 'An effective rate has the compounding in it; a nominal one does not. Convert between them.',
    weight: 8,
    applies: (asked) =>
      (usesRate(asked) &&
        asked.question.solved.rate.kind === 'effective' &&
        asked.inputs.p > 1 &&
        !givesYearly(asked)) ||
      asked.question.ask.quantity === 'effective' ||
      (asked.question.ask.quantity === 'converted' && asked.question.statement.into.kind === 'effective'),
    wrongMethod: (inputs, asked) => {
      if (givesYearly(asked)) {
        const nominal =
          asked.question.solved.rate.kind === 'nominal' && asked.question.solved.unknown !== 'rate'
            ? inputs.quoted
            : !asked.kind.hasTable
              ? inputs.quoted
              : perPayment(asked) * inputs.p;
        return [
          {
            result: nominal * 100,
            did: `${percent(asked, nominal)} is the nominal rate; the effective one has the compounding in it.`,
          },
        ];
      }
      const did = `The effective ${percent(asked, inputs.quoted)} was divided by ${inputs.p} as if it were nominal.`;
      return resultsFrom({ inputs: changed(inputs, { i: inputs.quoted / inputs.p }), did }, asked);
    },
  }),
  defineSlip({
    id: 'effective-for-nominal',
    family: 'rate',
    title: 'Effective taken for nominal',
    advice: 'The rate is nominal: it is shared out over the compoundings, not taken a root of.',
    weight: 8,
    applies: (asked) =>
      (usesRate(asked) && asked.question.solved.rate.kind === 'nominal' && asked.inputs.p > 1 && !givesYearly(asked)) ||
      asked.question.ask.quantity === 'nominal' ||
      asked.question.ask.quantity === 'converted',
    wrongMethod: (inputs, asked) => {
      if (givesYearly(asked)) {
        const effective = effectiveRate(asked);
        return [
          {
            result: effective * 100,
            did: `${percent(asked, effective)} is the effective rate; the nominal one leaves the compounding out.`,
          },
        ];
      }
      const i = Math.expm1(Math.log1p(inputs.quoted) / inputs.p);
      const did = `The nominal ${percent(asked, inputs.quoted)} was turned into a rate for each ${period(asked)} by a root, as if it were effective: ${percent(asked, i)}.`;
      return resultsFrom({ inputs: changed(inputs, { i }), did }, asked);
    },
  }),
  defineSlip({
    id: 'gave-rate-per-payment',
    family: 'rate',
    title: 'Rate per payment given',
    advice: 'The rate for one payment was found; the question asks for a rate a year.',
    weight: 9,
    applies: (asked) =>
      gives(asked) &&
      asked.question.ask.quantity !== 'rate-per-payment' &&
      asked.inputs.p > 1 &&
      asked.kind.compounds &&
      !(asked.question.ask.quantity === 'rate' && asked.question.solved.rate.kind === 'periodic'),
    wrongMethod: (_inputs, asked) => [
      {
        result: perPayment(asked) * 100,
        did: `${percent(asked, perPayment(asked))} is the rate for each ${period(asked)}.`,
      },
    ],
  }),
  defineSlip({
    id: 'gave-effective-rate',
    family: 'rate',
    title: 'Effective rate given',
    advice: 'The effective rate was found; the question asks for the rate as it is quoted.',
    weight: 7,
    applies: (asked) =>
      ['rate', 'rate-with-charges', 'rate-per-payment'].includes(asked.question.ask.quantity) && asked.kind.compounds,
    wrongMethod: (inputs, asked) => {
      const i =
        asked.question.ask.quantity === 'rate-with-charges'
          ? asked.exact / 100 / (asked.question.solved.rate.kind === 'periodic' ? 1 : inputs.p)
          : perPayment(asked);
      return [
        {
          result: growthLessOne(i, inputs.p) * 100,
          did: `${percent(asked, growthLessOne(i, inputs.p))} is what the rate comes to with compounding.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'gave-percent-as-decimal',
    family: 'rate',
    title: 'Decimal given for percent',
    advice: 'The rate is right as a decimal; the question asks for percent.',
    weight: 9,
    applies: gives,
    wrongAnswer: (_right, answered) => [
      {
        result: answered.exact / 100,
        did: `${brief(answered, answered.exact / 100, 6)} is the rate as a decimal; in percent it is a hundred times that.`,
      },
    ],
  }),
  defineSlip({
    id: 'other-frequency',
    family: 'rate',
    title: 'Rate and count both for another frequency',
    advice: 'The rate and the count fit each other, but not the payments: they fall at other times.',
    weight: 6.5,
    applies: (asked) => yearly(asked) && !gives(asked) && asked.question.solved.unknown !== 'payments',
    wrongInputs: (inputs, asked) =>
      [1, 2, 4, 12]
        .filter((count) => count !== inputs.p && (inputs.n / inputs.p) * count >= 1)
        .map((count) => ({
          inputs: changed(inputs, { i: inputs.quoted / count, n: (inputs.n / inputs.p) * count }),
          did: `${percent(asked, inputs.quoted)} was divided by ${count}, and ${brief(asked, (inputs.n / inputs.p) * count, 2)} payments were counted, as if they fell ${count} times a year.`,
        })),
  }),
  defineSlip({
    id: 'product-for-power',
    family: 'rate',
    title: 'Days added up instead of compounded',
    advice:
      'Daily interest earns interest itself: the rate for a period is a power, not the days times the daily rate.',
    weight: 7,
    applies: (asked) => usesRate(asked) && asked.question.solved.rate.kind === 'daily' && !gives(asked),
    wrongInputs: (inputs, asked) => {
      const { rate } = asked.question.solved;
      if (rate.kind !== 'daily') return [];
      const i = (inputs.quoted * rate.daysPerPeriod) / rate.daysPerYear;
      const did = `${rate.daysPerPeriod} days at ${percent(asked, inputs.quoted)} / ${rate.daysPerYear} were added up to ${percent(asked, i)}, not compounded.`;
      return [{ inputs: changed(inputs, { i }), did }];
    },
  }),
];
