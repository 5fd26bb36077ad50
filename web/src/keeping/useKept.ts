import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import { keepers } from './keepers';

export type { Keeping } from './keeper';

/**
 * Keeps a value as it changes; see {@link Keeper}.
 *
 * @param isRight whether what an earlier visit left on this device is of the right shape
 */
export function useKept<T>(name: string, save: (value: T) => Promise<unknown>, isRight: (value: unknown) => value is T) {
  const sending = useCallback((value: unknown) => (isRight(value) ? save(value) : Promise.resolve()), [save, isRight]);
  const keeper = keepers.of(name, sending);
  useEffect(() => keeper.sendWith(sending));
  useEffect(() => {
    void keeper.flush();
    return () => void keeper.flush();
  }, [keeper]);
  const state = useSyncExternalStore(keeper.listen, () => keeper.state);
  const keep = useCallback((value: T) => keeper.keep(value), [keeper]);
  const drop = useCallback(() => keeper.drop(), [keeper]);
  const left = keeper.left !== null && isRight(keeper.left.value) ? keeper.left.value : null;
  return { state, keep, drop, left };
}

/**
 * A value that is typed here and kept: what waits to be sent, else what the server has. When the server comes to have something
 * else, from another window or after a new start, and nothing typed here waits, that is shown.
 */
export function useTyped<T>(name: string, onServer: T, save: (value: T) => Promise<unknown>, isRight: (value: unknown) => value is T) {
  const { keep, left, state } = useKept(name, save, isRight);
  const [value, setValue] = useState(left ?? onServer);
  const [known, setKnown] = useState(JSON.stringify(onServer));
  if (JSON.stringify(onServer) !== known) {
    setKnown(JSON.stringify(onServer));
    if (left === null) {
      setValue(onServer);
    }
  }
  const change = (next: T) => {
    setValue(next);
    keep(next);
  };
  return { value, change, state };
}
