import { useMutation } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, type Schemas, taken } from '../../api/client';
import type { Typed } from './entry';

export type Done = { entry: string; result: Schemas['Result'] };

/** Of what was worked out, so many stay to be seen. */
const MOST_SHOWN = 8;

/** What is typed into the calculator, where the caret is, and what was worked out, the latest first. */
export function useCalculator() {
  const [entry, setEntry] = useState('');
  const [done, setDone] = useState<Done[]>([]);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus({ preventScroll: true }), []);
  const compute = useMutation({
    mutationFn: (typed: string) => taken(api.POST('/api/calculator', { body: { entry: typed } })),
    onSuccess: (result, typed) => setDone((before) => [{ entry: typed, result }, ...before].slice(0, MOST_SHOWN)),
  });
  const edit = (how: (typed: Typed) => Typed) => {
    const next = how({ text: entry, at: field.current?.selectionStart ?? entry.length });
    setEntry(next.text);
    requestAnimationFrame(() => {
      field.current?.focus({ preventScroll: true });
      field.current?.setSelectionRange(next.at, next.at);
    });
  };
  return { entry, setEntry, done, field, edit, compute };
}
