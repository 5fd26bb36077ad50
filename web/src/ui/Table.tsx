import type { ReactNode } from 'react';

/** The head of a column. An empty corner is no head of anything. */
export function ColumnHead({
  isEmpty,
  className,
  children,
}: {
  isEmpty: boolean;
  className: string;
  children: ReactNode;
}) {
  return isEmpty ? (
    // oxlint-disable-next-line jsx-a11y/control-has-associated-label -- an empty corner is no control
    <td className={className} />
  ) : (
    <th scope="col" className={className}>
      {children}
    </th>
  );
}

/** A cell; with a head below an empty corner it names its row. */
export function Cell({ head, className, children }: { head: boolean; className: string; children: ReactNode }) {
  return head ? (
    <th scope="row" className={`${className} text-left font-semibold`}>
      {children}
    </th>
  ) : (
    <td className={className}>{children}</td>
  );
}
