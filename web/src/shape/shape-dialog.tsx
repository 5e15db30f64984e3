import { elevationsOf, type Piece, type ViewId } from '@eveningtide/core/subjects';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { OneOf } from '../ui/one-of.js';
import { BodyMode } from './body-mode.js';
import { CutMode } from './cut-mode.js';
import { ZonesMode } from './zones-mode.js';

const MODES = [
  { id: 'cut', name: 'Cut a zone' },
  { id: 'zones', name: 'Join, take away, add' },
  { id: 'body', name: 'Put a body to it' },
] as const;
type Mode = (typeof MODES)[number]['id'];

/** The shape of a piece, changed on its drawing: each change is one that undo takes back. */
export function ShapeDialog({ piece, zoneId, onClose }: { piece: Piece; zoneId: string | null; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const views = elevationsOf(piece);
  const past = useAppSelector((state) => state.editor.past);
  const [mode, setMode] = useState<Mode>(views.length > 0 ? 'cut' : 'body');
  const [viewId, setView] = useState<ViewId>('side');
  const [chosen, setChosen] = useState<readonly string[]>(zoneId ? [zoneId] : []);
  const here = chosen.filter((id) => piece.zones.some((zone) => zone.id === id));
  const at = { piece, viewId, onView: setView, chosen: here, onChosen: setChosen };
  return (
    <Dialog
      title={`Shape of ${piece.name}`}
      note="What is planned stays: steps on a zone that is cut are on both parts."
      open
      wide
      onOpenChange={onClose}
    >
      <div className="mb-3 flex flex-wrap items-center justify-between gap-2">
        <OneOf
          label="What to change"
          value={mode}
          options={MODES.map((one) => ({ ...one, disabled: one.id !== 'body' && views.length === 0 }))}
          onChange={setMode}
        />
        <Button
          disabled={past.length === 0}
          onClick={() => {
            dispatch(editorActions.undone());
          }}
        >
          <Undo2 size={16} aria-hidden="true" /> Undo
        </Button>
      </div>
      {mode === 'cut' && <CutMode {...at} />}
      {mode === 'zones' && <ZonesMode {...at} />}
      {mode === 'body' && <BodyMode {...at} />}
    </Dialog>
  );
}
