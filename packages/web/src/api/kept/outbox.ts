/**
 * Small things on their way to the server: answers, decisions. They are sent one request at a time, what is said of one
 * thing twice is joined, and nothing is dropped by a failure: it waits, or is held back until somebody says what to do.
 */

/** Something that the server did not take: another value stands there, or it was refused. */
export interface HeldBack<T> {
  readonly item: T;
  readonly why: string;
  /** What stands in its place, where it was changed elsewhere. */
  readonly theirs?: string;
}

export type SendOutcome<T> =
  | { readonly is: 'sent' }
  /** Nothing arrived; it is tried again by itself. */
  | { readonly is: 'away'; readonly problem: string }
  /** Nothing was written: these stand in the way, the others are sent again without them. */
  | { readonly is: 'held'; readonly items: readonly HeldBack<T>[] };

export interface OutboxPorts<T> {
  readonly send: (batch: readonly T[]) => Promise<SendOutcome<T>>;
  readonly keyOf: (item: T) => string;
  /** The later value on the base of the earlier one, which was never sent. */
  readonly join: (earlier: T, later: T) => T;
  /** The later value on top of one that is being sent. */
  readonly onTop: (sent: T, later: T) => T;
  /** True where nothing is changed by it. */
  readonly isNothing: (item: T) => boolean;
  /** What may go together in one request. */
  readonly together?: (a: T, b: T) => boolean;
  /** So long nothing more is added before it is sent; at once where it is left out. It is remembered all the same. */
  readonly quietMs?: number;
  /** Remembers what is not sent over a reload. */
  readonly remember?: (unsent: readonly T[]) => void;
}

export interface OutboxState<T> {
  /** Everything that has not arrived, what is being sent first. */
  readonly waiting: readonly T[];
  readonly held: readonly HeldBack<T>[];
  readonly phase: 'idle' | 'sending' | 'away';
  readonly problem?: string;
}

export class Outbox<T> {
  readonly #ports: OutboxPorts<T>;
  readonly #againMs: number;
  readonly #listeners = new Set<() => void>();
  readonly #waiting = new Map<string, T>();
  readonly #flying = new Map<string, T>();
  #held: readonly HeldBack<T>[] = [];
  #timer: ReturnType<typeof setTimeout> | undefined;
  #sending: Promise<void> | undefined;
  #problem: string | undefined;
  #state: OutboxState<T> = { waiting: [], held: [], phase: 'idle' };

  constructor(ports: OutboxPorts<T>, againMs: number, unsent: readonly T[] = []) {
    this.#ports = ports;
    this.#againMs = againMs;
    if (unsent.length > 0) this.add(unsent);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly state = (): OutboxState<T> => this.#state;

  get isEmpty(): boolean {
    return this.#state.waiting.length === 0 && this.#state.held.length === 0;
  }

  /** Puts things in; what was waiting under the same key is replaced by them. */
  readonly add = (items: readonly T[]): void => {
    for (const item of items) {
      const key = this.#ports.keyOf(item);
      const earlier = this.#waiting.get(key);
      const flying = this.#flying.get(key);
      const next =
        earlier !== undefined
          ? this.#ports.join(earlier, item)
          : flying !== undefined
            ? this.#ports.onTop(flying, item)
            : item;
      if (this.#ports.isNothing(next)) this.#waiting.delete(key);
      else this.#waiting.set(key, next);
    }
    this.#tell();
    const { quietMs = 0 } = this.#ports;
    clearTimeout(this.#timer);
    if (quietMs === 0) void this.flush();
    else this.#timer = setTimeout(() => void this.flush(), quietMs);
  };

  /** Takes something out of what is held back: dropped, or tried as it is now. */
  readonly release = (held: HeldBack<T>, again?: T): void => {
    this.#held = this.#held.filter((each) => each !== held);
    if (again === undefined) this.#tell();
    else this.add([again]);
  };

  /** Sends what waits; resolves when nothing more can be sent for now. */
  readonly flush = (): Promise<void> => {
    clearTimeout(this.#timer);
    this.#sending ??= this.#sendAll().finally(() => {
      this.#sending = undefined;
      this.#tell();
    });
    return this.#sending;
  };

  async #sendAll(): Promise<void> {
    while (this.#waiting.size > 0) {
      const [first] = this.#waiting.values();
      for (const [key, item] of [...this.#waiting])
        if (this.#ports.together?.(first!, item) ?? true) {
          this.#waiting.delete(key);
          this.#flying.set(key, item);
        }
      this.#tell();
      const outcome = await this.#ports.send([...this.#flying.values()]);
      const flown = [...this.#flying];
      this.#flying.clear();
      this.#problem = undefined;
      if (outcome.is === 'sent') continue;
      const stopped = new Set(outcome.is === 'held' ? outcome.items.map(({ item }) => this.#ports.keyOf(item)) : []);
      if (outcome.is === 'held') this.#held = [...this.#held, ...outcome.items];
      for (const [key, item] of flown) if (!stopped.has(key)) this.#putBack(key, item);
      if (outcome.is === 'away') {
        this.#problem = outcome.problem;
        this.#timer = setTimeout(() => void this.flush(), this.#againMs);
        return;
      }
      // Nothing named stands in the way, and still nothing was taken: no use in trying the same again at once.
      if (stopped.size === 0) return;
    }
  }

  /** What was said since, on the base of what did not arrive. */
  #putBack(key: string, item: T): void {
    const later = this.#waiting.get(key);
    this.#waiting.set(key, later === undefined ? item : this.#ports.join(item, later));
  }

  #tell(): void {
    const waiting = [...this.#flying.values(), ...this.#waiting.values()];
    const phase =
      this.#flying.size > 0 ? 'sending' : this.#problem !== undefined && waiting.length > 0 ? 'away' : 'idle';
    this.#state = {
      waiting,
      held: this.#held,
      phase,
      ...(phase === 'away' && this.#problem ? { problem: this.#problem } : {}),
    };
    this.#ports.remember?.([...waiting, ...this.#held.map(({ item }) => item)]);
    for (const listener of [...this.#listeners]) listener();
  }
}
