import type { Deed, Dispute, Refused } from './deed';
import { Jottings } from './jottings';
import type { Shelf } from './shelf';

/** What lies on this device, of everybody who uses it; this window's copy of the shelf. */
export class Held {
  owner = '';
  private deeds: Deed[] = [];
  private refused: Refused[] = [];
  private readonly disputes = new Map<string, Dispute>();
  readonly jottings: Jottings;
  private lastTurn = 0;

  constructor(readonly shelf: Shelf) {
    this.jottings = new Jottings(shelf, () => this.owner);
  }

  /** Reads the shelf, where other windows and earlier visits have laid things too. */
  async read() {
    const { deeds, refused, jottings } = await this.shelf.all();
    const known = new Set(this.deeds.map((d) => d.id));
    this.deeds = [...this.deeds, ...deeds.filter((d) => !known.has(d.id))].toSorted((a, b) => a.turn - b.turn);
    this.refused = [...this.refused, ...refused.filter((r) => !this.refused.some((mine) => mine.id === r.id))];
    this.jottings.found(jottings);
    this.lastTurn = Math.max(this.lastTurn, ...this.deeds.map((d) => d.turn));
  }

  /** After everything that was made before. */
  turn(now: number): number {
    this.lastTurn = Math.max(this.lastTurn + 1, now);
    return this.lastTurn;
  }

  /** Of the person who is here, in order. */
  own(): Deed[] {
    return this.deeds.filter((d) => d.owner === this.owner && this.owner !== '');
  }

  ownRefused(): Refused[] {
    return this.refused.filter((r) => r.owner === this.owner);
  }

  ownDisputes(): Dispute[] {
    return [...this.disputes.values()].filter((d) => d.deed.owner === this.owner);
  }

  find(id: string): Deed | undefined {
    return this.deeds.find((d) => d.id === id);
  }

  /**
   * Whether nothing that is sent as it is comes after it in its place. What is made next must not overtake such a
   * thing.
   */
  isLast(deed: Deed): boolean {
    return this.own().every((d) => d.place !== deed.place || d.turn <= deed.turn || d.slot !== undefined);
  }

  add(deed: Deed, before: Deed | undefined) {
    this.deeds = [...this.deeds.filter((d) => d !== before), deed];
    this.shelf.lay(deed, before === undefined ? [] : [before.id]);
  }

  remove({ id }: Deed) {
    this.deeds = this.deeds.filter((d) => d.id !== id);
    this.disputes.delete(id);
    this.shelf.take(id);
  }

  /** What waits in the slot was made after what the server has now. */
  rebase(slot: string, base: string, window: string) {
    this.deeds = this.deeds.map((d) => {
      if (d.slot !== slot || d.window !== window) {
        return d;
      }
      const rebased = { ...d, base };
      this.shelf.lay(rebased, []);
      return rebased;
    });
  }

  dispute(dispute: Dispute) {
    this.disputes.set(dispute.deed.id, dispute);
  }

  disputeOf(id: string): Dispute | undefined {
    return this.disputes.get(id);
  }

  settle(id: string) {
    this.disputes.delete(id);
  }

  refuse({ id, owner, words, copy = '', page }: Deed, sentence: string) {
    const refused: Refused = { id, owner, words, copy, page, sentence };
    this.refused = [...this.refused, refused];
    this.shelf.refuse(refused);
  }

  dismiss(id: string) {
    this.refused = this.refused.filter((r) => r.id !== id);
    this.shelf.dismiss(id);
  }
}
