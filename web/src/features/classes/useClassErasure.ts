import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, done, type Schemas, taken } from '../../api/client';
import { announce } from '../../ui/announce';

/** What would go with a class, counted when somebody asks. */
export function useGoingClass(id: string) {
  return useQuery({
    queryKey: ['everything of a class', id],
    queryFn: () => taken(api.GET('/api/classes/{id}/everything', { params: { path: { id } } })),
    staleTime: 0,
    retry: false,
  });
}

/** Deletes a class that is over for good. */
export function useClassErasure(id: string, name: string) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (typed: string) =>
      done(api.POST('/api/classes/{id}/everything/erase', { params: { path: { id } }, body: { name: typed } })),
    onSuccess: () => {
      announce(`The class “${name}” is deleted.`);
      void queries.invalidateQueries();
    },
    retry: false,
  });
}

const count = (n: number, one: string, many: string) => (n === 1 ? `one ${one}` : `${n.toLocaleString('en')} ${many}`);

/** What goes, in a sentence. */
export function goesWith({ name, students, items, pages }: Schemas['GoingClass']) {
  const parts = [
    count(students, 'account of a student', 'accounts of students'),
    ...(items === 0 ? [] : [count(items, 'item with its answers', 'items with all their answers')]),
    ...(pages === 0 ? [] : [count(pages, 'page of work', 'pages of work')]),
  ];
  const list = parts.length === 1 ? parts[0] : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
  return `This deletes “${name}” from this server for good, and with it ${list}.`;
}
