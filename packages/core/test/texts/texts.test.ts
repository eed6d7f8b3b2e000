/** Problems read from their text: the reference, and many other hands. */

import { readProblem, splitProblems, settle, plainPasted, LONGEST_TEXT, inText } from '../../src/texts/index.ts';
import { headOf, heads } from '../../src/texts/lexicon/heads.ts';
import { readNumberWords } from '../../src/texts/numberWords.ts';
import { decimalMarkOf } from '../../src/texts/decimalMark.ts';
import { readTokens } from '../../src/texts/numbers.ts';
import { askInALine, isNear, planInALine, referenceProblems } from './reference.ts';
import { doubtful, written } from './written.ts';

describe('the reference problems', () => {
  it.each(referenceProblems.map((each) => [each.id, each] as const))(
    '%s: plans, questions and answers',
    (_, problem) => {
      const read = readProblem(problem.text);
      expect(
        read.plans.map(({ kind, unknown, timing, paymentsPerYear }) => [kind, unknown, timing, paymentsPerYear]),
      ).toEqual(
        problem.plans.map(({ kind, unknown, timing, paymentsPerYear }) => [kind, unknown, timing, paymentsPerYear]),
      );
      read.plans.forEach((plan, at) => {
        const { amount, payments, payment, rate, changes } = problem.plans[at]!;
        expect(plan.amount ?? 0).toBeCloseTo(amount ?? 0, 6);
        expect(plan.payment ?? 0).toBeCloseTo(payment ?? 0, 6);
        expect(plan.payments).toBe(payments);
        expect(plan.rate?.quoted).toBe(rate?.quoted);
        expect(plan.rate?.compoundingsPerYear).toBe(rate?.compoundingsPerYear);
        expect(plan.changes).toEqual(changes);
      });
      expect(read.asks.map(({ quantity, plan }) => [quantity, plan])).toEqual(
        problem.asks.map(({ quantity, plan }) => [quantity, plan]),
      );
      read.asks.forEach(({ answers }, at) => {
        const { answer, answerWhole, answerWithCentPayment } = problem.asks[at]!;
        const right = [answer, answerWhole, answerWithCentPayment].filter(
          (each) => each !== null && each !== undefined,
        );
        expect(right.filter((each) => !answers.some((found) => isNear(found, each)))).toEqual([]);
      });
      expect(read.doubts.length > 0).toBe(problem.problem !== undefined || read.doubts.length > 0);
      if (problem.problem) expect(read.doubts).not.toEqual([]);
    },
  );

  it('takes the numbers that matter, each with its role, and leaves the others aside', () => {
    const missed = referenceProblems.flatMap(({ id, text, uses }) => {
      const read = readProblem(text);
      return uses
        .filter(
          ({ start, value, quote }) =>
            !read.uses.some(
              (use) =>
                use.start < start + quote.length &&
                use.start + use.quote.length > start &&
                Math.abs(use.value - value) < 1e-9 * Math.max(1, value),
            ),
        )
        .map(({ quote, role }) => `${id} ${quote} ${role}`);
    });
    // A number said twice is taken once; of a few the role follows from the sentence alone.
    expect(missed.length).toBeLessThan(24);
  });

  it('says in its cues what the text says, where it says it', () => {
    for (const { text } of referenceProblems)
      for (const { quote, start } of readProblem(text).cues)
        expect(text.slice(start, start + quote.length)).toBe(quote);
    const { cues } = readProblem(referenceProblems[0]!.text);
    expect(cues.map(({ says }) => says)).toEqual(
      expect.arrayContaining(['kind=borrowing', 'compounding=12', 'timing=end', 'unknown=payment']),
    );
  });
});

describe('problems in other hands', () => {
  it.each(written.map((each) => [each.text.slice(0, 60), each] as const))(
    '%s…',
    (_, { text, plans, asks, isDoubted = false }) => {
      const read = readProblem(text);
      expect(read.plans.map(planInALine)).toEqual([...plans]);
      expect(read.asks.map(askInALine)).toEqual([...asks]);
      expect(read.asks.filter(({ answers }) => answers.length === 0)).toEqual([]);
      expect(read.doubts.length > 0).toBe(isDoubted);
    },
  );

  it.each(doubtful.map((text) => [text]))('is doubted: %s', (text) => {
    expect(readProblem(text).doubts).not.toEqual([]);
  });
});

