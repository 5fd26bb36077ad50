import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { outbox } from '.';
import type { Letter } from './deed';
import { useOutbox } from './useOutbox';

/** Where something is typed, and how it goes out. */
export type Typing<T> = {
  /** Name of the query that shows what the server has. */
  source: unknown[];
  place: string;
  slot: string;
  /** What it is, in words: "your lines". */
  words: string;
  letter: (value: T) => Letter;
  /** Reads a value out of the body of a letter; null where it is of another shape. */
  typed: (body: unknown) => T | null;
  /** As text that can be copied. */
  copy: (value: T) => string;
  onDone?: (data: unknown) => void;
};

/**
 * How a typed value stands: on the server; on its way; on this device until the connection is back, or until one has
 * signed in again.
 */
export type Keeping = 'kept' | 'keeping' | 'waiting' | 'signedOut';

/** The same was changed here and elsewhere. */
export type TwoSides<T> = { mine: T; theirs: T; keepMine: () => void; takeTheirs: () => void };

/**
 * A value that is typed here and kept: what waits to be sent, else what the server has. When the server comes to have
 * something else, from another window or after a new start, and nothing typed here waits, that is shown.
 *
 * @param tag of the version that the server has
 */
export function useTyped<T>(typing: Typing<T>, onServer: T, tag: string) {
  const { slot } = typing;
  const seenAt = useQueryClient().getQueryState(typing.source)?.dataUpdatedAt ?? 0;
  const { standing, disputes } = useOutbox();
  const waiting = outbox.latest(slot);
  const left = waiting === undefined ? null : typing.typed(waiting.letter.body);
  const saved = typing.typed(outbox.newer(slot, tag, seenAt)) ?? onServer;
  const [value, setValue] = useState(left ?? saved);
  /** Somebody may go back to the very text that stood here before one's own: that is news, too. */
  const version = outbox.version(slot, tag, seenAt);
  const [known, setKnown] = useState(version);
  if (version !== known) {
    setKnown(version);
    if (waiting === undefined) {
      setValue(saved);
    }
  }
  /** What another window has left is taken over. */
  const fromElsewhere = waiting !== undefined && !outbox.isMine(waiting) ? waiting.id : '';
  const [taken, setTaken] = useState(fromElsewhere);
  if (fromElsewhere !== taken) {
    setTaken(fromElsewhere);
    if (left !== null && fromElsewhere !== '') {
      setValue(left);
    }
  }
  useEffect(() => outbox.saw(slot, tag, seenAt), [slot, tag, seenAt]);
  useEffect(() => outbox.show(slot), [slot]);
  const latest = useRef(typing);
  useEffect(() => {
    latest.current = typing;
  });
  useEffect(
    () =>
      outbox.news.onDone(
        (deed, outcome) => deed.slot === slot && outcome.kind === 'done' && latest.current.onDone?.(outcome.data),
      ),
    [slot],
  );
  /** One leaves the place: nothing waits any longer for more. */
  useEffect(() => () => void outbox.flush(), []);
  /** What is there now, also where two things change before the page is drawn again. */
  const now = useRef(value);
  useLayoutEffect(() => {
    now.current = value;
  });
  const change = (edit: (before: T) => T): T => {
    const next = edit(now.current);
    now.current = next;
    setValue(next);
    outbox.put({
      place: typing.place,
      slot,
      words: typing.words,
      copy: typing.copy(next),
      letter: typing.letter(next),
      refresh: [typing.source],
      soon: true,
    });
    return next;
  };
  const dispute = disputes.find((d) => d.deed.slot === slot);
  const theirs = dispute === undefined ? null : typing.typed(dispute.theirs);
  const twoSides: TwoSides<T> | null =
    dispute === undefined || theirs === null
      ? null
      : {
          mine: value,
          theirs,
          keepMine: () => outbox.choose(dispute.deed.id, 'mine'),
          takeTheirs: () => {
            outbox.choose(dispute.deed.id, 'theirs');
            setValue(theirs);
          },
        };
  const state: Keeping =
    waiting === undefined
      ? 'kept'
      : standing === 'fine'
        ? 'keeping'
        : standing === 'signedOut'
          ? 'signedOut'
          : 'waiting';
  return { value, change, state, twoSides };
}
