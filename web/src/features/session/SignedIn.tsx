import { Navigate, Outlet, useLocation } from 'react-router';
import { Notice } from '../../ui/Notice';
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
  return me.data.signedIn ? <Outlet /> : <Navigate to="/signin" state={{ from: here.pathname }} replace />;
}
