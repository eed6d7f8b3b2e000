/**
 * A table as a worksheet of live formulas: every row refers to labelled input cells with fixed references, so that
 * changing the rate in its cell changes the table. Functions are those of OpenFormula; the arithmetic and rounding are
 * those of docs/mathematics.md, section 3.
 */

import { roundingRoom, type Table } from '../table/buildTable.ts';
import { paymentDate } from '../table/calendar.ts';
import type { Plan } from '../table/plan.ts';
import { quotedNumber, ratePerPayment, type QuotedRate } from '../rates/quotedRate.ts';
import { readSchedule } from '../table/schedule.ts';
import { columnTitles } from './tableText.ts';

export interface LiveCell {
  /** Such as `B4`. */
  readonly at: string;
  readonly value?: number | string;
  /** Without the leading `=`, arguments parted by commas as in OOXML workbooks. */
  readonly formula?: string;
  /** What the formula comes to, for programs that show a workbook without computing it. */
  readonly result?: number;
  readonly format: 'money' | 'percent' | 'count' | 'rate' | 'text';
  /** An input a person may change. */
  readonly input?: boolean;
  readonly strong?: boolean;
}

export interface LiveSheet {
  readonly title: string;
  readonly cells: readonly LiveCell[];
  /** The row of the column titles, and the first and last row of the table, 1-based. */
  readonly head: number;
  readonly first: number;
  readonly last: number;
  /** Column letters by what they hold. */
  readonly columns: Readonly<
    Record<'number' | 'rate' | 'opening' | 'interest' | 'payment' | 'extra' | 'principal' | 'closing', string>
  >;
}

