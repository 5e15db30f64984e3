import { PIECE_KINDS, PIECE_KIND_NAMES, TEMPLATES, pieceFromTemplate, type PieceKind } from '@eveningtide/core/subjects';
import { useMemo, useState } from 'react';
import { foundBy } from '../find/find.js';
import { SearchField } from '../ui/search-field.js';
import { Silhouette } from '../looks/silhouette.js';

/** What a new piece is, chosen by its picture: all kinds, those of one sort, or what a few words find. */
export function KindPicker({ onChoose }: { onChoose: (templateId: string) => void }) {
  const [words, setWords] = useState('');
  const [sort, setSort] = useState<PieceKind | null>(null);
  const drawn = useMemo(
    () =>
      TEMPLATES.map((template) => ({
        template,
        piece: pieceFromTemplate(template, { id: template.id, name: template.name, scaleRatio: template.scaleRatio }),
      })),
    [],
  );
  const found = foundBy(
    words,
    drawn.filter(({ template }) => sort === null || template.kind === sort),
    ({ template: { name, kind } }) => ({ name, text: PIECE_KIND_NAMES[kind] }),
  );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        // who types takes the first
        if (found[0]) onChoose(found[0].template.id);
      }}
    >
      <div className="flex flex-wrap items-start gap-x-4">
        <SearchField label="Find a kind" placeholder="wagon, wall, load …" text={words} onChange={setWords} />
        <fieldset className="mb-3 flex flex-wrap gap-1.5">
          <legend className="sr-only">Only these</legend>
          {[null, ...PIECE_KINDS].map((kind) => (
            <button
              key={kind ?? 'all'}
              type="button"
              aria-pressed={sort === kind}
              className={`min-h-[2rem] rounded-sm border px-2 text-[0.875rem] ${sort === kind ? 'border-ink bg-field font-semibold' : 'border-line-strong'}`}
              onClick={() => {
                setSort(kind);
              }}
            >
              {kind === null ? 'All' : PIECE_KIND_NAMES[kind]}
            </button>
          ))}
        </fieldset>
      </div>
      {found.length === 0 && <p className="text-ink-2">No kind of that name. Take the nearest one: zones and sizes can be changed.</p>}
      <ul className="grid grid-cols-4 gap-2 max-[40rem]:grid-cols-2">
        {found.map(({ template, piece }) => (
          <li key={template.id}>
            <button
              type="button"
              className="flex h-full w-full flex-col items-center gap-1.5 rounded-sm border border-line bg-paper px-2 pt-3 pb-2 text-center leading-tight hover:border-ink"
              onClick={() => {
                onChoose(template.id);
              }}
            >
              <Silhouette piece={piece} widthPx={120} heightPx={56} />
              {template.name}
            </button>
          </li>
        ))}
      </ul>
    </form>
  );
}
