/** Students' worksheets: found in any layout, right in any convention, every mistake named and proved by mending it. */
import {
  addressOf,
  Calculation,
  centRounding,
  columnLetters,
  defaultHouseRules,
  exactRounding,
  fullAddress,
  fullPlace,
  knownBy,
  mappingFits,
  judgeSheet,
  judgeSheetOfPlan,
  must,
  readFormula,
  readSheet,
  relativeForm,
  Workbook,
  writeFormula,
  type CellContent,
  type FoundColumn,
  type Plan,
  type SheetJudged,
  type SheetMapping,
} from '../src/index.ts';
import { asking, loan, part } from './exercises.ts';
import { seeded } from './random.ts';
import { randomLayout } from './randomLayouts.ts';
import { grid, rafts, range, rightSheets } from './rightSheets.ts';
import { sheetMistakes } from './sheetMistakes.ts';
import { draftSheet, layouts, workedOut, type Draft, type Layout } from './studentSheets.ts';

const judge = (plan: Plan, draft: Pick<Draft, 'cells'>, names = {}): SheetJudged =>
  judgeSheetOfPlan(plan, readSheet(workedOut(draft.cells), { names }), defaultHouseRules);
const wrong = ({ cells }: SheetJudged): string[] =>
  cells.filter(({ verdict }) => verdict === 'wrong' || verdict === 'carried').map(({ address }) => address);

describe('formulas', () => {
  it.each([
    ['=PMT($B$3/12,B4*12,-B2,,1)', '=PMT($B$3/12,B4*12,-B2,,1)'],
    ["='My data'!B2*(1+Rate)^-n", "='My data'!B2*(1+Rate)^-n"],
    ['=+SUM(C9:C56)-ROUND(D7%,2)', '=+SUM(C9:C56)-ROUND(D7%,2)'],
    ['=IF(A9="","",B9&"x")', '=IF(A9="","",B9&"x")'],
    ['=SUM(A:A;3)', '=SUM($A$1:$A$20000,3)'],
  ])('%s is read and written again', (typed, written) => {
    expect(writeFormula(must(readFormula(typed)))).toBe(written);
  });
  it('say what they read, seen from where they stand', () => {
    expect(relativeForm(must(readFormula('=B9*$B$3/12')), 9, 3)).toBe('R[0]C[-1]*R3C2/12');
    expect(relativeForm(must(readFormula('=B10*$B$3/12')), 10, 3)).toBe('R[0]C[-1]*R3C2/12');
  });
  it.each(['=B9*', '=(B9', '=SUM(B9:)', `=${'('.repeat(80)}1${')'.repeat(80)}`, `=${'1+'.repeat(3000)}1`])(
    'that cannot be read say so: %#',
    (typed) => expect(readFormula(typed).ok).toBe(false),
  );
});

describe('a worksheet is worked out', () => {
  it.each(Object.entries(rightSheets).filter(([name]) => name !== 'names'))(
    'as an independent engine does it: %s',
    (_name, [, typed]) => {
      const cells = workedOut(typed);
      const calculation = new Calculation(new Workbook(cells));
      for (const [sheet, own] of Object.entries(cells))
        for (const [address, { value, formula }] of Object.entries(own)) {
          if (formula === undefined || typeof value !== 'number') continue;
          expect([address, calculation.numberAt(fullPlace(`${sheet}!${address}`)!)]).toEqual([
            address,
            expect.closeTo(value, 6),
          ]);
        }
    },
  );
  it('goes round in no circle, keeps what it does not understand, and knows its errors', () => {
    const book = new Workbook({
      S: {
        A1: { value: 0, formula: '=B1+1' },
        B1: { value: 0, formula: '=A1' },
        A2: { value: 7, formula: '=SOMETHING.NEW(3)' },
        A3: { value: null, formula: '=A2*2' },
        A4: { value: null, formula: '=1/0' },
        A5: { value: null, formula: '=IFERROR(A4,9)' },
        A6: { value: '24,800' },
        A7: { value: null, formula: '=A6*2' },
      },
    });
    const calculation = new Calculation(book);
    const at = (address: string) => calculation.valueAt(fullPlace(`S!${address}`)!);
    expect(at('A1')).toMatchObject({ code: '#CIRCLE!' });
    expect(at('A3')).toBe(14);
    expect([...calculation.notUnderstood]).toEqual(['SOMETHING.NEW']);
    expect([at('A4'), at('A5'), at('A7')]).toEqual([{ code: '#DIV/0!' }, 9, { code: '#VALUE!' }]);
  });
});

