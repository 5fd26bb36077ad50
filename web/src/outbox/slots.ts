type Known = { tag: string; body: unknown; savedAt: number; older: Set<string> };

/** Which version of a value this window knows the server to have, by the name of its slot. */
export class Slots {
  private readonly slots = new Map<string, Known>();

  /** The server was seen to have this, at a time; what it had before this window's own last save is not news. */
  saw(slot: string, tag: string, at: number) {
    if (!this.isPast(slot, tag, at) && this.slots.get(slot)?.tag !== tag) {
      this.slots.set(slot, { tag, body: undefined, savedAt: 0, older: new Set() });
    }
  }

  /** The server has taken this, at a time. */
  saved(slot: string, tag: string, body: unknown, at: number) {
    const known = this.slots.get(slot);
    const older = new Set(known?.older).add(known?.tag ?? '');
    older.delete(tag);
    this.slots.set(slot, { tag, body, savedAt: at, older });
  }

  /** What this window saved after it saw the version with that tag; undefined when that one is the latest known. */
  newer(slot: string, tag: string, at: number): unknown {
    return this.isPast(slot, tag, at) ? this.slots.get(slot)?.body : undefined;
  }

  /** The tag of what the server has, as far as this window knows: its own last save, where that came after. */
  version(slot: string, tag: string, at: number): string {
    return this.isPast(slot, tag, at) ? (this.slots.get(slot)?.tag ?? tag) : tag;
  }

  /** What something that is made now is built on; null where nothing was seen. */
  base(slot: string): string | null {
    return this.slots.get(slot)?.tag ?? null;
  }

  /** Somebody may have gone back to an older text since: then it was seen after the save. */
  private isPast(slot: string, tag: string, at: number): boolean {
    const known = this.slots.get(slot);
    return known !== undefined && known.older.has(tag) && at < known.savedAt;
  }
}
