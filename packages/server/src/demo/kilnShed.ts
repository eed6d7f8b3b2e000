/** The demo's first exercise: the kiln shed loan of Kestrel Bay, with a class whose answers show every verdict. */

import { defaultHouseRules, emptyDraft, plainStory, type Exercise, type StatementDraft } from '@hardy-sextant/core';

export const kilnShedDraft: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '', finalAmount: '0', converted: '' },
};

export const kilnShedExercise: Exercise = {
  title: 'The kiln shed loan',
  topic: 'payment',
  level: 'first',
  story: plainStory(
    'The potters of Kestrel Bay build a shed for their new kiln. Their co-operative borrows 48,000.00 at 6.60 % a year, compounded monthly, and repays it over five years with equal payments at the end of each month.',
  ),
  plans: [{ id: 'plan', draft: kilnShedDraft }],
  parts: [{ id: 'a', prompt: 'Find the monthly payment.', marks: 4, ask: { quantity: 'payment', plan: 'plan' }, format: { kind: 'money', decimals: 2 } }],
};

export const demoClass = {
  id: 'demo-bm210',
  code: 'BM 210',
  title: 'Money for small enterprises',
  college: 'Kestrel Bay Technical College',
  rules: defaultHouseRules,
} as const;

/** Made-up students and what each handed in for part a. */
export const kilnShedAnswers: readonly { readonly name: string; readonly number: string; readonly answer: string }[] = [
  { name: 'Adaeze Holm', number: 'K-2101', answer: '941.43' },
  { name: 'Bram Okonjo', number: 'K-2102', answer: '3,237.96' },
  { name: 'Catarina Lindqvist', number: 'K-2103', answer: '9,758.98' },
  { name: 'Dilan Amarasekara', number: 'K-2104', answer: '936.28' },
  { name: 'Eilidh Navarro', number: 'K-2105', answer: '-941.43' },
  { name: 'Farrukh Jansen', number: 'K-2106', answer: '1,064.00' },
  { name: 'Greta Mbeki', number: 'K-2107', answer: '$800' },
  { name: 'Ignace Tamura', number: 'K-2108', answer: '914.43' },
  { name: 'Jorunn Achterberg', number: 'K-2109', answer: '941.4' },
  { name: 'Kofi Benedetti', number: 'K-2110', answer: '1,012.50' },
  { name: 'Lupe Vestergaard', number: 'K-2111', answer: 'ask the bank' },
  { name: 'Maren Oyelaran', number: 'K-2112', answer: '' },
];
