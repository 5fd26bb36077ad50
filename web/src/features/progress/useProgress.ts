import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../../api/client';

/**
 * How somebody has come along: with the latest assignments at first, with all once they are asked for.
 *
 * @param studentId empty for oneself
 */
export function useProgress(studentId = '') {
  const [isWhole, setWhole] = useState(false);
  const load = (whole: boolean) =>
    studentId === ''
      ? taken(api.GET('/api/progress', { params: { query: { whole } } }))
      : taken(api.GET('/api/progress/{studentId}', { params: { path: { studentId }, query: { whole } } }));
  const name = studentId === '' ? ['progress'] : ['progress', studentId];
  const latest = useQuery({ queryKey: name, queryFn: () => load(false) });
  const whole = useQuery({ queryKey: [...name, 'whole'], queryFn: () => load(true), enabled: isWhole });
  // What was once asked for may be kept still, and be old by now.
  return { latest, whole, data: (isWhole ? whole.data : undefined) ?? latest.data, askForWhole: () => setWhole(true) };
}

export type ProgressHand = ReturnType<typeof useProgress>;
