/** The starter library: exercises of every topic from Kestrel Bay, each with givens that vary. Kept apart so that only who needs it loads it. */

import type { Exercise } from '../exercise/exercise.ts';
import { changingStarters } from './changing.ts';
import { levelLoanStarters } from './levelLoans.ts';
import { moreBorrowingStarters } from './moreBorrowing.ts';
import { purchaseStarters } from './purchases.ts';
import { savedStarters } from './saved.ts';
import { savingStarters } from './saving.ts';

/** In this order; the demo’s exercises are named by their place, so that new ones come last. */
export const starterExercises: readonly Exercise[] = [
  ...levelLoanStarters,
  ...purchaseStarters,
  ...changingStarters,
  ...moreBorrowingStarters,
  ...savingStarters,
  ...savedStarters,
];

/** What an instructor can start from: a kind of case with the starter that has its shape. */
export const patterns: readonly { readonly words: string; readonly title: string }[] = [
  { words: 'A level loan', title: 'The kiln shed loan, with other numbers' },
  { words: 'Price, deposit, trade-in', title: 'Oyster rafts with a trade-in' },
  { words: 'The amount one can borrow', title: 'What the smokehouse can borrow' },
  { words: 'An unknown rate', title: 'The rate behind the pump house offer' },
  { words: 'An unknown time', title: 'How long for the slipway' },
  { words: 'A balance and what is left', title: 'Owed on the fish market hall' },
  { words: 'Interest of a year', title: 'The second year of the cold store' },
  { words: 'Two terms compared', title: 'Four years or six for the ferry' },
  { words: 'Two offers', title: 'Two offers for the community solar roof' },
  { words: 'A balloon', title: 'A balloon on the harbour crane' },
  { words: 'A lease in advance', title: 'The bakery oven on a lease' },
  { words: 'Extra payments', title: 'A little more each month' },
  { words: 'A rate change, in parts', title: 'The ferry refit, with a rate review' },
  { words: 'Interest only at first', title: 'Only interest while the roof goes on' },
  { words: 'Draws with daily interest', title: 'The boatyard, built in stages' },
  { words: 'A flat charge', title: 'The bicycle workshop’s add-on plan' },
  { words: 'Refinancing', title: 'Refinancing the community hall' },
  { words: 'Effective and nominal', title: 'The chandlery card, effective' },
  { words: 'A lump sum', title: 'A lump sum for the regatta' },
  { words: 'Regular saving', title: 'Saving month by month' },
  { words: 'A sinking fund', title: 'The choir hall roof fund' },
  { words: 'Drawing down', title: 'The orchard endowment' },
  { words: 'A recurrence', title: 'The balance as a recurrence' },
  { words: 'A table to fill in', title: 'Fill in the first rows of the jetty loan' },
  { words: 'A target', title: 'A payment the ice works can bear' },
];
