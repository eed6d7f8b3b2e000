/** What a number can be, as the words beside it tell. */

import type { Role } from '../reading.ts';

/**
 * Roles as words tell them, before the case is known: a `deposit` is a down payment beside a price and a payment in a
 * savings plan; `financedRate` is what a down payment leaves; `feeRate` a fee as a share; `ignored` plays no part.
 */
export type WordRole = Role | 'financedRate' | 'feeRate' | 'rebateRate' | 'newPayment' | 'interval' | 'ignored';
