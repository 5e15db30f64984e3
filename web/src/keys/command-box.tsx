import { MATERIALS } from '@eveningtide/core/materials';
import { RULES } from '@eveningtide/core/sequence';
import { TECHNIQUES } from '@eveningtide/core/techniques';
import { Command } from 'cmdk';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { foundBy } from '../find/find.js';
import { usePiecesQuery } from '../store/api.js';
import { TEXT_SIZES, displayActions } from '../store/display.js';
import { useAppDispatch, useAppSelector } from '../store/store.js';
import { listedForPiece, listedViews } from '../views.js';

interface Entry {
  group: string;
  name: string;
  run: () => void;
}

/** Type a few letters and press Enter. */
export function CommandBox({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const { data: pieces } = usePiecesQuery();
  const { theme } = useAppSelector((state) => state.display);
  const go = (to: string) => () => {
    void navigate(to);
  };
  const entries: Entry[] = [
    ...listedViews().map(({ to, name }) => ({ group: 'Go to', name, run: go(to) })),
    ...(pieces ?? []).flatMap(({ piece }) => listedForPiece(piece).map(({ group, to, name }) => ({ group, name, run: go(to) }))),
    { group: 'Do', name: 'New piece', run: go('/pieces?new') },
    { group: 'Do', name: 'Add a bottle', run: go('/shelf') },
    {
      group: 'Help',
      name: 'Show me around: the tour',
      run: () => {
        dispatch(displayActions.tourSet(0));
      },
    },
    {
      group: 'Do',
      name: theme === 'day' ? 'Dusk theme' : 'Day theme',
      run: () => {
        dispatch(displayActions.themeSet(theme === 'day' ? 'dusk' : 'day'));
      },
    },
    ...TEXT_SIZES.map((pct) => ({
      group: 'Do',
      name: `Text size ${String(pct)} %`,
      run: () => {
        dispatch(displayActions.textSizeSet(pct));
      },
    })),
  ];
  const pages: Entry[] = [
    ...RULES.map(({ id, title }) => ({ group: 'Handbook', name: title, run: go(`/handbook/rules/${id}`) })),
    ...TECHNIQUES.map(({ id, name }) => ({ group: 'Handbook', name: `${name}: how it is done`, run: go(`/handbook/techniques/${id}`) })),
    ...MATERIALS.map(({ id, name }) => ({ group: 'Handbook', name, run: go(`/handbook/materials/${id}`) })),
  ];
  const [words, setWords] = useState('');
  const keys: Entry = { group: 'Help', name: 'Keys', run: onKeys };
  // the handbook's pages are too many to be listed unasked
  const found =
    words.trim() === '' ? [...entries, keys] : foundBy(words, [...entries, keys, ...pages], ({ name, group }) => ({ name, text: group }));
  const groups = [...new Set(found.map(({ group }) => group))];
  const heading =
    '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[0.8125rem] [&_[cmdk-group-heading]]:text-ink-3';
  const item = 'cursor-pointer rounded-sm px-3 py-1.5 data-[selected=true]:bg-ground';
  return (
    <Command.Dialog
      open
      label="Command box"
      shouldFilter={false}
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
      overlayClassName="fixed inset-0 z-20 bg-black/40"
      contentClassName="fixed top-24 left-1/2 z-30 w-[min(32rem,94vw)] -translate-x-1/2 rounded-sm border border-line-strong bg-paper"
    >
      <Command.Input
        autoFocus
        value={words}
        onValueChange={setWords}
        placeholder="Where to, what to do?"
        className="w-full border-b border-line-strong bg-transparent px-3 py-2.5 text-lg outline-none"
      />
      <Command.List className="max-h-96 overflow-y-auto p-1">
        <Command.Empty className="px-3 py-2 text-ink-2">Nothing of that name.</Command.Empty>
        {groups.map((group) => (
          <Command.Group key={group} heading={group} className={heading}>
            {found
              .filter((entry) => entry.group === group)
              .map(({ name, run }) => (
                <Command.Item
                  key={name}
                  value={`${group} ${name}`}
                  className={item}
                  onSelect={() => {
                    run();
                    if (run !== onKeys) onClose();
                  }}
                >
                  {name}
                </Command.Item>
              ))}
          </Command.Group>
        ))}
      </Command.List>
    </Command.Dialog>
  );
}
