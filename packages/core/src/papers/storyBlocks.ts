/** A story as blocks of a paper: paragraphs, lists and tables, its givens written out. */

import type { Story, StoryNode } from '../exercise/story.ts';
import { storyText } from '../exercise/story.ts';
import type { PaperBlock, PaperText } from './paper.ts';

type Written = Readonly<Record<string, string>>;

export function storyBlocks(story: Story, written: Written): PaperBlock[] {
  return (story.content ?? []).flatMap((node) => blockOf(node, written));
}

function blockOf(node: StoryNode, written: Written): PaperBlock[] {
  switch (node.type) {
    case 'bulletList':
    case 'orderedList': {
      const items = (node.content ?? []).map((item) => (item.content ?? []).flatMap((each) => piecesOf(each, written)));
      return [{ kind: 'list', ordered: node.type === 'orderedList', items }];
    }
    case 'table': {
      const rows = (node.content ?? []).map((row) =>
        (row.content ?? []).map((cell) => ({ text: storyText(cell, written).trim(), words: true as const })),
      );
      const isHead = node.content?.[0]?.content?.every(({ type }) => type === 'tableHeader') ?? false;
      return [{ kind: 'table', head: isHead ? (rows[0] ?? []) : [], rows: isHead ? rows.slice(1) : rows }];
    }
    default: {
      const pieces = piecesOf(node, written);
      return pieces.length === 0 ? [] : [{ kind: 'text', pieces }];
    }
  }
}

function piecesOf(node: StoryNode, written: Written): PaperText[] {
  if (node.type === 'text' || node.type === 'given' || node.type === 'formula' || node.type === 'hardBreak') {
    const text = storyText(node, written);
    const marks = new Set(node.marks?.map(({ type }) => type));
    return text === ''
      ? []
      : [
          {
            text,
            ...(marks.has('bold') ? { strong: true as const } : {}),
            ...(marks.has('italic') ? { italic: true as const } : {}),
            ...(node.type === 'formula' ? { tex: text } : {}),
            ...(node.type === 'given' ? { given: true as const } : {}),
          },
        ];
  }
  return (node.content ?? []).flatMap((each) => piecesOf(each, written));
}
