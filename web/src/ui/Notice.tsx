import type { ReactNode } from 'react';

/** The same as a whole page. */
export function NoticePage(props: { title: string; children?: ReactNode }) {
  return (
    <main>
      <Notice {...props} head="h1" />
    </main>
  );
}

/** Something that went wrong, or an empty place, in the page. */
export function Notice({
  title,
  children,
  head: Head = 'p',
}: {
  title: string;
  children?: ReactNode;
  head?: 'p' | 'h1';
}) {
  return (
    <div role="status" className="mx-auto my-10 max-w-lg rounded-slip border border-rule bg-leaf p-6">
      <Head className="font-serif text-xl font-semibold">{title}</Head>
      {children !== undefined && <div className="mt-2 text-soft">{children}</div>}
    </div>
  );
}
