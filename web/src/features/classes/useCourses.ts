import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

export type CourseView = Schemas['CourseView'];

/** The courses that there are, and which one the open class works through. */
export function useCourses() {
  const queries = useQueryClient();
  const all = useQuery({ queryKey: ['courses'], queryFn: () => taken(api.GET('/api/class/course')) });
  const take = useMutation({
    mutationFn: (id: string) => taken(api.PUT('/api/class/course', { body: { id } })),
    onSuccess: (rows) => {
      queries.setQueryData(['courses'], rows);
      void queries.invalidateQueries({ queryKey: ['map'] });
    },
    retry: false,
  });
  return { all, take };
}
