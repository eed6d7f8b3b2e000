/**
 * One record while it is changed: what is typed is shown at once, written one write at a time, and stays until the server
 * has it. It lives apart from the screen that shows it, so that leaving the screen loses nothing.
 */

/**
 * - `kept`: the server has what is shown.
 * - `changed`, `writing`: not yet, and soon; being sent.
 * - `away`: the server could not be reached; it is tried again by itself.
 * - `refused`: the server said no; it is tried again when something changes.
 * - `elsewhere`: somebody else has stored another version; a choice is waited for.
 */
export type KeptPhase = 'kept' | 'changed' | 'writing' | 'away' | 'refused' | 'elsewhere';

export interface KeptState<T, Kept> {
  readonly present: T;
  readonly phase: KeptPhase;
  /** Why the last write did not come through, in a sentence. */
  readonly problem?: string;
  /** What somebody else stored. */
  readonly theirs?: Kept;
}

/** What became of a write. */
export type WriteOutcome<Kept> =
  | { readonly is: 'stored'; readonly kept: Kept }
  | { readonly is: 'elsewhere'; readonly theirs: Kept }
  | { readonly is: 'refused' | 'away'; readonly problem: string };

export interface KeptPorts<T, Kept> {
  /** Sends a value on top of a revision; 0 where nothing is stored yet. Never throws. */
  readonly write: (value: T, revision: number) => Promise<WriteOutcome<Kept>>;
  readonly valueOf: (kept: Kept) => T;
  readonly revisionOf: (kept: Kept) => number;
  /** A value that is not worth a first write yet, such as an empty page. */
  readonly isWorthKeeping?: (value: T) => boolean;
  /** Remembers what is not stored yet over a reload; forgets it where undefined. */
  readonly remember?: (unsent: { readonly value: T; readonly revision: number } | undefined) => void;
}

export interface KeptOptions {
  /** So long nothing is typed before it is written. */
  readonly quietMs: number;
  /** So long after a failure it is tried again. */
  readonly againMs: number;
}

export class KeptDocument<T, Kept> {
  readonly #ports: KeptPorts<T, Kept>;
  readonly #options: KeptOptions;
  readonly #listeners = new Set<() => void>();
  #state: KeptState<T, Kept>;
  #stored: { readonly value: T | undefined; readonly revision: number };
  #timer: ReturnType<typeof setTimeout> | undefined;
  #writing: Promise<void> | undefined;