describe('a right worksheet is right', () => {
  it.each(Object.entries(rightSheets))('%s', (_name, [plan, cells, names]) => {
    const judged = judge(plan, { cells }, names);
    expect(wrong(judged)).toEqual([]);
    expect(judged.causes.filter(({ remark }) => !remark)).toEqual([]);
    expect(judged.cells.length).toBeGreaterThan(90);
    expect(judged.credit).toBe(1);
  });
  it.each(layouts.map((layout) => [layout.name, layout] as const))('in a layout: %s', (_name, layout) => {
    for (const finalAmount of [0, 4000]) {
      const plan = { ...rafts, finalAmount };
      expect(wrong(judge(plan, draftSheet(layout, plan)))).toEqual([]);
    }
  });
});

/** A plan of a size that students are given. */
function drawnPlan(random: () => number, layout: Layout, more: Partial<Plan> = {}): Plan {
  const payments = [24, 36, 48][Math.floor(random() * 3)]!;
  const annual = Math.round(50 + random() * 40) / 1000;
  const rounding = layout.rounds ? centRounding : exactRounding;
  const amount = 10_000 + Math.floor(random() * 300) * 100;
  return { ...rafts, amount, payments, rate: { kind: 'nominal', annual, compoundingsPerYear: 12 }, rounding, ...more };
}

describe('a mistake is named and proved', () => {
  it.each(sheetMistakes.map((mistake) => [mistake.id, mistake] as const))('%s', (id, { make, plan: more }) => {
    const random = seeded(id.length * 31);
    let made = 0;
    for (const layout of layouts) {
      const plan = drawnPlan(random, layout, more);
      const draft = draftSheet(layout, plan);
      if (!make(draft, random)) continue;
      made += 1;
      const judged = judge(plan, draft);
      const cause = judged.causes.find((each) => each.id === id);
      expect([layout.name, judged.causes.map((each) => each.id)]).toEqual([layout.name, expect.arrayContaining([id])]);
      expect(cause).toMatchObject({ certain: true });
      expect(cause!.says).toMatch(/[\w)]\.$/);
      expect(judged.credit).toBeLessThan(1);
    }
    expect(made).toBeGreaterThan(0);
  });

  it('with the wrong and the right formula side by side, the rest carried', () => {
    const layout = layouts[0]!;
    const draft = draftSheet(layout, rafts);
    for (const k of range(48)) draft.put('interest', k, `=${draft.at('opening', k)}*B${2 + k}/12`);
    const judged = judge(rafts, draft);
    expect(judged.causes).toEqual([
      expect.objectContaining({
        id: 'reference-not-fixed',
        wrongFormula: '=B10*B4/12',
        rightFormula: '=B10*$B$3/12',
        mends: 'all',
        certain: true,
      }),
    ]);
    expect(judged.causes[0]!.says).toContain('B4 (number of payments)');
    expect(judged.cells[0]).toMatchObject({ address: 'Loan!C10', verdict: 'wrong', cause: 'reference-not-fixed' });
    expect(judged.cells.filter(({ verdict }) => verdict === 'carried').length).toBeGreaterThan(100);
    expect(judged.mended['Loan!C10']).toBeCloseTo(127.81, 2);
  });

  it('in an input on another sheet, though a cell of the table has the same address there', () => {
    const layout = { ...layouts[2]!, inputs: { sheet: 'Daten', label: 'C', value: 'D', row: 4 } };
    const draft = draftSheet(layout, rafts);
    // The rate stands in D5 of its sheet, the first interest in D5 of the table's.
    draft.putInput('rate', 6.3);
    draft.putInput('payment', 585.85);
    const { causes } = judge(rafts, draft);
    expect(causes[0]).toMatchObject({ id: 'percent-as-number', cells: ['Daten!D5'], mends: 'all', certain: true });
  });

  it('two at once, both', () => {
    const layout = layouts[0]!;
    const draft = draftSheet(layout, rafts);
    for (const k of range(48)) {
      draft.put('interest', k, `=${draft.at('opening', k)}*${draft.input('rate')}/4`);
      draft.put('principal', k, `=${draft.at('payment', k)}+${draft.at('interest', k)}`);
    }
    const { causes } = judge(rafts, draft);
    expect(causes.map(({ id, mends }) => [id, mends])).toEqual([
      ['rate-divided-by-wrong-count', 'some'],
      ['principal-plus-interest', 'some'],
    ]);
  });

  it('rows that go on after the last, and a single cell typed over rightly', () => {
    const cells = grid([
      ['Loan amount', 24_800],
      ['Interest rate', 0.063],
      ['Payments', 48],
      ['Payment', '=PMT(B2/12,B3,-B1)'],
      [],
      ['No', 'Start', 'Interest', 'Principal', 'End'],
      ...range(52).map((k) => {
        const row = 6 + k;
        const start = k === 1 ? '=B1' : `=E${row - 1}`;
        return [k, start, k === 1 ? 130.2 : `=B${row}*$B$2/12`, `=$B$4-C${row}`, `=B${row}-D${row}`];
      }),
    ]);
    const { causes, cells: judged } = judge({ ...rafts, rounding: exactRounding }, { cells });
    expect(causes.map(({ id, remark }) => [id, remark])).toEqual([
      ['copied-too-many', false],
      ['number-typed-over', true],
    ]);
    expect(judged.find(({ address }) => address === 'S!C7')).toMatchObject({ verdict: 'remark' });
  });
});

