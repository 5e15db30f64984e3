import { Navigate, createBrowserRouter } from 'react-router';
import { Shell } from './shell.js';

/** A view is fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { index: true, element: <Navigate to="/pieces" replace /> },
      { path: 'tonight', lazy: async () => ({ Component: (await import('./tonight/tonight-view.js')).TonightView }) },
      { path: 'pieces', lazy: async () => ({ Component: (await import('./pieces/pieces-view.js')).PiecesView }) },
      { path: 'pieces/:pieceId', lazy: async () => ({ Component: (await import('./pieces/piece-view.js')).PieceView }) },
      { path: 'evenings', lazy: async () => ({ Component: (await import('./evenings/evenings-view.js')).EveningsView }) },
      { path: 'pieces/:pieceId/card', lazy: async () => ({ Component: (await import('./pieces/piece-card.js')).PieceCard }) },
      { path: 'shelf', lazy: async () => ({ Component: (await import('./shelf/shelf-view.js')).ShelfView }) },
      { path: 'workshop', lazy: async () => ({ Component: (await import('./workshop/workshop-view.js')).WorkshopView }) },
      { path: '*', lazy: async () => ({ Component: (await import('./not-found.js')).NotFound }) },
    ],
    hydrateFallbackElement: <p className="p-6">Eveningtide …</p>,
  },
]);