  /** @param unsent what was typed before and never reached the server, where there is such a thing */
  constructor(
    start: { readonly value: T; readonly revision: number },
    ports: KeptPorts<T, Kept>,
    options: KeptOptions,
    unsent?: { readonly value: T; readonly revision: number },
  ) {
    this.#ports = ports;
    this.#options = options;
    this.#stored = { value: start.value, revision: unsent?.revision ?? start.revision };
    this.#state = { present: unsent?.value ?? start.value, phase: 'kept' };
    if (unsent && !same(unsent.value, start.value)) {
      this.#stored = { value: undefined, revision: unsent.revision };
      this.#set({ present: unsent.value, phase: 'changed' });
      this.#schedule(0);
    } else this.#ports.remember?.(undefined);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly state = (): KeptState<T, Kept> => this.#state;

  get isShown(): boolean {
    return this.#listeners.size > 0;
  }

  /** The revision that the next write goes on top of. */
  get revision(): number {
    return this.#stored.revision;
  }

  /** Shows another value at once and writes it after a while. */
  readonly change = (next: T | ((before: T) => T)): void => {
    const present = typeof next === 'function' ? (next as (before: T) => T)(this.#state.present) : next;
    if (present === this.#state.present) return;
    if (this.#state.phase === 'elsewhere') this.#set({ ...this.#state, present });
    else if (this.#stored.value !== undefined && same(present, this.#stored.value) && this.#writing === undefined)
      this.#set({ present, phase: 'kept' });
    else this.#set({ present, phase: this.#writing ? 'writing' : 'changed' });
    this.#remember();
    this.#schedule(this.#options.quietMs);
  };

  /** A newer version from the server: shown where nothing of ours is waiting. */
  readonly received = (kept: Kept): void => {
    if (this.#state.phase !== 'kept' || this.#ports.revisionOf(kept) <= this.#stored.revision) return;
    this.#stored = { value: this.#ports.valueOf(kept), revision: this.#ports.revisionOf(kept) };
    this.#set({ present: this.#ports.valueOf(kept), phase: 'kept' });
  };

  /** Which of two versions goes on. Nothing else ends the question. */
  readonly settle = (choice: 'mine' | 'theirs'): void => {
    const { theirs, present } = this.#state;
    if (theirs === undefined) return;
    const value = this.#ports.valueOf(theirs);
    this.#stored = { value, revision: this.#ports.revisionOf(theirs) };
    if (choice === 'theirs') {
      this.#set({ present: value, phase: 'kept' });
      this.#remember();
      return;
    }
    this.#set({ present, phase: 'changed' });
    void this.flush();
  };

  /** Writes what is not stored yet, at once; resolves when the write has come to an end. */
  readonly flush = async (): Promise<void> => {
    clearTimeout(this.#timer);
    while (this.#writing) await this.#writing;
    if (!this.#waits()) return;
    this.#writing = this.#write().finally(() => (this.#writing = undefined));
    await this.#writing;
    // What was typed meanwhile goes on top of what was just stored.
    if (this.#state.phase === 'changed') this.#schedule(this.#options.quietMs);
  };

  /** Stops trying; for a record that is gone. */
  readonly drop = (): void => {
    clearTimeout(this.#timer);
    this.#ports.remember?.(undefined);
    this.#set({ present: this.#state.present, phase: 'kept' });
  };

  #waits(): boolean {
    const { phase, present } = this.#state;
    if (phase === 'kept' || phase === 'elsewhere') return false;
    return this.#stored.revision > 0 || (this.#ports.isWorthKeeping?.(present) ?? true);
  }

  async #write(): Promise<void> {
    const value = this.#state.present;
    this.#set({ present: value, phase: 'writing' });
    const outcome = await this.#ports.write(value, this.#stored.revision);
    const { present } = this.#state;
    switch (outcome.is) {
      case 'stored':
        this.#stored = { value, revision: this.#ports.revisionOf(outcome.kept) };
        this.#set({ present, phase: present === value ? 'kept' : 'changed' });
        break;
      case 'elsewhere': {
        const theirs = this.#ports.valueOf(outcome.theirs);
        // A write whose answer was lost on its way comes back as our own words.
        if (same(theirs, value)) {
          this.#stored = { value, revision: this.#ports.revisionOf(outcome.theirs) };
          this.#set({ present, phase: same(present, value) ? 'kept' : 'changed' });
        } else this.#set({ present, phase: 'elsewhere', theirs: outcome.theirs });
        break;
      }
      case 'refused':
        // What was typed since may be what the server takes.
        this.#set(
          present === value ? { present, phase: 'refused', problem: outcome.problem } : { present, phase: 'changed' },
        );
        break;
      case 'away':
        this.#set({ present, phase: 'away', problem: outcome.problem });
        this.#schedule(this.#options.againMs);
        break;
    }
    this.#remember();
  }

  #remember(): void {
    const { phase, present } = this.#state;
    this.#ports.remember?.(
      phase === 'kept' || !(this.#ports.isWorthKeeping?.(present) ?? true)
        ? undefined
        : { value: present, revision: this.#stored.revision },
    );
  }

  #schedule(ms: number): void {
    clearTimeout(this.#timer);
    if (this.#waits()) this.#timer = setTimeout(() => void this.flush(), ms);
  }

  #set(state: KeptState<T, Kept>): void {
    this.#state = state;
    for (const listener of [...this.#listeners]) listener();
  }
}

/** Documents are plain data: they are the same when they are written the same. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  const [one, other] = [a as Record<string, unknown>, b as Record<string, unknown>];
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].every((name) => same(one[name], other[name]));
}
