/** What a keeper says: all is on the server; it is on its way; the server cannot be reached, and it is kept on this device. */
export type Keeping = 'kept' | 'keeping' | 'waiting';

/** Sends a value to the server; throws while it cannot be kept there. */
export type Save = (value: unknown) => Promise<unknown>;

/** Where values wait on this device. */
export type Store = { read: (name: string) => unknown; write: (name: string, value: unknown) => void; remove: (name: string) => void };

export const WAIT_MS = 400;
export const AGAIN_MS = 3000;

/**
 * Keeps one value as it changes, under a name: on this device at once, on the server soon, and again until the server has it.
 * There is one keeper for each name, however often its field is opened and closed. Saves go out one after another, so that an
 * earlier value never overtakes a later one.
 */
export class Keeper {
  private pending: { value: unknown } | null;
  private sending: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private said: Keeping;
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly name: string,
    private readonly store: Store,
    private save: Save,
  ) {
    const left = store.read(name);
    this.pending = left === undefined || left === null ? null : { value: left };
    this.said = this.pending === null ? 'kept' : 'keeping';
  }

  get state(): Keeping {
    return this.said;
  }

  /** What the server does not have yet. */
  get left(): { value: unknown } | null {
    return this.pending;
  }

  sendWith(save: Save) {
    this.save = save;
  }

  readonly listen = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  keep(value: unknown) {
    this.pending = { value };
    this.store.write(this.name, value);
    this.say('keeping');
    this.later(WAIT_MS);
  }

  /** Forgets what waits, because something newer has been counted. */
  drop() {
    clearTimeout(this.timer);
    this.pending = null;
    this.store.remove(this.name);
    this.say('kept');
  }

  /** Sends what waits, now. Settles when it is on the server, or has failed once. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.sending ??= this.send().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async send() {
    while (this.pending !== null) {
      const sent = this.pending;
      try {
        // oxlint-disable-next-line no-await-in-loop -- one at a time
        await this.save(sent.value);
      } catch {
        this.say('waiting');
        this.later(AGAIN_MS);
        return;
      }
      if (this.pending === sent) {
        this.drop();
      }
    }
  }

  private later(ms: number) {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.flush(), ms);
  }

  private say(state: Keeping) {
    this.said = state;
    this.listeners.forEach((listener) => listener());
  }
}

/** All keepers of this page. */
export class Keepers {
  private readonly all = new Map<string, Keeper>();

  constructor(private readonly store: Store) {}

  of(name: string, save: Save): Keeper {
    const keeper = this.all.get(name) ?? new Keeper(name, this.store, save);
    this.all.set(name, keeper);
    return keeper;
  }

  /** Sends everything that waits; settles when each has been tried. Whoever then asks the server is told what was typed last. */
  async settled(which: (name: string) => boolean = () => true): Promise<void> {
    await Promise.all([...this.all].filter(([name, keeper]) => keeper.left !== null && which(name)).map(([, keeper]) => keeper.flush()));
  }
}
