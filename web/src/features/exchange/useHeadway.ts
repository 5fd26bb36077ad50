import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, newKey, type Schemas, taken } from '../../api/client';

export type Headway = Schemas['HeadwayView'];

const LOOK_AGAIN = 700;

/** How far a long request has come, asked for while it is under way. */
export function useHeadway() {
  const [way, setWay] = useState('');
  const { data } = useQuery({
    queryKey: ['headway', way],
    queryFn: () => taken(api.GET('/api/headway/{id}', { params: { path: { id: way } } })),
    enabled: way !== '',
    refetchInterval: LOOK_AGAIN,
    gcTime: 0,
    retry: false,
  });
  /** Sends it with a number of its own, by which it is asked about until it ends. */
  async function during<T>(send: (way: string) => Promise<T>): Promise<T> {
    const id = newKey();
    setWay(id);
    try {
      return await send(id);
    } finally {
      setWay('');
    }
  }
  return { headway: way === '' ? undefined : data, during };
}
