/** QTI 3.0 and 2.1 items with numeric answers as exercises: story, parts and keys; what cannot be taken is said. */

import { emptyDraft, type Exercise, type Part, type Story, type StoryNode } from '@hardy-sextant/core';
import { strFromU8, unzipSync } from 'fflate';
import { allNamed, elementsOf, readXml, textIn, type XmlElement } from '../xmlTree.ts';

export interface ReadItems {
  readonly exercises: readonly Exercise[];
  /** What was left out, each in a sentence. */
  readonly notes: readonly string[];
}

const MOST_ITEMS = 2000;
const MOST_ITEM_BYTES = 2_000_000;
const MOST_BYTES = 100_000_000;

/** @throws with a sentence where it is no package */
export function readQtiPackage(bytes: Uint8Array): ReadItems {
  const notes: string[] = [];
  let [count, size] = [0, 0];
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (!/\.xml$/i.test(name) || /(^|\/)imsmanifest\.xml$/i.test(name)) return false;
        if (/(^|[\\/])\.\.([\\/]|$)|^[\\/]|^[a-z]:/i.test(name)) {
          notes.push(`“${name.slice(0, 80)}” points out of the package and is left out.`);
          return false;
        }
        if (originalSize > MOST_ITEM_BYTES) {
          notes.push(`“${name.slice(0, 80)}” is larger than 2 MB and is left out.`);
          return false;
        }
        count += 1;
        size += originalSize;
        return count <= MOST_ITEMS && size <= MOST_BYTES;
      },
    });
  } catch {
    throw new Error('This zip file cannot be unpacked. Make it again.');
  }
  if (count > MOST_ITEMS) notes.push(`There are ${count} items; the first ${MOST_ITEMS} are read.`);
  const exercises: Exercise[] = [];
  for (const [name, content] of Object.entries(files)) {
    const read = readItemOrSay(name, strFromU8(content));
    notes.push(...read.notes);
    exercises.push(...read.exercises);
  }
  if (exercises.length === 0 && notes.length === 0) notes.push('There is no item in this package.');
  return { exercises, notes };
}

function readItemOrSay(name: string, text: string): ReadItems {
  try {
    return readQtiItem(text, name);
  } catch (error) {
    const why = error instanceof Error ? error.message : 'It cannot be read.';
    return { exercises: [], notes: [`“${name.slice(0, 80)}” is left out. ${why}`] };
  }
}

/**
 * One item.
 *
 * @param name what it is called in notes
 * @throws with a sentence where it is not well-formed
 */
export function readQtiItem(text: string, name: string): ReadItems {
  const root = alike(readXml(text));
  // Tests and sections only put items in order.
  if (root.name !== 'assessmentitem')
    return { exercises: [], notes: root.name.startsWith('assessment') ? [] : [`“${name}” is no item of QTI.`] };
  const reader = new ItemReader(root);
  const exercise = reader.exercise();
  const title = root.attributes.title || name;
  const notes = reader.notes.map((note) => `“${title.slice(0, 80)}”: ${note}`);
  if (exercise) return { exercises: [exercise], notes };
  return { exercises: [], notes: [...notes, `“${title.slice(0, 80)}” has no numeric answer and is left out.`] };
}

/** `qti-text-entry-interaction` of version 3 and `textEntryInteraction` of 2.1 are one name; so are their attributes. */
function alike({ name, attributes, children }: XmlElement): XmlElement {
  const plain = (word: string): string => word.toLowerCase().replace(/^qti-/, '').replaceAll('-', '');
  return {
    name: plain(name),
    attributes: Object.fromEntries(Object.entries(attributes).map(([each, value]) => [plain(each), value])),
    children: children.map((child) => (typeof child === 'string' ? child : alike(child))),
  };
}

const blockNames = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'table',
  'blockquote',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'pre',
  'itembody',
]);
const skipped: ReadonlySet<string> = new Set([
  'feedbackblock',
  'rubricblock',
  'modalfeedback',
  'templateblock',
  'stylesheet',
  'script',
  'style',
]);
const otherInteractions: Readonly<Record<string, string>> = {
  choiceinteraction: 'a choice',
  extendedtextinteraction: 'an answer in words',
  inlinechoiceinteraction: 'a choice in the text',
  matchinteraction: 'a match',
  orderinteraction: 'an order',
  uploadinteraction: 'an upload',
  hotspotinteraction: 'a place in a picture',
  sliderinteraction: 'a slider',
};