/** Writes a table as live formulas. */
export function tableSheet(title: string, table: Table): LiveSheet {
  const { plan } = table;
  const saving = plan.kind === 'saving';
  const begin = plan.timing === 'begin';
  const schedule = readSchedule(plan);
  const count = plan.payments === 'until-cleared' ? table.count : plan.payments;
  const cells: LiveCell[] = [{ at: 'A1', value: title, format: 'text', strong: true }];
  let line = 3;
  const input = (label: string, value: number | string, format: LiveCell['format']): string => {
    cells.push({ at: `A${line}`, value: label, format: 'text' }, { at: `B${line}`, value, format, input: true });
    return `$B$${line++}`;
  };
  const derived = (label: string, formula: string, format: LiveCell['format']): string => {
    cells.push({ at: `A${line}`, value: label, format: 'text' }, { at: `B${line}`, formula, format });
    return `$B$${line++}`;
  };
  const amount = input(
    saving || plan.kind === 'drawing' ? 'amount at the start' : 'amount received',
    plan.amount,
    'money',
  );
  const frequency = input('payments a year', plan.paymentsPerYear, 'count');
  const rateCell = (label: string, rate: QuotedRate): string => {
    const quoted = input(label, quotedNumber(rate), 'percent');
    return derived(`${label}, for each payment`, perPayment(rate, quoted, frequency, input), 'rate');
  };
  const startRate = rateCell(plan.rate.kind === 'periodic' ? 'rate' : 'rate a year', plan.rate);
  const payments = input('number of payments', count, 'count');
  const timing = input('payments at the beginning (1) or the end (0)', begin ? 1 : 0, 'count');
  const final = input(saving ? 'amount at the end' : 'owed or left at the end', plan.finalAmount, 'money');
  const given = plan.payment === undefined ? undefined : input('payment', plan.payment, 'money');
  const at = changeCells(plan, input, rateCell);
  line += 1;

  // Columns in order; dates and money received on the way only where there are any.
  const names = [
    'number',
    ...(plan.firstPaymentDate ? ['date'] : []),
    'rate',
    ...(schedule.lastDraw > 0 ? ['drawn'] : []),
    'opening',
    'interest',
    'payment',
    'extra',
    'principal',
    'closing',
    'level',
  ];
  const letter = (name: string): string => String.fromCharCode(65 + names.indexOf(name));
  const [, ...titles] = columnTitles(table).filter((each) => each !== 'Date');
  const heads: Record<string, string> = {
    number: 'No.',
    date: 'Date',
    rate: 'Rate',
    drawn: saving ? 'Taken out' : 'Received',
    opening: titles[0]!,
    interest: titles[1]!,
    payment: titles[2]!,
    extra: titles[3]!,
    principal: titles[4]!,
    closing: titles[5]!,
    level: 'Level payment',
  };
  const head = line++;
  for (const name of names)
    cells.push({ at: `${letter(name)}${head}`, value: heads[name]!, format: 'text', strong: true });

  const first = line;
  const cents = plan.rounding.interest === 'cent';
  const tidy =
    cents && plan.rounding.payment !== 'exact' ? (text: string) => `ROUND(${text},2)` : (text: string) => text;
  const interestOf = (text: string): string => (cents ? `ROUND(${text},2)` : text);
  const sign = saving ? '+' : '-';
  let levelKnown = given !== undefined;
  const perPeriod = ratePerPayment(plan.rate, plan.paymentsPerYear);
  const room = roundingRoom(plan, perPeriod.ok ? perPeriod.value : 0, count).toFixed(6);
  for (let k = 1; k <= count; k += 1, line += 1) {
    const here = (name: string): string => `${letter(name)}${line}`;
    const above = (name: string): string => `${letter(name)}${line - 1}`;
    const change = schedule.at.get(k);
    const mode = schedule.mode?.[k] ?? 0;
    const row = table.rows[k - 1];
    const put = (name: string, formula: string, format: LiveCell['format'], result: number | undefined): void => {
      cells.push({ at: here(name), formula, format, ...(result === undefined ? {} : { result }) });
    };
    cells.push({ at: here('number'), value: k, format: 'count' });
    if (plan.firstPaymentDate)
      cells.push({
        at: here('date'),
        value: paymentDate(plan.firstPaymentDate, plan.paymentsPerYear, k),
        format: 'text',
      });
    put('rate', at.rate.get(k) ?? (k === 1 ? startRate : above('rate')), 'rate', undefined);
    const drawn = at.draw.get(k) ?? '';
    if (schedule.lastDraw > 0) put('drawn', drawn === '' ? '0' : drawn, 'money', change?.draw ?? 0);
    const before = k === 1 ? amount : above('closing');
    put(
      'opening',
      schedule.lastDraw > 0 ? tidy(`${before}${saving ? '-' : '+'}${here('drawn')}`) : before,
      'money',
      row?.opening,
    );

    // The level payment: worked out where it starts or is worked out again, carried down otherwise.
    const newPayment = at.payment.get(k);
    const again = newPayment === undefined && (change?.again ?? false);
    if (again) levelKnown = false;
    const settle = saving
      ? `-PMT(${here('rate')},${payments}-${here('number')}+1,-${here('opening')},${final},${timing})`
      : `-PMT(${here('rate')},${payments}-${here('number')}+1,${here('opening')},-${final},${timing})`;
    let level: string;
    if (newPayment !== undefined) {
      level = newPayment;
      levelKnown = true;
    } else if (levelKnown) level = k === 1 ? given! : above('level');
    else if (mode !== 0) level = '0';
    else {
      level = paymentRule(plan, settle);
      levelKnown = true;
    }
    put('level', level, 'money', undefined);

    const due =
      mode === 0
        ? here('level')
        : mode === 2
          ? '0'
          : begin
            ? interestOf(`${here('opening')}*${here('rate')}/(1+${here('rate')})`)
            : here('interest');
    const discounted = interestOf(`${final}/(1+${here('rate')})`);
    const most = saving
      ? begin
        ? `(${discounted}-${here('opening')})`
        : `(${final}-${here('opening')}-${here('interest')})`
      : begin
        ? `(${here('opening')}-${discounted})`
        : `(${here('opening')}+${here('interest')}-${final})`;
    const bounded = saving ? `${here('opening')}<=${final}` : `${here('opening')}>=${final}`;
    const extra = at.extra.get(k)?.join('+') ?? '0';
    const last = k === count && plan.payments !== 'until-cleared' && plan.rounding.last === 'clears';
    // The last deposit is what was agreed where rounding alone parts it from what reaches the end; the interest takes the difference.
    const natural = interestOf(`${here('opening')}*${here('rate')}`);
    const open = begin ? most : `(${final}-${here('opening')}-${natural})`;
    const agreed = saving && last && given !== undefined ? `ABS(${open}-(${extra})-${due})<=${room}` : undefined;
    // Past the end nothing is due: the most that may be paid is nothing.
    const payment = agreed
      ? `IF(${agreed},${due},${open}-(${extra}))`
      : last
        ? extra === '0'
          ? most
          : `IF(${due}+${extra}>=${most},MIN(${due},${most}),${most}-(${extra}))`
        : `IF(${bounded},MIN(${due},${most}),${due})`;
    put('payment', tidy(payment), 'money', row?.payment ?? 0);
    put(
      'extra',
      extra === '0' ? '0' : agreed ? extra : tidy(`MAX(0,MIN(${extra},${most}-${here('payment')}))`),
      'money',
      row?.extra ?? 0,
    );
    const kept = saving
      ? `(${here('opening')}+${here('payment')}+${here('extra')})`
      : `(${here('opening')}-${here('payment')}-${here('extra')})`;
    const reached = saving ? `${tidy(kept)}>=${discounted}` : `${tidy(kept)}<=${discounted}`;
    put(
      'interest',
      begin
        ? tidy(`IF(${agreed ?? reached},${final}-${kept},${interestOf(`${kept}*${here('rate')}`)})`)
        : agreed
          ? tidy(`IF(${agreed},${final}-${kept},${natural})`)
          : natural,
      'money',
      row?.interest ?? 0,
    );
    put(
      'principal',
      tidy(`${here('payment')}+${here('extra')}${saving ? '+' : '-'}${here('interest')}`),
      'money',
      row?.principal ?? 0,
    );
    put(
      'closing',
      tidy(`${here('opening')}+${here('interest')}${sign}${here('payment')}${sign}${here('extra')}`),
      'money',
      row?.closing,
    );
  }
  const end = line - 1;
  cells.push({ at: `A${line}`, value: 'All', format: 'text', strong: true });
  const totals: Record<string, number> = {
    interest: table.totalInterest,
    payment: table.totalPaid - table.totals.extra,
    extra: table.totals.extra,
    principal: table.totals.principal,
  };
  for (const [name, result] of Object.entries(totals))
    cells.push({
      at: `${letter(name)}${line}`,
      formula: `SUM(${letter(name)}${first}:${letter(name)}${end})`,
      result,
      format: 'money',
      strong: true,
    });

  const columns = Object.fromEntries(
    (['number', 'rate', 'opening', 'interest', 'payment', 'extra', 'principal', 'closing'] as const).map((name) => [
      name,
      letter(name),
    ]),
  ) as LiveSheet['columns'];
  return { title, cells, head, first, last: end, columns };
}

