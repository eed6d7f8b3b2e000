/** Every shortcut, by where it holds. */

export const shortcutGroups: readonly {
  readonly where: string;
  readonly keys: readonly (readonly [string, string])[];
}[] = [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl K or ⌘ K', 'search for a place, a case, a thing to do'],
      ['?', 'help on this page'],
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
      ['Shift ↑ ↓', 'choose a range of payments'],
      ['Page, Home, End', 'further, to the first, to the last'],
    ],
  },
  {
    where: 'In marking',
    keys: [
      ['arrows, Page, Home, End', 'from answer to answer'],
      ['Enter, F2', 'type an answer; Enter again writes it and goes on'],
      ['Ctrl V', 'a block of answers from a worksheet, from here on'],
      ['0 … 9', 'give so many marks'],
      ['G', 'for all alike, or for this answer only'],
      ['A', 'accept the answer as another reading, for everyone'],
      ['C', 'write a comment; Ctrl Enter keeps it'],
      ['N', 'the next answer to look at'],
      ['U, Y', 'undo, redo'],
    ],
  },
];
