/** The stand-in device: every entry list, replayed under its style, shows the answer; leftovers and table reading do what they say. */
import {
  askCase,
  buildTable,
  centRounding,
  clearedDevice,
  emptyDraft,
  must,
  onDevice,
  replay,
  shippedStyles,
  solveFor,
  paymentRange,
  workedSolution,
  type DeviceEntry,
  type DeviceState,
  type EnteredName,
  type EnteringStyle,
} from '../src/index.ts';
import { draftOf } from './drafts.ts';
import { reference } from './reference.ts';

const [annual, perPayment, sheet] = shippedStyles as readonly [EnteringStyle, EnteringStyle, EnteringStyle];

/** The shipped styles and what an instructor may make of them. */
const styles: readonly EnteringStyle[] = [
  ...shippedStyles,
  { ...annual, id: 'positive', signs: 'all-positive' },
  { ...annual, id: 'years', count: 'years' },
  { ...perPayment, id: 'up', solvedCount: 'rounded-up', signs: 'all-positive' },
  { ...sheet, id: 'sets', setsFrequencies: true, count: 'years' },
  { ...annual, id: 'linked', can: ['linked', 'clears'] },
  { ...sheet, id: 'by-year', can: ['by-year'] },
];

describe.each(styles.map((style) => [style.id, style] as const))('entries under the style %s', (_id, style) => {
  it.each(reference.fiveValues.map((values) => [values.id, values] as const))(
    'show the answer of %s',
    (_case, values) => {
      const { n, perPayment: i, pv, pmt, fv, timing, rate, paymentsPerYear } = values;
      let solved = 0;
      for (const unknown of ['n', 'rate', 'pv', 'pmt', 'fv'] as const satisfies readonly EnteredName[]) {
        const own = solveFor(unknown === 'rate' ? 'i' : unknown, { n, i, pv, pmt, fv, timing });
        if (!own.ok) continue;
        const done = onDevice(
          { unknown, n, rate, paymentsPerYear, pv, pmt, fv, timing, saving: pv <= 0 && pmt <= 0 },
          style,
          {
            ...clearedDevice,
            n: 999,
            rate: 77,
            pv: 5,
            pmt: 6,
            fv: 7,
            timing: 'begin',
            compoundingsPerYear: 4,
          },
        );
        const expected =
          unknown === 'n' && style.solvedCount === 'rounded-up'
            ? Math.ceil(n - 0.005)
            : { n, rate: i, pv, pmt, fv }[unknown];
        const size =
          unknown === 'n'
            ? n
            : unknown === 'rate'
              ? Math.max(1e-3, Math.abs(i))
              : Math.max(Math.abs(pv), Math.abs(fv), Math.abs(pmt));
        expect(done).toBeDefined();
        expect(Math.abs(done!.number - expected) / size).toBeLessThan(
          unknown === 'rate' || unknown === 'n' ? 1e-6 : 1e-9,
        );
        solved += 1;
      }
      expect(solved).toBeGreaterThan(2);
    },
  );
});

describe('what a tool can do', () => {
  const linked: EnteringStyle = { ...annual, can: ['linked'] };
  const memory: EnteringStyle = { ...annual, can: ['memory'] };

  it('sets the compoundings with the payments, unless they are set after them', () => {
    const compoundings = (entries: readonly DeviceEntry[]): number =>
      must(replay(linked, entries)).at(-1)!.state.compoundingsPerYear;
    const quarterly: DeviceEntry = { put: 'compoundingsPerYear', value: 4 };
    const monthly: DeviceEntry = { put: 'paymentsPerYear', value: 12 };
    expect(compoundings([quarterly, monthly])).toBe(12);
    expect(compoundings([monthly, quarterly])).toBe(4);
  });

  it('turns years and a yearly rate into those of a payment, and clears without touching the settings', () => {
    const shown = must(
      replay({ ...perPayment, can: ['by-year', 'clears'] }, [
        { put: 'timing', value: 'begin' },
        { put: 'n', value: 5, times: 12 },
        { put: 'rate', value: 6.6, over: 12 },
        { clear: 'values' },
      ]),
    );
    expect(shown[2]!.state).toMatchObject({ n: 60, rate: 6.6 / 12 });
    expect(shown[3]!.state).toMatchObject({ n: 0, rate: 0, timing: 'begin' });
  });

  it('recalls a balance as the start of the next stage, with its sign turned', () => {
    const draft = draftOf(
      'borrow',
      { amount: '48000', rate: '6.6', payments: '60' },
      {
        changes: [{ id: 'r', kind: 'rate', texts: { after: '24', rate: '7.8' }, payment: 'again' }],
      },
    );
    const question = must(askCase(draft, { quantity: 'balance-after', after: 36 }, centRounding));
    const way = (entering: EnteringStyle) =>
      workedSolution(question, { entering }).ways.find(({ id }) => id === 'five-values')!;
    const recalls = way(memory).entries!.filter((entry) => 'recall' in entry);
    expect(recalls).toEqual([{ recall: 'pv', turned: true }]);
    expect(way(memory).entries!.filter((entry) => 'store' in entry)).toHaveLength(1);
    expect(way(memory).number).toBeCloseTo(way(annual).number, 6);
    expect(must(replay(memory, way(memory).entries!)).at(-1)!.shows).toBeCloseTo(-way(memory).number, 6);
  });

  it('solves the payment, stores it as it is paid and moves on, showing all three numbers', () => {
    const question = must(
      askCase(
        draftOf('borrow', { amount: '48000', rate: '6.6', payments: '60' }),
        { quantity: 'interest-in', from: 13, to: 24 },
        centRounding,
      ),
    );
    const way = workedSolution(question, { entering: perPayment }).ways.find(({ id }) => id === 'five-values')!;
    expect(way.entries!.slice(-4)).toEqual([
      { solve: 'pmt' },
      { put: 'pmt', value: -941.43 },
      { moveOn: 12 },
      { moveOn: 12, read: 'interest' },
    ]);
    expect(way.number).toBeCloseTo(question.exact, 2);
  });
});

