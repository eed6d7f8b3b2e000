/** Providers and routes. Each screen loads when it is first visited. */
import { MantineProvider } from '@mantine/core';
import { Notifications } from '@mantine/notifications';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refusal } from '../api/call.ts';
import { NotFoundPage } from './NotFoundPage.tsx';
import { pages } from './pages.ts';
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
          ...pages.map(({ path, load }) => ({ path, lazy: async () => ({ Component: await load() }) })),
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
