import { lazy, type ReactNode, Suspense } from 'react';
import { createBrowserRouter } from 'react-router';
import { DueScreen } from '../features/due/DueScreen';
import { PracticeScreen } from '../features/practice/PracticeScreen';
import { Home } from '../features/session/Home';
import { SignedIn } from '../features/session/SignedIn';
import { SignInScreen } from '../features/session/SignInScreen';
import { Landing } from '../ui/Landing';
import { NoticePage } from '../ui/Notice';
import { NoPage, Stumbled } from './Astray';

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
const PaperScreen = lazy(() => import('../features/paper/PaperScreen'));
const NewSheetScreen = lazy(() => import('../features/paper/NewSheetScreen'));
const CopyScreen = lazy(() => import('../features/paper/CopyScreen'));
const StudentCopyScreen = lazy(() => import('../features/paper/StudentCopyScreen'));
const WorkbenchScreen = lazy(() => import('../features/workbench/WorkbenchScreen'));
const DraftScreen = lazy(() => import('../features/workbench/DraftScreen'));
const QuestionsScreen = lazy(() => import('../features/question/QuestionsScreen'));

/** A page that is loaded when it is first opened, with its title. */
const page = (title: string, screen: ReactNode) => (
  <Suspense fallback={<NoticePage title="Opening the page." />}>
    <Landing key={title} title={title}>
      {screen}
    </Landing>
  </Suspense>
);

const gallery = page('Look at items', <GalleryScreen />);

export const router = createBrowserRouter([
  { path: '/signin', element: page('Sign in', <SignInScreen />) },
  {
    element: <SignedIn />,
    errorElement: <Stumbled />,
    children: [
      { path: '/', element: <Home /> },
      { path: '/due', element: page('Due', <DueScreen />) },
      { path: '/practice/:assignmentId/:skillId', element: page('', <PracticeScreen />) },
      { path: '/map', element: page('Map of skills', <MapScreen />) },
      { path: '/entering', element: page('Entering answers', <TourScreen />) },
      { path: '/book', element: page('Book', <BookScreen />) },
      { path: '/book/:itemId', element: page('A page of the book', <BookPageScreen />) },
      { path: '/handed-in', element: page('Work to read', <MarkingScreen />) },
      { path: '/handed-in/:itemId', element: page('Work to read', <MarkingScreen />) },
      { path: '/quiz/:assignmentId', element: page('Quiz', <QuizScreen />) },
      { path: '/quiz/:assignmentId/round/:number', element: page('Round of a quiz', <ResultScreen />) },
      { path: '/check', element: page('What do you know already?', <CheckScreen />) },
      { path: '/progress', element: page('Progress', <ProgressScreen />) },
      { path: '/account', element: page('Your account', <AccountScreen />) },
      { path: '/class', element: page('Class', <ClassScreen />) },
      { path: '/class/assignments', element: page('Assignments', <AssignmentsScreen />) },
      { path: '/class/marks', element: page('Marks', <MarksScreen />) },
      { path: '/class/codes', element: page('Codes for signing in', <CodesScreen />) },
      { path: '/class/students/:studentId', element: page('A student', <StudentScreen />) },
      { path: '/class/students/:studentId/map', element: page('Map of skills', <MapScreen />) },
      { path: '/classes', element: page('Your classes', <ClassesScreen />) },
      { path: '/review', element: page('Review', <ReviewScreen />) },
      { path: '/review/set', element: page('Refresh', <RefreshScreen />) },
      { path: '/questions', element: page('Questions', <QuestionsScreen />) },
      { path: '/paper', element: page('Practice on paper', <PaperScreen />) },
      { path: '/paper/new', element: page('A new sheet', <NewSheetScreen />) },
      { path: '/paper/:code', element: page('', <CopyScreen />) },
      { path: '/paper/:code/:studentId', element: page('A student’s sheet', <StudentCopyScreen />) },
      { path: '/workbench', element: page('Skills of your own', <WorkbenchScreen />) },
      { path: '/workbench/:id', element: page('A skill of your own', <DraftScreen />) },
      { path: '/gallery', element: gallery },
      { path: '/gallery/:skillId/:tier/:seed', element: gallery },
      { path: '*', element: page('No such page', <NoPage />) },
    ],
  },
]);
