import { useState } from 'react';
import { singleKeys } from './useKeys';

/** The switch for single keys, kept on this device. */
export function SingleKeys() {
  const [on, setOn] = useState(singleKeys.areOn);
  return (
    <label className="mt-3 flex items-center gap-2">
      <input
        type="checkbox"
        checked={on}
        onChange={(e) => {
          singleKeys.turn(e.target.checked);
          setOn(e.target.checked);
        }}
      />
      Single keys work without Alt
    </label>
  );
}