type AddInput = (label: string, value: number | string, format: LiveCell['format']) => string;

/** The rate per payment in terms of the quoted rate's cell; puts the cells it needs. */
function perPayment(rate: QuotedRate, quoted: string, frequency: string, input: AddInput): string {
  switch (rate.kind) {
    case 'nominal': {
      if (rate.compoundingsPerYear === 'continuous') return `EXP(${quoted}/${frequency})-1`;
      const m = input('compoundings a year', rate.compoundingsPerYear, 'count');
      return `IF(${m}=${frequency},${quoted}/${frequency},(1+${quoted}/${m})^(${m}/${frequency})-1)`;
    }
    case 'effective':
      return `(1+${quoted})^(1/${frequency})-1`;
    case 'periodic':
      return quoted;
    case 'daily': {
      const year = input('days a year', rate.daysPerYear, 'count');
      const period = input('days in a period', rate.daysPerPeriod, 'count');
      return `(1+${quoted}/${year})^${period}-1`;
    }
  }
}

function paymentRule({ rounding }: Plan, text: string): string {
  switch (rounding.payment) {
    case 'exact':
      return `MAX(0,${text})`;
    case 'cent':
      return `MAX(0,ROUND(${text},2))`;
    case 'cent-up':
      return `MAX(0,ROUNDUP(${text},2))`;
    case 'unit':
      return `MAX(0,ROUND(${text},0))`;
    case 'unit-up':
      return `MAX(0,ROUNDUP(${text},0))`;
  }
}

interface ChangeCells {
  readonly rate: ReadonlyMap<number, string>;
  readonly payment: ReadonlyMap<number, string>;
  readonly draw: ReadonlyMap<number, string>;
  readonly extra: ReadonlyMap<number, readonly string[]>;
}

/** Puts an input cell for each change's number, and says in which rows it counts. */
function changeCells(plan: Plan, input: AddInput, rateCell: (label: string, rate: QuotedRate) => string): ChangeCells {
  const rate = new Map<number, string>();
  const payment = new Map<number, string>();
  const draw = new Map<number, string>();
  const extra = new Map<number, string[]>();
  const count = plan.payments === 'until-cleared' ? Infinity : plan.payments;
  for (const change of plan.changes) {
    switch (change.kind) {
      case 'rate':
        rate.set(change.after + 1, rateCell(`rate after payment ${change.after}`, change.rate));
        if (change.payment === 'again') payment.delete(change.after + 1);
        break;
      case 'payment':
        payment.set(change.after + 1, input(`payment after payment ${change.after}`, change.amount, 'money'));
        break;
      case 'draw': {
        const cell = input(`received before payment ${change.before}`, change.amount, 'money');
        draw.set(change.before, draw.has(change.before) ? `${draw.get(change.before)}+${cell}` : cell);
        break;
      }
      case 'extra': {
        const cell = input(`extra from payment ${change.from}`, change.amount, 'money');
        const to = Math.min(count, change.to ?? (change.every === undefined ? change.from : count), 12_000);
        for (let k = change.from; k <= to; k += change.every ?? 1) extra.set(k, [...(extra.get(k) ?? []), cell]);
        break;
      }
      case 'interest-only':
      case 'deferred':
        break;
    }
  }
  return { rate, payment, draw, extra };
}