describe('what else a sheet may be told', () => {
  const [above, rowZero] = [layouts[0]!, layouts[1]!];
  const written: Readonly<Record<string, readonly [Layout, (draft: Draft) => void, boolean, Record<string, string>?]>> =
    {
      'range-includes-head-or-total': [
        above,
        (draft) => (draft.cells.Loan![`C${draft.totalsRow}`] = '=SUM(B9:C56)'),
        false,
      ],
      'error-value': [above, (draft) => draft.put('interest', 7, '=B15/0'), false],
      'rounded-in-one-place-only': [
        rowZero,
        (draft) => draft.put('interest', 5, `=${draft.at('closing', 4)}*${draft.rate}`),
        true,
      ],
      'last-payment-not-adjusted': [rowZero, (draft) => draft.put('payment', 48, `=${draft.input('payment')}`), true],
      'formatted-not-rounded': [
        above,
        () => undefined,
        true,
        Object.fromEntries(range(48).map((k) => [`C${8 + k}`, '#,##0.00'])),
      ],
      'values-no-formulas': [
        above,
        (draft) => {
          const own = draft.cells.Loan!;
          const worked = workedOut(draft.cells).Loan!;
          for (const address of Object.keys(own))
            if (/^[B-F](9|\d\d)$/.test(address)) own[address] = worked[address]!.value as number;
        },
        true,
      ],
    };
  it.each(Object.entries(written))('%s', (id, [layout, write, remark, formats]) => {
    const draft = draftSheet(layout, rafts);
    write(draft);
    const judged = judgeSheetOfPlan(rafts, readSheet(workedOut(draft.cells, formats)), defaultHouseRules);
    expect(judged.causes.map((cause) => [cause.id, cause.remark])).toEqual([[id, remark]]);
    expect(judged.credit === 1).toBe(remark);
  });

  it.each([
    ['taken off nowhere', (row: number) => `=C${row}-E${row}`, 'extra-not-subtracted'],
    ['in what is paid off', (row: number) => `=C${row}+D${row}-E${row}`, undefined],
  ])('an extra payment %s', (_how, principal, id) => {
    const plan: Plan = {
      ...rafts,
      rounding: exactRounding,
      changes: [{ kind: 'extra', from: 1, to: 400, every: 1, amount: 100 }],
    };
    const cells = grid([
      ['Loan amount', 24_800],
      ['Interest rate', 0.063],
      ['Number of payments', 48],
      ['Monthly payment', '=PMT(B2/12,B3,-B1)'],
      ['Extra payment', 100],
      [],
      ['No', 'Start balance', 'Payment', 'Extra', 'Interest', 'Principal', 'End balance'],
      ...range(30).map((k) => {
        const row = 7 + k;
        return [
          k,
          k === 1 ? '=B1' : `=G${row - 1}`,
          '=$B$4',
          '=$B$5',
          `=B${row}*$B$2/12`,
          principal(row),
          `=B${row}-F${row}`,
        ];
      }),
    ]);
    const { causes } = judge(plan, { cells });
    expect(causes.map((cause) => cause.id)).toEqual([...(id ? [id] : []), 'copied-too-few']);
  });
});

it('what cannot be worked out is said, and the numbers the file shows are judged', () => {
  const draft = draftSheet(layouts[0]!, rafts);
  const cells = structuredClone(workedOut(draft.cells)) as Record<string, Record<string, CellContent>>;
  const place = fullPlace(`${Object.keys(cells)[0]!}!${draft.at('interest', 3).replaceAll('$', '')}`)!;
  const own = cells[place.sheet]![addressOf(place)]!;
  cells[place.sheet]![addressOf(place)] = { ...own, formula: '=SOMETHING.NEW(B9)' };
  const { causes, cells: judged } = judgeSheetOfPlan(rafts, readSheet(cells), defaultHouseRules);
  expect(causes).toContainEqual(
    expect.objectContaining({ id: 'formula-not-understood', remark: true, cells: [fullAddress(place)] }),
  );
  expect(causes.find(({ id }) => id === 'formula-not-understood')!.says).toContain('SOMETHING.NEW');
  expect(judged.filter(({ verdict }) => verdict === 'wrong')).toEqual([]);
});

