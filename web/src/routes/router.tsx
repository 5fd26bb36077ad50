import { lazy, type ReactNode, Suspense } from 'react';
import { createBrowserRouter } from 'react-router';
import { DueScreen } from '../features/due/DueScreen';
import { PracticeScreen } from '../features/practice/PracticeScreen';
import { Home } from '../features/session/Home';
import { SignedIn } from '../features/session/SignedIn';
import { SignInScreen } from '../features/session/SignInScreen';
import { Notice } from '../ui/Notice';

const GalleryScreen = lazy(() => import('../features/gallery/GalleryScreen'));

const MapScreen = lazy(() => import('../features/map/MapScreen'));
const TourScreen = lazy(() => import('../features/tour/TourScreen'));
const BookScreen = lazy(() => import('../features/book/BookScreen'));
const BookPageScreen = lazy(() => import('../features/book/BookPageScreen'));
const MarkingScreen = lazy(() => import('../features/marking/MarkingScreen'));
const QuizScreen = lazy(() => import('../features/quiz/QuizScreen'));
const ResultScreen = lazy(() => import('../features/quiz/ResultScreen'));
const CheckScreen = lazy(() => import('../features/placement/CheckScreen'));
const ProgressScreen = lazy(() => import('../features/progress/ProgressScreen'));
const AccountScreen = lazy(() => import('../features/account/AccountScreen'));
const ClassScreen = lazy(() => import('../features/classroom/ClassScreen'));
const AssignmentsScreen = lazy(() => import('../features/classroom/AssignmentsScreen'));
const MarksScreen = lazy(() => import('../features/classroom/MarksScreen'));
const StudentScreen = lazy(() => import('../features/classroom/StudentScreen'));
const CodesScreen = lazy(() => import('../features/classroom/Codes'));
const ClassesScreen = lazy(() => import('../features/classes/ClassesScreen'));
const ReviewScreen = lazy(() => import('../features/review/ReviewScreen'));
const RefreshScreen = lazy(() => import('../features/review/RefreshScreen'));
const QuestionsScreen = lazy(() => import('../features/question/QuestionsScreen'));

const later = (screen: ReactNode) => <Suspense fallback={<Notice title="Opening the page." />}>{screen}</Suspense>;

const gallery = later(<GalleryScreen />);

export const router = createBrowserRouter([
  { path: '/signin', element: <SignInScreen /> },
  {
    element: <SignedIn />,
    errorElement: <Notice title="Something went wrong on this page.">What you entered is kept. Load the page again.</Notice>,
    children: [
      { path: '/', element: <Home /> },
      { path: '/due', element: <DueScreen /> },
      { path: '/practice/:assignmentId/:skillId', element: <PracticeScreen /> },
      { path: '/map', element: later(<MapScreen />) },
      { path: '/entering', element: later(<TourScreen />) },
      { path: '/book', element: later(<BookScreen />) },
      { path: '/book/:itemId', element: later(<BookPageScreen />) },
      { path: '/handed-in', element: later(<MarkingScreen />) },
      { path: '/handed-in/:itemId', element: later(<MarkingScreen />) },
      { path: '/quiz/:assignmentId', element: later(<QuizScreen />) },
      { path: '/quiz/:assignmentId/round/:number', element: later(<ResultScreen />) },
      { path: '/check', element: later(<CheckScreen />) },
      { path: '/progress', element: later(<ProgressScreen />) },
      { path: '/account', element: later(<AccountScreen />) },
      { path: '/class', element: later(<ClassScreen />) },
      { path: '/class/assignments', element: later(<AssignmentsScreen />) },
      { path: '/class/marks', element: later(<MarksScreen />) },
      { path: '/class/codes', element: later(<CodesScreen />) },
      { path: '/class/students/:studentId', element: later(<StudentScreen />) },
      { path: '/class/students/:studentId/map', element: later(<MapScreen />) },
      { path: '/classes', element: later(<ClassesScreen />) },
      { path: '/review', element: later(<ReviewScreen />) },
      { path: '/review/set', element: later(<RefreshScreen />) },
      { path: '/questions', element: later(<QuestionsScreen />) },
      { path: '/gallery', element: gallery },
      { path: '/gallery/:skillId/:tier/:seed', element: gallery },
      { path: '*', element: <Notice title="There is no such page.">Go back, or start from Due.</Notice> },
    ],
  },
]);