describe('numbers', () => {
  it.each([
    ['twenty-two thousand', 22000],
    ['six thousand seven hundred and fifty', 6750],
    ['two and a half', 2.5],
    ['seven and three quarters', 7.75],
    ['a hundred', 100],
    ['two dozen', 24],
    ['one million two hundred thousand', 1_200_000],
  ])('reads “%s” in words', (text, value) => {
    expect(readNumberWords(text)).toMatchObject({ value, length: text.length });
  });

  it.each([
    ['1.234,50 €', 1234.5],
    ['$1,234.50', 1234.5],
    ['1 234,50 €', 1234.5],
    ['£1 150', 1150],
    ['$21k', 21000],
    ['€1.2 million', 1_200_000],
    ['EUR 95,000', 95000],
    ['six hundred pounds', 600],
    ['180 000 kr', 180000],
  ])('reads %s as money', (text, value) => {
    expect(readTokens(text, decimalMarkOf(text))).toMatchObject([{ form: 'money', value }]);
  });

  it.each([
    ['5¾ %', 0.0575],
    ['5 1/2 %', 0.055],
    ['seven and a half per cent', 0.075],
    ['4.125%', 0.04125],
    ['3,25 %', 0.0325],
  ])('reads %s as a rate', (text, value) => {
    expect(readTokens(text, decimalMarkOf(text))).toMatchObject([{ form: 'percent', value }]);
  });

  it.each([
    ['3½ years', 3.5, 'years'],
    ['five years and three months', 5.25, 'years'],
    ['a year and a half', 1.5, 'years'],
    ['30-month', 30, 'months'],
    ['a decade', 10, 'years'],
  ])('reads %s as a time', (text, value, unit) => {
    expect(readTokens(text)).toMatchObject([{ form: 'time', value, unit }]);
  });

  it('knows how often', () => {
    const often = (text: string): number | undefined => readTokens(text).find(({ form }) => form === 'every')?.value;
    expect(
      ['every two weeks', 'twice a month', 'every other month', 'half-yearly', 'each quarter', 'month by month'].map(
        often,
      ),
    ).toEqual([26, 24, 6, 2, 4, 12]);
  });

  it('leaves dates, years, labels and marks of an exam apart', () => {
    expect(readTokens('Opened in 1998, on 1 March 2031. [6 marks]').map(({ form }) => form)).toEqual([
      'calendar',
      'calendar',
      'label',
    ]);
  });
});

