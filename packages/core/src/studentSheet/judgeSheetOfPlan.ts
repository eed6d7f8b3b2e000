/** Judges the table of a student's worksheet against a plan: cell by cell, and by cause, each cause proved by mending it. */

import type { HouseRules } from '../exercise/houseRules.ts';
import type { Plan } from '../table/plan.ts';
import { fullAddress } from './cells.ts';
import { causeSentence } from './causeSentence.ts';
import { causeWords, errorMeanings, type CauseId } from './causes.ts';
import { Judging, type JudgedCell, type SheetVerdict } from './judgeCells.ts';
import { Mending, type Mended } from './mend.ts';
import type { SheetFound } from './readSheet.ts';
import { Calculation, type Instead } from './recalculate.ts';
import { remarksOn, type Remark } from './remarks.ts';
import { SheetModel } from './sheetModel.ts';
import { tableKeys } from './tableKeys.ts';
import type { TableFound } from './findTables.ts';
import { CellError } from './values.ts';

export interface SheetCellVerdict {
  /** `Loan!C9`. */
  readonly address: string;
  readonly verdict: SheetVerdict;
  readonly expected?: number;
  /** The cause of a wrong cell, where one is known. */
  readonly cause?: CauseId;
}

export interface SheetCause {
  readonly id: CauseId;
  readonly title: string;
  readonly cells: readonly string[];
  readonly says: string;
  readonly wrongFormula?: string;
  readonly rightFormula?: string;
  /** Whether everything becomes right when it is mended, or some of it; a remark is not tried. */
  readonly mends: 'all' | 'some' | 'untried';
  /** No other cause mends as much, and nothing stays wrong. */
  readonly certain: boolean;
  /** It costs no marks: the numbers are right. */
  readonly remark: boolean;
}

export interface SheetJudged {
  /** Those that are wrong by themselves first. */
  readonly cells: readonly SheetCellVerdict[];
  readonly causes: readonly SheetCause[];
  /** 0 to 1, by the house rules: the mean of the columns. */
  readonly credit: number;
  readonly table?: TableFound;
  /** Why nothing could be judged. */
  readonly says?: string;
  /** Each cause's cells with what stands in them when it is mended, by address. */
  readonly mended: Readonly<Record<string, number>>;
}

const MOST_CAUSES = 5;

/**
 * @param plan as tables are built from it; its rounding is the class's own
 * @param rules what a carried cell and a wrong one are worth
 * @param lastAsked the last payment that was asked for, where a table need not go on to the end
 */
export function judgeSheetOfPlan(
  plan: Plan,
  found: SheetFound,
  rules: Pick<HouseRules, 'credit'>,
  lastAsked = Infinity,
): SheetJudged {
  const nothing = { cells: [], causes: [], credit: 0, mended: {} };
  const keys = tableKeys(plan);
  if (!keys.ok) return { ...nothing, says: keys.problem.message };
  if (found.tables.length === 0)
    return { ...nothing, says: 'No table was found: mark where it is, or name its columns.' };
  const models = found.tables.map((table) => new SheetModel(plan, keys.value, found, table, lastAsked));
  const judged = models.map((model) => ({ model, judging: usefulInputs(model) }));
  const chosen = judged.reduce((best, each) => (fitting(each.judging) > fitting(best.judging) ? each : best));
  return judgedTable(chosen.model, chosen.judging, rules);
}

/** The table of the plan is the one with most right cells; what only follows counts little. */
const fitting = ({ cells }: Judging): number =>
  cells.reduce(
    (sum, { verdict, of }) => sum + (!('column' in of) || verdict === 'wrong' ? 0 : verdict === 'carried' ? 0.1 : 1),
    0,
  );

