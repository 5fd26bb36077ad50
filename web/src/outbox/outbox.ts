import type { Answer, Deed, Wish } from './deed';
import { Held } from './held';
import { Lanes, type Step } from './lanes';
import { News, type Outcome, type Snapshot, type Standing } from './news';
import { Slots } from './slots';
import type { Surroundings } from './surroundings';

export const SOON_MS = 400;
/** How often a window looks whether another has sent what comes before its own. */
const OTHERS_MS = 1000;

/**
 * Everything that a person makes goes out through here: laid on this device at once, and kept until the server has said
 * yes or has refused it for good. What was made in one place goes out one at a time, in the order in which it was made;
 * places do not wait for one another. What another visit left goes out first.
 */
export class Outbox {
  private readonly held: Held;
  private readonly lanes: Lanes;
  private readonly slots = new Slots();
  private readonly underWay = new Set<string>();
  /** Who is told of what happens; see {@link News}. */
  readonly news = new News();
  private readonly onScreen = new Set<string>();
  private standing: Standing = 'fine';
  private shown: Snapshot | null = null;
  /** How often something was made or done: whoever asks the server meanwhile asks again. */
  turns = 0;

  constructor(private readonly around: Surroundings) {
    this.held = new Held(around.shelf);
    this.lanes = new Lanes((place) => this.step(place), around.alone, around.now);
  }

  /** Reads what waits on this device. */
  async open() {
    await this.held.read();
    this.tell();
  }

  /** From now on what this person made is sent. Empty for nobody: everything waits. */
  become(owner: string) {
    if (this.held.owner !== owner || this.standing === 'signedOut') {
      this.held.owner = owner;
      this.standing = 'fine';
      this.tell();
      void this.flush();
    }
  }

  /** The session has ended: everything waits until {@link become}. */
  lost() {
    if (this.held.owner !== '') {
      this.standing = 'signedOut';
      this.tell();
    }
  }

  readonly snapshot = (): Snapshot => {
    const disputes = this.held.ownDisputes();
    this.shown ??= {
      deeds: this.held.own(),
      underWay: new Set(this.underWay),
      refused: this.held.ownRefused(),
      disputes,
      elsewhere: disputes.filter((d) => !this.onScreen.has(d.deed.slot ?? '')),
      standing: this.standing,
      lasts: this.around.shelf.lasts,
    };
    return this.shown;
  };

  /** A slot is on the screen, where its disputes are shown. @returns what ends that */
  show(slot: string): () => void {
    this.onScreen.add(slot);
    this.tell();
    return () => {
      this.onScreen.delete(slot);
      this.tell();
    };
  }

  /** Whether it was made in this window. */
  isMine(deed: Deed): boolean {
    return deed.window === this.around.window;
  }

  /** Everything of a slot that waits or is under way, in its order. */
  waiting(slot: string): Deed[] {
    return this.held.own().filter((d) => d.slot === slot);
  }

  /** The latest deed of a slot that waits or is under way. */
  latest(slot: string): Deed | undefined {
    return this.waiting(slot).at(-1);
  }

  /** What waits in a slot and may still be replaced by something later. */
  replaceable(slot: string): Deed | undefined {
    const last = this.latest(slot);
    const isFree =
      last !== undefined &&
      this.isMine(last) &&
      !this.underWay.has(last.id) &&
      this.held.disputeOf(last.id) === undefined;
    return isFree && this.held.isLast(last) ? last : undefined;
  }

  /** The server was seen to have this in a slot, at a time. */
  saw(slot: string, tag: string, at: number) {
    if (this.latest(slot) === undefined) {
      this.slots.saw(slot, tag, at);
    }
  }

  /** What was saved in a slot after the server was seen to have that version; undefined when it is the latest. */
  newer(slot: string, tag: string, at: number): unknown {
    return this.slots.newer(slot, tag, at);
  }

  /** The version that the server has, when it was seen to have one with that tag; see {@link newer}. */
  version(slot: string, tag: string, at: number): string {
    return this.slots.version(slot, tag, at);
  }

  /** Takes a deed; it is on the device before this returns. */
  put(wish: Wish): Deed {
    const { window, newId, now, page } = this.around;
    const before = wish.slot === undefined || wish.adds === true ? undefined : this.replaceable(wish.slot);
    const base = before?.base ?? (wish.slot === undefined ? null : this.slots.base(wish.slot));
    const deed: Deed = {
      ...wish,
      id: newId(),
      turn: this.held.turn(now()),
      owner: this.held.owner,
      window,
      page: page(),
      base,
    };
    this.turns++;
    this.held.add(deed, before);
    this.tell();
    this.lanes.start(deed.place, wish.soon === true ? SOON_MS : 0);
    return deed;
  }