describe('what is settled by hand', () => {
  it.each([
    'A debt of $2,640 is paid off with $120 at the end of each month, and 1.5% is charged monthly. How many payments are there?',
    'A loan of $2,640 at 2.7% monthly is paid off with $120 at the end of each month. How many payments are there?',
  ])('offers first what is taken for now: %s', (text) => {
    const { plans, doubts } = readProblem(text);
    const [taken, other] = doubts[0]!.choices.map(({ sets }) => readProblem(text, { settled: settle({}, sets) }));
    expect(taken).toMatchObject({ plans, doubts: [] });
    expect(other!.plans[0]!.rate!.quoted).not.toBe(plans[0]!.rate!.quoted);
    expect(other!.doubts).toEqual([]);
  });

  const text =
    'A boat costs £20,000. Ada pays £5,000 and borrows the rest at 6% compounded monthly over 4 years, paying at the end of each month. Find the payment.';

  it('is a number left aside, given a role, or another value', () => {
    const start = text.indexOf('£5,000');
    const paid = (settled: Parameters<typeof settle>[0]): number | null =>
      readProblem(text, { settled }).plans[0]!.amount;
    expect(paid(settle({}, { [`role@${start}`]: 'downPayment' }))).toBe(15000);
    expect(paid({ roles: { [start]: 'downPayment' }, values: { [start]: 8000 } })).toBe(12000);
    expect(paid({ roles: { [start]: 'ignored' } })).toBe(20000);
  });

  it('is a doubt whose choice is taken, and then is none', () => {
    const clash =
      'A loan of £9,000 at 6% compounded monthly is repaid in 30 payments, one a month, over three years, at the end of each month. Find the payment.';
    const [doubt] = readProblem(clash).doubts;
    expect(doubt?.choices.map(({ says }) => says)).toEqual(['30 payments', '36 payments']);
    const settled = readProblem(clash, { settled: settle({}, doubt!.choices[1]!.sets) });
    expect(settled.doubts).toEqual([]);
    expect(settled.plans[0]!.payments).toBe(36);
    expect(settled.asks[0]!.answers[0]).toBeCloseTo(273.8, 1);
  });

  it('is the last of the payments on birthdays, where the text does not tell', () => {
    const text =
      'Starting on her 22nd birthday, Lea deposits £2,000 a year at 6% effective until her 60th birthday. How much will she have on her 60th birthday?';
    const [doubt] = readProblem(text).doubts;
    // Thirty-nine with the last just made; or thirty-eight, the last a year before.
    const onTheDay = (2000 * (1.06 ** 39 - 1)) / 0.06;
    const read = doubt!.choices.map(({ sets }) => readProblem(text, { settled: settle({}, sets) }));
    expect(read.map(({ doubts }) => doubts)).toEqual([[], []]);
    expect(read[0]!.asks[0]!.answers[0]).toBeCloseTo(onTheDay, 6);
    expect(read[1]!.asks[0]!.answers[0]).toBeCloseTo(onTheDay - 2000, 6);
    // The first choice is what is taken for now; what is settled marks no words.
    expect(readProblem(text).asks[0]!.answers).toEqual(read[0]!.asks[0]!.answers);
    expect(read[1]!.cues.map(({ says }) => says)).not.toContain('timing=beginning');
  });

  it('is of a whole year, where a sum grows for a part of one', () => {
    const [ask] = readProblem('A sum of £5,000 grows to £5,150 in 6 months. What is the effective annual rate?').asks;
    expect(ask?.quantity).toBe('effectiveRate');
    expect(ask?.answers[0]).toBeCloseTo(1.03 ** 2 - 1, 10);
  });

  it('asks how often is paid, and counts by what is chosen', () => {
    const text =
      'A loan of $20,000 at 6% compounded half-yearly is amortized over 5 years. What does it cost in interest?';
    const [doubt] = readProblem(text).doubts;
    expect(doubt?.about).toBe('frequency');
    const quarterly = doubt!.choices.find(({ says }) => says === 'quarterly');
    const read = readProblem(text, { settled: settle({}, quarterly!.sets) });
    expect(read.plans.map(planInALine)).toEqual([
      'borrowing amount=20000 rate=0.06/nominal/2 n=20 p=4 final=0 ?payment',
    ]);
    expect(read.asks.map(askInALine)).toEqual(['totalInterest']);
    expect(read.doubts).toEqual([]);
  });

  it('is the timing that the text leaves unsaid', () => {
    const unsaid = 'A loan of £9,000 at 6% compounded monthly is repaid in 30 monthly payments. Find the payment.';
    expect(readProblem(unsaid).assumes).toEqual(['timing=end']);
    const settled = readProblem(unsaid, { settled: { timing: 'beginning' } });
    expect(settled.assumes).toEqual([]);
    expect(settled.plans[0]!.timing).toBe('beginning');
  });
});

describe('the name of a plan', () => {
  it('is what two people are called', () => {
    const text =
      'Ada puts £2,000 in an account today and leaves it for 15 years; Bea puts £12 in at the end of every month for 15 years. Both get 3.6% compounded monthly. Who has more at the end?';
    expect(readProblem(text).plans.map(({ name }) => name)).toEqual(['Ada', 'Bea']);
  });
});

