import type { Answer, Deed, Dispute, Refused } from './deed';

/** How it stands with the server. */
export type Standing = 'fine' | 'unreached' | 'busy' | 'signedOut';

/**
 * What the screen shows of it; a new object whenever something has changed.
 *
 * @param elsewhere disputes of what is not on the screen
 */
export type Snapshot = {
  deeds: readonly Deed[];
  underWay: ReadonlySet<string>;
  refused: readonly Refused[];
  disputes: readonly Dispute[];
  elsewhere: readonly Dispute[];
  standing: Standing;
  lasts: boolean;
};

type Elsewhere = { kind: 'elsewhere' };

/** Told when a deed has left the outbox. */
export type Outcome =
  Exclude<Answer, { kind: 'unreached' | 'signedOut' | 'changed' }> | Elsewhere | { kind: 'withdrawn' };

/** @param isWatched whether somebody waits for its outcome, and shows it */
export type OnDone = (deed: Deed, outcome: Outcome, isWatched: boolean) => void;

/** Who is told of what happens in the outbox. */
export class News {
  private readonly listeners = new Set<() => void>();
  private readonly doneListeners = new Set<OnDone>();
  private readonly watchers = new Map<string, (outcome: Outcome) => void>();

  readonly listen = (listener: () => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  /** Told of every deed that has left the outbox, and how. */
  onDone(listener: OnDone) {
    this.doneListeners.add(listener);
    return () => void this.doneListeners.delete(listener);
  }

  /** What comes of a deed, told to the one who waits for it. */
  outcome(id: string): Promise<Outcome> {
    return new Promise((resolve) => this.watchers.set(id, resolve));
  }

  /** Nobody looks any more: a refusal is then told by whatever page is open. */
  leave(id: string) {
    this.watchers.delete(id);
  }

  isWatched(id: string): boolean {
    return this.watchers.has(id);
  }

  changed() {
    this.listeners.forEach((listener) => listener());
  }

  /** A deed has left the outbox. */
  over(deed: Deed, outcome: Outcome) {
    const isWatched = this.watchers.has(deed.id);
    this.watchers.get(deed.id)?.(outcome);
    this.watchers.delete(deed.id);
    this.doneListeners.forEach((listener) => listener(deed, outcome, isWatched));
  }
}
