import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Refusal, type Schemas, taken } from '../../api/client';
import { type Answered, letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';
import { useFresh } from '../../outbox/useFresh';
import { placeOf, textOf } from './useDraft';

export type View = Schemas['PracticeView'];
export type Item = Schemas['ItemView'];
export type Onward = Schemas['Next']['onward'];

type Place = { assignmentId: string; skillId: string };
/**
 * What the server has refused last.
 *
 * @param itemId of the item that was on the screen then
 * @param typed what was to be checked, as text; empty for anything else
 */
export type Refused = { itemId: string; status: number; typed: string };
type Attempt = { part: number; entries: Record<string, string>; confirmed: boolean };

/** The practice of one skill: its state on the server. */
export function usePractice(place: Place) {
  return useFresh(nameOf(place), () =>
    taken(api.GET('/api/practice/{assignmentId}/{skillId}', { params: { path: place } })),
  );
}

/** Of the query. */
export const nameOf = (place: Place) => ['practice', place.assignmentId, place.skillId];

/**
 * What can be done at an item. Every action counts once, however often it is sent, and in the order in which it was
 * made.
 */
export function useActions({ assignmentId, skillId, item }: View) {
  const queries = useQueryClient();
  const place = { assignmentId, skillId };
  const itemId = item.id;
  const name = nameOf(place);
  const onDone = (view: View) => {
    queries.setQueryData(name, view);
    void queries.invalidateQueries({ queryKey: ['due'] });
  };
  const [refused, setRefused] = useState<Refused>();
  const onRefused = (refusal: Refusal, attempt?: Attempt | string | void) => {
    const typed = typeof attempt === 'object' ? textOf([attempt.entries]) : '';
    setRefused({ itemId, status: refusal.status, typed });
    if (refusal.status === 409) {
      void queries.invalidateQueries({ queryKey: name });
    }
  };
  const common = { place: placeOf(itemId), refresh: [name, ['work', itemId], ['due']], onDone, onRefused };
  const workToo = (view: View) => {
    onDone(view);
    void queries.invalidateQueries({ queryKey: ['work', itemId] });
  };

  const check = useDeed({
    ...common,
    words: 'Your answer',
    letter: (attempt: Attempt): Answered<Schemas['Checked']> =>
      letter('post', '/api/practice/{assignmentId}/{skillId}/check', place, { itemId, ...attempt }),
    copy: ({ entries }) => textOf([entries]),
    onDone: ({ view }) => (view.workRequired ? workToo(view) : onDone(view)),
  });
  const hint = useDeed({
    ...common,
    words: 'A hint',
    letter: () => letter('post', '/api/practice/{assignmentId}/{skillId}/hint', place, { itemId }),
  });
  const example = useDeed({
    ...common,
    words: 'A worked example',
    letter: () => letter('post', '/api/practice/{assignmentId}/{skillId}/example', place, { itemId }),
  });
  const solution = useDeed({
    ...common,
    words: 'The full solution',
    letter: () => letter('post', '/api/practice/{assignmentId}/{skillId}/solution', place, { itemId }),
  });
  const workShown = useDeed({
    ...common,
    words: 'Your work',
    letter: () => letter('post', '/api/practice/{assignmentId}/{skillId}/work-shown', place, { itemId }),
    onDone: workToo,
  });
  const next = useDeed({
    ...common,
    words: 'The next item',
    letter: (onward: Onward) =>
      letter('post', '/api/practice/{assignmentId}/{skillId}/next', place, { itemId, onward }),
  });
  return { check, hint, example, solution, workShown, next, refused };
}

export type Practice = ReturnType<typeof useActions>;
