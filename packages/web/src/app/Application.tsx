/** Providers and routes. Each screen loads when it is first visited. */
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { problemTypes } from '@hardy-sextant/contract';
import { MutationCache, QueryCache, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refusal } from '../api/call.ts';
import { FreshQueries } from '../api/freshQueries.ts';
import { sessionKey } from '../api/session.ts';
import { Arriving } from './Arriving.tsx';
import { NotFoundPage } from './NotFoundPage.tsx';
import { pages, studentPages, welcomePage, type Page } from './pages.ts';
import { Shell } from './Shell.tsx';
import { theme } from './theme.ts';
import { BrokenPage } from './BrokenPage.tsx';

/** Whose session has ended signs in again; the page stays, and what is typed. */
const signInAgain = (error: Error): void => {
  if (error instanceof Refusal && error.document.type === problemTypes.signIn && !location.pathname.startsWith('/my'))
    void queries.invalidateQueries({ queryKey: sessionKey });
};

const queries: FreshQueries = new FreshQueries({
  queryCache: new QueryCache({ onError: signInAgain }),
  mutationCache: new MutationCache({ onError: signInAgain }),
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      // What was refused stays refused; only what never arrived is worth another try.
      retry: (times, error) => !(error instanceof Refusal && error.document.status < 500) && times < 2,
    },
  },
});

const asRoute = ({ path, load }: Page) => ({ path, lazy: async () => ({ Component: await load() }) });

const router = createBrowserRouter([
  {
    lazy: async () => ({ Component: (await import('../features/student/StudentShell.tsx')).StudentShell }),
    errorElement: <BrokenPage />,
    HydrateFallback: () => null,
    children: studentPages.map(asRoute),
  },
  {
    element: <Shell />,
    errorElement: <BrokenPage />,
    // A screen that fails leaves the bar and what is typed elsewhere in sight.
    children: [
      {
        errorElement: <BrokenPage />,
        HydrateFallback: Arriving,
        children: [...[...pages, welcomePage].map(asRoute), { path: '*', element: <NotFoundPage /> }],
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
