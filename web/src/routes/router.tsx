import { createBrowserRouter, Navigate } from 'react-router';
import { DueScreen } from '../features/due/DueScreen';
import { PracticeScreen } from '../features/practice/PracticeScreen';
import { SignedIn } from '../features/session/SignedIn';
import { SignInScreen } from '../features/session/SignInScreen';
import { Notice } from '../ui/Notice';

export const router = createBrowserRouter([
  { path: '/signin', element: <SignInScreen /> },
  {
    element: <SignedIn />,
    children: [
      { path: '/', element: <Navigate to="/due" replace /> },
      { path: '/due', element: <DueScreen /> },
      { path: '/practice/:assignmentId/:skillId', element: <PracticeScreen /> },
      { path: '*', element: <Notice title="There is no such page.">Go back, or start from what is due.</Notice> },
    ],
  },
]);
