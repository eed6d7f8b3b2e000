/** How a table is built in a worksheet, step by step: inputs, the payment, row 1 cell by cell, row 2, what stays fixed, copied down, checked. */

import { nth } from '../../nth.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { writeBrief, writeMoney, writePercent } from '../../money/numberStyle.ts';
import { asTyped } from '../sheet/sheetForm.ts';
import type { Work } from '../work.ts';
import type { CellMark, DrawnCell, DrawnPiece, DrawnSheet, DrawnStep } from './drawn.ts';
import { sentenceOf } from './columnSentence.ts';
import { forgottenFixing } from './forgotten.ts';
import type { ShownAs, TaughtCell, TaughtColumn, TaughtSheet } from './taughtSheet.ts';

/** The steps of a sheet, in order. */
export function worksheetSteps(work: Work, sheet: TaughtSheet): DrawnStep[] {
  return new Lesson(work, sheet).steps();
}

/** How far the table is filled when a step is drawn. */
interface Filled {
  readonly inputs: 'given' | 'all';
  /** Cells of row 1 and of row 2 that are there. */
  readonly first: number;
  readonly second: number;
  /** Whether the rest is copied down. */
  readonly copied?: boolean;
}

interface Step {
  readonly title: string;
  readonly sentence: string;
  /** The cell the step is about. */
  readonly cell?: TaughtCell;
  /** Several cells at once. */
  readonly cells?: readonly TaughtCell[];
  readonly formula?: string;
  readonly note?: string;
  readonly filled: Filled;
}

class Lesson {
  readonly #work: Work;
  readonly #sheet: TaughtSheet;

  constructor(work: Work, sheet: TaughtSheet) {
    this.#work = work;
    this.#sheet = sheet;
  }

  steps(): DrawnStep[] {
    return [
      this.#given(),
      ...this.#payment(),
      ...this.#rowOne(),
      ...this.#rowTwo(),
      this.#fixed(),
      ...this.#copied(),
      ...this.#checks(),
      ...this.#further(),
    ];
  }

