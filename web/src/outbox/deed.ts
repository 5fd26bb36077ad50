/** A request as plain data, so that it can wait on the device and be sent by any page, or on the next visit. */
export type Letter = {
  method: 'post' | 'put' | 'delete';
  /** As in the OpenAPI description, with the names of its parameters in braces. */
  path: string;
  params: Record<string, string | number>;
  /** JSON, or a file to be sent as a form. */
  body: unknown;
  /** Class that the screen showed; empty for students. */
  forClass: string;
};

/** What a page asks the outbox to take. */
export type Wish = {
  /** Deeds of one place go out one at a time, in the order in which they were made. */
  place: string;
  /** A later deed of the same slot takes the place of one that waits; without a slot every deed is sent. */
  slot?: string;
  /** What it is, in words: "your answer". */
  words: string;
  /** What a person would want back if the server refused it for good. */
  copy?: string;
  letter: Letter;
  /** Names of the queries that change when it has been done. */
  refresh: unknown[][];
  /** Whether it may wait a moment for more of the same. */
  soon?: boolean;
  /** Whether it comes after what waits in its slot, in place of replacing it. */
  adds?: boolean;
};

/** Something that a person made and the server does not have yet. */
export type Deed = Wish & {
  /** Also the key that makes it count once, however often it is sent. */
  id: string;
  /** Its place in the order of everything that was made on this device. */
  turn: number;
  /** Id of the person who made it. */
  owner: string;
  /** Id of the window in which it was made. */
  window: string;
  /** Tag of what the server had when this was made; null where that does not matter. */
  base: string | null;
  /** Address of the page on which it was made. */
  page: string;
};

/** What came of sending a deed. */
export type Answer =
  | { kind: 'done'; data: unknown; tag: string | null }
  /** Another try would not help. */
  | { kind: 'refused'; status: number; sentence: string }
  /** Somebody, perhaps the same person in another window, changed it since. */
  | { kind: 'changed'; theirs: unknown; tag: string }
  /** Another try may help: no connection, or a server that is busy or starting. */
  | { kind: 'unreached'; busy: boolean }
  | { kind: 'signedOut' };

/** A deed that the server will not take. It is told once, with what was made. */
export type Refused = { id: string; owner: string; words: string; sentence: string; copy: string; page: string };

/** A deed and what the server came to have meanwhile; a person chooses. */
export type Dispute = { deed: Deed; theirs: unknown; tag: string };