describe('bad input', () => {
  it.each([
    ['nothing', '   '],
    ['no numbers', 'The tide comes in, the tide goes out, and nobody counts it.'],
    ['too much', 'A loan of £5,000. '.repeat(12_000)],
    ['a rate without a period or a term', 'A loan of £5,000 at 7%. Find the payment.'],
    [
      'two problems run together',
      'A loan of £5,000 at 6% compounded monthly over 3 years. Find the monthly payment. Deposits of £200 a quarter at 3% compounded quarterly for 5 years. How much is saved?',
    ],
    [
      'numbers that clash',
      'A loan of £5,000 at 6% compounded monthly is repaid in 48 monthly payments over 3 years. Find the payment.',
    ],
    [
      'a term that fits no payment',
      'A loan of £5,000 at 6% compounded quarterly is repaid quarterly over 20 months. Find the payment.',
    ],
  ])('%s is said, never guessed', (_, text) => {
    const read = readProblem(text);
    expect(read.doubts).not.toEqual([]);
    expect(read.doubts.every(({ says }) => /[.?]$/.test(says))).toBe(true);
  });

  it('reads percentages over 100 as they are', () => {
    const { plans } = readProblem(
      'A debt of £500 at 240% a year compounded monthly is repaid over 12 months at the end of each month. Find the payment.',
    );
    expect(plans[0]!.rate?.value).toBe(2.4);
  });

  it('takes the markup of a web page away', () => {
    const pasted = '<p>A loan of <b>&pound;9,000</b> at 6&nbsp;%<br>compounded monthly.</p><style>p{}</style>';
    expect(plainPasted(pasted)).toBe('A loan of £9,000 at 6 %\ncompounded monthly.');
  });

  it('stands any text up to its longest', () => {
    const junk = 'first payment of 5 % each month, or '.repeat(LONGEST_TEXT / 36);
    expect(readProblem(junk).plans.length).toBeGreaterThan(0);
  });
});

describe('many problems at once', () => {
  it('are parted by their numbers, or by blank lines', () => {
    const [one, other] = [written[0]!.text, written[1]!.text];
    expect(splitProblems(`1. ${one}\n2. ${other}`)).toEqual([one, other]);
    expect(splitProblems(`${one}\n\n${other}\n\n(a) What else?`)).toEqual([one, `${other}\n(a) What else?`]);
    expect(splitProblems('')).toEqual([]);
  });

  it('a single one leaves its number in the list behind', () => {
    const [one] = written;
    expect(splitProblems(`12. ${one!.text}`)).toEqual([one!.text]);
    expect(splitProblems(`Exercise 7: ${one!.text}`)).toEqual([one!.text]);
  });

  it('but numbered questions of one problem stay with it', () => {
    const parts = referenceProblems.find(({ id }) => id === 't3-06')!.text;
    expect(splitProblems(parts)).toEqual([parts]);
  });
});

describe('the first words of a question', () => {
  it.each([
    ['payment', 'how much of the ⟨m0⟩ mortgage is still owed after 90 of ⟨n1⟩ payments?', false],
    ['payment', 'how much is paid at the end of ⟨e2⟩?', true],
    ['amount', 'how much interest is charged on the loan?', false],
    ['amount', 'how much was lent, interest included?', true],
    ['totalPaid', 'what is the interest over the whole term, in all?', false],
  ] as const)('read to ask for the %s: “%s” %s', (quantity, unit, holds) => {
    const { goesAgainst, goesWith } = heads[quantity]!;
    const head = headOf(unit);
    expect(!goesAgainst.test(head) || goesWith.test(head)).toBe(holds);
  });
});

describe('a reading laid over its text', () => {
  it('is the text again, piece by piece', () => {
    for (const { text } of referenceProblems) {
      const pieces = inText(text, readProblem(text));
      expect(pieces.map((each) => each.text).join('')).toBe(text);
    }
  });

  it('leaves the labels of parts as they are', () => {
    const text = 'Room 12: €4,000 at 6% compounded monthly, 24 month-end payments. 1) Payment? 2) Total interest?';
    const asides = inText(text, readProblem(text)).filter(({ is }) => is === 'aside');
    expect(asides.map((each) => each.text)).toEqual(['12']);
  });
});

describe('what was only suspected', () => {
  it.each([
    'Half of a $6,800 loan is paid back at once. The rest is repaid at 10.5% compounded monthly, 18 equal payments at the end of each month. How much is each?',
    'A loan of £5,000 is repaid over 3 years at 6% compounded monthly, end of month. (a) Find the payment. (b) Draw the curve of the debt.',
  ])('is right as it is, when somebody says so: %s', (text) => {
    const [{ choices } = { choices: [] }, ...others] = readProblem(text).doubts;
    expect(others).toEqual([]);
    expect(choices[0]?.says).toBe('It is right as it is');
    expect(readProblem(text, { settled: settle({}, choices[0]!.sets) }).doubts).toEqual([]);
  });

  it('stays a doubt where something is missing', () => {
    const settled = settle({}, { asRead: 'yes' });
    expect(
      readProblem('The loan of $6,200 costs 9.6% compounded monthly. Find the payment.', { settled }).doubts,
    ).not.toEqual([]);
  });
});
