/** "5,600 for eight months at 9 % simple interest: what has to be repaid?": all of it in one sum, at the end. */

import type { Page } from './page.ts';
import type { ReadPlan } from './reading.ts';

/** Something is paid more than once, or a payment is spoken of. */
const inPayments =
  /(?<![a-z])(?:payments?|pmts?|emis?|instal?lments?|rentals?|deposits?|each|every|per (?!cent|annum)[a-z]+|leas(?:e|ed|es|ing))(?![a-z])|⟨[ea]\d+⟩/;
/** "9 % a year" */
const ofRates = /⟨p\d+⟩(?: [a-z]+){0,3} (?:⟨[ea]\d+⟩|per [a-z]+)/g;

/** @returns whether a loan at simple interest has no payments before its end */
export const isRepaidAtOnce = ({ flat }: Pick<Page, 'flat'>, { kind, unknown }: ReadPlan): boolean =>
  kind === 'flat' && unknown === 'payment' && isSimpleAlone({ flat });

/** Simple interest on one sum, and nothing that is paid by payments. */
export const isSimpleAlone = ({ flat }: Pick<Page, 'flat'>): boolean =>
  /(?<![a-z])simple(?![a-z])/.test(flat) && !inPayments.test(flat.replace(ofRates, ''));
