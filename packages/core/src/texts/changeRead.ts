/** A change on the way, as it is told. */

export interface ChangeRead {
  /** The token of its number. */
  readonly token: number;
  readonly kind: 'rate' | 'extra' | 'rise' | 'new payment' | 'skip';
  /** After which payment, or after how many years; nothing where the text does not say. */
  readonly after?: number;
  readonly afterYears?: number;
  /** For a rise that is told in words: by how many times the payment. */
  readonly times?: number;
  /** The token of the payment that is changed, where it is told. */
  readonly instead?: number;
  readonly taken: readonly { readonly token: number; readonly role: 'after' | 'from' }[];
  readonly keep?: 'payments' | 'payment';
  /** For a pause, where its number does not say it. */
  readonly count?: number;
  /** For a pause that is told by the year. */
  readonly years?: number;
}

/** After which payment, or after how many years. */
export type Moment = Pick<ChangeRead, 'after' | 'afterYears' | 'taken'>;
