import { lazy, Suspense } from 'react';
import { createBrowserRouter, Navigate } from 'react-router';
import { DueScreen } from '../features/due/DueScreen';
import { PracticeScreen } from '../features/practice/PracticeScreen';
import { SignedIn } from '../features/session/SignedIn';
import { SignInScreen } from '../features/session/SignInScreen';
import { Notice } from '../ui/Notice';

const GalleryScreen = lazy(() => import('../features/gallery/GalleryScreen'));

const gallery = (
  <Suspense fallback={<Notice title="Opening the gallery." />}>
    <GalleryScreen />
  </Suspense>
);

export const router = createBrowserRouter([
  { path: '/signin', element: <SignInScreen /> },
  {
    element: <SignedIn />,
    errorElement: <Notice title="This page stumbled.">What you entered is kept. Load the page again.</Notice>,
    children: [
      { path: '/', element: <Navigate to="/due" replace /> },
      { path: '/due', element: <DueScreen /> },
      { path: '/practice/:assignmentId/:skillId', element: <PracticeScreen /> },
      { path: '/gallery', element: gallery },
      { path: '/gallery/:skillId/:tier/:seed', element: gallery },
      { path: '*', element: <Notice title="There is no such page.">Go back, or start from what is due.</Notice> },
    ],
  },
]);
