import { type ReactNode, useEffect, useRef } from 'react';

/** Whether a page has been opened before in this window: the first one is announced by the browser itself. */
let hasLanded = false;

/**
 * A page with its title. When one comes to it from another page, the focus goes to its heading, so that a reader knows
 * where it is, and not to the top of the navigation; a page that has put the focus somewhere itself keeps it.
 *
 * @param title of the window, without the name of the application; empty where the page says its own
 */
export function Landing({ title, children }: { title: string; children: ReactNode }) {
  const root = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const page = root.current;
    const isFirst = !hasLanded;
    hasLanded = true;
    return page === null || isFirst ? undefined : landWhenThere(page);
  }, []);
  return (
    <div ref={root} id="main" className="contents">
      {title !== '' && <PageTitle>{title}</PageTitle>}
      {children}
    </div>
  );
}

/**
 * A page may still wait for the server: its heading takes the focus when it comes, unless somebody has put it somewhere
 * by then.
 */
function landWhenThere(page: HTMLElement): () => void {
  const tried = () => {
    const heading = page.querySelector('main h1');
    if (page.contains(document.activeElement)) {
      return true;
    }
    if (heading !== null) {
      land(heading);
    }
    return heading !== null;
  };
  if (tried()) {
    return () => undefined;
  }
  const watch = new MutationObserver(() => tried() && watch.disconnect());
  watch.observe(page, { childList: true, subtree: true });
  return () => watch.disconnect();
}

/** Puts the focus on something; what is no control is made to take it, without becoming a stop of the Tab key. */
export function land(element: Element) {
  if (element instanceof HTMLElement) {
    if (element.tabIndex < 0) {
      element.tabIndex = -1;
    }
    element.focus({ preventScroll: true });
  }
}

/** For a ref: the focus goes there when it appears. */
export const landed = (element: HTMLElement | null) => {
  if (element !== null) {
    land(element);
  }
};

/** Title of the window: the page first, since that is what tells windows apart. */
export function PageTitle({ children }: { children: string }) {
  return <title>{`${children} · Little Summit`}</title>;
}

/** The first stop of the keyboard: past the navigation. */
export function SkipLink() {
  return (
    <a
      href="#main"
      className="sr-only rounded-slip bg-leaf px-4 py-2 focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-30"
      onClick={(event) => {
        event.preventDefault();
        const main = document.querySelector('main');
        if (main !== null) {
          land(main);
        }
      }}
    >
      Skip to the page
    </a>
  );
}
