import type { Keeping } from './useTyped';
import { useOutbox } from './useOutbox';

/** How a value that is kept as it is typed stands, in words. */
export function useWords(state: Keeping): string {
  const { lasts } = useOutbox();
  switch (state) {
    case 'kept':
      return 'kept';
    case 'keeping':
      return 'keeping …';
    case 'waiting':
      return lasts ? 'kept here, sent when the connection is back' : 'not sent yet: leave this window open until the connection is back';
    case 'signedOut':
      return lasts ? 'kept here, sent when you have signed in again' : 'not sent yet: leave this window open and sign in again';
  }
}
