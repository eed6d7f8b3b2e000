/** Every shortcut, by where it holds. */
import { say } from '../words/say.ts';

export const shortcutGroups: readonly {
  readonly where: string;
  readonly keys: readonly (readonly [string, string])[];
}[] = [
  {
    where: say('Everywhere'),
    keys: [
      [say('Ctrl K or ⌘ K'), say('search for a place, a case, a thing to do')],
      ['?', say('help on this page')],
    ],
  },
  {
    where: say('On the Bench'),
    keys: [
      ['Tab', say('the next slot of the statement')],
      ['?', say('typed into a slot: ask for that one')],
      ['Enter', say('leave the slot, written out')],
      ['S', say('to the first slot')],
      ['V', say('one more variation')],
      ['C', say('a change on the way')],
      ['1 … 6', say('table, working, timeline, picture, target, together')],
      [say('Ctrl Z, Ctrl Y'), say('undo, redo')],
    ],
  },
  {
    where: say('In the table'),
    keys: [
      ['↑ ↓', say('choose a payment')],
      [say('Shift ↑ ↓'), say('choose a range of payments')],
      [say('Page, Home, End'), say('further, to the first, to the last')],
    ],
  },
  {
    where: say('In marking'),
    keys: [
      [say('arrows, Page, Home, End'), say('from answer to answer')],
      [say('Enter, F2'), say('type an answer; Enter again writes it and goes on')],
      [say('Ctrl V'), say('a block of answers from a worksheet, from here on')],
      ['0 … 9', say('give so many marks')],
      ['G', say('for all alike, or for this answer only')],
      ['A', say('accept the answer as another reading, for everyone')],
      ['C', say('write a comment; Ctrl Enter keeps it')],
      ['N', say('the next answer to look at')],
      ['U, Y', say('undo, redo')],
    ],
  },
];
