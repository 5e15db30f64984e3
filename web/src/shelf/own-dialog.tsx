import { MATERIALS, materialById, type Material, type OwnMaterial } from '@eveningtide/core/materials';
import { touchedBy } from '@eveningtide/core/plan-file';
import { LONGEST_TEXT } from '@eveningtide/core/limits';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import {
  useDeleteMaterialMutation,
  usePiecesQuery,
  useRestoreDeletedMutation,
  useSaveMaterialMutation,
  type StoredMaterial,
} from '../store/api.js';
import { Button } from '../ui/button.js';
import { Check } from '../ui/check.js';
import { ColourField } from '../ui/colour-field.js';
import { Dialog } from '../ui/dialog.js';
import { Field } from '../ui/field.js';
import { NumberField } from '../ui/number-field.js';
import { TextField } from '../ui/text-field.js';
import { ROLES, ROLE_NAMES } from '../ui/roles.js';
import { notifyDeleted, notifyFailure } from '../ui/notify.js';

const NEW: Omit<OwnMaterial, 'id'> = {
  name: '',
  like: 'acrylic-matt',
  colour: null,
  sheenGu: null,
  volumeSolidsPct: null,
  dryingFactor: null,
  minFilmC: null,
  lifeMonths: null,
  driesLighter: null,
  testFirst: null,
  note: '',
};

export function OwnDialog({ stored, onClose }: { stored: StoredMaterial | null; onClose: () => void }) {
  const [own, setOwn] = useState<OwnMaterial>(() => stored?.material ?? { id: nanoid(12), ...NEW });
  const { data: pieces } = usePiecesQuery();
  const [save, { isLoading }] = useSaveMaterialMutation();
  const [remove] = useDeleteMaterialMutation();
  const [restore] = useRestoreDeletedMutation();
  const base = materialById(own.like);
  const set = (given: Partial<OwnMaterial>) => {
    setOwn({ ...own, ...given });
  };
  const touches = touchedBy(pieces?.map(({ piece }) => piece) ?? [], { material: own.id });
  const noName = own.name.trim() === '';
  const told = (error: unknown, what: string) => {
    notifyFailure(what, error);
  };
  const keep = async () => {
    try {
      await save({ version: stored?.version ?? 0, material: { ...own, name: own.name.trim() } }).unwrap();
      onClose();
    } catch (error) {
      told(error, 'The material was not saved');
    }
  };
  const throwAway = async () => {
    try {
      await remove(own.id).unwrap();
      onClose();
      notifyDeleted(`${own.name} deleted`, { kind: 'material', id: own.id }, restore);
    } catch (error) {
      told(error, `${own.name} stays`);
    }
  };
  return (
    <Dialog
      title={stored ? stored.material.name : 'A material of your own'}
      note="Empty means: as the kind it is like."
      open
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <form
        className="grid grid-cols-6 gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!noName) void keep();
        }}
      >
        <TextField
          label="Name"
          className="col-span-3"
          value={own.name}
          onChange={(name) => {
            set({ name });
          }}
        />
        <LikeField
          value={own.like}
          onChange={(like) => {
            set({ like });
          }}
        />
        <Figures own={own} base={base} onChange={set} />
        <ColourField
          label="Colour"
          className="col-span-2"
          value={own.colour ?? base.colour}
          onChange={(colour) => {
            set({ colour: colour });
          }}
        />
        <Check
          className="col-span-3"
          checked={own.driesLighter ?? base.driesLighter}
          onChange={(driesLighter) => {
            set({ driesLighter });
          }}
        >
          dries lighter than it looks wet
        </Check>
        <Check
          className="col-span-3"
          checked={own.testFirst ?? base.testFirst ?? false}
          onChange={(testFirst) => {
            set({ testFirst });
          }}
        >
          needs a trial on scrap first
        </Check>
        <TextField
          label="Note"
          className="col-span-6"
          maxLength={LONGEST_TEXT}
          value={own.note}
          onChange={(note) => {
            set({ note });
          }}
        />
        {stored && touches.length > 0 && (
          <p className="col-span-6 border-l-4 border-line-strong bg-paper px-3 py-1.5">
            A change is recalculated on {touches.map(({ name, steps }) => `${name}, step ${steps.join(', ')}`).join('; ')}.
          </p>
        )}
        <div className="col-span-6 flex gap-2">
          {stored && (
            <Button
              onClick={() => {
                void throwAway();
              }}
            >
              Delete it
            </Button>
          )}
          <span className="flex-1" />
          <Button onClick={onClose}>Cancel</Button>
          <Button look="ink" type="submit" disabled={noName || isLoading}>
            Save
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** The material of the catalogue that it is like. */
function LikeField({ value, onChange }: { value: string; onChange: (like: string) => void }) {
  return (
    <Field label="Like" className="col-span-3">
      {(ids) => (
        <select
          {...ids}
          className="field"
          value={value}
          onChange={(event) => {
            onChange(event.target.value);
          }}
        >
          {ROLES.filter((role) => role !== 'thinner').map((role) => (
            <optgroup key={role} label={ROLE_NAMES[role]}>
              {MATERIALS.filter((material) => material.role === role).map((material) => (
                <option key={material.id} value={material.id}>
                  {material.name}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      )}
    </Field>
  );
}

/** Figures that may be other than those of the kind it is like. */
const FIGURES: readonly { name: OwnFigure; label: string; min: number; max: number }[] = [
  { name: 'dryingFactor', label: 'Drying times ×', min: 0.1, max: 20 },
  { name: 'sheenGu', label: 'Sheen (GU at 60°)', min: 0, max: 100 },
  { name: 'volumeSolidsPct', label: 'Volume solids (%)', min: 0.1, max: 100 },
  { name: 'minFilmC', label: 'Not below (°C)', min: -10, max: 40 },
  { name: 'lifeMonths', label: 'Lasts open (months)', min: 1, max: 600 },
];

type OwnFigure = 'dryingFactor' | 'sheenGu' | 'volumeSolidsPct' | 'minFilmC' | 'lifeMonths';

function Figures({ own, base, onChange }: { own: OwnMaterial; base: Material; onChange: (given: Partial<OwnMaterial>) => void }) {
  const usual: Record<OwnFigure, number | null> = { ...base, dryingFactor: 1 };
  return FIGURES.map(({ name, label, min, max }) => (
    <div key={name} className="col-span-2">
      <NumberField
        label={label}
        value={own[name]}
        usual={usual[name] === null ? 'none' : String(usual[name])}
        min={min}
        max={max}
        onChange={(value) => {
          onChange({ [name]: value });
        }}
      />
    </div>
  ));
}
