/** A student's answers to a set, by place and entry: looked up and changed without ever meeting what an object has by itself. */

import type { SetEntries } from '@hardy-sextant/contract';

export interface AnswerChange {
  readonly itemId: string;
  readonly entryId: string;
  readonly text: string;
}

/** The text of an answer; empty where there is none. */
export function answerAt(entries: SetEntries, itemId: string, entryId: string): string {
  const texts = Object.hasOwn(entries, itemId) ? entries[itemId] : undefined;
  return texts && Object.hasOwn(texts, entryId) ? (texts[entryId] ?? '') : '';
}

/** The answers after some changes; an empty text takes an answer away. */
export function withChanges(before: SetEntries, changes: readonly AnswerChange[]): SetEntries {
  const after = new Map(Object.entries(before).map(([itemId, texts]) => [itemId, new Map(Object.entries(texts))]));
  for (const { itemId, entryId, text } of changes) {
    const texts = after.get(itemId) ?? new Map<string, string>();
    if (text === '') texts.delete(entryId);
    else texts.set(entryId, text);
    if (texts.size === 0) after.delete(itemId);
    else after.set(itemId, texts);
  }
  return Object.fromEntries([...after].map(([itemId, texts]) => [itemId, Object.fromEntries(texts)]));
}

/** The entries of a row that differ from what is stored. A cell left empty in a file changes nothing. */
export function differing(before: SetEntries, row: SetEntries): AnswerChange[] {
  return allAnswers(row).filter(
    ({ itemId, entryId, text }) => text !== '' && text !== answerAt(before, itemId, entryId),
  );
}

export function allAnswers(entries: SetEntries): AnswerChange[] {
  return Object.entries(entries).flatMap(([itemId, texts]) =>
    Object.entries(texts).map(([entryId, text]) => ({ itemId, entryId, text })),
  );
}