describe('what cannot be judged', () => {
  it('says so: no table, an empty sheet, a plan that is none', () => {
    expect(judge(rafts, { cells: grid([['Loan', 24_800]]) })).toMatchObject({
      cells: [],
      says: expect.stringMatching(/No table/),
    });
    expect(readSheet({})).toMatchObject({ tables: [], inputs: {} });
    const draft = draftSheet(layouts[0]!, rafts);
    expect(judge({ ...rafts, amount: -1 }, draft).says).toMatch(/amount/i);
  });
  it('finds the right one of two tables', () => {
    const one = draftSheet(layouts[0]!, { ...rafts, amount: 9000 });
    const two = draftSheet(layouts[1]!, rafts);
    const cells = { ...one.cells, ...two.cells };
    expect(judge(rafts, { cells }).table).toMatchObject({ sheet: 'Sheet1' });
  });
});

it('answers the parts of an exercise: its table, and cells labelled as parts', () => {
  const exercise = asking(
    [{ id: 'plan', draft: loan({ amount: '24,800', rate: '6.3', payments: '48' }) }],
    [
      part('a', { quantity: 'payment', plan: 'plan' }),
      part('b', { quantity: 'total-interest', plan: 'plan' }),
      part('t', { quantity: 'table', plan: 'plan', blanks: [], args: { from: '1', to: '48' } }, { marks: 6 }),
    ],
  );
  const draft = draftSheet(layouts[1]!, rafts);
  draft.cells.Sheet1!.H9 = 'Part b';
  draft.cells.Sheet1!.I9 = '=SUM(C4:C51)';
  const { parts } = judgeSheet(exercise, {}, readSheet(workedOut(draft.cells)), defaultHouseRules);
  expect(parts.map(({ partId, kind, credit }) => [partId, kind, credit])).toEqual([
    ['a', 'right', 1],
    ['b', 'right', 1],
    ['t', 'right', 1],
  ]);
  draft.putInput('payment', '=PMT(J4,J3/12,-J1)');
  const later = judgeSheet(exercise, {}, readSheet(workedOut(draft.cells)), defaultHouseRules).parts;
  expect(later[0]).toMatchObject({ kind: 'slip', explanations: [{ slips: ['years-for-payments'] }] });
  expect(later[2]!.explanations[0]).toMatchObject({ slips: ['count-in-years'] });
});

describe('a table without heads is told by how its rows add up', () => {
  /** Columns in some order over the rafts' loan, each a formula in the row. */
  const laidOut = (columns: readonly FoundColumn[]) => {
    const at = (name: FoundColumn): string => columnLetters(columns.indexOf(name) + 1);
    const owed = (r: number, k: number): string =>
      columns.includes('opening') ? `${at('opening')}${r}` : k === 1 ? '$B$1' : `${at('closing')}${r - 1}`;
    const row = (r: number, k: number): Partial<Record<FoundColumn, string>> => ({
      number: `=${k}`,
      opening: k === 1 ? '=$B$1' : `=${at('closing')}${r - 1}`,
      interest: `=${owed(r, k)}*$B$2/12`,
      payment: '=$B$4',
      principal: `=$B$4-${owed(r, k)}*$B$2/12`,
      closing: `=${owed(r, k)}*(1+$B$2/12)-$B$4`,
    });
    return grid([
      ['Loan', 24800],
      ['Rate', 0.063],
      ['n', 48],
      ['PMT', '=PMT(B2/12,B3,-B1)'],
      [],
      ...range(48).map((k) => columns.map((name) => row(5 + k, k)[name])),
    ]);
  };
  it.each<readonly FoundColumn[][]>([
    [['number', 'opening', 'payment', 'interest', 'principal', 'closing']],
    [['number', 'opening', 'interest', 'principal', 'closing']],
    [['interest', 'principal', 'payment', 'closing']],
    [['number', 'payment', 'interest', 'closing']],
    [['closing', 'opening', 'interest', 'principal']],
  ])('%j', (columns) => {
    const cells = workedOut(laidOut(columns));
    const [table] = readSheet(cells).tables;
    expect(table?.columns).toEqual(Object.fromEntries(columns.map((name, at) => [name, columnLetters(at + 1)])));
    expect(wrong(judge({ ...rafts, rounding: exactRounding }, { cells: laidOut(columns) }))).toEqual([]);
  });
});

