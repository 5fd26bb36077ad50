import { useEffect } from 'react';
import { Link, useLocation, useRouteError } from 'react-router';
import { Button } from '../ui/Button';
import { NoticePage } from '../ui/Notice';
import { TopBar } from '../ui/TopBar';
import { whenBack } from './whenBack';

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
const isNotFetched = (error: unknown) =>
  error instanceof Error && /dynamically imported module|Importing a module|preload CSS/i.test(error.message);

/** A page that could not be drawn. One that could not be fetched is tried again by itself. */
export function Stumbled() {
  const error = useRouteError();
  const { pathname, search } = useLocation();
  const missing = isNotFetched(error);
  useEffect(
    () => (missing ? whenBack(() => window.location.assign(pathname + search)) : undefined),
    [missing, pathname, search],
  );
  return (
    <NoticePage title={missing ? 'This page could not be fetched.' : 'Something went wrong on this page.'}>
      <p>{missing ? 'It opens by itself when the connection is back.' : 'What you made is kept.'}</p>
      <p className="mt-3 flex gap-3">
        <Button onClick={() => window.location.reload()}>Load it again</Button>
      </p>
    </NoticePage>
  );
}