  /** Takes a deed back. @returns whether it had not been sent yet */
  withdraw(id: string): boolean {
    const deed = this.held.find(id);
    if (deed === undefined || this.underWay.has(id)) {
      return false;
    }
    this.gone(deed, { kind: 'withdrawn' });
    return true;
  }

  dismiss(id: string) {
    this.held.dismiss(id);
    this.tell();
  }

  /** Ends a dispute: with what was made here, or with what the server has. */
  choose(id: string, whose: 'mine' | 'theirs') {
    const dispute = this.held.disputeOf(id);
    const slot = dispute?.deed.slot;
    if (dispute === undefined || slot === undefined) {
      return;
    }
    this.held.settle(id);
    this.slots.saved(slot, dispute.tag, dispute.theirs, this.around.now());
    if (whose === 'mine') {
      this.held.rebase(slot, dispute.tag, dispute.deed.window);
    } else {
      this.waiting(slot).forEach((d) => this.gone(d, { kind: 'withdrawn' }));
    }
    this.tell();
    this.lanes.start(dispute.deed.place, 0);
  }

  get jottings() {
    return this.held.jottings;
  }

  /** Sends what waits, now. Settles when each place has been tried. */
  async flush(): Promise<void> {
    await Promise.all([...new Set(this.held.own().map((d) => d.place))].map((place) => this.lanes.run(place)));
  }

  /**
   * Like {@link flush}, after reading what other windows left: for when the connection is back or the page is seen
   * again.
   */
  async wake(): Promise<void> {
    await this.open();
    this.lanes.refresh();
    await this.flush();
  }

  /**
   * Another window of this browser has sent something: who shows it asks the server anew. What belongs to somebody else
   * is nobody's news here.
   */
  readonly heard = (deed: Deed) => void (deed.owner === this.held.owner && this.gone(deed, { kind: 'elsewhere' }));

  private async step(place: string): Promise<Step> {
    const deed = await this.head(place);
    if (deed === undefined) {
      return 'wait';
    }
    this.underWay.add(deed.id);
    this.tell();
    const answer = await this.around.send(deed).catch((): Answer => ({ kind: 'unreached', busy: false }));
    this.underWay.delete(deed.id);
    return this.after(deed, answer);
  }

  /** The next of a place that is this window's to send. What is gone from the shelf was sent by another one. */
  private async head(place: string): Promise<Deed | undefined> {
    const [first] = this.held.own().filter((d) => d.place === place);
    if (first === undefined || this.standing === 'signedOut' || this.held.disputeOf(first.id) !== undefined) {
      return undefined;
    }
    if (!(await this.around.shelf.has(first.id)) && this.around.shelf.lasts) {
      this.gone(first, { kind: 'elsewhere' });
      // Sent, or something that was typed later has taken its place.
      await this.held.read();
      return this.head(place);
    }
    if (!this.isMine(first) && (await this.around.isOpen(first.window))) {
      this.lanes.start(place, OTHERS_MS);
      return undefined;
    }
    return this.held.own().includes(first) ? first : this.head(place);
  }

  private after(deed: Deed, answer: Answer): Step {
    this.standing =
      answer.kind === 'signedOut'
        ? 'signedOut'
        : answer.kind !== 'unreached'
          ? 'fine'
          : answer.busy
            ? 'busy'
            : 'unreached';
    switch (answer.kind) {
      case 'done':
        this.saved(deed, answer.tag);
        this.gone(deed, answer);
        return 'more';
      case 'refused':
        if (!this.news.isWatched(deed.id)) {
          this.held.refuse(deed, answer.sentence);
        }
        this.gone(deed, answer);
        return 'more';
      case 'changed':
        this.held.dispute({ deed, theirs: answer.theirs, tag: answer.tag });
    }
    this.tell();
    return answer.kind === 'unreached' ? 'again' : 'wait';
  }

  private saved({ slot, letter, window }: Deed, tag: string | null) {
    if (slot !== undefined && tag !== null) {
      this.slots.saved(slot, tag, letter.body, this.around.now());
      this.held.rebase(slot, tag, window);
    }
  }

  private gone(deed: Deed, outcome: Outcome) {
    this.turns++;
    this.held.remove(deed);
    this.news.over(deed, outcome);
    this.tell();
  }

  private tell() {
    this.shown = null;
    this.news.changed();
  }
}
