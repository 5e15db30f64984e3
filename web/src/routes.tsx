import { Navigate, createBrowserRouter } from 'react-router';
import { Shell } from './shell.js';
import { ViewTrouble } from './view-trouble.js';

/** A view is fetched when it is first opened. */
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
          { path: 'tonight', lazy: async () => ({ Component: (await import('./tonight/tonight-view.js')).TonightView }) },
          { path: 'pieces', lazy: async () => ({ Component: (await import('./pieces/pieces-view.js')).PiecesView }) },
          { path: 'pieces/:pieceId', lazy: async () => ({ Component: (await import('./pieces/piece-view.js')).PieceView }) },
          { path: 'pieces/:pieceId/wishes', lazy: async () => ({ Component: (await import('./wishes/wishes-view.js')).WishesView }) },
          { path: 'evenings', lazy: async () => ({ Component: (await import('./evenings/evenings-view.js')).EveningsView }) },
          { path: 'pieces/:pieceId/card', lazy: async () => ({ Component: (await import('./pieces/piece-card.js')).PieceCard }) },
          { path: 'shelf', lazy: async () => ({ Component: (await import('./shelf/shelf-view.js')).ShelfView }) },
          { path: 'mixing', lazy: async () => ({ Component: (await import('./mixing/mixing-view.js')).MixingView }) },
          { path: 'pieces/:pieceId/film', lazy: async () => ({ Component: (await import('./film/film-view.js')).FilmView }) },
          { path: 'log', lazy: async () => ({ Component: (await import('./log/log-view.js')).LogView }) },
          { path: 'finishes', lazy: async () => ({ Component: (await import('./finishes/finishes-view.js')).FinishesView }) },
          { path: 'finishes/compare', lazy: async () => ({ Component: (await import('./finishes/compare-view.js')).CompareView }) },
          { path: 'handbook', lazy: async () => ({ Component: (await import('./handbook/handbook-view.js')).HandbookView }) },
          { path: 'handbook/rules/:ruleId', lazy: async () => ({ Component: (await import('./handbook/rule-page.js')).RulePage }) },
          {
            path: 'handbook/materials/:materialId',
            lazy: async () => ({ Component: (await import('./handbook/material-page.js')).MaterialPage }),
          },
          { path: 'deleted', lazy: async () => ({ Component: (await import('./pieces/deleted-view.js')).DeletedView }) },
          { path: 'workshop', lazy: async () => ({ Component: (await import('./workshop/workshop-view.js')).WorkshopView }) },
          { path: '*', lazy: async () => ({ Component: (await import('./not-found.js')).NotFound }) },
        ],
      },
    ],
    hydrateFallbackElement: <p className="p-6">Eveningtide …</p>,
  },
]);