describe('layouts drawn at random', () => {
  const drawn = Array.from({ length: 24 }, (_, at) => seeded(1000 + at));
  it('right sheets are right', () => {
    for (const random of drawn) {
      const layout = randomLayout(random);
      const plan = { ...rafts, payments: 12, rounding: layout.rounds ? centRounding : exactRounding };
      const { cells, causes, says } = judge(plan, draftSheet(layout, plan));
      expect([
        layout.columns,
        says,
        cells.filter(({ verdict }) => verdict === 'wrong'),
        causes.filter(({ remark }) => !remark),
      ]).toEqual([layout.columns, undefined, [], []]);
    }
  });
  it('a yearly rate in the rows is named in each', () => {
    for (const random of drawn) {
      const layout = { ...randomLayout(random), perPayment: false };
      const plan = { ...rafts, payments: 12, rounding: layout.rounds ? centRounding : exactRounding };
      const draft = draftSheet(layout, plan);
      for (let k = 1; k <= 12; k += 1) {
        const owed = layout.columns.opening ? draft.at('opening', k) : draft.at('closing', k - 1);
        draft.put('interest', k, `=${owed}*${draft.input('rate')}`);
      }
      expect([layout.columns, judge(plan, draft).causes[0]]).toEqual([
        layout.columns,
        expect.objectContaining({ id: 'yearly-rate-in-row', mends: 'all' }),
      ]);
    }
  });
});

describe('where things stand, as somebody says it', () => {
  /** Heads that say nothing, a payment that is divided twice. */
  const odd = grid([
    ['Alpha', 24800],
    ['Beta', 0.063],
    ['Gamma', 48],
    ['Delta', '=PMT(B2/12,B3,-B1)'],
    ['p', 'q', 'r', 's', 't'],
    ...range(48).map((k) => [
      k,
      k === 1 ? '=B1' : `=E${4 + k}`,
      `=B${5 + k}*$B$2`,
      `=$B$4-C${5 + k}`,
      `=B${5 + k}-D${5 + k}`,
    ]),
  ]);
  const cells = workedOut(odd);
  const mapping: SheetMapping = {
    table: {
      sheet: 'S',
      firstRow: 6,
      columns: { number: 'A', opening: 'B', interest: 'C', principal: 'D', closing: 'E' },
    },
    inputs: { amount: 'S!B1', rate: 'S!B2', payments: 'S!B3', payment: 'S!B4' },
    answers: { a: 'S!B4' },
  };
  it('the table and the numbers are taken from there, and judged', () => {
    const found = readSheet(cells, { mapping });
    expect(found.tables).toEqual([{ ...mapping.table, headRow: 5, lastRow: 53 }]);
    expect(found.inputs).toMatchObject(mapping.inputs);
    expect(found.answers).toEqual({ a: 'S!B4' });
    const { causes } = judgeSheetOfPlan(rafts, found, defaultHouseRules);
    expect(causes[0]).toMatchObject({ id: 'yearly-rate-in-row', certain: true });
  });
  it('what is nowhere is taken for nothing, the end may be said', () => {
    const found = readSheet(cells, {
      mapping: { table: { ...mapping.table!, lastRow: 20 }, inputs: { rate: null }, answers: {} },
    });
    expect(found.inputs).not.toHaveProperty('rate');
    expect(found.tables[0]).toMatchObject({ lastRow: 20 });
  });
  it('is known again by the words that stood there, whatever the numbers', () => {
    const known = knownBy(mapping, cells);
    expect(known.words).toMatchObject({ 'S!C5': 'r', 'S!A2': 'beta' });
    expect(mappingFits(known, { S: { ...cells['S'], B2: { value: 0.07 } } })).toBe(true);
    expect(mappingFits(known, { S: { ...cells['S'], C5: { value: 'interest' } } })).toBe(false);
    expect(mappingFits(known, { Other: cells['S']! })).toBe(false);
    expect(mappingFits(known, { S: { ...cells['S'], F5: { value: 'u' } } })).toBe(false);
  });
  it('without any words, numbers must stand there', () => {
    const bare = knownBy({ inputs: { amount: 'S!B1' }, answers: {} }, { S: { B1: { value: 5 } } });
    expect(bare.words).toEqual({});
    expect(mappingFits(bare, { S: { B1: { value: 7 } } })).toBe(true);
    expect(mappingFits(bare, { S: { B1: { value: 'x' } } })).toBe(false);
  });
});
