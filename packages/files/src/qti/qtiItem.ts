/** An exercise with one set of numbers as a QTI 3.0 item: story, a place for each answer, every number that is right, feedback for the commonest mistakes. */

import {
  answerKey,
  fillText,
  givensInForce,
  numberStyleById,
  partNumbers,
  roundTo,
  slipById,
  slipNumbers,
  storyText,
  withinOf,
  writeMoney,
  type Exercise,
  type HouseRules,
  type KeyedPart,
  type KeyTable,
  type Numbers,
  type Part,
  type Story,
  type StoryNode,
} from '@hardy-sextant/core';
import type { FormulaSetter } from '../papers/formula.ts';
import { xmlText } from '../xmlTree.ts';

export const QTI_ITEM = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0';

/** So many mistakes of a part have feedback of their own. */
const MOST_SLIPS = 6;

export interface QtiItem {
  readonly identifier: string;
  readonly exercise: Exercise;
  readonly numbers: Numbers;
}

/** What stands in one item, gathered part by part. */
interface Pieces {
  readonly declarations: string[];
  readonly body: string[];
  readonly processing: string[];
  readonly feedback: string[];
}

/** @returns the item as XML */
export function qtiItem({ identifier, exercise, numbers }: QtiItem, rules: HouseRules, formula: FormulaSetter): string {
  const style = numberStyleById(rules.numberStyle);
  const { written } = givensInForce(exercise, numbers, style);
  const pieces: Pieces = { declarations: [], body: [], processing: [], feedback: [] };
  const keys = answerKey(exercise, numbers, rules);
  exercise.parts.forEach((part, at) => {
    const keyed = keys[at];
    const prompt = `<strong>${xmlText(part.id)}</strong> ${xmlText(fillText(part.prompt, written))}`;
    if (!keyed?.ok) byHand(pieces, part, prompt);
    else if (keyed.value.table) tablePart(pieces, part, prompt, keyed.value.table, rules);
    else if (keyed.value.choice !== undefined) choicePart(pieces, exercise, part, prompt, keyed.value.choice);
    else if (keyed.value.relation || part.format.kind === 'years-months') byHand(pieces, part, prompt);
    else numberPart(pieces, part, prompt, keyed.value, rightNumbers(exercise, part, numbers, rules), rules);
  });
  const most = roundTo(
    exercise.parts.reduce((sum, { marks }) => sum + marks, 0),
    4,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<qti-assessment-item xmlns="${QTI_ITEM}" identifier="${identifier}" title="${xmlText(exercise.title || 'An exercise')}" adaptive="false" time-dependent="false" xml:lang="en">
${pieces.declarations.join('\n')}
<qti-outcome-declaration identifier="SCORE" cardinality="single" base-type="float"><qti-default-value><qti-value>0</qti-value></qti-default-value></qti-outcome-declaration>
<qti-outcome-declaration identifier="MAXSCORE" cardinality="single" base-type="float"><qti-default-value><qti-value>${most}</qti-value></qti-default-value></qti-outcome-declaration>
<qti-outcome-declaration identifier="FEEDBACK" cardinality="multiple" base-type="identifier"/>
<qti-item-body>
${storyXml(exercise.story, written, formula)}
${pieces.body.join('\n')}
${pieces.feedback.join('\n')}
</qti-item-body>
<qti-response-processing>
${pieces.processing.join('\n')}
</qti-response-processing>
</qti-assessment-item>
`;
}

const rightNumbers = (exercise: Exercise, part: Part, numbers: Numbers, rules: HouseRules): number[] => [
  ...new Set(partNumbers(exercise, part, numbers, rules).map(({ expected }) => expected)),
];

function declare(
  { declarations }: Pieces,
  id: string,
  type: 'float' | 'string' | 'identifier',
  correct?: string,
): void {
  const value =
    correct === undefined
      ? ''
      : `<qti-correct-response><qti-value>${xmlText(correct)}</qti-value></qti-correct-response>`;
  declarations.push(
    `<qti-response-declaration identifier="${id}" cardinality="single" base-type="${type}">${value}</qti-response-declaration>`,
  );
}

const entry = (id: string, length = 14): string =>
  `<qti-text-entry-interaction response-identifier="${id}" expected-length="${length}"/>`;

const variable = (id: string): string => `<qti-variable identifier="${id}"/>`;
const float = (value: number): string => `<qti-base-value base-type="float">${value}</qti-base-value>`;

/** Near enough to a number. */
const equals = (id: string, value: number, within: number): string =>
  `<qti-equal tolerance-mode="absolute" tolerance="${within} ${within}">${variable(id)}${float(value)}</qti-equal>`;

const anyOf = (tests: readonly string[]): string =>
  tests.length === 1 ? tests[0]! : `<qti-or>${tests.join('')}</qti-or>`;

const addScore = (marks: number): string =>
  `<qti-set-outcome-value identifier="SCORE"><qti-sum>${variable('SCORE')}${float(marks)}</qti-sum></qti-set-outcome-value>`;

const showFeedback = (id: string): string =>
  `<qti-set-outcome-value identifier="FEEDBACK"><qti-multiple>${variable('FEEDBACK')}<qti-base-value base-type="identifier">${id}</qti-base-value></qti-multiple></qti-set-outcome-value>`;

function numberPart(
  pieces: Pieces,
  part: Part,
  prompt: string,
  { expected, question }: KeyedPart,
  right: readonly number[],
  rules: HouseRules,
): void {
  const id = `R_${part.id}`;
  declare(pieces, id, 'float', String(expected));
  pieces.body.push(`<p>${prompt} ${entry(id)}</p>`);
  // Half a unit of the last place is rounding.
  const within = Math.max(part.tolerance ?? withinOf(part.format, rules), 0.5 * 10 ** -part.format.decimals - 1e-9);
  const numbers = right.includes(expected) ? right : [expected, ...right];
  const slips = question
    ? slipNumbers(question, rules).filter(({ result }) => !numbers.some((each) => Math.abs(each - result) <= within))
    : [];
  const branches = slips.slice(0, MOST_SLIPS).map(({ id: slip, result, says }, at) => {
    const shown = `F_${part.id}_${at + 1}`;
    pieces.feedback.push(
      `<qti-feedback-block outcome-identifier="FEEDBACK" identifier="${shown}" show-hide="show"><qti-content-body><p><strong>${xmlText(part.id)}</strong> ${xmlText(says)} ${xmlText(slipById(slip)?.advice ?? '')}</p></qti-content-body></qti-feedback-block>`,
    );
    const credit = roundTo(rules.credit.slip * part.marks, 4);
    return `<qti-response-else-if>${equals(id, result, within)}${credit > 0 ? addScore(credit) : ''}${showFeedback(shown)}</qti-response-else-if>`;
  });
  pieces.processing.push(
    `<qti-response-condition><qti-response-if>${anyOf(numbers.map((value) => equals(id, value, within)))}${addScore(part.marks)}</qti-response-if>${branches.join('')}</qti-response-condition>`,
  );
}

function choicePart(
  pieces: Pieces,
  { plans }: Exercise,
  { id: partId, ask, marks }: Part,
  prompt: string,
  better: string,
): void {
  const id = `R_${partId}`;
  declare(pieces, id, 'identifier', `P_${better}`);
  const offered = ask.quantity === 'choice' ? plans.filter(({ id: plan }) => ask.plans.includes(plan)) : plans;
  const choices = offered.map(
    (plan) =>
      `<qti-simple-choice identifier="P_${xmlText(plan.id)}">${xmlText(plan.name ?? plan.id)}</qti-simple-choice>`,
  );
  pieces.body.push(
    `<qti-choice-interaction response-identifier="${id}" max-choices="1"><qti-prompt>${prompt}</qti-prompt>${choices.join('')}</qti-choice-interaction>`,
  );
  pieces.processing.push(
    `<qti-response-condition><qti-response-if><qti-match>${variable(id)}<qti-correct identifier="${id}"/></qti-match>${addScore(marks)}</qti-response-if></qti-response-condition>`,
  );
}

/** A place in each cell that is left blank; each counts as much. */
function tablePart(pieces: Pieces, part: Part, prompt: string, table: KeyTable, rules: HouseRules): void {
  const style = numberStyleById(rules.numberStyle);
  const blanks = [...table.rows.flat(), ...table.totals].filter(({ blank }) => blank).length;
  const share = blanks === 0 ? 0 : roundTo(part.marks / blanks, 6);
  const cellXml = ({ id: name, blank, text, value }: KeyTable['totals'][number]): string => {
    if (!blank) return `<td>${xmlText(text ?? writeMoney(value, style))}</td>`;
    const id = `R_${part.id}_${name.replace(/[^a-z0-9]/gi, '_')}`;
    declare(pieces, id, 'float', String(value));
    pieces.processing.push(
      `<qti-response-condition><qti-response-if>${equals(id, value, Math.max(rules.tolerance.money, 0.005))}${addScore(share)}</qti-response-if></qti-response-condition>`,
    );
    return `<td>${entry(id, 10)}</td>`;
  };
  const rows = table.rows.map((cells) => `<tr><td>${cells[0]?.row ?? ''}</td>${cells.map(cellXml).join('')}</tr>`);
  const totals = table.columns.map(({ column }) => {
    const cell = table.totals.find((each) => each.column === column);
    return cell ? cellXml(cell) : '<td/>';
  });
  if (table.totals.length > 0) rows.push(`<tr><td>Total</td>${totals.join('')}</tr>`);
  const head = ['No.', ...table.columns.map(({ name }) => name)].map((name) => `<th>${xmlText(name)}</th>`).join('');
  pieces.body.push(
    `<div><p>${prompt}</p><table><thead><tr>${head}</tr></thead><tbody>${rows.join('')}</tbody></table></div>`,
  );
}

/** What no rule judges: the place for it, to be marked by a person. */
function byHand(pieces: Pieces, { id: partId }: Part, prompt: string): void {
  const id = `R_${partId}`;
  declare(pieces, id, 'string');
  pieces.body.push(
    `<qti-extended-text-interaction response-identifier="${id}" expected-lines="3"><qti-prompt>${prompt}</qti-prompt></qti-extended-text-interaction>`,
  );
}

const tags: Readonly<Partial<Record<StoryNode['type'], string>>> = {
  bulletList: 'ul',
  orderedList: 'ol',
  listItem: 'li',
  table: 'table',
  tableRow: 'tr',
  tableCell: 'td',
  tableHeader: 'th',
  paragraph: 'p',
};

/** A story as the XHTML that items take. */
export function storyXml(story: Story, written: Readonly<Record<string, string>>, formula: FormulaSetter): string {
  const xml = (node: StoryNode): string => {
    const inner = (): string => (node.content ?? []).map(xml).join('');
    switch (node.type) {
      case 'hardBreak':
        return '<br/>';
      case 'formula': {
        const tex = storyText(node, written);
        return formula(tex, false)?.mathml ?? `<span>${xmlText(tex)}</span>`;
      }
      case 'text':
      case 'given': {
        const marks = new Set(node.marks?.map(({ type }) => type));
        const text = xmlText(storyText(node, written));
        const italic = marks.has('italic') ? `<em>${text}</em>` : text;
        return marks.has('bold') ? `<strong>${italic}</strong>` : italic;
      }
      case 'table':
        return `<table><tbody>${inner()}</tbody></table>`;
      default: {
        const tag = tags[node.type];
        return tag ? `<${tag}>${inner()}</${tag}>` : inner();
      }
    }
  };
  return (story.content ?? []).map(xml).join('\n');
}
