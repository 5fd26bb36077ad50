import { useQuery } from '@tanstack/react-query';
import { api, taken } from '../../api/client';

export function useDue() {
  return useQuery({ queryKey: ['due'], queryFn: () => taken(api.GET('/api/due')) });
}
