import { Navigate, Outlet, useLocation } from 'react-router';
import { Notice } from '../../ui/Notice';
import { Waiting } from './Waiting';
import { useMe } from './useSession';

/** Lets the signed-in through and sends others to the door, from where they come back. */
export function SignedIn() {
  const me = useMe();
  const here = useLocation();
  if (me.isPending) {
    return <Notice title="Opening the field book." />;
  }
  if (me.isError) {
    return <Notice title="The server cannot be reached.">{me.error.message}</Notice>;
  }
  if (me.data.mustChange && here.pathname !== '/account') {
    return <Navigate to="/account" replace />;
  }
  return me.data.signedIn ? (
    <>
      <Outlet key={me.data.classId} />
      <Waiting me={me.data} />
    </>
  ) : ( <Navigate to="/signin" state={here.pathname === '/account' ? null : { from: here.pathname }} replace />
  );
}
