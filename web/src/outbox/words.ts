import type { Keeping } from './useTyped';
import { useOutbox } from './useOutbox';

/** How a value that is kept as it is typed stands, in words. @param what it is, as in "lines" */
export function useWords(what: string, state: Keeping): string {
  const { lasts } = useOutbox();
  switch (state) {
    case 'kept':
      return `${what} kept`;
    case 'keeping':
      return `keeping the ${what} …`;
    case 'waiting':
      return lasts
        ? `${what} kept here, sent when the connection is back`
        : `${what} not sent yet: leave this window open until the connection is back`;
    case 'signedOut':
      return lasts
        ? `${what} kept here, sent when you have signed in again`
        : `${what} not sent yet: leave this window open and sign in again`;
  }
}
