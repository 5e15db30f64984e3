import { duplicated } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { Archive, ArchiveRestore, BookmarkPlus, Copy, Ellipsis, History, Layers, Printer, Scale, Shapes, Share } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { usePassOn } from '../passing/use-pass-on.js';
import { useSavePieceMutation, useSaveShapeMutation, type StoredPiece } from '../store/api.js';
import { useChangePiece } from '../store/change-piece.js';
import { toast } from '../store/toast.js';
import { ASKS_WHAT_IS_ON_IT } from './asks-what-is-on-it.js';
import { useBenchNow } from '../workers/outlook-context.js';
import type { MenuItem } from '../ui/menu-opened.js';
import { Menu } from '../ui/menu.js';
import { notifyFailure } from '../ui/notify.js';

const SaveFinishDialog = lazy(async () => ({ default: (await import('../finishes/save-finish-dialog.js')).SaveFinishDialog }));
const ChooseFinishDialog = lazy(async () => ({ default: (await import('../finishes/choose-finish-dialog.js')).ChooseFinishDialog }));
const AlreadyOnItDialog = lazy(async () => ({ default: (await import('./already-on-it-dialog.js')).AlreadyOnItDialog }));
const WeighPieceDialog = lazy(async () => ({ default: (await import('./weigh-piece-dialog.js')).WeighPieceDialog }));

/** What is done with a piece as a whole. */
export function PieceMenu({ stored }: { stored: StoredPiece }) {
  const navigate = useNavigate();
  const location = useLocation();
  const now = useBenchNow();
  const [save] = useSavePieceMutation();
  const [saveShape] = useSaveShapeMutation();
  const passOn = usePassOn();
  const { piece, change } = useChangePiece(stored);
  const failed = (what: string) => (error: unknown) => {
    notifyFailure(what, error);
  };

  const duplicate = () => {
    const copy = duplicated(piece, nanoid(12), `${piece.name.slice(0, 112)} (copy)`);
    save({ version: 0, piece: copy })
      .unwrap()
      .then(() => navigate(`/pieces/${copy.id}`))
      .catch(failed('The piece was not duplicated'));
  };
  const keepShape = async () => {
    try {
      const { newKeptShape } = await import('./keep-shape.js');
      await saveShape({ version: 0, shape: newKeptShape(piece) }).unwrap();
      toast(`${piece.name} is kept among your own shapes: new pieces can begin with it`);
    } catch (error) {
      failed('The shape was not kept')(error);
    }
  };
  const archive = (archivedOn: string | null) => {
    change({ archivedOn }).catch(failed(`${piece.name} stays where it is`));
    toast(archivedOn === null ? `${piece.name} is back from the archive` : `${piece.name} is in the archive`);
  };
  const [saving, setSaving] = useState(false);
  const [putting, setPutting] = useState(false);
  const [weighing, setWeighing] = useState(false);
  const [asksOnIt, setAsksOnIt] = useState(location.state === ASKS_WHAT_IS_ON_IT);
  const items: MenuItem[] = [
    {
      words: 'Save to a file',
      Icon: Share,
      onSelect: () => void passOn('pieces', piece.id, piece.name),
    },
    { words: 'Duplicate', Icon: Copy, onSelect: duplicate },
    { words: 'Piece card', Icon: Printer, onSelect: () => void navigate(`/pieces/${piece.id}/card`) },
    {
      words: 'Save as a finish …',
      Icon: BookmarkPlus,
      onSelect: () => {
        setSaving(true);
      },
    },
    {
      words: 'Put a finish on …',
      Icon: Layers,
      onSelect: () => {
        setPutting(true);
      },
    },
    {
      words: 'What is on it already …',
      Icon: History,
      onSelect: () => {
        setAsksOnIt(true);
      },
    },
    {
      words: 'Keep its shape',
      Icon: Shapes,
      onSelect: () => void keepShape(),
    },
    {
      words: 'Weigh it …',
      Icon: Scale,
      onSelect: () => {
        setWeighing(true);
      },
    },
    piece.archivedOn === null
      ? {
          words: 'Into the archive',
          Icon: Archive,
          onSelect: () => {
            archive(now.date);
          },
        }
      : {
          words: 'Out of the archive',
          Icon: ArchiveRestore,
          onSelect: () => {
            archive(null);
          },
        },
  ];
  return (
    <>
      <Menu label={`More for ${piece.name}`} className="rounded-sm p-2 hover:bg-ground" items={items}>
        <Ellipsis size={17} aria-hidden="true" />
      </Menu>
      <Suspense>
        {weighing && (
          <WeighPieceDialog
            piece={piece}
            onClose={() => {
              setWeighing(false);
            }}
          />
        )}
        {asksOnIt && (
          <AlreadyOnItDialog
            stored={{ ...stored, piece }}
            onClose={() => {
              setAsksOnIt(false);
              // asked once, not again when the page is read anew
              if (location.state === ASKS_WHAT_IS_ON_IT) void navigate(location, { replace: true, state: null });
            }}
          />
        )}
        {saving && (
          <SaveFinishDialog
            piece={piece}
            onClose={() => {
              setSaving(false);
            }}
          />
        )}
        {putting && (
          <ChooseFinishDialog
            pieceId={piece.id}
            onClose={() => {
              setPutting(false);
            }}
          />
        )}
      </Suspense>
    </>
  );
}