const NUMBER = /^[-+]?\d+(\.\d+)?(e[-+]?\d+)?$/i;
/** Parts of an exercise are named with letters. */
const MOST_PARTS = 26;

class ItemReader {
  readonly #root: XmlElement;
  readonly notes: string[] = [];
  readonly #story: StoryNode[] = [];
  readonly #parts: Part[] = [];
  readonly #answers: ReadonlyMap<string, string>;
  /** Text between the last answer and the next, which asks for it. */
  #waiting: string[] = [];

  constructor(root: XmlElement) {
    this.#root = root;
    this.#answers = new Map(
      elementsOf(root)
        .filter(({ name }) => name === 'responsedeclaration')
        .flatMap((declaration) => {
          const value = allNamed(declaration, 'correctresponse').flatMap((each) => allNamed(each, 'value'))[0];
          return value ? [[declaration.attributes.identifier ?? '', textIn(value).trim()] as const] : [];
        }),
    );
  }

  exercise(): Exercise | undefined {
    const body = elementsOf(this.#root).find(({ name }) => name === 'itembody');
    if (body) this.#walk(body);
    if (this.#waiting.length > 0 && this.#parts.length > 0) this.#story.push(...this.#waiting.map(paragraphOf));
    if (this.#parts.length === 0) return undefined;
    const story: Story = { type: 'doc', content: this.#story.length > 0 ? this.#story : [{ type: 'paragraph' }] };
    return {
      title: (this.#root.attributes.title ?? '').slice(0, 160),
      story,
      givens: [],
      plans: [{ id: 'plan', draft: emptyDraft() }],
      parts: this.#parts,
    };
  }

  /** Blocks from top to bottom; one that only holds others is gone through. */
  #walk(element: XmlElement): void {
    const holdsBlocks = elementsOf(element).some(({ name }) => blockNames.has(name) || name in otherInteractions);
    if (element.name === 'table' || !holdsBlocks) return this.#block(element);
    for (const child of element.children) {
      if (typeof child === 'string') {
        if (child.trim() !== '') this.#waitFor(child);
      } else if (skipped.has(child.name)) this.#skip(child);
      else if (child.name in otherInteractions)
        this.notes.push(`${otherInteractions[child.name]} is left out; only numeric answers become parts.`);
      else this.#walk(child);
    }
  }

  #skip({ name }: XmlElement): void {
    if (name === 'script') this.notes.push('a script is left out.');
  }

  #block(element: XmlElement): void {
    const entries = allNamed(element, 'textentryinteraction');
    this.#sayPictures(element);
    if (entries.length === 0) return this.#waitFor(this.#textOf(element));
    // Text of the same block before each place, and after the last one.
    const pieces = this.#textOf(element).split(PLACE);
    entries.forEach((entry, at) =>
      this.#answer(entry, pieces[at] ?? '', at === entries.length - 1 ? (pieces[at + 1] ?? '') : ''),
    );
  }

  #sayPictures(element: XmlElement): void {
    for (const { attributes } of [...allNamed(element, 'img'), ...allNamed(element, 'object')]) {
      const from = attributes.src ?? attributes.data ?? '';
      this.notes.push(
        /^[a-z]+:|^\/\//i.test(from) ? 'a picture from elsewhere is left out.' : 'a picture is left out.',
      );
    }
  }

  #waitFor(text: string): void {
    const said = oneLine(text);
    if (said === '') return;
    if (this.#parts.length === 0 && this.#waiting.length > 0)
      this.#story.push(...this.#waiting.splice(0).map(paragraphOf));
    this.#waiting.push(said);
  }

  #answer(entry: XmlElement, before: string, after: string): void {
    const id = entry.attributes.responseidentifier ?? '';
    const value = this.#answers.get(id);
    const lead = [...this.#waiting, oneLine(before)].filter((each) => each !== '');
    const asked = oneLine(before) === '' ? lead : [oneLine(before)];
    if (value === undefined || !NUMBER.test(value)) {
      this.notes.push(`the answer ${id} has no number as its key and is left out.`);
      return;
    }
    if (this.#parts.length >= MOST_PARTS) {
      this.notes.push(`only the first ${MOST_PARTS} answers become parts.`);
      return;
    }
    // What stood before this block is the story, unless it is the question itself.
    if (oneLine(before) !== '') this.#story.push(...this.#waiting.map(paragraphOf));
    this.#waiting = [];
    const partId = String.fromCharCode(97 + this.#parts.length);
    const prompt = `${asked.join(' ')} ${oneLine(after)}`.replace(new RegExp(`^${partId}\\b[.):]?\\s*`), '').trim();
    const decimals = /\.(\d+)$/.exec(value)?.[1]?.length ?? 0;
    const tolerance = this.#toleranceOf(id);
    this.#parts.push({
      id: partId,
      prompt: prompt.slice(0, 2000),
      marks: this.#marksOf(id),
      ask: { quantity: 'expression', text: value.replace(/^\+/, '') },
      format: { kind: 'number', decimals: Math.min(10, Math.max(decimals, 0)) },
      ...(tolerance === undefined ? {} : { tolerance }),
    });
  }

  /** How far from the key an answer may lie, where the item says it of this answer. */
  #toleranceOf(id: string): number | undefined {
    const said = allNamed(this.#root, 'equal').find(
      (equal) =>
        equal.attributes.tolerancemode === 'absolute' &&
        elementsOf(equal).some(({ name, attributes }) => name === 'variable' && attributes.identifier === id),
    );
    const [first] = (said?.attributes.tolerance ?? '').trim().split(/\s+/).map(Number);
    return first !== undefined && Number.isFinite(first) && first > 0 ? first : undefined;
  }

  /** What a condition about this answer adds to the score first; 1 where it does not say. */
  #marksOf(id: string): number {
    for (const condition of allNamed(this.#root, 'responsecondition')) {
      const [first] = elementsOf(condition);
      if (!first || !allNamed(first, 'variable').some(({ attributes }) => attributes.identifier === id)) continue;
      const added = allNamed(first, 'sum').flatMap((sum) => allNamed(sum, 'basevalue'))[0];
      const marks = added ? Number(textIn(added)) : NaN;
      if (Number.isFinite(marks) && marks > 0 && marks <= 1000) return marks;
    }
    return 1;
  }

  /** Text of an element; a place for an answer is a mark of its own, a formula its TeX where it says it. */
  #textOf(element: XmlElement): string {
    return element.children
      .map((child) => {
        if (typeof child === 'string') return child;
        if (skipped.has(child.name)) return (this.#skip(child), '');
        if (child.name === 'textentryinteraction') return PLACE;
        if (child.name === 'math') {
          const tex = allNamed(child, 'annotation').find(({ attributes }) => /tex/i.test(attributes.encoding ?? ''));
          return tex ? `\\(${textIn(tex).trim()}\\)` : textIn(child);
        }
        if (child.name === 'br') return '\n';
        return blockNames.has(child.name) || child.name === 'tr' || child.name === 'td' || child.name === 'th'
          ? ` ${this.#textOf(child)} `
          : this.#textOf(child);
      })
      .join('');
  }
}

/** Stands for a place where an answer is typed. */
const PLACE = '\u0001';

const oneLine = (text: string): string => text.replaceAll(PLACE, ' ').replace(/\s+/g, ' ').trim();

/** A paragraph; `\(…\)` in it is a formula. */
function paragraphOf(text: string): StoryNode {
  const content = text
    .split(/(\\\(.*?\\\))/)
    .filter((piece) => piece !== '')
    .map((piece): StoryNode =>
      piece.startsWith('\\(') && piece.endsWith('\\)')
        ? { type: 'formula', attrs: { tex: piece.slice(2, -2) } }
        : { type: 'text', text: piece },
    );
  return { type: 'paragraph', content };
}
