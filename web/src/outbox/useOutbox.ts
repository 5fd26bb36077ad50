import { useSyncExternalStore } from 'react';
import { outbox } from '.';

/** What waits on this device, as it changes. */
export const useOutbox = () => useSyncExternalStore(outbox.news.listen, outbox.snapshot);
