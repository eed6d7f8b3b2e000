/** What a story may hold besides words: givens as chips that show their number now, formulas, tables. */
import { lookUp } from '@hardy-sextant/core';
import { Node, mergeAttributes } from '@tiptap/core';
import { Table, TableCell, TableHeader, TableRow } from '@tiptap/extension-table';
import { NodeViewWrapper, ReactNodeViewRenderer, type NodeViewProps } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { createContext, useContext } from 'react';
import { Formula } from '../../ui/Formula.tsx';
import styles from './StoryEditor.module.css';
import { say } from '../../words/say.ts';

/** The givens' numbers now, in writing. */
export const Written = createContext<Readonly<Record<string, string>>>({});

function GivenChip({ node }: NodeViewProps) {
  const written = useContext(Written);
  const name = String(node.attrs.name ?? '');
  const shown = lookUp(written, name);
  return (
    <NodeViewWrapper
      as="span"
      className={`${styles.chip} ${shown === undefined ? styles.gone : ''}`}
      title={shown === undefined ? say('There is no such given any more') : name}
    >
      {name} <strong className="figures">{shown ?? '?'}</strong>
    </NodeViewWrapper>
  );
}

function FormulaChip({ node, updateAttributes, selected }: NodeViewProps) {
  const tex = String(node.attrs.tex ?? '');
  return (
    <NodeViewWrapper as="span" className={styles.formula}>
      {selected ? (
        <input
          aria-label={say('formula in TeX')}
          value={tex}
          onChange={(event) => updateAttributes({ tex: event.currentTarget.value })}
        />
      ) : (
        <Formula tex={tex} inline />
      )}
    </NodeViewWrapper>
  );
}

const Given = Node.create({
  name: 'given',
  group: 'inline',
  inline: true,
  atom: true,
  addAttributes: () => ({ name: { default: '' } }),
  parseHTML: () => [{ tag: 'span[data-given]', getAttrs: (element) => ({ name: element.getAttribute('data-given') }) }],
  renderHTML: ({ node, HTMLAttributes }) => [
    'span',
    mergeAttributes(HTMLAttributes, { 'data-given': String(node.attrs.name) }),
    String(node.attrs.name),
  ],
  addNodeView: () => ReactNodeViewRenderer(GivenChip, { as: 'span' }),
});

const FormulaNode = Node.create({
  name: 'formula',
  group: 'inline',
  inline: true,
  atom: true,
  selectable: true,
  addAttributes: () => ({ tex: { default: '' } }),
  parseHTML: () => [{ tag: 'span[data-tex]', getAttrs: (element) => ({ tex: element.getAttribute('data-tex') }) }],
  renderHTML: ({ node, HTMLAttributes }) => [
    'span',
    mergeAttributes(HTMLAttributes, { 'data-tex': String(node.attrs.tex) }),
    String(node.attrs.tex),
  ],
  addNodeView: () => ReactNodeViewRenderer(FormulaChip, { as: 'span' }),
});

export const storyExtensions = [
  StarterKit.configure({
    heading: false,
    codeBlock: false,
    code: false,
    blockquote: false,
    horizontalRule: false,
    strike: false,
    underline: false,
    link: false,
  }),
  Table,
  TableRow,
  TableHeader,
  TableCell,
  Given,
  FormulaNode,
];
