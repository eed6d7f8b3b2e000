/** What the server tells of a try, in the language of the screens. */
import { say } from '../words/say.ts';

/** The sentences without numbers; what is told of a student's own numbers comes in English so far. */
const told: Readonly<Record<string, () => string>> = {
  'Nothing is written here yet.': () => say('Nothing is written here yet.'),
  'This cannot be read as a number.': () => say('This cannot be read as a number.'),
  'Your instructor looks at this one.': () => say('Your instructor looks at this one.'),
  'Right.': () => say('Right.'),
  'Right, given your earlier answer.': () => say('Right, given your earlier answer.'),
  'Not right yet.': () => say('Not right yet.'),
  'Work the first row that is marked again from the balance above it.': () =>
    say('Work the first row that is marked again from the balance above it.'),
  'Look first at the rate for one payment and at the number of payments.': () =>
    say('Look first at the rate for one payment and at the number of payments.'),
  'We do not know where this number comes from. Compare it with the working.': () =>
    say('We do not know where this number comes from. Compare it with the working.'),
};

export const inLanguage = (text: string): string => told[text]?.() ?? text;
