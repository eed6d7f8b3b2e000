/** Providers and routes. Each screen loads when it is first visited. */
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refusal } from '../ui/api.ts';
import { NotFoundPage } from './NotFoundPage.tsx';
import { Shell } from './Shell.tsx';
import { theme } from './theme.ts';
import { BrokenPage } from './BrokenPage.tsx';

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      // What was refused stays refused; only what never arrived is worth another try.
      retry: (times, error) => !(error instanceof Refusal && error.document.status < 500) && times < 2,
    },
  },
});

const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <BrokenPage />,
    HydrateFallback: () => null,
    // A screen that fails leaves the bar and what is typed elsewhere in sight.
    children: [
      {
        errorElement: <BrokenPage />,
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../features/desk/DeskPage.tsx')).DeskPage }) },
          {
            path: 'bench',
            lazy: async () => ({ Component: (await import('../features/bench/BenchPage.tsx')).NewCasePage }),
          },
          {
            path: 'bench/:caseId',
            lazy: async () => ({ Component: (await import('../features/bench/BenchPage.tsx')).BenchPage }),
          },
          {
            path: 'cases',
            lazy: async () => ({ Component: (await import('../features/bench/CasesPage.tsx')).CasesPage }),
          },
          {
            path: 'rules',
            lazy: async () => ({ Component: (await import('../features/rules/RulesPage.tsx')).RulesPage }),
          },
          {
            path: 'exercises',
            lazy: async () => ({ Component: (await import('../features/exercises/ExercisesPage.tsx')).ExercisesPage }),
          },
          {
            path: 'exercises/:exerciseId',
            lazy: async () => ({ Component: (await import('../features/exercises/ExercisePage.tsx')).ExercisePage }),
          },
          {
            path: 'classes',
            lazy: async () => ({ Component: (await import('../features/classes/ClassesPage.tsx')).ClassesPage }),
          },
          {
            path: 'classes/:classId',
            lazy: async () => ({ Component: (await import('../features/classes/ClassPage.tsx')).ClassPage }),
          },
          { path: 'sets', lazy: async () => ({ Component: (await import('../features/sets/SetsPage.tsx')).SetsPage }) },
          {
            path: 'sets/:setId',
            lazy: async () => ({ Component: (await import('../features/sets/SetPage.tsx')).SetPage }),
          },
          {
            path: 'sets/:setId/marking',
            lazy: async () => ({ Component: (await import('../features/marking/MarkingPage.tsx')).MarkingPage }),
          },
          {
            path: 'sets/:setId/feedback',
            lazy: async () => ({ Component: (await import('../features/marking/FeedbackPage.tsx')).FeedbackPage }),
          },
          {
            path: 'sets/:setId/went-wrong',
            lazy: async () => ({ Component: (await import('../features/marking/WentWrongPage.tsx')).WentWrongPage }),
          },
          { path: 'bin', lazy: async () => ({ Component: (await import('../features/bin/BinPage.tsx')).BinPage }) },
          { path: '*', element: <NotFoundPage /> },
        ],
      },
    ],
  },
]);

export function Application() {
  return (
    <MantineProvider theme={theme} defaultColorScheme="auto">
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} />
        <Notifications position="bottom-right" />
      </QueryClientProvider>
    </MantineProvider>
  );
}
