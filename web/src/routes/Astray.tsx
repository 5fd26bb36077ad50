import { useEffect } from 'react';
import { Link, useLocation, useRouteError } from 'react-router';
import { Button } from '../ui/Button';
import { NoticePage } from '../ui/Notice';
import { TopBar } from '../ui/TopBar';

/** An address that leads nowhere. */
export function NoPage() {
  return (
    <>
      <TopBar />
      <NoticePage title="There is no such page.">
        Go back, or <Link to="/">begin from your start page</Link>.
      </NoticePage>
    </>
  );
}

/** A part of the application could not be fetched: without a connection, or because a new version has come. */
const isNotFetched = (error: unknown) => error instanceof Error && /dynamically imported module|Importing a module|preload CSS/i.test(error.message);
const AGAIN_MS = 3000;

/** A page that could not be drawn. One that could not be fetched is tried again by itself. */
export function Stumbled() {
  const error = useRouteError();
  const { pathname } = useLocation();
  const missing = isNotFetched(error);
  useEffect(() => {
    if (!missing) {
      return undefined;
    }
    const again = () => void fetch('/api/session').then((answer) => answer.ok && window.location.assign(pathname), () => undefined);
    const timer = window.setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [missing, pathname]);
  return (
    <NoticePage title={missing ? 'This page could not be fetched.' : 'Something went wrong on this page.'}>
      <p>{missing ? 'It opens by itself when the connection is back.' : 'What you made is kept.'}</p>
      <p className="mt-3 flex gap-3">
        <Button onClick={() => window.location.reload()}>Load it again</Button>
      </p>
    </NoticePage>
  );
}
