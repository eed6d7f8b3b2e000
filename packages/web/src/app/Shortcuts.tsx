/** The list of shortcuts, opened with `?`. */
import { Kbd, Modal } from '@mantine/core';

const groups: readonly { readonly where: string; readonly keys: readonly (readonly [string, string])[] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl K or ⌘ K', 'search for a place, a case, a thing to do'],
      ['?', 'this list'],
    ],
  },
  {
    where: 'On the Bench',
    keys: [
      ['Tab', 'the next slot of the statement'],
      ['?', 'typed into a slot: ask for that one'],
      ['Enter', 'leave the slot, written out'],
      ['S', 'to the first slot'],
      ['V', 'one more variation'],
      ['C', 'a change on the way'],
      ['1 … 6', 'table, working, timeline, picture, target, together'],
      ['Ctrl Z, Ctrl Y', 'undo, redo'],
    ],
  },
  {
    where: 'In the table',
    keys: [
      ['↑ ↓', 'choose a payment'],
      ['Shift ↑ ↓', 'choose a stretch'],
      ['Page, Home, End', 'further, to the first, to the last'],
    ],
  },
  {
    where: 'In the answers of a class',
    keys: [
      ['↑ ↓ Enter', 'the student before, after; write'],
      ['Esc', 'take back what was typed'],
    ],
  },
];

export function Shortcuts({ opened, onClose }: { readonly opened: boolean; readonly onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Shortcuts" size="lg">
      {groups.map(({ where, keys }) => (
        <section key={where}>
          <h2 className="label" style={{ marginTop: 10 }}>
            {where}
          </h2>
          <dl style={{ display: 'grid', gridTemplateColumns: '150px 1fr', gap: '4px 12px', margin: '6px 0' }}>
            {keys.map(([key, does]) => (
              <div key={does} style={{ display: 'contents' }}>
                <dt>
                  <Kbd>{key}</Kbd>
                </dt>
                <dd style={{ margin: 0 }}>{does}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Modal>
  );
}
