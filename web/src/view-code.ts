import type { ComponentType } from 'react';
import { pathAt, type Path } from './views.js';

/** A view is fetched when it is first opened. */
export const CODE: Record<Path, () => Promise<ComponentType>> = {
  '/tonight': async () => (await import('./tonight/tonight-view.js')).TonightView,
  '/pieces': async () => (await import('./pieces/pieces-view.js')).PiecesView,
  '/pieces/:pieceId': async () => (await import('./pieces/piece-view.js')).PieceView,
  '/pieces/:pieceId/wishes': async () => (await import('./wishes/wishes-view.js')).WishesView,
  '/pieces/:pieceId/surface': async () => (await import('./surface/surface-view.js')).SurfaceView,
  '/pieces/:pieceId/film': async () => (await import('./film/film-view.js')).FilmView,
  '/pieces/:pieceId/card': async () => (await import('./pieces/piece-card.js')).PieceCard,
  '/evenings': async () => (await import('./evenings/evenings-view.js')).EveningsView,
  '/shelf': async () => (await import('./shelf/shelf-view.js')).ShelfView,
  '/mixing': async () => (await import('./mixing/mixing-view.js')).MixingView,
  '/planting': async () => (await import('./planting/planting-view.js')).PlantingView,
  '/loads': async () => (await import('./loads/loads-view.js')).LoadsView,
  '/cutting': async () => (await import('./cutting/cutting-view.js')).CuttingView,
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

export const notFound = async (): Promise<ComponentType> => (await import('./not-found.js')).NotFound;

/** Begins to fetch the view at an address, so that its code is on the way before the interface asks for it. */
export function fetchAhead(address: string): void {
  void CODE[pathAt(address)]().catch(() => undefined);
}