  #given(): DrawnStep {
    const cells = this.#sheet.inputs.filter(({ id, formula }) => id !== 'payment' || formula === undefined);
    return this.#step({
      title: 'What goes in, each in a cell',
      sentence: 'Each number that is given stands in a cell of its own, with its name beside it.',
      cells,
      note: 'Change one of them later, and everything that follows from it changes too.',
      filled: { inputs: 'given', first: 0, second: 0 },
    });
  }

  #payment(): DrawnStep[] {
    const payment = this.#sheet.input('payment');
    if (!payment?.formula) return [];
    return [
      this.#step({
        title: `The ${payment.label}`,
        sentence: `The ${payment.label} follows from the cells above it${payment.formula.startsWith('ROUND') ? ', rounded as the class rounds payments' : ''}.`,
        cell: payment,
        note: 'A table needs it as a positive number, so the minus is taken away here.',
        filled: { inputs: 'all', first: 0, second: 0 },
      }),
    ];
  }

  #rowOne(): DrawnStep[] {
    const { columns, words } = this.#sheet;
    const row = this.#sheet.row(1);
    return columns
      .filter(({ id }) => id !== 'number')
      .flatMap(({ id }): DrawnStep[] => {
        const cell = row[id];
        if (!cell) return [];
        const place = columns.findIndex((each) => each.id === id) + 1;
        return [
          this.#step({
            title: `Row 1: ${words[id]}`,
            sentence: sentenceOf(this.#work, this.#sheet, id, 1),
            cell,
            filled: { inputs: 'all', first: place, second: 0 },
          }),
        ];
      });
  }

  #rowTwo(): DrawnStep[] {
    const { words, columns } = this.#sheet;
    const { number, before, interest, ...rest } = this.#sheet.row(2);
    if (!before || !interest) return [];
    const all = columns.length;
    return [
      this.#step({
        title: `Row 2: ${words.before}`,
        sentence: `What is ${words.before} payment 2 is what is ${words.after} payment 1.`,
        cell: before,
        note: number?.formula ? `Its number is one more than the one above: ${this.#typed(number.formula)}.` : '',
        filled: { inputs: 'all', first: all, second: 2 },
      }),
      this.#step({
        title: 'Row 2: interest',
        sentence: sentenceOf(this.#work, this.#sheet, 'interest', 2),
        cell: interest,
        note: this.#goesAlong(interest),
        filled: { inputs: 'all', first: all, second: 3 },
      }),
      this.#step({
        title: 'Row 2: the rest',
        sentence: 'The rest of row 2 is row 1 copied: each reference that is not fixed moves down by one.',
        cells: Object.values(rest),
        filled: { inputs: 'all', first: all, second: all },
      }),
    ];
  }

  #fixed(): DrawnStep {
    const { words } = this.#sheet;
    const [rate, payment] = [this.#sheet.input('rate'), this.#sheet.input('payment')];
    const row = this.#sheet.row(2);
    const cells = [row.interest, row.paid].filter((cell) => cell !== undefined);
    const inCents = this.#work.question.rounding.interest === 'cent';
    const shown = {
      input: (cell: TaughtCell) => this.#shows(cell.value, cell.shownAs),
      money: (value: number) => writeMoney(value, this.#work.style),
    };
    const step = this.#step({
      title: 'What must stay fixed',
      sentence: `Every row uses the same ${rate?.label ?? 'rate'} and the same ${payment?.label ?? words.paid}: the dollar signs keep their cells where they are.`,
      cells,
      note: `${rate?.at} and ${payment?.at} stay; every other reference goes along.`,
      filled: { inputs: 'all', first: this.#sheet.columns.length, second: this.#sheet.columns.length },
    });
    const forgotten = (['rate', 'payment'] as const).flatMap(
      (id) => forgottenFixing(this.#sheet, id, inCents, shown) ?? [],
    );
    return { ...step, forgotten };
  }

  #copied(): DrawnStep[] {
    const { count, lastSettles, words, columns } = this.#sheet;
    const filled: Filled = { inputs: 'all', first: columns.length, second: columns.length, copied: true };
    const down = lastSettles ? count - 1 : count;
    const last = this.#sheet.row(count);
    const settles = last.paid?.formula?.startsWith('$') ? last.interest : last.paid;
    return [
      ...(down > 2
        ? [
            this.#step({
              title: `Copy row 2 down to ${down}`,
              sentence: `Row 2 is copied down to payment ${down}.`,
              cells: Object.values(this.#sheet.row(down)),
              filled,
            }),
          ]
        : []),
      ...(lastSettles && settles
        ? [
            this.#step({
              title: 'The last payment',
              sentence:
                settles === last.paid
                  ? `The last payment is not like the others: it is what brings ${words.after} to its end.`
                  : 'The last interest takes what rounding has left, so that the end is met.',
              cell: settles,
              filled,
            }),
          ]
        : []),
    ];
  }

  #checks(): DrawnStep[] {
    const { last, count, columns, words, saving } = this.#sheet;
    const filled: Filled = { inputs: 'all', first: columns.length, second: columns.length, copied: true };
    const range = (id: TaughtColumn): string => `${this.#sheet.at(id, 1)}:${this.#sheet.at(id, count)}`;
    const end = this.#sheet.row(count);
    const final = this.#sheet.input('final');
    const amount = nth(this.#sheet.inputs, 0);
    const moved = saving ? `${final?.at ?? end.after?.at}-${amount.at}` : `${amount.at}${final ? `-${final.at}` : ''}`;
    return [
      this.#step({
        title: 'Totals',
        sentence: `Under the table each column of money is added up, in line ${last + 1}.`,
        formula: `SUM(${range('interest')})`,
        cells: [end.interest, end.paid, end.principal].filter((cell) => cell !== undefined),
        filled,
      }),
      this.#step({
        title: 'Does it close?',
        sentence: `First check: ${words.after} the last payment is ${final ? `what was to be there at the end, ${final.at}` : this.#work.question.solved.unknown === 'finalAmount' ? 'the amount at the end that is asked for' : 'nothing'}. Second check: “${words.principal}” adds up to ${moved}.`,
        formula: `SUM(${range('principal')})-(${moved})`,
        cells: end.after ? [end.after] : [],
        note: 'Both checks together find a row that was overwritten, and a reference that slid.',
        filled,
      }),
    ];
  }

  /** Running totals and yearly subtotals. */
  #further(): DrawnStep[] {
    const { columns, count } = this.#sheet;
    const filled: Filled = { inputs: 'all', first: columns.length, second: columns.length, copied: true };
    const interest = (k: number): string => this.#sheet.at('interest', k);
    const p = this.#work.question.statement.paymentsPerYear;
    const first = interest(1);
    const running = first.replace(/^([A-Z])(\d+)$/, '$1$$$2');
    const cell = this.#sheet.row(2).interest;
    return [
      this.#step({
        title: 'Interest so far',
        sentence:
          'Beside the table, in row 2: the interest from the first payment to this one. Its start is fixed, its end goes along.',
        formula: `SUM(${running}:${interest(2)})`,
        cells: cell ? [cell] : [],
        filled,
      }),
      ...(p > 1 && count >= p
        ? [
            this.#step({
              title: 'Year by year',
              sentence: `The interest of the first year is that of its ${p} ${frequencyOf(p).period === 'month' ? 'months' : 'payments'}; the next year begins ${p} lines below.`,
              formula: `SUM(${first}:${interest(p)})`,
              cells: [],
              filled,
            }),
          ]
        : []),
    ];
  }

  /** "B9 goes along when copied down · $B$3 stays" */
  #goesAlong({ formula = '' }: TaughtCell): string {
    const refs = [...formula.matchAll(/\$?[A-Z]\$?\d+/g)].map(([text]) => text);
    const along = refs.filter((ref) => !ref.startsWith('$'));
    const stay = refs.filter((ref) => ref.startsWith('$'));
    return [
      ...(along.length > 0 ? [`${along.join(', ')} ${along.length === 1 ? 'goes' : 'go'} along when copied down`] : []),
      ...(stay.length > 0 ? [`${stay.join(', ')} ${stay.length === 1 ? 'stays' : 'stay'}`] : []),
    ].join(' · ');
  }

  #typed(formula: string): string {
    return asTyped(`=${formula.replaceAll(',', ';')}`, this.#work.writing.sheet, this.#work.style);
  }

  #step({ title, sentence, cell, cells = [], formula, note = '', filled }: Step): DrawnStep {
    const now = new Set([...cells, ...(cell ? [cell] : [])].map(({ at }) => at));
    const typed = formula ?? cell?.formula;
    const reads = new Map<string, CellMark>();
    for (const [ref] of (typed ?? '').matchAll(/\$?[A-Z]\$?\d+/g))
      reads.set(ref.replaceAll('$', ''), ref.startsWith('$') ? 'fixed' : 'read');
    const mark = (at: string): { mark?: CellMark } => {
      const found = now.has(at) ? 'now' : reads.get(at);
      return found ? { mark: found } : {};
    };
    return {
      title,
      sentence: [{ text: sentence }],
      formula: typed === undefined ? [] : this.#pieces(this.#typed(typed)),
      note,
      sheet: this.#drawn(filled, mark),
      forgotten: [],
    };
  }

  /** A formula parted where it names cells. */
  #pieces(formula: string): DrawnPiece[] {
    return formula
      .split(/(\$?[A-Z]\$?\d+)/)
      .filter((text) => text !== '')
      .map((text) =>
        /^\$?[A-Z]\$?\d+$/.test(text) ? { text, mark: text.startsWith('$') ? 'fixed' : 'read' } : { text },
      );
  }

  #drawn(filled: Filled, mark: (at: string) => { mark?: CellMark }): DrawnSheet {
    const { inputs, columns, count } = this.#sheet;
    const shownInputs = inputs.filter(({ id, formula }) => filled.inputs === 'all' || id !== 'payment' || !formula);
    const rowCells = (k: number, places: number): DrawnCell[] => {
      const row = this.#sheet.row(k);
      return columns.map(({ id }, place) => {
        const cell = row[id];
        const at = this.#sheet.at(id, k);
        const shows = cell && place < places ? this.#shows(cell.value, cell.shownAs) : '';
        return { at, shows, ...(place < places ? mark(at) : {}) };
      });
    };
    const rows: (DrawnCell[] | 'gap')[] = [];
    if (filled.first > 0) rows.push(rowCells(1, filled.first));
    if (filled.second > 0 && count > 1) rows.push(rowCells(2, filled.second));
    if (filled.copied) {
      const ends = [...new Set([3, count - 1, count])].filter((k) => k > 2 && k <= count);
      ends.forEach((k, at) => {
        if (k > (ends[at - 1] ?? 2) + 1) rows.push('gap');
        rows.push(rowCells(k, columns.length));
      });
    }
    return {
      inputs: shownInputs.map(({ at, label, value, shownAs }) => ({
        at,
        label,
        shows: this.#shows(value, shownAs),
        ...mark(at),
      })),
      titles: filled.first > 0 ? columns.map(({ title }) => title) : [],
      rows,
    };
  }

  #shows(value: number, shownAs: ShownAs): string {
    const { style } = this.#work;
    switch (shownAs) {
      case 'money':
        return writeMoney(value, style);
      case 'percent':
        return writePercent(value, style);
      case 'rate':
        return writeBrief(value, 4, 8, style);
      case 'count':
        return writeBrief(value, 0, 4, style);
    }
  }
}
