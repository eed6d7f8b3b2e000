/** The story: a small rich text whose givens are chips that show their number now. */
import { RichTextEditor } from '@mantine/tiptap';
import { givensInForce, numberStyleById, type Exercise, type Story } from '@hardy-sextant/core';
import { EditorContent, useEditor, type Editor, type JSONContent } from '@tiptap/react';
import { useEffect, useRef } from 'react';
import { Pick } from '../../ui/Pick.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { storyExtensions, Written } from './storyNodes.tsx';
import '@mantine/tiptap/styles.layer.css';
import styles from './StoryEditor.module.css';
import { say } from '../../words/say.ts';

interface StoryEditorProps {
  readonly exercise: Exercise;
  readonly onChange: (story: Story) => void;
}

export default function StoryEditor({ exercise, onChange }: StoryEditorProps) {
  const { written } = givensInForce(exercise, {}, numberStyleById(exercise.plans[0]?.draft.numberStyle ?? ''));
  const editor = useStoryEditor(exercise.story, onChange);
  return (
    <Written.Provider value={written}>
      <RichTextEditor
        editor={editor}
        labels={{
          boldControlLabel: say('Bold'),
          bulletListControlLabel: say('Bullet list'),
          orderedListControlLabel: say('Ordered list'),
        }}
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
              aria-label={say('insert a table')}
              title={say('Table')}
              onClick={() => editor?.chain().focus().insertTable({ rows: 3, cols: 3, withHeaderRow: true }).run()}
            >
              ▦
            </RichTextEditor.Control>
            <RichTextEditor.Control
              aria-label={say('insert a formula')}
              title={say('Formula')}
              onClick={() => insert(editor, [{ type: 'formula', attrs: { tex: '(1+i)^n' } }])}
            >
              ƒ
            </RichTextEditor.Control>
          </RichTextEditor.ControlsGroup>
          <Pick
            label={say('put a given into the story')}
            value=""
            options={[['', say('+ given')], ...(exercise.givens ?? []).map(({ name }) => [name, name] as const)]}
            onPick={(name) =>
              name &&
              insert(editor, [
                { type: 'given', attrs: { name } },
                { type: 'text', text: ' ' },
              ])
            }
          />
        </RichTextEditor.Toolbar>
        <div className={styles.content}>
          <EditorContent editor={editor} />
        </div>
      </RichTextEditor>
    </Written.Provider>
  );
}

function insert(editor: Editor | null, content: JSONContent[]): void {
  editor?.chain().focus().insertContent(content).run();
}

/** An editor that says what is typed, and shows what comes from elsewhere: restored, undone, another window's. */
function useStoryEditor(story: Story, onChange: (story: Story) => void): Editor | null {
  const last = useRef(story);
  const changed = useLatest(onChange);
  const editor = useEditor({
    extensions: storyExtensions,
    content: story as JSONContent,
    injectCSS: false,
    shouldRerenderOnTransaction: false,
    editorProps: { attributes: { 'aria-label': say('Story'), role: 'textbox', 'aria-multiline': 'true' } },
    onUpdate: ({ editor: now }) => {
      last.current = now.getJSON() as Story;
      changed(last.current);
    },
  });
  useEffect(() => {
    // The page's own typing is already in.
    if (!editor || story === last.current) return;
    last.current = story;
    editor.commands.setContent(story as JSONContent, { emitUpdate: false });
  }, [editor, story]);
  return editor;
}