describe('values left over', () => {
  const entries: DeviceEntry[] = [
    { put: 'n', value: 60 },
    { put: 'rate', value: 0.55 },
    { put: 'pv', value: 48_000 },
    { solve: 'pmt' },
  ];
  const shows = (start?: DeviceState): number => must(replay(perPayment, entries, start)).at(-1)!.shows!;

  it('change the answer where the list leaves them out', () => {
    expect(shows()).toBeCloseTo(-941.425061, 6);
    expect(shows({ ...clearedDevice, fv: -5000 })).toBeCloseTo(-870.86, 2);
    expect(shows({ ...clearedDevice, timing: 'begin' })).toBeCloseTo(-936.275545, 5);
  });

  it('fill up one entry at a time', () => {
    const shown = must(replay(perPayment, entries));
    expect(shown.map(({ state }) => [state.n, state.rate, state.pv, Math.round(state.pmt * 100) / 100])).toEqual([
      [60, 0, 0, 0],
      [60, 0.55, 0, 0],
      [60, 0.55, 48_000, 0],
      [60, 0.55, 48_000, -941.43],
    ]);
  });

  it('say at which entry nothing can be shown', () => {
    expect(
      replay(perPayment, [
        { put: 'n', value: 12 },
        { put: 'pv', value: 100 },
        { put: 'pmt', value: 5 },
        { solve: 'rate' },
      ]),
    ).toMatchObject({
      ok: false,
      problem: { code: 'same-signs', field: '3' },
    });
  });
});

describe('reading a table on the device', () => {
  const draft = {
    ...emptyDraft('borrow'),
    slots: { ...emptyDraft().slots, amount: '48000', rate: '6.6', payments: '60' },
  };
  const table = must(
    buildTable({
      amount: 48_000,
      rate: { kind: 'nominal', annual: 0.066, compoundingsPerYear: 12 },
      paymentsPerYear: 12,
      payments: 60,
      timing: 'end',
      finalAmount: 0,
      rounding: centRounding,
      changes: [],
    }),
  );

  it.each([
    ['interest-in', 'interest'],
    ['principal-in', 'principal'],
  ] as const)('%s agrees with the table to the cent, from–to and moving on', (quantity, part) => {
    const ours = must(paymentRange(table, 13, 24))[part];
    const question = must(askCase(draft, { quantity, from: 13, to: 24 }, centRounding));
    for (const entering of [annual, perPayment]) {
      const way = workedSolution(question, { entering }).ways.find(({ id }) => id === 'five-values')!;
      expect(Math.round(way.number * 100) / 100).toBe(ours);
      const text = JSON.stringify(way.steps);
      if (entering.range === 'moves-on')
        expect(text).toMatch(/Move on by 12 payments; those are not wanted.*put the amount back/);
      else expect(text).toMatch(/payments 13 to 24/);
    }
  });

  it('stores the balance as the new start where a style moves on', () => {
    const shown = must(
      replay(perPayment, [
        { put: 'rate', value: 0.55 },
        { put: 'pv', value: 48_000 },
        { put: 'pmt', value: -941.43 },
        { moveOn: 12 },
        { moveOn: 12 },
      ]),
    );
    expect(shown.at(-2)!.state.pv).toBeCloseTo(table.rows[11]!.closing, 6);
    expect(shown.at(-1)!.state.pv).toBeCloseTo(table.rows[23]!.closing, 6);
  });
});
