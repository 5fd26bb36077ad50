import type { ReactNode } from 'react';

/** How every field of a form looks. */
export const INPUT = 'rounded-slip border border-edge bg-paper px-3 py-1.5';

/** A field with its name above it. */
export function Labelled({ name, children }: { name: ReactNode; children: ReactNode }) {
  return (
    <label className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-1">
      <span className="text-sm text-soft">{name}</span>
      {children}
    </label>
  );
}
