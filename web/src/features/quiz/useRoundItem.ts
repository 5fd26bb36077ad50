import type { Schemas } from '../../api/client';
import { outbox } from '../../outbox';
import { letter } from '../../outbox/letter';
import { useOutbox } from '../../outbox/useOutbox';
import { useSaid } from '../../outbox/useSaid';
import { useTyped } from '../../outbox/useTyped';
import { type Entries, entriesOf, textOf } from '../practice/useDraft';
import { placeOf } from './useQuiz';

type Running = Schemas['RunningItem'];

/** What is entered at an item, saved at every change. */
export function useEntries(assignmentId: string, running: Running, onAnswered: (is: boolean) => void) {
  const { item } = running;
  const typed = useTyped<Entries>(
    {
      source: ['quiz', assignmentId],
      place: placeOf(assignmentId),
      slot: `quiz/${item.id}`,
      words: `Your answer to item ${running.slot + 1} of the quiz`,
      letter: (entries) =>
        letter('put', '/api/quiz/{assignmentId}/items/{itemId}', { assignmentId, itemId: item.id }, { entries }),
      typed: entriesOf,
      copy: textOf,
    },
    item.parts.map((part) => part.entries),
    item.draftTag,
  );
  const change = (part: number, id: string, value: string) => {
    const next = typed.change((before) => before.with(part, { ...before[part], [id]: value }));
    onAnswered(isAnswered(running, next));
  };
  return { ...typed, change };
}

/** Whether every field of every part has something in it. */
const isAnswered = ({ item }: Running, entries: Entries) =>
  item.parts.every((part, i) => part.fields.every((f) => (entries[i]?.[f.id] ?? '').trim() !== ''));

/** Whether something is entered at an item, by what waits to be sent, else by what the server has. */
export function answeredNow(running: Running): boolean {
  const waiting = entriesOf(outbox.latest(`quiz/${running.item.id}`)?.letter.body);
  return waiting === null ? running.answered : isAnswered(running, waiting);
}

const flagSlot = (itemId: string) => `flag/${itemId}`;

/** Whether the student wants to come back, by what waits to be sent, else by what the server has. */
export function flaggedNow({ item, flagged }: Running): boolean {
  const body = outbox.latest(flagSlot(item.id))?.letter.body;
  return typeof body === 'object' && body !== null && 'on' in body ? body.on === true : flagged;
}

/** Marks an item to come back to. */
export function useFlag(assignmentId: string, running: Running) {
  useOutbox();
  const { item } = running;
  const [flagged, say] = useSaid(flaggedNow(running));
  const turn = () => {
    say(!flagged);
    void outbox.put({
      place: placeOf(assignmentId),
      slot: flagSlot(item.id),
      words: `That you want to come back to item ${running.slot + 1}`,
      letter: letter(
        'put',
        '/api/quiz/{assignmentId}/items/{itemId}/flag',
        { assignmentId, itemId: item.id },
        { on: !flagged },
      ),
      refresh: [['quiz', assignmentId]],
    });
  };
  return { flagged, turn };
}
