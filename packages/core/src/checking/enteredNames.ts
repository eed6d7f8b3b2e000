/** What a student says they entered besides an answer: each is an entry of its own, `part.name`. */

export const enteredValues = ['n', 'rate', 'pv', 'pmt', 'fv'] as const;
/** Beside the five: payments a year, compoundings a year, when payments fall. */
export const enteredSettings = ['peryear', 'compounding', 'timing'] as const;
/** In the order they are asked for; each is an entry of its own, `part.name`. */
export const enteredNames = [...enteredValues, ...enteredSettings] as const;
export type EnteredEntry = (typeof enteredNames)[number];

/** What each is called. */
export const enteredTitles: Readonly<Record<EnteredEntry, string>> = {
  n: 'N',
  rate: 'rate',
  pv: 'PV',
  pmt: 'PMT',
  fv: 'FV',
  peryear: 'payments a year',
  compounding: 'compoundings a year',
  timing: 'payments fall at the',
};
