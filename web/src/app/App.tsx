import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Shed } from '../shed/Shed';
import { askAgain } from '../jobs/askWorker';
import { OfflineNote } from './OfflineNote';
import { RouteProblem } from './RouteProblem';
import { t } from '../fields/language/t';

const WorkbenchPage = lazy(() =>
  import('./workbench/WorkbenchPage').then((module) => ({ default: module.WorkbenchPage })),
);
const CutSheet = lazy(() => import('../print/CutSheet').then((module) => ({ default: module.CutSheet })));

const StrengthSheet = lazy(() =>
  import('../print/StrengthSheet').then((module) => ({ default: module.StrengthSheet })),
);

const AxleCard = lazy(() => import('../print/AxleCard').then((module) => ({ default: module.AxleCard })));
const TowSheet = lazy(() => import('../print/TowSheet').then((module) => ({ default: module.TowSheet })));
const DrawingPage = lazy(() => import('../print/DrawingPage').then((module) => ({ default: module.DrawingPage })));
const BuyPage = lazy(() => import('../buy/BuyPage').then((module) => ({ default: module.BuyPage })));
const SquarePage = lazy(() => import('../square/SquarePage').then((module) => ({ default: module.SquarePage })));
const WeighPage = lazy(() => import('../weigh/WeighPage').then((module) => ({ default: module.WeighPage })));
const LogPage = lazy(() => import('../log/LogPage').then((module) => ({ default: module.LogPage })));
const SendPage = lazy(() => import('../send/SendPage').then((module) => ({ default: module.SendPage })));
const ArrivePage = lazy(() => import('../send/ArrivePage').then((module) => ({ default: module.ArrivePage })));
const LightsPage = lazy(() => import('../lights/LightsPage').then((module) => ({ default: module.LightsPage })));
const CoatPage = lazy(() => import('../coat/CoatPage').then((module) => ({ default: module.CoatPage })));
const PapersPage = lazy(() => import('../papers/PapersPage').then((module) => ({ default: module.PapersPage })));
const TrainingPage = lazy(() =>
  import('../training/TrainingPage').then((module) => ({ default: module.TrainingPage })),
);
const StartPage = lazy(() => import('../starting/StartPage').then((module) => ({ default: module.StartPage })));
const WordsPage = lazy(() => import('../words/WordsPage').then((module) => ({ default: module.WordsPage })));
const TaskPage = lazy(() => import('../build/TaskPage').then((module) => ({ default: module.TaskPage })));
const PlanSheet = lazy(() => import('../print/PlanSheet').then((module) => ({ default: module.PlanSheet })));
const BookPage = lazy(() => import('../print/BookPage').then((module) => ({ default: module.BookPage })));
const SawPage = lazy(() => import('../saw/SawPage').then((module) => ({ default: module.SawPage })));
const TripPage = lazy(() => import('../trip/TripPage').then((module) => ({ default: module.TripPage })));

const Loading = () => (
  <p className="mute p-6" role="status">
    {t('Opening …')}
  </p>
);

// Everything is in this browser: nothing goes stale by time, only by an edit here or in another tab.
const queryClient = new QueryClient({
  defaultOptions: {
    queries: { staleTime: Number.POSITIVE_INFINITY, retry: askAgain, retryDelay: 0, networkMode: 'always' },
    mutations: { networkMode: 'always' },
  },
});

const NotFound = () => (
  <main className="p-6">
    <h1 className="wide text-[22px] font-bold">{t('There is nothing here')}</h1>
    <a className="button mt-4" href="/">
      {t('To the shed')}
    </a>
  </main>
);

const router = createBrowserRouter(
  [
    { path: '/', element: <Shed /> },
    { path: '/trailer/:projectId', element: <Navigate to="axle" replace /> },
    { path: '/trailer/:projectId/:step', element: <WorkbenchPage /> },
    { path: '/trailer/:projectId/print/cut-list', element: <CutSheet /> },
    { path: '/trailer/:projectId/print/strength', element: <StrengthSheet /> },
    { path: '/trailer/:projectId/print/axle', element: <AxleCard /> },
    { path: '/trailer/:projectId/print/tow', element: <TowSheet /> },
    { path: '/trailer/:projectId/print/book', element: <BookPage /> },
    { path: '/trailer/:projectId/print/plan', element: <PlanSheet /> },
    { path: '/trailer/:projectId/weigh-in', element: <WeighPage /> },
    { path: '/trailer/:projectId/log', element: <LogPage /> },
    { path: '/words', element: <WordsPage /> },
    { path: '/new', element: <StartPage /> },
    { path: '/arrive', element: <ArrivePage /> },
    { path: '/trailer/:projectId/send', element: <SendPage /> },
    { path: '/trailer/:projectId/lights', element: <LightsPage /> },
    { path: '/trailer/:projectId/coat', element: <CoatPage /> },
    { path: '/trailer/:projectId/papers', element: <PapersPage /> },
    { path: '/trailer/:projectId/training', element: <TrainingPage /> },
    { path: '/trailer/:projectId/task/:taskId', element: <TaskPage /> },
    { path: '/trailer/:projectId/print/drawing', element: <DrawingPage /> },
    { path: '/trailer/:projectId/trip', element: <TripPage /> },
    { path: '/trailer/:projectId/saw', element: <SawPage /> },
    { path: '/trailer/:projectId/square', element: <SquarePage /> },
    { path: '/trailer/:projectId/buy', element: <BuyPage /> },
    { path: '*', element: <NotFound /> },
  ].map((route) => ({ ...route, errorElement: <RouteProblem /> })),
);

export const App = () => (
  <QueryClientProvider client={queryClient}>
    <Suspense fallback={<Loading />}>
      <RouterProvider router={router} />
    </Suspense>
    <OfflineNote />
  </QueryClientProvider>
);
