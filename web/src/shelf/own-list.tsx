import { materialById } from '@eveningtide/core/materials';
import { formatNumber } from '@eveningtide/core/units';
import { Pencil, Plus } from 'lucide-react';
import { useState } from 'react';
import type { StoredMaterial } from '../store/api.js';
import { Button } from '../ui/button.js';
import { Empty } from '../ui/states.js';
import { Swatch } from '../ui/swatch.js';
import { useSupplies } from '../workers/outlook-context.js';
import { OwnDialog } from './own-dialog.js';

/** Materials of the painter's own. The catalogue stays as it is. */
export function OwnList({ stored }: { stored: readonly StoredMaterial[] }) {
  const supplies = useSupplies();
  const [editing, setEditing] = useState<StoredMaterial | 'new' | null>(null);
  return (
    <>
      <div className="mb-3 flex items-center gap-4">
        <p className="max-w-prose text-ink-2">
          Where a bottle behaves unlike its kind, make a material of your own on top of it: it dries slower, shines more, needs a trial.
          Only what you tell differs.
        </p>
        <Button
          look="ink"
          className="ml-auto"
          onClick={() => {
            setEditing('new');
          }}
        >
          <Plus size={16} aria-hidden="true" /> Own material
        </Button>
      </div>
      {stored.length === 0 ? (
        <Empty title="None of your own yet">The catalogue serves until a bottle proves different.</Empty>
      ) : (
        <ul className="divide-y divide-line border-y border-line">
          {stored.map((one) => (
            <li key={one.material.id} className="flex items-center gap-3 px-2 py-2 hover:bg-paper">
              <Swatch colour={supplies.isMaterial(one.material.id) ? supplies.material(one.material.id).colour : '#888888'} size={18} />
              <div className="flex-1">
                <b className="font-semibold">{one.material.name}</b>
                <p className="text-ink-2">
                  like {materialById(one.material.like).name.toLowerCase()}
                  {one.material.dryingFactor !== null && `, dries ${formatNumber(one.material.dryingFactor, 2)} × as long`}
                  {one.material.sheenGu !== null && `, ${formatNumber(one.material.sheenGu, 0)} GU`}
                  {one.material.testFirst === true && ', needs a trial'}
                </p>
              </div>
              <button
                type="button"
                aria-label={`Change ${one.material.name}`}
                className="rounded-sm p-1.5 hover:bg-ground"
                onClick={() => {
                  setEditing(one);
                }}
              >
                <Pencil size={16} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
      )}
      {editing && (
        <OwnDialog
          stored={editing === 'new' ? null : editing}
          onClose={() => {
            setEditing(null);
          }}
        />
      )}
    </>
  );
}
