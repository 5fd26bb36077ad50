import type { Answer, Deed } from './deed';
import type { Shelf } from './shelf';

/** What the outbox needs of the world around it. */
export type Surroundings = {
  shelf: Shelf;
  send: (deed: Deed) => Promise<Answer>;
  window: string;
  /** Whether another window is still open, which then sends what was made in it. */
  isOpen: (window: string) => Promise<boolean>;
  /** Runs while no other window sends for the same place. */
  alone: (place: string, run: () => Promise<void>) => Promise<void>;
  newId: () => string;
  now: () => number;
  page: () => string;
};
