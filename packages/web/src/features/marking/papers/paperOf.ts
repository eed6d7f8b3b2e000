/** The papers of a set as they are chosen: what, for whom, in which form. */

import {
  feedbackFor,
  feedbackSheet,
  formulaBlocks,
  formulaSheet,
  itemShare,
  keyLines,
  keySheet,
  markingSheet,
  paperCode,
  questionSheet,
  solutionSheet,
  tablesSheet,
  type AskedExercise,
  type EnteringStyle,
  type Paper,
  type PaperSheet,
  type PaperStudent,
  type SetOnPaper,
  type SheetForm,
  type WayId,
} from '@hardy-sextant/core';
import type { KeptClass, MarkedStudent, Marking, SlipText } from '@hardy-sextant/contract';
import { classInWords } from '../../../api/records.ts';
import { say } from '../../../words/say.ts';

export const paperKinds = {
  questions: say('Question sheets'),
  tables: say('Tables to fill in'),
  formulas: say('Formula sheet'),
  key: 'Key, with what else is right',
  lines: say('Key, a line for each student'),
  solutions: say('Worked solutions'),
  roster: say('Marking sheet'),
  feedback: say('Feedback'),
} as const;
export type PaperKind = keyof typeof paperKinds;

/** Kinds that are about a class. */
export const classKinds: ReadonlySet<PaperKind> = new Set(['lines', 'roster', 'feedback']);

/** Kinds of which each student may have their own. */
export const ownKinds: ReadonlySet<PaperKind> = new Set(['questions', 'tables', 'key', 'solutions', 'feedback']);

export interface PaperChoice {
  readonly kind: PaperKind;
  /** `each`, `all` for one paper that is for all, `version` for one of each version, or a student's id. */
  readonly who: string;
  readonly form: SheetForm;
  /** The formulas stand at the end of a question sheet. */
  readonly formulas: boolean;
  /** Tables with every cell empty, or as they are asked. */
  readonly tables: 'asked' | 'empty';
  readonly way: WayId;
  /** Worked solutions with the reason for each step; feedback with the working. */
  readonly reasons: boolean;
}

/** What papers are made from. */
export interface PaperSources {
  readonly marking: Marking;
  /** Of the class: what it is called, and its house rules. */
  readonly chosen: Pick<KeptClass, 'code' | 'term' | 'rules'>;
  readonly entering: EnteringStyle;
  readonly texts: readonly SlipText[];
  /** Where students' own pages are: `https://sextant.college.test`. */
  readonly origin?: string;
}

/** How many sheets a choice comes to, and each of them when it is asked for. */
export interface SheetsOf {
  readonly title: string;
  readonly count: number;
  readonly sheet: (at: number) => PaperSheet;
}

/** Whose sheet it is: a student's, that of a version, or one for all. */
interface Whose {
  readonly student?: MarkedStudent;
  readonly version?: string;
  /** Who has these numbers. */
  readonly numbersOf?: MarkedStudent;
}

export function sheetsOf(sources: PaperSources, choice: PaperChoice): SheetsOf {
  const { marking, chosen } = sources;
  const { set: kept } = marking;
  const exercises = kept.assignedExercises.map(({ exercise }) => exercise);
  const here = marking.students.filter(({ withdrawn }) => !withdrawn);
  const set = setOnPaper(marking, chosen);
  const title = `${kept.title}, ${paperKinds[choice.kind].toLowerCase()}`;
  const known = here.map((student) => ({
    ...asStudent(kept.id, student),
    numbers: kept.assignedExercises.map(({ itemId }) => student.numbers[itemId] ?? {}),
  }));
  switch (choice.kind) {
    case 'lines':
      return { title, count: 1, sheet: () => keyLines(set, exercises, chosen.rules, known) };
    case 'roster':
      return { title, count: 1, sheet: () => markingSheet(set, exercises, known) };
    case 'formulas':
      return { title, count: 1, sheet: () => formulaSheet(set, exercises, chosen.rules) };
    default: {
      const whose = whoseOf(here, choice);
      return { title, count: whose.length, sheet: (at) => ownSheet(sources, choice, set, whose[at] ?? {}) };
    }
  }
}

const several: ReadonlySet<string> = new Set(['each', 'all', 'version']);

function whoseOf(here: readonly MarkedStudent[], { who, kind }: PaperChoice): Whose[] {
  if (who === 'all' && kind !== 'feedback') return [{}];
  if (who === 'version' && kind !== 'feedback') {
    const versions = [...new Set(here.map(({ version }) => version))].filter((each) => each !== '').sort();
    return versions.flatMap((version) => {
      const one = here.find((student) => student.version === version);
      return one ? [{ version, numbersOf: one }] : [];
    });
  }
  return here
    .filter(({ id }) => several.has(who) || who === id)
    .map((student) => ({
      student,
      numbersOf: student,
      ...(student.version === '' ? {} : { version: student.version }),
    }));
}

const asStudent = (setId: string, { id, name, number }: MarkedStudent): PaperStudent => ({
  name,
  number,
  code: paperCode(setId, id),
});

function setOnPaper({ set: { title, document } }: Marking, chosen: PaperSources['chosen']): SetOnPaper {
  return {
    title,
    className: classInWords(chosen),
    given: dayInWords(document.given),
    due: dayInWords(document.due),
  };
}

function ownSheet(
  { marking, chosen: { rules }, entering, texts, origin }: PaperSources,
  { kind, form, formulas, tables, way, reasons }: PaperChoice,
  common: SetOnPaper,
  { student, version, numbersOf }: Whose,
): PaperSheet {
  const { set: kept } = marking;
  const set =
    version === undefined
      ? common
      : { ...common, title: say('{{title}}, version {{version}}', { title: common.title, version }) };
  const asked = kept.assignedExercises.map(({ itemId, exercise }): AskedExercise => ({
    exercise,
    numbers: numbersOf?.numbers[itemId] ?? {},
    share: itemShare(marking, itemId),
  }));
  const person = student && asStudent(kept.id, student);
  const who = person && { who: `${person.name}, ${person.number}`, code: person.code };
  // The code opens the page where the set is answered online.
  const link = person && origin && kept.document.online ? { link: `${origin}/in#${person.code}` } : {};
  switch (kind) {
    case 'key':
      return keySheet(set, asked, rules, who);
    case 'solutions':
      return solutionSheet(set, asked, rules, { way, detail: reasons ? 'reasons' : 'steps', entering }, who);
    case 'tables':
      return { ...tablesSheet(set, asked, rules, tables, person), ...link };
    case 'feedback': {
      const given = student && feedbackFor(marking, student, rules, texts, entering, reasons);
      return given ? feedbackSheet(set.title, given, person?.code) : { blocks: [] };
    }
    default: {
      const sheet = { ...questionSheet(set, asked, rules, form, person), ...link };
      if (!formulas) return sheet;
      return {
        ...sheet,
        blocks: [
          ...sheet.blocks,
          ...formulaBlocks(
            asked.map(({ exercise }) => exercise),
            rules,
          ),
        ],
      };
    }
  }
}

/** Every sheet of a choice. */
export const paperOf = ({ title, count, sheet }: SheetsOf): Paper => ({
  title,
  sheets: Array.from({ length: count }, (_, at) => sheet(at)),
});

/** "6 October 2026"; empty where there is no day. */
function dayInWords(day: string): string {
  if (day === '') return '';
  return new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}
