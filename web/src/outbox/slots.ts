type Known = { tag: string; body: unknown; older: Set<string> };

/** Which version of a value this window knows the server to have, by the name of its slot. */
export class Slots {
  private readonly slots = new Map<string, Known>();

  /** The server was seen to have this; what was true before this window's own last save is not news. */
  saw(slot: string, tag: string) {
    const known = this.slots.get(slot);
    if (known?.older.has(tag) !== true && known?.tag !== tag) {
      this.slots.set(slot, { tag, body: undefined, older: new Set() });
    }
  }

  /** The server has taken this. */
  saved(slot: string, tag: string, body: unknown) {
    const known = this.slots.get(slot);
    const older = new Set(known?.older).add(known?.tag ?? '');
    older.delete(tag);
    this.slots.set(slot, { tag, body, older });
  }

  /** What this window saved after the version with that tag; undefined when that one is the latest known. */
  newer(slot: string, tag: string): unknown {
    const known = this.slots.get(slot);
    return known?.older.has(tag) === true ? known.body : undefined;
  }

  /** What something that is made now is built on; null where nothing was seen. */
  base(slot: string): string | null {
    return this.slots.get(slot)?.tag ?? null;
  }
}
