import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';

export type StoreView = Schemas['StoreView'];

/** How far the sending is: idle before and after it. */
export type Sending = { done: number; of: number; statements: number; state: 'idle' | 'running' | 'stopped' | 'ended' };

const IDLE: Sending = { done: 0, of: 0, statements: 0, state: 'idle' };

/** The record store of the server: who was sent to it, and sending student by student, until it is stopped. */
export function useRecordStore() {
  const queries = useQueryClient();
  const store = useQuery({ queryKey: ['record-store'], queryFn: () => taken(api.GET('/api/exchange/record-store')) });
  const [sending, setSending] = useState<Sending>(IDLE);
  const [error, setError] = useState<Error | null>(null);
  const stopped = useRef(false);
  const send = async (students: StoreView['students']) => {
    stopped.current = false;
    setError(null);
    let now: Sending = { ...IDLE, of: students.length, state: 'running' };
    setSending(now);
    try {
      for (const student of students) {
        if (stopped.current) {
          break;
        }
        const path = { id: student.id };
        const sent = await taken(api.POST('/api/exchange/record-store/students/{id}', { params: { path } }));
        now = { ...now, done: now.done + 1, statements: now.statements + sent.statements };
        setSending(now);
      }
      setSending({ ...now, state: now.done < now.of ? 'stopped' : 'ended' });
    } catch (refused) {
      setSending({ ...now, state: 'stopped' });
      setError(refused instanceof Error ? refused : new Error(String(refused)));
    }
    await queries.invalidateQueries({ queryKey: ['record-store'] });
  };
  const stop = () => {
    stopped.current = true;
  };
  return { store, sending, error, send, stop };
}

export type StoreHand = ReturnType<typeof useRecordStore>;
