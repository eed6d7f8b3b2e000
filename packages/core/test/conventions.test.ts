/** The key as a family: every convention's number is right, and no explanation is one of them. */
import {
  answerKey,
  checkSubmission,
  defaultHouseRules,
  drawNumbers,
  must,
  numberStyleById,
  partNumbers,
  rightKinds,
  roundAs,
  shippedStyles,
  singleCandidates,
  askedOf,
  workedSolution,
  writeAnswer,
  type Exercise,
  type HouseRules,
  type KeyedPart,
} from '../src/index.ts';
import { starterExercises } from '../src/starters/index.ts';
import { asking, ferry, loan, part } from './exercises.ts';

const draws = [1] as const;

const verdictOf = (
  exercise: Exercise,
  numbers: Parameters<typeof checkSubmission>[1],
  entries: Record<string, string>,
  id: string,
  rules: HouseRules = defaultHouseRules,
) => checkSubmission(exercise, numbers, entries, rules).find(({ partId }) => partId === id)!;

/** Every part with a question of the starter library, with drawn numbers. */
const asked: readonly {
  readonly exercise: Exercise;
  readonly numbers: Parameters<typeof checkSubmission>[1];
  readonly keyed: KeyedPart;
}[] = starterExercises.flatMap((exercise) =>
  draws.flatMap((seed) => {
    const numbers = must(drawNumbers(exercise, `law ${seed}`));
    return answerKey(exercise, numbers, defaultHouseRules).flatMap((keyed) =>
      keyed.ok && keyed.value.question && !keyed.value.table && !keyed.value.relation && !keyed.value.choice
        ? [{ exercise, numbers, keyed: keyed.value }]
        : [],
    );
  }),
);

// Worked here, apart from core: a loan of 26,800 at 5.7 % over 48 months, what is owed after 18.
const i = 0.057 / 12;
const exactPayment = (26_800 * i) / (1 - (1 + i) ** -48);
const P = Math.round(exactPayment * 100) / 100;
const owed = (payment: number, k: number): number => 26_800 * (1 + i) ** k - (payment * ((1 + i) ** k - 1)) / i;
const inCents = (k: number): number => {
  let balance = 26_800;
  for (let row = 1; row <= k; row += 1)
    balance = Math.round((balance + Math.round(balance * i * 100) / 100 - P) * 100) / 100;
  return balance;
};

describe('four ways of a loan', () => {
  const exercise = asking(
    [{ id: 'plan', draft: loan() }],
    [
      part('a', { quantity: 'payment', plan: 'plan' }),
      part('b', { quantity: 'balance-after', plan: 'plan', args: { after: '40' } }),
      part('c', { quantity: 'total-interest', plan: 'plan' }),
    ],
  );
  it.each([
    ['b', inCents(40), 'right'],
    ['b', owed(P, 40), 'right-other-way'],
    ['b', owed(exactPayment, 40), 'right-other-way'],
    ['c', 48 * P - 26_800, 'right-other-way'],
    ['c', 48 * exactPayment - 26_800, 'right-other-way'],
  ] as const)('part %s: %d is %s, with all the marks', (id, number, kind) => {
    const verdict = verdictOf(exercise, {}, { [id]: number.toFixed(2) }, id);
    expect(verdict).toMatchObject({ kind, credit: 1, explanations: [] });
  });

  it('says which way it is, and what the class’s own gives', () => {
    const verdict = verdictOf(exercise, {}, { b: owed(exactPayment, 40).toFixed(2) }, 'b');
    expect(verdict.conventions).toContain('nothing-rounded');
    expect(verdict.says).toBe(
      `Nothing rounded: ${owed(exactPayment, 40).toLocaleString('en', { maximumFractionDigits: 2 })}. A table in cents: ${verdict.expectedWritten}.`,
    );
  });

  it('takes a share off where the rules teach one way', () => {
    const taught = {
      ...defaultHouseRules,
      credit: { ...defaultHouseRules.credit, byConvention: { 'nothing-rounded': 0.5 } },
    };
    expect(verdictOf(exercise, {}, { b: owed(exactPayment, 40).toFixed(2) }, 'b', taught)).toMatchObject({
      kind: 'right-other-way',
      credit: 0.5,
      says: expect.stringMatching(/The house rules give 50 % of the marks for it\.$/),
    });
    expect(verdictOf(exercise, {}, { b: owed(P, 40).toFixed(2) }, 'b', taught)).toMatchObject({ credit: 1 });
  });
});

