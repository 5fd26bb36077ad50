import { Navigate } from 'react-router';
import { useMe } from './useSession';

/** Where one begins: students with what is due, instructors with their class. */
export function Home() {
  const me = useMe();
  return <Navigate to={me.data?.role === 'INSTRUCTOR' ? '/class' : '/due'} replace />;
}
