import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../../../api/client';
import { useSettled } from '../../../ui/useSettled';
import { edited, type Field, type Read } from './editing';

const readBy = async (text: string): Promise<Read> => ({
  text,
  form: await taken(api.POST('/api/workbench/form', { body: { text } })),
});

/**
 * A document as a form: read by the server, changed here.
 *
 * @param text as it is written now
 * @param onText takes the text with a change in it
 */
export function useForm(text: string, onText: (next: string) => void) {
  const settled = useSettled(text);
  const read = useQuery({
    queryKey: ['workbench-form', settled],
    queryFn: () => readBy(settled),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const [own, setOwn] = useState<Read | null>(null);
  const now = [read.data, own].find((r) => r?.text === text) ?? null;
  const rows = useMutation({
    mutationFn: (change: { path: string; row: number }) =>
      taken(api.POST('/api/workbench/form/rows', { body: { text, ...change } })),
    onSuccess: (changed) => onText(changed.text),
    retry: false,
  });
  const edit = (field: Field, value: string) => {
    if (now !== null) {
      const next = edited(now, field, value);
      setOwn(next);
      onText(next.text);
    }
  };
  return { form: (now ?? read.data)?.form, isStale: now === null, failed: read, edit, rows };
}