it('is right whatever way of working shows it, under any entering style, at the asked decimals or coarser', () => {
  const wrong: string[] = [];
  let looked = 0;
  for (const { exercise, numbers, keyed } of asked) {
    const { part, question } = keyed;
    for (const entering of shippedStyles)
      for (const { id, number } of workedSolution(question!, { entering }).ways) {
        const { format } = part;
        for (const decimals of format.kind === 'money' ? [format.decimals, 1] : [format.decimals]) {
          const text = writeAnswer(
            roundAs(number, { ...format, decimals }),
            { ...format, decimals },
            defaultHouseRules,
          );
          if (text.replace(/\D/g, '').replace(/^0+/, '').length < 3) continue;
          looked += 1;
          const { kind, credit } = verdictOf(exercise, numbers, { [part.id]: text }, part.id);
          if (!rightKinds.includes(kind) || credit !== 1)
            wrong.push(
              `${exercise.title}, ${part.id} by ${id} (${entering.id}): ${text} is ${kind}; the key is ${keyed.written}`,
            );
        }
      }
  }
  expect(looked).toBeGreaterThan(1000);
  expect([...new Set(wrong)]).toEqual([]);
});

it('explains no right number as a mistake', () => {
  let looked = 0;
  for (const { exercise, numbers, keyed } of asked) {
    const { part, question, exact, expected } = keyed;
    const right = partNumbers(exercise, part, numbers, defaultHouseRules);
    const rights = new Set(right.map((each) => each.expected));
    const style = numberStyleById(defaultHouseRules.numberStyle);
    for (const { result, slips } of singleCandidates(
      askedOf(question!, exact, expected, part.format, style, []),
      right,
    )) {
      if (slips[0]?.id === 'rounded-to-unit') continue;
      looked += 1;
      expect([part.id, slips[0]?.id, rights.has(roundAs(result, { ...part.format, up: false }))]).toEqual([
        part.id,
        slips[0]?.id,
        false,
      ]);
    }
  }
  expect(looked).toBeGreaterThan(1000);
});

it('judges an answer alike whether an earlier part was answered rightly or left blank', () => {
  const key = answerKey(ferry, {}, defaultHouseRules).map(must);
  const right = Object.fromEntries(key.map(({ part, written }) => [part.id, written]));
  for (const text of ['17,456.86', '17,456.80', '630.00', '611.11', '512.10'])
    for (const id of ['b', 'c', 'd']) {
      const blank = verdictOf(ferry, {}, { [id]: text }, id);
      expect(verdictOf(ferry, {}, { ...right, [id]: text }, id)).toEqual(blank);
    }
});

it.each([
  ['cents', { payment: 'cent', interest: 'cent', last: 'clears' }],
  ['interest kept', { payment: 'cent', interest: 'exact', last: 'clears' }],
  ['nothing rounded', { payment: 'exact', interest: 'exact', last: 'clears' }],
  ['last like the others', { payment: 'cent', interest: 'cent', last: 'as-others' }],
] as const)('other rules move the main number, not what is right: %s', (_name, rounding) => {
  const rules = { ...defaultHouseRules, rounding };
  for (const { exercise, numbers, keyed } of asked) {
    const { kind } = verdictOf(exercise, numbers, { [keyed.part.id]: keyed.written }, keyed.part.id, rules);
    expect([exercise.title, keyed.part.id, keyed.written, rightKinds.includes(kind)]).toEqual([
      exercise.title,
      keyed.part.id,
      keyed.written,
      true,
    ]);
  }
});

it('counts only full payments where those are asked for, and names the smaller last one', () => {
  for (const payment of ['700', '650', '620', '611']) {
    const draft = loan({ payments: '', payment }, { unknown: 'payments' });
    const format = { kind: 'count', decimals: 0, down: true } as const;
    const exercise = asking([{ id: 'plan', draft }], [part('a', { quantity: 'payments', plan: 'plan' }, { format })]);
    const exact = -Math.log(1 - (26_800 * i) / Number(payment)) / Math.log(1 + i);
    // Within 0.005 of a whole number it is that number, and the one before it to the letter.
    const isNearly = exact - Math.floor(exact) > 0.995;
    const [full, all] = [Math.floor(exact), Math.ceil(exact)].map((count) =>
      verdictOf(exercise, {}, { a: String(count) }, 'a'),
    );
    expect([payment, full!.kind]).toEqual([payment, isNearly ? 'right-other-way' : 'right']);
    expect([payment, all!.kind, all!.explanations[0]?.slips]).toEqual(
      isNearly ? [payment, 'right', undefined] : [payment, 'slip', ['smaller-counted-as-full']],
    );
  }
});

