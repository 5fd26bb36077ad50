import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';
import { outbox } from '../../outbox';
import { letter } from '../../outbox/letter';
import { useDeed } from '../../outbox/useDeed';
import { useFresh } from '../../outbox/useFresh';
import { useOutbox } from '../../outbox/useOutbox';
import { useSaid } from '../../outbox/useSaid';
import type { Entries } from '../practice/useDraft';

export type Copy = Schemas['PaperCopy'];
export type Place = Schemas['PaperPlace'];
export type Marks = Schemas['PaperMarks'];

/** All that is done with a copy goes out in its order. */
const placeOf = (code: string) => `paper/${code}`;

export const nameOfCopy = (code: string) => ['paper-copy', code];

/** A copy of one's own, and what can be done with it. */
export function useCopy(code: string) {
  const queries = useQueryClient();
  const name = nameOfCopy(code);
  const view = useFresh(name, () => taken(api.GET('/api/paper/copies/{code}', { params: { path: { code } } })));
  const onDone = (now: Copy) => {
    queries.setQueryData(name, now);
    void queries.invalidateQueries({ queryKey: ['paper'] });
  };
  const shared = { place: placeOf(code), refresh: [name, ['paper']], onDone };
  const answer = useDeed({
    ...shared,
    words: 'Your answer to an item of a sheet',
    letter: ({ place, entries }: { place: number; entries: Entries }) =>
      letter('put', '/api/paper/copies/{code}/places/{place}/answer', { code, place }, { entries }),
  });
  const open = useDeed({
    ...shared,
    words: 'That you want to see the solutions of a sheet',
    letter: () => letter('put', '/api/paper/copies/{code}/solutions', { code }, undefined),
  });
  const mark = useDeed({
    ...shared,
    words: 'The marks of a sheet',
    letter: (marks: Marks) => letter('put', '/api/paper/copies/{code}/marks', { code }, marks),
  });
  return { view, answer, open, mark };
}

export type CopyHand = ReturnType<typeof useCopy>;

/** Whether an item is done on paper, by what waits to be sent, else by what the server has; and turning it. */
export function useOnPaper(code: string, at: number, { trial, item }: Place) {
  useOutbox();
  const slot = `on-paper/${item.id}`;
  const body = outbox.latest(slot)?.letter.body;
  const [said, say] = useSaid(trial === 'ON_PAPER');
  const done = typeof body === 'object' && body !== null && 'done' in body ? body.done === true : said;
  const turn = () => {
    say(!done);
    void outbox.put({
      place: placeOf(code),
      slot,
      words: `That you have done item ${at + 1} on paper`,
      letter: letter('put', '/api/paper/copies/{code}/places/{place}/on-paper', { code, place: at }, { done: !done }),
      refresh: [nameOfCopy(code), ['paper']],
    });
  };
  return { done, turn };
}

/** The copy of a student, and what the instructor says of its marks. */
export function useStudentCopy(code: string, studentId: string) {
  const queries = useQueryClient();
  const name = [...nameOfCopy(code), studentId];
  const path = { code, studentId };
  const view = useQuery({
    queryKey: name,
    queryFn: () => taken(api.GET('/api/paper/copies/{code}/students/{studentId}', { params: { path } })),
  });
  const judge = useMutation({
    mutationFn: (body: Schemas['MarksJudged']) =>
      taken(api.PUT('/api/paper/copies/{code}/students/{studentId}/standing', { params: { path }, body })),
    onSuccess: (now) => {
      queries.setQueryData(name, now);
      void queries.invalidateQueries({ queryKey: ['paper'] });
    },
    retry: false,
  });
  return { view, judge };
}
