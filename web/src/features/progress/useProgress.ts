import { useState } from 'react';
import { api, taken } from '../../api/client';
import { useFirstThenAll } from '../../api/useFirstThenAll';

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
  return { ...useFirstThenAll(name, load, isWhole), askForWhole: () => setWhole(true) };
}

export type ProgressHand = ReturnType<typeof useProgress>;
