import { useQuery } from '@tanstack/react-query';
import { api, type Schemas, taken } from '../../api/client';

export type Topic = Schemas['HelpTopic'];

/** The language of documents; it stays the same as long as the window is open. */
export const useLanguage = () =>
  useQuery({
    queryKey: ['workbench-language'],
    queryFn: () => taken(api.GET('/api/workbench/language')),
    staleTime: Infinity,
  });

const WORD = /^[a-z][a-z-]*/;

/** Words that can be completed: functions, keys and figures, as they are written in a document. */
export const wordsOf = (topics: Topic[]) => [
  ...new Set(
    topics.flatMap(({ lines }) =>
      lines.flatMap(({ written }) => WORD.exec(written.replace('kind: ', ''))?.[0] ?? []).filter((w) => w.length > 1),
    ),
  ),
];

/** The lines in which a word stands, by topic; all of them for no word. */
export function found(topics: Topic[], word: string): Topic[] {
  const wanted = word.trim().toLowerCase();
  return topics
    .map((topic) => ({
      ...topic,
      lines: topic.lines.filter(({ written, says }) => `${written} ${says}`.toLowerCase().includes(wanted)),
    }))
    .filter(({ lines }) => lines.length > 0);
}
