import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { outbox } from '.';
import { Refusal } from '../api/client';
import type { Answered } from './letter';
import { useOutbox } from './useOutbox';

type Doing<In, Out> = {
  place: string;
  /** What it is, in words: "your answer". */
  words: string;
  letter: (input: In) => Answered<Out>;
  /** As text that can be copied. */
  copy?: (input: In) => string;
  /** Names of the queries that change by it, for when nobody is here to see what came of it. */
  refresh: unknown[][];
  onDone: (data: Out, input: In) => void;
  onRefused?: (refusal: Refusal, input: In) => void;
};

/** Marks an outcome that the page has nothing to show for. */
const NOTHING = Symbol('nothing');

/**
 * Something that is done by the press of a button, once, however often it is sent. It waits on this device while the
 * server cannot be reached, also when the page is closed; while it waits and has not been sent it can be taken back.
 */
export function useDeed<In, Out>(doing: Doing<In, Out>) {
  const { deeds, underWay, standing } = useOutbox();
  const watched = useRef(new Set<string>());
  useEffect(() => {
    const all = watched.current;
    return () => all.forEach((id) => outbox.news.leave(id));
  }, []);
  const mutation = useMutation({
    networkMode: 'always',
    retry: false,
    mutationFn: async (input: In): Promise<Out | typeof NOTHING> => {
      const { place, words, refresh } = doing;
      const deed = outbox.put({ place, words, refresh, copy: doing.copy?.(input) ?? '', letter: doing.letter(input) });
      watched.current.add(deed.id);
      const outcome = await outbox.news.outcome(deed.id);
      watched.current.delete(deed.id);
      if (outcome.kind === 'refused') {
        throw new Refusal(outcome.sentence, outcome.status);
      }
      // oxlint-disable-next-line typescript/no-unsafe-type-assertion -- the letter says what the server answers to it
      return outcome.kind === 'done' ? (outcome.data as Out) : NOTHING;
    },
    onSuccess: (data, input) => {
      if (data !== NOTHING) {
        doing.onDone(data, input);
      }
    },
    onError: (error, input) => error instanceof Refusal && doing.onRefused?.(error, input),
  });
  const waiting = deeds.find((d) => d.place === doing.place && d.words === doing.words);
  const data = mutation.data === NOTHING ? undefined : mutation.data;
  return {
    ...mutation,
    data,
    isSuccess: data !== undefined,
    isPending: mutation.isPending || waiting !== undefined,
    /** Whether it waits for the connection, or for somebody to sign in. */
    isStuck: waiting !== undefined && standing !== 'fine',
    /** None while it is being sent. */
    takeBack: waiting === undefined || underWay.has(waiting.id) ? undefined : () => outbox.withdraw(waiting.id),
  };
}

/** What a screen needs to show of something that is being done. */
export type Done = Pick<ReturnType<typeof useDeed<unknown, unknown>>, 'isStuck' | 'takeBack' | 'isError' | 'error'>;
