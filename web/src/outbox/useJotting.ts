import { useState } from 'react';
import { outbox } from '.';

/** Text that stays on this device until it is sent by a button. */
export function useJotting(name: string, otherwise = ''): [string, (text: string) => void] {
  const [text, setText] = useState(() => outbox.jottings.read(name) || otherwise);
  const write = (next: string) => {
    setText(next);
    outbox.jottings.write(name, next);
  };
  return [text, write];
}
