import { Navigate, Outlet, ScrollRestoration, useLocation } from 'react-router';
import { Announcer } from '../../ui/announce';
import { SkipLink } from '../../ui/Landing';
import { NoticePage } from '../../ui/Notice';
import { Waiting } from './Waiting';
import { useMe } from './useSession';

/** Lets the signed-in through and sends others to the door, from where they come back. */
export function SignedIn() {
  const me = useMe();
  const here = useLocation();
  if (me.isPending) {
    return <NoticePage title="Opening the field book." />;
  }
  if (me.isError) {
    return <NoticePage title="The server cannot be reached.">{me.error.message}</NoticePage>;
  }
  if (me.data.mustChange && here.pathname !== '/account') {
    return <Navigate to="/account" replace />;
  }
  return me.data.signedIn ? (
    <>
      <ScrollRestoration />
      <SkipLink />
      <Announcer />
      <Outlet key={me.data.classId} />
      <Waiting me={me.data} />
    </>
  ) : (
    <Navigate to="/signin" state={here.pathname === '/account' ? null : { from: here.pathname }} replace />
  );
}
