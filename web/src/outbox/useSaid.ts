import { useState } from 'react';

/**
 * What a person has just turned stays as it was turned until the server says something else than it did then: between
 * the moment at which it has been sent and the moment at which the page knows, nothing flips back.
 *
 * @param server what the server has
 */
export function useSaid<T>(server: T): [T, (value: T) => void] {
  const [said, setSaid] = useState<{ value: T; over: T } | null>(null);
  if (said !== null && said.over !== server) {
    setSaid(null);
  }
  const shown = said !== null && said.over === server ? said.value : server;
  return [shown, (value) => setSaid({ value, over: server })];
}
