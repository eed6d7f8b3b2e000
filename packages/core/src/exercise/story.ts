/** What students read: a small rich text whose givens are places for numbers. The shape is that of a ProseMirror document. */

import { nth } from '../nth.ts';
import { lookUp } from '../records.ts';

export interface StoryMark {
  readonly type: 'bold' | 'italic';
}

export interface StoryNode {
  readonly type:
    | 'doc'
    | 'paragraph'
    | 'text'
    | 'bulletList'
    | 'orderedList'
    | 'listItem'
    | 'table'
    | 'tableRow'
    | 'tableCell'
    | 'tableHeader'
    | 'hardBreak'
    /** A given in the text; `attrs.name`. */
    | 'given'
    /** A formula in TeX; `attrs.tex`. */
    | 'formula';
  readonly text?: string | undefined;
  readonly attrs?: Readonly<Record<string, unknown>> | undefined;
  readonly marks?: readonly StoryMark[] | undefined;
  readonly content?: readonly StoryNode[] | undefined;
}

export type Story = StoryNode;

/** A story from plain text: one paragraph a line; `{name}` becomes a given. */
export function plainStory(text: string): Story {
  const lines = text.split(/\n+/).filter((line, at) => line.trim() !== '' || at === 0);
  return {
    type: 'doc',
    content: lines.map((line): StoryNode => ({
      type: 'paragraph',
      ...(line.trim() === '' ? {} : { content: pieces(line) }),
    })),
  };
}

function pieces(line: string): StoryNode[] {
  return line
    .split(/(\{[^{}]+\})/)
    .filter((piece) => piece !== '')
    .map((piece): StoryNode =>
      /^\{[^{}]+\}$/.test(piece)
        ? { type: 'given', attrs: { name: piece.slice(1, -1).trim() } }
        : { type: 'text', text: piece },
    );
}

/** The names of the givens a story shows. */
export function storyGivens(story: Story): string[] {
  const own = story.type === 'given' && typeof story.attrs?.name === 'string' ? [story.attrs.name] : [];
  return [...own, ...(story.content ?? []).flatMap(storyGivens)];
}

/** What stands between the pieces of a node in plain text. */
const between = { doc: '\n', bulletList: '\n', orderedList: '\n', table: '\n', tableRow: '\t' };

/** A story as plain text, its givens written out; what has no number shows its name in braces. */
export function storyText(story: Story, written: Readonly<Record<string, string>> = {}): string {
  switch (story.type) {
    case 'text':
      return story.text ?? '';
    case 'given': {
      const name = typeof story.attrs?.name === 'string' ? story.attrs.name : '';
      return lookUp(written, name) ?? `{${name}}`;
    }
    case 'formula':
      return typeof story.attrs?.tex === 'string' ? story.attrs.tex : '';
    case 'hardBreak':
      return '\n';
    default: {
      const inner = (story.content ?? []).map((child) => storyText(child, written));
      return inner.join(lookUp(between, story.type) ?? '');
    }
  }
}

/** A prompt with its `{givens}` written out. */
export function fillText(text: string, written: Readonly<Record<string, string>>): string {
  return text.replace(/\{([^{}]+)\}/g, (whole, name: string) => lookUp(written, name.trim()) ?? whole);
}

/** The names between braces in a prompt. */
export function textGivens(text: string): string[] {
  return [...text.matchAll(/\{([^{}]+)\}/g)].map((match) => nth(match, 1).trim());
}
