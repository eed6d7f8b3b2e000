/** What is edited on the Bench, with undo and redo. Typing in one place is one step. */

import type { CaseDocument } from '@hardy-sextant/contract';
import { emptyDraft, restyleDraft, restyleVariation, type HouseRules, type StatementDraft } from '@hardy-sextant/core';
import { useCallback, useReducer } from 'react';

export interface BenchDocument {
  readonly title: string;
  readonly document: CaseDocument;
}

interface History {
  readonly present: BenchDocument;
  readonly past: readonly BenchDocument[];
  readonly future: readonly BenchDocument[];
  /** What the last step changed, and when: another change of the same kind soon after joins it. */
  readonly what: string;
  readonly at: number;
}

type Action =
  | {
      readonly type: 'edit';
      readonly change: (before: BenchDocument) => BenchDocument;
      readonly what: string;
      readonly at: number;
    }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'replace'; readonly with: BenchDocument };

const MOST_STEPS = 200;
const JOINS_WITHIN_MS = 1200;

function reduce(history: History, action: Action): History {
  const { present, past, future } = history;
  switch (action.type) {
    case 'edit': {
      const next = action.change(present);
      if (next === present) return history;
      const joins = action.what === history.what && action.at - history.at < JOINS_WITHIN_MS && past.length > 0;
      return {
        present: next,
        past: joins ? past : [...past.slice(-MOST_STEPS), present],
        future: [],
        what: action.what,
        at: action.at,
      };
    }
    case 'undo': {
      const before = past.at(-1);
      return before
        ? { present: before, past: past.slice(0, -1), future: [present, ...future], what: '', at: 0 }
        : history;
    }
    case 'redo': {
      const [next, ...rest] = future;
      return next ? { present: next, past: [...past, present], future: rest, what: '', at: 0 } : history;
    }
    case 'replace':
      return { present: action.with, past: [...past, present], future: [], what: '', at: 0 };
  }
}

export function useBenchDocument(start: BenchDocument) {
  const [history, dispatch] = useReducer(reduce, { present: start, past: [], future: [], what: '', at: 0 });
  const edit = useCallback(
    (change: (before: BenchDocument) => BenchDocument, what: string) =>
      dispatch({ type: 'edit', change, what, at: Date.now() }),
    [],
  );
  const editDocument = useCallback(
    (change: (before: CaseDocument) => CaseDocument, what: string) =>
      edit((before) => ({ ...before, document: change(before.document) }), what),
    [edit],
  );
  return {
    present: history.present,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    edit,
    editDocument,
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    replace: useCallback((document: BenchDocument) => dispatch({ type: 'replace', with: document }), []),
  };
}

/** An empty case under house rules. */
export function newDocument(rules: HouseRules, rulesId: string): CaseDocument {
  const { timing, paymentsPerYear } = rules.usual;
  const draft = emptyDraft();
  return {
    schemaVersion: 2,
    draft: {
      ...draft,
      timing,
      paymentsPerYear,
      quote: { ...draft.quote, compounding: paymentsPerYear },
      numberStyle: rules.numberStyle,
    },
    variations: [],
    together: [],
    tags: [],
    rules: rulesId,
  };
}

/** All texts of a case written in the number style of its house rules. */
export function inStyleOf(document: CaseDocument, rules: HouseRules): CaseDocument {
  const from = document.draft.numberStyle;
  if (from === rules.numberStyle && document.together.every(({ draft }) => draft.numberStyle === from)) return document;
  return {
    ...document,
    draft: restyleDraft(document.draft, rules.numberStyle),
    variations: document.variations.map((variation) => restyleVariation(variation, from, rules.numberStyle)),
    together: document.together.map((part) => ({ ...part, draft: restyleDraft(part.draft, rules.numberStyle) })),
  };
}

/** True once there is something worth keeping. */
export function isWorthKeeping({ title, document }: BenchDocument): boolean {
  return (
    title.trim() !== '' ||
    document.draft.buildUp !== undefined ||
    Object.entries(document.draft.slots).some(
      ([slot, text]) => text.trim() !== '' && !(slot === 'finalAmount' && text === '0'),
    )
  );
}

/** True while the statement has hardly been begun. */
export function emptySlots({ slots, buildUp }: StatementDraft): boolean {
  return !buildUp && slots.amount === '' && slots.rate === '' && slots.payments === '';
}
