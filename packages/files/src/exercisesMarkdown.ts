/** Exercises as Markdown in our documented layout, out and in: a heading, the story, lettered parts with their marks, answers. */

import {
  answerKey,
  emptyDraft,
  fillText,
  givensInForce,
  numberStyleById,
  partNumbers,
  readEntry,
  storyBlocks,
  topics,
  writeAnswer,
  type Exercise,
  type HouseRules,
  type Part,
  type PaperBlock,
  type StoryNode,
} from '@hardy-sextant/core';
import { marked, type Token, type Tokens } from 'marked';
import type { FileKind } from './format.ts';
import { escaped, paperMarkdown } from './papers/paperText.ts';
import type { ReadItems } from './qti/readQti.ts';

/** @returns the text of the file; numbers are those of the exercises */
export function writeExercisesMarkdown(exercises: readonly Exercise[], rules: HouseRules): string {
  return exercises.map((exercise) => exerciseMarkdown(exercise, rules)).join('\n');
}

function exerciseMarkdown(exercise: Exercise, rules: HouseRules): string {
  const { written } = givensInForce(exercise, {}, numberStyleById(rules.numberStyle));
  const facts = [
    ...(exercise.topic ? [`topic: ${exercise.topic}`] : []),
    ...(exercise.level ? [`level: ${exercise.level}`] : []),
  ];
  const blocks: PaperBlock[] = storyBlocks(exercise.story, written);
  const key = answerKey(exercise, {}, rules);
  const parts = exercise.parts.map((part, at) => {
    const lines = [`${part.id}) ${escaped(fillText(part.prompt, written))} \\[${marksOf(part)}\\]`];
    const keyed = key[at];
    if (keyed?.ok && !keyed.value.table) {
      lines.push(`Answer: ${escaped(keyed.value.written)}`);
      const others = partNumbers(exercise, part, {}, rules).map(({ expected }) =>
        writeAnswer(expected, part.format, rules),
      );
      const more = [...new Set(others)].filter((text) => text !== keyed.value.written);
      if (more.length > 0) lines.push(`Also right: ${escaped(more.join('; '))}`);
    }
    return lines.join('  \n');
  });
  return [
    `# ${escaped(exercise.title || 'An exercise')}`,
    ...(facts.length > 0 ? [facts.join('  \n')] : []),
    paperMarkdown({ title: '', sheets: [{ blocks }] }).trim(),
    ...parts,
  ]
    .filter((each) => each !== '')
    .join('\n\n')
    .concat('\n');
}

const marksOf = ({ marks }: Part): string => `${marks} ${marks === 1 ? 'mark' : 'marks'}`;

const MOST_CHARACTERS = 5_000_000;
const MOST_EXERCISES = 2000;
const FACT = /^(topic|level):\s*(.+)$/i;
const PART = /^([a-z])[).]\s+/;
const MARKS = /\s*\[(\d+(?:\.\d+)?)\s*marks?\]\s*/i;

/** @throws with a sentence where it is too long */
export function readExercisesMarkdown(text: string, rules: HouseRules): ReadItems {
  if (text.length > MOST_CHARACTERS) throw new Error('This text has more than 5 million characters.');
  const formulas: string[] = [];
  // Signs of a formula are no signs of Markdown.
  const kept = text.replace(/\$\$?([^$\n]+)\$\$?/g, (whole, tex: string, at: number) =>
    text[at - 1] === '\\' ? whole : `${FORMULA}${formulas.push(tex.trim()) - 1}${FORMULA}`,
  );
  const exercises: Exercise[] = [];
  const notes: string[] = [];
  let reader: MarkdownReader | undefined;
  const finish = (): void => {
    if (!reader) return;
    const exercise = reader.exercise();
    notes.push(...reader.notes.map((note) => `“${reader?.title.slice(0, 80)}”: ${note}`));
    if (exercise) exercises.push(exercise);
  };
  for (const token of marked.lexer(kept)) {
    if (token.type === 'heading' && (token as Tokens.Heading).depth === 1) {
      finish();
      reader = new MarkdownReader(plainText(token, formulas), formulas, rules);
    } else if (reader) reader.take(token);
    else if (token.type !== 'space') notes.push('What stands before the first heading is left out.');
  }
  finish();
  if (exercises.length > MOST_EXERCISES) notes.push(`The first ${MOST_EXERCISES} exercises are read.`);
  return { exercises: exercises.slice(0, MOST_EXERCISES), notes: [...new Set(notes)] };
}