/** A typed input that is not the case's counts only where the table becomes more right with the case's: else it is something else. */
function usefulInputs(model: SheetModel): Judging {
  const judging = new Judging(model, model.base);
  const isTyped = ({ of, place, verdict }: JudgedCell): boolean =>
    'input' in of && verdict !== 'right' && model.book.at(place)?.node === undefined;
  const doubtful = judging.cells.filter(isTyped);
  if (doubtful.length === 0) return judging;
  const right = ({ cells }: Judging): number =>
    cells.filter(({ verdict, of }) => 'column' in of && verdict.startsWith('right')).length;
  for (const { of, place, expected } of doubtful) {
    if (!('input' in of) || expected === undefined) continue;
    const instead = new Map([[model.book.keyOf(place), expected]]);
    const mended = new Judging(model, new Calculation(model.book, instead));
    if (right(mended) <= right(judging) && mended.roots.length >= judging.roots.length - 1) model.drop(of.input);
  }
  return new Judging(model, model.base);
}

interface Chain {
  readonly causes: SheetCause[];
  readonly causeOf: Map<string, CauseId>;
  readonly last: Judging;
  readonly instead: Instead;
}

/** Cause after cause: what is found is mended, and what is still wrong then is looked at. */
function chainOf(model: SheetModel, start: Judging): Chain {
  const causes: SheetCause[] = [];
  const causeOf = new Map<string, CauseId>();
  let judging = start;
  let instead: Instead = new Map();
  let unexplained = 0;
  for (let step = 0; step < MOST_CAUSES + 2 && judging.roots.length > 0; step += 1) {
    const root = firstRoot(judging.roots);
    const mends =
      causes.length < MOST_CAUSES
        ? new Mending(model, new Calculation(model.book, instead), instead).of(root, judging)
        : [];
    const [first] = mends;
    if (!first) {
      unexplained += 1;
      const value = new Calculation(model.book, instead).valueAt(root.place);
      const isNew = !causes.some(({ id }) => id === 'error-value');
      if (value instanceof CellError && isNew) causes.push(errorCause(root, value));
      instead = new Map([...instead, ...asExpected(model, judging, root)]);
      judging = new Judging(model, new Calculation(model.book, instead));
      continue;
    }
    causes.push(...mends.flatMap((each) => causesOf(model, each, causes.length === 0, mends.length === 1)));
    for (const cell of first.cells) if (!causeOf.has(cell)) causeOf.set(cell, first.causes[0]!);
    if (!causeOf.has(fullAddress(root.place))) causeOf.set(fullAddress(root.place), first.causes[0]!);
    ({ judging, instead } = first);
  }
  const isWhole = judging.roots.length === 0 && unexplained === 0;
  return {
    causes: causes.map((each) => ({ ...each, certain: each.certain && isWhole })),
    causeOf,
    last: judging,
    instead,
  };
}

/** Inputs first, then row by row. */
function firstRoot(roots: readonly JudgedCell[]): JudgedCell {
  const order = ({ of }: JudgedCell): number =>
    'input' in of ? (of.input.startsWith('total') ? 1e7 : 0) : 'column' in of ? of.k : 1e6;
  return roots.reduce((first, each) => (order(each) < order(first) ? each : first));
}

function causesOf(
  model: SheetModel,
  { causes, cells, wrongFormula, rightFormula, left }: Mended,
  isFirst: boolean,
  isOnly: boolean,
): SheetCause[] {
  return causes.map((id) => ({
    id,
    title: causeWords[id].title,
    cells,
    says: causeSentence(model, id, cells, wrongFormula, rightFormula),
    ...(wrongFormula === undefined ? {} : { wrongFormula }),
    ...(rightFormula === undefined ? {} : { rightFormula }),
    mends: left === 0 && isFirst ? 'all' : 'some',
    certain: isOnly,
    remark: false,
  }));
}

function errorCause({ place }: JudgedCell, { code }: CellError): SheetCause {
  return {
    id: 'error-value',
    title: causeWords['error-value'].title,
    cells: [fullAddress(place)],
    says: `${code} means that ${errorMeanings[code] ?? 'something cannot be worked out'}.`,
    mends: 'untried',
    certain: false,
    remark: false,
  };
}

