import { GROUND_STANCES, STANCE, type Planting } from '@eveningtide/core/planting';
import { LONGEST_STRIP_MM, LONGEST_TEXT, MOST_GLUED_BOARDS } from '@eveningtide/core/limits';
import type { Piece } from '@eveningtide/core/subjects';
import { usePiecesQuery } from '../store/api.js';
import { NumberField, SureNumberField } from '../ui/number-field.js';
import { ScaleField } from '../ui/scale-field.js';
import { SelectField } from '../ui/select-field.js';
import { TextField } from '../ui/text-field.js';

/** Stands for no piece: a ground of its own. */
const ALONE = '';

/** The piece's own measures, as the planting's: seen from above, or from the front. */
function sizeOn({ sizeMm, scaleRatio }: Piece, stance: Planting['stance']): Partial<Planting> {
  if (!sizeMm) return { scaleRatio };
  return { scaleRatio, lengthMm: sizeMm.lengthMm, widthMm: stance === 'base' ? sizeMm.widthMm : sizeMm.heightMm };
}

/** What is planted: a ground of its own, or a zone of a piece; its size and how it stands. */
export function GroundFields({ planting, onChange }: { planting: Planting; onChange: (given: Partial<Planting>) => void }) {
  const { data: stored = [] } = usePiecesQuery();
  const pieces = stored.map(({ piece }) => piece).filter(({ archivedOn }) => archivedOn === null);
  const piece = pieces.find(({ id }) => id === planting.pieceId);
  return (
    <div className="grid grid-cols-6 gap-x-3 gap-y-2 [&>*]:col-span-2 max-sm:[&>*]:col-span-3">
      <TextField
        label="Name of the planting"
        kept
        className="!col-span-3"
        value={planting.name}
        onChange={(name) => {
          onChange({ name });
        }}
      />
      <ScaleField
        className="!col-span-3"
        value={planting.scaleRatio}
        onChange={(scaleRatio) => {
          onChange({ scaleRatio });
        }}
      />
      <SelectField
        label="Ground"
        value={planting.stance}
        options={GROUND_STANCES.map((id) => ({ id, name: STANCE[id] }))}
        onChange={(stance) => {
          onChange({ stance });
        }}
      />
      <SureNumberField
        key={`length ${planting.pieceId ?? ''}`}
        label="Length (mm)"
        value={planting.lengthMm}
        min={1}
        max={LONGEST_STRIP_MM}
        onChange={(lengthMm) => {
          onChange({ lengthMm });
        }}
      />
      <SureNumberField
        key={`width ${planting.pieceId ?? ''}`}
        label={planting.stance === 'face' ? 'Height (mm)' : 'Depth (mm)'}
        value={planting.widthMm}
        min={1}
        max={LONGEST_STRIP_MM}
        onChange={(widthMm) => {
          onChange({ widthMm });
        }}
      />
      <SelectField
        label="Grows on"
        value={piece?.id ?? ALONE}
        options={[{ id: ALONE, name: 'a ground of its own' }, ...pieces.map(({ id, name }) => ({ id, name }))]}
        onChange={(id) => {
          const chosen = pieces.find((one) => one.id === id);
          onChange({
            pieceId: chosen?.id ?? null,
            zoneId: chosen?.zones.find(({ seen }) => seen !== 'never')?.id ?? null,
            ...(chosen ? sizeOn(chosen, planting.stance) : {}),
          });
        }}
      />
      {piece ? (
        <SelectField
          label="Zone"
          value={planting.zoneId ?? ''}
          options={piece.zones.map(({ id, name }) => ({ id, name }))}
          onChange={(zoneId) => {
            onChange({ zoneId });
          }}
        />
      ) : planting.stance === 'face' ? (
        <NumberField
          label="Glued of so many boards"
          usual="it stands already"
          value={planting.boards}
          min={2}
          max={MOST_GLUED_BOARDS}
          whole
          onChange={(boards) => {
            onChange({ boards });
          }}
        />
      ) : null}
      <TextField
        label="What for"
        className="!col-span-2"
        maxLength={LONGEST_TEXT}
        value={planting.note}
        onChange={(note) => {
          onChange({ note });
        }}
      />
    </div>
  );
}
