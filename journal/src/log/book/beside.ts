/** Works something out beside the page: in a worker. Rejects, or answers null, where it could not. */
export type Worker = (what: unknown) => Promise<unknown>;

/** So many last answers are kept. */
const MOST_KEPT = 20;

/**
 * Where costly answers of a book are worked out. Without a worker each is worked out at once, where it is asked for. With one the last
 * answer that was known under a name stands until the new one is there, and whoever listens is told. A book and all that are made from
 * it share one; two books share none.
 */
export class Beside {
  private worker: Worker | null = null;
  private readonly last = new Map<string, unknown>();
  private readonly asked = new Set<string>();
  /** What could not be worked out beside the page is worked out in it. */
  private readonly refused = new Set<string>();
  private readonly listeners = new Set<() => void>();
  private done = 0;

  /** From now on the worker is asked; null: nobody is. */
  workWith(worker: Worker | null): void {
    this.worker = worker;
    this.refused.clear();
  }

  /** How often something was worked out beside the page so far. */
  readonly count = (): number => this.done;

  /** Whether something is being worked out: what rests on it is of before the last change. */
  readonly underWay = (): boolean => this.asked.size > 0;

  /** Tells when something begins to be worked out, and when it is done; the function that comes back ends it. */
  readonly hear = (l: () => void): (() => void) => {
    this.listeners.add(l);
    return () => this.listeners.delete(l);
  };

  /** The last answer under a name, whatever has changed since; the ones kept longest ago are given up first. */
  lastOf(name: string): unknown {
    return this.last.get(name);
  }

  keep(name: string, answer: unknown): void {
    this.last.delete(name);
    this.last.set(name, answer);
    if (this.last.size > MOST_KEPT) this.last.delete(this.last.keys().next().value as string);
  }

  /** Asks for an answer, once for a key; false where it is to be worked out here and now. `take` gets the answer. */
  ask(key: string, what: unknown, take: (answer: unknown) => void): boolean {
    if (!this.worker || this.refused.has(key)) return false;
    if (this.asked.has(key)) return true;
    this.asked.add(key);
    const end = (answer: unknown): void => {
      this.asked.delete(key);
      if (answer === null) this.refused.add(key);
      else take(answer);
      this.done++;
      this.tell();
    };
    // Who hears of it draws: not in the middle of the drawing that asked.
    queueMicrotask(() => this.tell());
    this.worker(what).then(end, () => end(null));
    return true;
  }

  private tell(): void {
    for (const l of this.listeners) l();
  }
}