/** Stands around the number of a formula; no text has it. */
const FORMULA = '\u0002';

class MarkdownReader {
  readonly title: string;
  readonly notes: string[] = [];
  readonly #formulas: readonly string[];
  readonly #rules: HouseRules;
  readonly #story: StoryNode[] = [];
  readonly #parts: Part[] = [];
  #topic: string | undefined;
  #level: Exercise['level'];

  constructor(title: string, formulas: readonly string[], rules: HouseRules) {
    this.title = title;
    this.#formulas = formulas;
    this.#rules = rules;
  }

  take(token: Token): void {
    if (token.type === 'space' || token.type === 'hr') return;
    if (token.type === 'html') return void this.notes.push('HTML in the text is left out.');
    const text = plainText(token, this.#formulas).trim();
    if (token.type === 'paragraph') {
      const lines = text.split('\n').map((line) => line.trim());
      if (this.#parts.length === 0 && lines.every((line) => FACT.test(line)))
        return lines.forEach((line) => this.#fact(line));
      if (PART.test(text)) return this.#part(lines);
      if (this.#parts.length > 0) return this.#goesOn(lines);
    }
    if (this.#parts.length > 0) return void this.notes.push('what stands below a part and is no text is left out.');
    this.#story.push(...nodesOf(token, this.#formulas));
  }

  #fact(line: string): void {
    const [, name = '', value = ''] = FACT.exec(line) ?? [];
    if (name.toLowerCase() === 'topic') {
      const topic = topics.find((each) => each.toLowerCase() === value.toLowerCase());
      if (topic) this.#topic = topic;
      else this.notes.push(`there is no topic “${value.slice(0, 40)}”.`);
      return;
    }
    const level = (['first', 'second', 'third'] as const).find((each) => each === value.toLowerCase());
    if (level) this.#level = level;
    else this.notes.push(`a level is first, second or third, not “${value.slice(0, 40)}”.`);
  }

  /** "a) Find the payment. [4 marks]", then "Answer: 941.43". */
  #part(lines: readonly string[]): void {
    const [, id = ''] = PART.exec(lines[0] ?? '') ?? [];
    if (this.#parts.some((part) => part.id === id))
      return void this.notes.push(`there are two parts ${id}; the second is left out.`);
    const asked = lines
      .filter((line) => !/^(answer|also right):/i.test(line))
      .join(' ')
      .replace(PART, '');
    const marks = Number(MARKS.exec(asked)?.[1] ?? 1);
    this.#parts.push({
      id,
      prompt: asked.replace(MARKS, ' ').trim().slice(0, 2000),
      marks,
      ask: { quantity: 'payment', plan: 'plan' },
      format: { kind: 'money', decimals: 2 },
    });
    this.#answer(lines);
  }

  #goesOn(lines: readonly string[]): void {
    if (lines.some((line) => /^answer:/i.test(line))) return this.#answer(lines);
    const last = this.#parts.pop();
    if (last) this.#parts.push({ ...last, prompt: `${last.prompt} ${lines.join(' ')}`.trim().slice(0, 2000) });
  }

  /** A number becomes the key, until the part is connected to a plan. */
  #answer(lines: readonly string[]): void {
    const line = lines.find((each) => /^answer:/i.test(each));
    const last = this.#parts.at(-1);
    if (!line || !last) return;
    const said = line.replace(/^answer:\s*/i, '');
    const read = readEntry(said, numberStyleById(this.#rules.numberStyle));
    if (!read.ok)
      return void this.notes.push(
        `the answer of part ${last.id}, “${said.slice(0, 40)}”, is no number; the part has no key yet.`,
      );
    const { value, percent, decimals, unit } = read.value;
    const kind = percent ? 'percent' : unit === 'payments' ? 'count' : 'number';
    this.#parts[this.#parts.length - 1] = {
      ...last,
      ask: { quantity: 'expression', text: String(value) },
      format: { kind, decimals: Math.max(0, Math.min(10, decimals)) },
    };
  }

  exercise(): Exercise | undefined {
    if (this.#parts.length === 0) {
      this.notes.push('it has no part, such as “a) Find the payment.”, and is left out.');
      return undefined;
    }
    for (const { id, ask } of this.#parts)
      if (ask.quantity !== 'expression') this.notes.push(`part ${id} has no answer: connect it to a plan.`);
    return {
      title: this.title.slice(0, 160),
      ...(this.#topic ? { topic: this.#topic } : {}),
      ...(this.#level ? { level: this.#level } : {}),
      story: { type: 'doc', content: this.#story.length > 0 ? this.#story : [{ type: 'paragraph' }] },
      givens: [],
      plans: [{ id: 'plan', draft: emptyDraft() }],
      parts: this.#parts,
    };
  }
}

/** A token's words, formulas as they were typed. */
function plainText(token: Token, formulas: readonly string[]): string {
  const inner =
    'tokens' in token && token.tokens ? token.tokens.map((each) => plainText(each, formulas)).join('') : undefined;
  if (token.type === 'br') return '\n';
  const text = inner ?? ('text' in token ? String(token.text) : '');
  return unescaped(text).replace(
    new RegExp(`${FORMULA}(\\d+)${FORMULA}`, 'g'),
    (_whole, at: string) => `$${formulas[Number(at)] ?? ''}$`,
  );
}

const unescaped = (text: string): string =>
  text
    .replaceAll('&lt;', '<')
    .replaceAll('&gt;', '>')
    .replaceAll('&quot;', '"')
    .replaceAll('&#39;', '’')
    .replaceAll('&amp;', '&');

/** Blocks of a story. */
function nodesOf(token: Token, formulas: readonly string[]): StoryNode[] {
  switch (token.type) {
    case 'paragraph':
    case 'text':
    case 'heading':
    case 'blockquote':
      return [{ type: 'paragraph', content: inlineOf(token, formulas, []) }];
    case 'list': {
      const list = token as Tokens.List;
      const items = list.items.map((item): StoryNode => ({
        type: 'listItem',
        content: [{ type: 'paragraph', content: inlineOf(item, formulas, []) }],
      }));
      return [{ type: list.ordered ? 'orderedList' : 'bulletList', content: items }];
    }
    case 'table': {
      const { header, rows } = token as Tokens.Table;
      const cells = (all: readonly Tokens.TableCell[], type: 'tableHeader' | 'tableCell'): StoryNode => ({
        type: 'tableRow',
        content: all.map((cell): StoryNode => ({
          type,
          content: [{ type: 'paragraph', content: cell.tokens.flatMap((each) => inlineOf(each, formulas, [])) }],
        })),
      });
      const isNamed = header.some(({ text }) => text.trim() !== '');
      return [
        {
          type: 'table',
          content: [...(isNamed ? [cells(header, 'tableHeader')] : []), ...rows.map((row) => cells(row, 'tableCell'))],
        },
      ];
    }
    default: {
      const text = plainText(token, formulas).trim();
      return text === '' ? [] : [{ type: 'paragraph', content: [{ type: 'text', text }] }];
    }
  }
}

function inlineOf(token: Token, formulas: readonly string[], marks: readonly ('bold' | 'italic')[]): StoryNode[] {
  const next =
    token.type === 'strong' ? [...marks, 'bold' as const] : token.type === 'em' ? [...marks, 'italic' as const] : marks;
  if ('tokens' in token && token.tokens) return token.tokens.flatMap((each) => inlineOf(each, formulas, next));
  if (token.type === 'br') return [{ type: 'hardBreak' }];
  const text = 'text' in token ? unescaped(String(token.text)) : '';
  return text
    .split(new RegExp(`(${FORMULA}\\d+${FORMULA})`))
    .filter((piece) => piece !== '')
    .map((piece): StoryNode =>
      piece.startsWith(FORMULA)
        ? { type: 'formula', attrs: { tex: formulas[Number(piece.slice(1, -1))] ?? '' } }
        : {
            type: 'text',
            text: piece.replaceAll('\n', ' '),
            ...(next.length > 0 ? { marks: next.map((type) => ({ type })) } : {}),
          },
    );
}

export const exercisesAsMarkdown = {
  id: 'exercises-markdown',
  name: 'Markdown with TeX',
  type: 'text/markdown;charset=utf-8',
  ending: 'md',
  reads: readExercisesMarkdown,
  writes: writeExercisesMarkdown,
} satisfies FileKind & Record<string, unknown>;