/** The root, and what is wrong in the same column, as it should be: so that what is wrong elsewhere is still found. */
function asExpected(model: SheetModel, judging: Judging, root: JudgedCell): [number, number][] {
  const { of } = root;
  const isAlike = (other: JudgedCell): boolean =>
    other === root || ('column' in of && 'column' in other.of && of.column === other.of.column);
  return judging.roots
    .filter(isAlike)
    .flatMap((each): [number, number][] =>
      each.expected === undefined ? [] : [[model.book.keyOf(each.place), each.expected]],
    );
}

function judgedTable(model: SheetModel, judging: Judging, rules: Pick<HouseRules, 'credit'>): SheetJudged {
  const chain = chainOf(model, judging);
  const known = new Set(chain.causes.map(({ id }) => id));
  const remarks = remarksOn(model, judging).filter(({ id }) => !known.has(id));
  const remarked = new Set(
    remarks
      .filter(({ id }) => id === 'number-typed-over' || id === 'text-that-looks-like-a-number')
      .flatMap(({ cells }) => cells),
  );
  const cells = judging.cells.map((cell): SheetCellVerdict => {
    const address = fullAddress(cell.place);
    const cause = cell.verdict === 'wrong' ? chain.causeOf.get(address) : undefined;
    const verdict = remarked.has(address) && cell.verdict.startsWith('right') ? 'remark' : cell.verdict;
    return {
      address,
      verdict,
      ...(cell.expected === undefined ? {} : { expected: cell.expected }),
      ...(cause ? { cause } : {}),
    };
  });
  return {
    cells: [
      ...cells.filter(({ verdict }) => verdict === 'wrong'),
      ...cells.filter(({ verdict }) => verdict !== 'wrong'),
    ],
    causes: [...chain.causes, ...remarks.map(remarkCause)],
    credit: creditOf(model, judging, { causes: chain.causes, remarks }, rules),
    table: model.table,
    mended: chain.instead.size === 0 ? {} : valuesOf(chain.last),
  };
}

const remarkCause = ({ id, cells, says, isFault }: Remark): SheetCause => ({
  id,
  title: causeWords[id].title,
  cells,
  says,
  mends: 'untried',
  certain: true,
  remark: !isFault,
});

const valuesOf = ({ cells }: Judging): Record<string, number> =>
  Object.fromEntries(cells.map(({ place, value }) => [fullAddress(place), value]));

/**
 * The mean of the columns, each the mean of its cells. A cell whose formula is wrong is worth what a mistake is, whatever
 * number it happens to show; rows that are missing count as empty ones.
 */
function creditOf(
  model: SheetModel,
  { cells }: Judging,
  { causes, remarks }: { readonly causes: readonly SheetCause[]; readonly remarks: readonly Remark[] },
  { credit }: Pick<HouseRules, 'credit'>,
): number {
  const shares: Readonly<Partial<Record<SheetVerdict, number>>> = {
    right: 1,
    'right-other-way': 1,
    remark: 1,
    'right-rounded': credit.rightRounded,
    carried: credit.carried,
    wrong: credit.slip,
  };
  const faulty = new Set(causes.flatMap((cause) => cause.cells));
  const byColumn = new Map<string, number[]>();
  for (const { of, verdict, place } of cells) {
    const name = 'column' in of ? of.column : 'input' in of ? 'inputs' : 'totals';
    const share = faulty.has(fullAddress(place)) ? credit.slip : (shares[verdict] ?? 0);
    byColumn.set(name, [...(byColumn.get(name) ?? []), share]);
  }
  const means = [...byColumn.values()].map((each) => each.reduce((sum, share) => sum + share, 0) / each.length);
  if (means.length === 0) return 0;
  const mean = means.reduce((sum, share) => sum + share, 0) / means.length;
  const isShort = remarks.some(({ id }) => id === 'copied-too-few');
  return isShort ? (mean * (model.lastK - model.firstK + 1)) / (model.askedCount - model.firstK + 1) : mean;
}
