/** The story: a small rich text whose givens are chips that show their number now. */
import { RichTextEditor } from '@mantine/tiptap';
import { givensInForce, lookUp, numberStyleById, type Exercise, type Story } from '@hardy-sextant/core';
import { Node, mergeAttributes } from '@tiptap/core';
import { Table, TableCell, TableHeader, TableRow } from '@tiptap/extension-table';
import { EditorContent, NodeViewWrapper, ReactNodeViewRenderer, useEditor, type NodeViewProps } from '@tiptap/react';
import StarterKit from '@tiptap/starter-kit';
import { createContext, useContext, useEffect, useRef } from 'react';
import { Formula } from '../../ui/Formula.tsx';
import '@mantine/tiptap/styles.layer.css';
import styles from './StoryEditor.module.css';

const Written = createContext<Readonly<Record<string, string>>>({});

function GivenChip({ node }: NodeViewProps) {
  const written = useContext(Written);
  const name = String(node.attrs.name ?? '');
  const shown = lookUp(written, name);
  return (
    <NodeViewWrapper
      as="span"
      className={`${styles.chip} ${shown === undefined ? styles.gone : ''}`}
      title={shown === undefined ? 'There is no such given any more' : name}
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
          aria-label="formula in TeX"
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

const extensions = [
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

interface StoryEditorProps {
  readonly exercise: Exercise;
  readonly onChange: (story: Story) => void;
}

export default function StoryEditor({ exercise, onChange }: StoryEditorProps) {
  const { written } = givensInForce(exercise, {}, numberStyleById(exercise.plans[0]?.draft.numberStyle ?? ''));
  const last = useRef(exercise.story);
  const changed = useRef(onChange);
  useEffect(() => {
    changed.current = onChange;
  });
  const editor = useEditor({
    extensions,
    content: exercise.story as object,
    injectCSS: false,
    shouldRerenderOnTransaction: false,
    editorProps: { attributes: { 'aria-label': 'Story', role: 'textbox', 'aria-multiline': 'true' } },
    onUpdate: ({ editor: now }) => {
      last.current = now.getJSON() as Story;
      changed.current(last.current);
    },
  });
  useEffect(() => {
    // Restored or taken from elsewhere: the page's own typing is already in.
    if (editor && exercise.story !== last.current) {
      last.current = exercise.story;
      editor.commands.setContent(exercise.story as object, { emitUpdate: false });
    }
  }, [editor, exercise.story]);
  const insertGiven = (name: string) =>
    editor
      ?.chain()
      .focus()
      .insertContent([
        { type: 'given', attrs: { name } },
        { type: 'text', text: ' ' },
      ])
      .run();
  return (
    <Written.Provider value={written}>
      <RichTextEditor
        editor={editor}
        variant="subtle"
        classNames={{ root: styles.root, toolbar: styles.toolbar, content: styles.content }}
      >
        <RichTextEditor.Toolbar>
          <RichTextEditor.ControlsGroup>
            <RichTextEditor.Bold />
            <RichTextEditor.BulletList />
            <RichTextEditor.OrderedList />
          </RichTextEditor.ControlsGroup>
          <RichTextEditor.ControlsGroup>
            <RichTextEditor.Control
              aria-label="insert a table"
              title="Table"
              onClick={() => editor?.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run()}
            >
              ▦
            </RichTextEditor.Control>
            <RichTextEditor.Control
              aria-label="insert a formula"
              title="Formula"
              onClick={() =>
                editor
                  ?.chain()
                  .focus()
                  .insertContent({ type: 'formula', attrs: { tex: '(1+i)^n' } })
                  .run()
              }
            >
              ƒ
            </RichTextEditor.Control>
          </RichTextEditor.ControlsGroup>
          <select
            className={styles.insert}
            aria-label="put a given into the story"
            value=""
            onChange={(event) => {
              insertGiven(event.currentTarget.value);
              event.currentTarget.value = '';
            }}
          >
            <option value="">+ given</option>
            {(exercise.givens ?? []).map(({ name }) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </select>
        </RichTextEditor.Toolbar>
        <div className={styles.content}>
          <EditorContent editor={editor} />
        </div>
      </RichTextEditor>
    </Written.Provider>
  );
}
