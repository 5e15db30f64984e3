import type { ComponentType } from 'react';
import { Navigate, createBrowserRouter } from 'react-router';
import { Shell } from './shell.js';
import { ViewTrouble } from './view-trouble.js';
import { CODE, notFound } from './view-code.js';
import { VIEWS } from './views.js';

const routeOf = (path: string, code: () => Promise<ComponentType>) => ({ path, lazy: async () => ({ Component: await code() }) });

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <ViewTrouble />,
    children: [
      {
        // the rail stays when a view breaks
        errorElement: <ViewTrouble />,
        children: [
          { index: true, element: <Navigate to="/pieces" replace /> },
          ...VIEWS.map(({ path }) => routeOf(path, CODE[path])),
          routeOf('*', notFound),
        ],
      },
    ],
    hydrateFallbackElement: <p className="p-6">Eveningtide …</p>,
  },
]);
