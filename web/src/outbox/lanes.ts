export const AGAIN_MS = [1000, 2000, 4000, 8000];

/** What came of sending the next of a lane: go on, wait for something to happen, or try again after a while. */
export type Step = 'more' | 'wait' | 'again';

type Lane = {
  running: Promise<void> | null;
  timer: ReturnType<typeof setTimeout> | undefined;
  failures: number;
  due: number;
};

/**
 * One lane a place: each runs by itself, one step after the other, and is tried again, later and later, when a step has
 * failed.
 */
export class Lanes {
  private readonly lanes = new Map<string, Lane>();

  constructor(
    private readonly step: (place: string) => Promise<Step>,
    private readonly alone: (place: string, run: () => Promise<void>) => Promise<void>,
    private readonly now: () => number,
  ) {}

  /** Runs a lane after a while, or earlier where that is planned. */
  start(place: string, ms: number) {
    const lane = this.lane(place);
    const due = this.now() + ms;
    if (ms > 0 && lane.due <= due && lane.due > this.now()) {
      return;
    }
    clearTimeout(lane.timer);
    lane.due = due;
    lane.timer = setTimeout(() => void this.run(place), ms);
  }

  /** Runs a lane now. Settles when it has nothing more to do, or has failed. */
  run(place: string): Promise<void> {
    const lane = this.lane(place);
    clearTimeout(lane.timer);
    lane.due = Infinity;
    lane.running ??= this.alone(place, () => this.drain(place, lane)).finally(() => {
      lane.running = null;
    });
    return lane.running;
  }

  /** The world has changed: what failed before is tried as if for the first time. */
  refresh() {
    this.lanes.forEach((lane) => (lane.failures = 0));
  }

  private lane(place: string): Lane {
    const found = this.lanes.get(place) ?? { running: null, timer: undefined, failures: 0, due: Infinity };
    this.lanes.set(place, found);
    return found;
  }

  private async drain(place: string, lane: Lane) {
    for (;;) {
      // oxlint-disable-next-line no-await-in-loop -- one at a time
      const step = await this.step(place);
      if (step === 'again') {
        this.start(place, AGAIN_MS[Math.min(lane.failures++, AGAIN_MS.length - 1)] ?? 0);
      }
      if (step !== 'more') {
        return;
      }
      lane.failures = 0;
    }
  }
}
