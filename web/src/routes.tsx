import type { ComponentType } from 'react';
import { Navigate, createBrowserRouter } from 'react-router';
import { Shell } from './shell.js';
import { ViewTrouble } from './view-trouble.js';
import { VIEWS, type Path } from './views.js';

/** A view is fetched when it is first opened. */
const CODE: Record<Path, () => Promise<ComponentType>> = {
  '/tonight': async () => (await import('./tonight/tonight-view.js')).TonightView,
  '/pieces': async () => (await import('./pieces/pieces-view.js')).PiecesView,
  '/pieces/:pieceId': async () => (await import('./pieces/piece-view.js')).PieceView,
  '/pieces/:pieceId/wishes': async () => (await import('./wishes/wishes-view.js')).WishesView,
  '/pieces/:pieceId/film': async () => (await import('./film/film-view.js')).FilmView,
  '/pieces/:pieceId/card': async () => (await import('./pieces/piece-card.js')).PieceCard,
  '/evenings': async () => (await import('./evenings/evenings-view.js')).EveningsView,
  '/shelf': async () => (await import('./shelf/shelf-view.js')).ShelfView,
  '/mixing': async () => (await import('./mixing/mixing-view.js')).MixingView,
  '/finishes': async () => (await import('./finishes/finishes-view.js')).FinishesView,
  '/finishes/compare': async () => (await import('./finishes/compare-view.js')).CompareView,
  '/begin': async () => (await import('./begin/begin-view.js')).BeginView,
  '/log': async () => (await import('./log/log-view.js')).LogView,
  '/deleted': async () => (await import('./pieces/deleted-view.js')).DeletedView,
  '/handbook': async () => (await import('./handbook/handbook-view.js')).HandbookView,
  '/handbook/rules/:ruleId': async () => (await import('./handbook/rule-page.js')).RulePage,
  '/handbook/techniques/:techniqueId': async () => (await import('./handbook/technique-page.js')).TechniquePage,
  '/handbook/materials/:materialId': async () => (await import('./handbook/material-page.js')).MaterialPage,
  '/print': async () => (await import('./print/print-view.js')).PrintView,
  '/workshop': async () => (await import('./workshop/workshop-view.js')).WorkshopView,
};

const notFound = async (): Promise<ComponentType> => (await import('./not-found.js')).NotFound;

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
