/** Everything that is typed and not stored yet, on whatever screen: kept over navigation and reload, listed for the top bar, sent when it can be. */

import { nth } from '@hardy-sextant/core';
import { useSyncExternalStore } from 'react';
import type { z } from 'zod';
import { KeptDocument, type KeptOptions, type KeptPorts } from './keptDocument.ts';

/** Something that may hold words the server does not have. */
export interface Unsent {
  /** What it is called in a list: "exercise “The ferry refit”". */
  readonly name: string;
  /** Where it is looked at. */
  readonly path: string;
  readonly isUnsent: () => boolean;
  readonly flush: () => Promise<void>;
}

const held = new Map<string, Unsent>();
const listeners = new Set<() => void>();
let listed: readonly { readonly key: string; readonly name: string; readonly path: string }[] = [];

function tell(): void {
  const now = [...held].filter(([, each]) => each.isUnsent()).map(([key, { name, path }]) => ({ key, name, path }));
  if (
    now.length === listed.length &&
    now.every(({ key, name }, at) => nth(listed, at).key === key && nth(listed, at).name === name)
  )
    return;
  listed = now;
  for (const listener of [...listeners]) listener();
}

/** Holds on to something until it has nothing unsent; `tell` is called whenever that may have changed. */
export function hold(key: string, unsent: Unsent): { readonly tell: () => void; readonly release: () => void } {
  held.set(key, unsent);
  tell();
  return {
    tell,
    release: () => {
      if (held.get(key) === unsent && !unsent.isUnsent()) held.delete(key);
      tell();
    },
  };
}

export function heldUnder(key: string): Unsent | undefined {
  return held.get(key);
}

/** What is not stored yet. */
export function useUnsent(): typeof listed {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => listed,
  );
}

if (typeof window !== 'undefined') {
  // A window that is closed with unsent words asks, and tries once more.
  window.addEventListener('beforeunload', (event) => {
    const waiting = [...held.values()].filter((each) => each.isUnsent());
    if (waiting.length === 0) return;
    for (const each of waiting) void each.flush();
    event.preventDefault();
  });
  window.addEventListener('online', () => {
    for (const each of held.values()) if (each.isUnsent()) void each.flush();
  });
}

const PREFIX = 'hardy-sextant.unsent.';

/** What was typed under a key before a reload and never stored; nothing where it cannot be read. */
export function remembered<S extends z.ZodType>(key: string, schema: S): z.infer<S> | undefined {
  try {
    const text = localStorage.getItem(PREFIX + key);
    return text === null ? undefined : schema.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined;
  }
}

export function remember(key: string, value: unknown): void {
  try {
    if (value === undefined) localStorage.removeItem(PREFIX + key);
    else localStorage.setItem(PREFIX + key, JSON.stringify(value));
  } catch {
    // Without room for it the words stay on the screen.
  }
}

interface Opening<T, Kept> {
  readonly key: string;
  readonly path: string;
  readonly nameOf: (value: T) => string;
  readonly start: { readonly value: T; readonly revision: number };
  readonly ports: KeptPorts<T, Kept>;
  readonly options: KeptOptions;
  /** Reads what was remembered over a reload. */
  readonly schema: z.ZodType<{ value: T; revision: number }>;
}

const documents = new Map<string, KeptDocument<never, never>>();

/** The document under a key: the one that still has unsent words, or one begun from what the server has. */
export function openDocument<T, Kept>({
  key,
  path,
  nameOf,
  start,
  ports,
  options,
  schema,
}: Opening<T, Kept>): KeptDocument<T, Kept> {
  const before = documents.get(key) as KeptDocument<T, Kept> | undefined;
  if (before) return before;
  const made = new KeptDocument<T, Kept>(
    start,
    { ...ports, remember: (unsent) => remember(key, unsent) },
    options,
    remembered(key, schema),
  );
  documents.set(key, made as unknown as KeptDocument<never, never>);
  const { tell: changed, release } = hold(key, {
    get name() {
      return nameOf(made.state().present);
    },
    path,
    isUnsent: () => made.state().phase !== 'kept' && (ports.isWorthKeeping?.(made.state().present) ?? true),
    flush: made.flush,
  });
  const leave = made.subscribe(() => {
    changed();
    // Once the screen is left and everything is stored, the next visit begins from the server.
    queueMicrotask(() => closeDocument(key));
  });
  closers.set(key, () => {
    leave();
    release();
  });
  return made;
}

const closers = new Map<string, () => void>();
const shown = new Map<string, number>();

/** A screen shows the document, or has left it. */
export function showDocument(key: string): () => void {
  shown.set(key, (shown.get(key) ?? 0) + 1);
  return () => {
    shown.set(key, (shown.get(key) ?? 1) - 1);
    void heldUnder(key)?.flush();
    queueMicrotask(() => closeDocument(key));
  };
}

function closeDocument(key: string): void {
  const made = documents.get(key);
  if (!made || (shown.get(key) ?? 0) > 0 || made.state().phase !== 'kept') return;
  documents.delete(key);
  shown.delete(key);
  closers.get(key)?.();
  closers.delete(key);
}

/** Whether words are waiting under a key, also from before a reload. */
export function hasUnsent<S extends z.ZodType>(key: string, schema: S): boolean {
  return held.get(key)?.isUnsent() === true || remembered(key, schema) !== undefined;
}
