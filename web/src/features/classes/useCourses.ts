import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

export type CourseView = Schemas['CourseView'];
export type NewCourse = Schemas['NewCourse'];

/** The courses that there are, and which one the open class works through. */
export function useCourses() {
  const queries = useQueryClient();
  const onSuccess = (rows: CourseView[]) => {
    queries.setQueryData(['courses'], rows);
    void queries.invalidateQueries({ queryKey: ['map'] });
  };
  const all = useQuery({ queryKey: ['courses'], queryFn: () => taken(api.GET('/api/class/course')) });
  const take = useMutation({
    mutationFn: (id: string) => taken(api.PUT('/api/class/course', { body: { id } })),
    onSuccess,
    retry: false,
  });
  const put = useMutation({
    mutationFn: (body: NewCourse) => taken(api.POST('/api/class/course/own', { body })),
    onSuccess,
    retry: false,
  });
  const withdraw = useMutation({
    mutationFn: (id: string) => taken(api.DELETE('/api/class/course/own/{id}', { params: { path: { id } } })),
    onSuccess,
    retry: false,
  });
  return { all, take, put, withdraw };
}