it('does not go on from the number of full payments to the last one', () => {
  const draft = loan({ payments: '', payment: '700' }, { unknown: 'payments' });
  const lastAfter = (format: { readonly down?: true; readonly up?: true }): string => {
    const exercise = asking(
      [{ id: 'plan', draft }],
      [
        part('a', { quantity: 'payments', plan: 'plan' }, { format: { kind: 'count', decimals: 0, ...format } }),
        part('b', { quantity: 'last-payment', plan: 'plan' }),
      ],
    );
    const [, last] = answerKey(exercise, {}, defaultHouseRules);
    return must(last!).written;
  };
  expect(lastAfter({ down: true })).toBe(lastAfter({ up: true }));
});

it('takes a count rounded down for the slip it is, whatever its fraction', () => {
  for (const payment of ['700', '650', '620', '611']) {
    const draft = loan({ payments: '', payment }, { unknown: 'payments' });
    const format = { kind: 'count', decimals: 0, up: true } as const;
    const exercise = asking([{ id: 'plan', draft }], [part('a', { quantity: 'payments', plan: 'plan' }, { format })]);
    const exact = -Math.log(1 - (26_800 * i) / Number(payment)) / Math.log(1 + i);
    const down = verdictOf(exercise, {}, { a: String(Math.floor(exact)) }, 'a');
    expect([payment, down.kind, down.explanations[0]?.slips]).toEqual([payment, 'slip', ['count-rounded-down']]);
    expect(verdictOf(exercise, {}, { a: String(Math.ceil(exact)) }, 'a').kind).toBe('right');
    // Within 0.005 of a whole number it is that number.
    if (payment !== '650') expect(verdictOf(exercise, {}, { a: exact.toFixed(2) }, 'a').kind).toBe('right-rounded');
  }
});

describe('where the end is what is found', () => {
  // 190 a month at 8.8 % over 96 months on top of 5,100; and the same sum left alone.
  const j = 0.088 / 12;
  const cent = (value: number): number => Math.round(value * 100) / 100;
  const rows = (start: number, deposit: number): number => {
    let balance = start;
    for (let row = 1; row <= 96; row += 1) balance = cent(balance + cent(balance * j) + deposit);
    return balance;
  };
  const end = (rate: number, n = 96): number => 5100 * (1 + rate) ** n + (190 * ((1 + rate) ** n - 1)) / rate;
  const saving = loan(
    { amount: '5,100', rate: '8.8', payments: '96', payment: '190', finalAmount: '' },
    { kind: 'save', unknown: 'finalAmount' },
  );
  const alone = loan({ amount: '5,100', rate: '8.8', payments: '96' }, { kind: 'lump-sum', unknown: 'finalAmount' });
  const exercise = asking(
    [
      { id: 'saving', draft: saving },
      { id: 'alone', draft: alone },
    ],
    [
      part('a', { quantity: 'final-amount', plan: 'saving' }),
      part('b', { quantity: 'total-interest', plan: 'saving' }),
      part('c', { quantity: 'final-amount', plan: 'alone' }),
    ],
  );
  const put = 5100 + 96 * 190;

  it.each([
    ['a', rows(5100, 190)],
    ['a', end(j)],
    ['b', rows(5100, 190) - put],
    ['b', end(j) - put],
    ['c', rows(5100, 0)],
    ['c', 5100 * (1 + j) ** 96],
  ])('part %s is right row by row in cents and by the formula: %d', (id, number) => {
    const verdict = verdictOf(exercise, {}, { [id]: number.toFixed(2) }, id);
    expect([verdict.kind.startsWith('right'), verdict.credit]).toEqual([true, 1]);
  });

  it('what is read off it is found again with the mistake in it', () => {
    for (const [slip, number] of [
      ['rate-left-annual', end(0.088) - put],
      ['years-for-payments', end(j, 8) - 5100 - 8 * 190],
    ] as const)
      expect(verdictOf(exercise, {}, { b: number.toFixed(2) }, 'b')).toMatchObject({
        kind: 'slip',
        explanations: [{ slips: [slip] }],
      });
  });
});

it('a count a hair above a whole number is right as that number and as one more', () => {
  // 17.00004 quarterly payments of 232.35.
  const draft = loan(
    { amount: '3,300', rate: '8.3', payments: '', payment: '232.35' },
    { unknown: 'payments', paymentsPerYear: 4, quote: { ...loan().quote, compounding: 4 } },
  );
  const format = { kind: 'count', decimals: 0, up: true } as const;
  const exercise = asking([{ id: 'plan', draft }], [part('a', { quantity: 'payments', plan: 'plan' }, { format })]);
  for (const text of ['17', '18']) expect(rightKinds).toContain(verdictOf(exercise, {}, { a: text }, 'a').kind);
  expect(rightKinds).not.toContain(verdictOf(exercise, {}, { a: '16' }, 'a').kind);
});
