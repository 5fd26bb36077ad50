import type { ReactNode } from 'react';

/** Something that went wrong, or an empty place, in the page. */
export function Notice({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div role="status" className="mx-auto my-10 max-w-lg rounded-slip border border-rule bg-leaf p-6">
      <p className="font-serif text-xl font-semibold">{title}</p>
      {children !== undefined && <div className="mt-2 text-soft">{children}</div>}
    </div>
  );
}
