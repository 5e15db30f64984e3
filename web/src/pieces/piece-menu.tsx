import { duplicated } from '@eveningtide/core/subjects';
import { nanoid } from '@reduxjs/toolkit';
import { Archive, ArchiveRestore, BookmarkPlus, Copy, Ellipsis, Layers, Printer, Scale, Share } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { usePassOn } from '../passing/use-pass-on.js';
import { useSavePieceMutation, type StoredPiece } from '../store/api.js';
import { editorActions } from '../store/editor.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { useBenchNow } from '../workers/outlook-context.js';
import { notifyFailure } from '../ui/notify.js';

const SaveFinishDialog = lazy(async () => ({ default: (await import('../finishes/save-finish-dialog.js')).SaveFinishDialog }));
const ChooseFinishDialog = lazy(async () => ({ default: (await import('../finishes/choose-finish-dialog.js')).ChooseFinishDialog }));
const WeighPieceDialog = lazy(async () => ({ default: (await import('./weigh-piece-dialog.js')).WeighPieceDialog }));

/** What is done with a piece as a whole. */
export function PieceMenu({ stored }: { stored: StoredPiece }) {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const now = useBenchNow();
  const [save] = useSavePieceMutation();
  const passOn = usePassOn();
  const edited = useAppSelector((state) => state.editor.piece);
  // the piece on the bench is changed where it lies, so that undo knows of it
  const isOpen = edited?.id === stored.piece.id;
  const piece = isOpen ? edited : stored.piece;
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
  const archive = (archivedOn: string | null) => {
    if (isOpen) dispatch(editorActions.patched({ archivedOn }));
    else
      save({ version: stored.version, piece: { ...piece, archivedOn } })
        .unwrap()
        .catch(failed(`${piece.name} stays where it is`));
    toast(archivedOn === null ? `${piece.name} is back from the archive` : `${piece.name} is in the archive`);
  };
  const [saving, setSaving] = useState(false);
  const [putting, setPutting] = useState(false);
  const [weighing, setWeighing] = useState(false);
  const item = 'flex cursor-pointer items-center gap-2 rounded-sm px-3 py-1.5 outline-none data-highlighted:bg-ground';
  return (
    <>
      <DropdownMenu.Root modal={false}>
        <DropdownMenu.Trigger aria-label={`More for ${piece.name}`} className="rounded-sm p-2 hover:bg-ground">
          <Ellipsis size={17} aria-hidden="true" />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" sideOffset={4} className="z-20 min-w-44 rounded-sm border border-line-strong bg-paper p-1">
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                void passOn('pieces', piece.id, piece.name);
              }}
            >
              <Share size={15} aria-hidden="true" /> Save to a file
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={duplicate}>
              <Copy size={15} aria-hidden="true" /> Duplicate
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                void navigate(`/pieces/${piece.id}/card`);
              }}
            >
              <Printer size={15} aria-hidden="true" /> Piece card
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                setSaving(true);
              }}
            >
              <BookmarkPlus size={15} aria-hidden="true" /> Save as a finish …
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                setPutting(true);
              }}
            >
              <Layers size={15} aria-hidden="true" /> Put a finish on …
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={item}
              onSelect={() => {
                setWeighing(true);
              }}
            >
              <Scale size={15} aria-hidden="true" /> Weigh it …
            </DropdownMenu.Item>
            {piece.archivedOn === null ? (
              <DropdownMenu.Item
                className={item}
                onSelect={() => {
                  archive(now.date);
                }}
              >
                <Archive size={15} aria-hidden="true" /> Into the archive
              </DropdownMenu.Item>
            ) : (
              <DropdownMenu.Item
                className={item}
                onSelect={() => {
                  archive(null);
                }}
              >
                <ArchiveRestore size={15} aria-hidden="true" /> Out of the archive
              </DropdownMenu.Item>
            )}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <Suspense>
        {weighing && (
          <WeighPieceDialog
            piece={piece}
            onClose={() => {
              setWeighing(false);
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
