import { plainEntry } from '@eveningtide/core/log';
import type { Piece } from '@eveningtide/core/subjects';
import { formatNumber, gramsToOunces, recommendedCarWeightG, weightOffG, weightScaleFor } from '@eveningtide/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useState } from 'react';
import { ScalePanel, useGrams } from '../devices/scale-panel.js';
import { useBenchAir } from '../store/air.js';
import { useWriteLog } from '../store/log.js';
import { benchMoment, benchOffsetMin } from '../store/bench-clock.js';
import { Button } from '../ui/button.js';
import { Dialog } from '../ui/dialog.js';
import { NumberField, QuantityField } from '../ui/number-field.js';
import { notifyWithUndo } from '../ui/notify.js';

/** A load or a whole wagon on the scale: its weight into the log, and for rolling stock what the recommendation asks. */
export function WeighPieceDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const { write, takeBack } = useWriteLog();
  const air = useBenchAir();
  const grams = useGrams();
  const [panG, setPan] = useState(0);
  const [weighedG, setWeighed] = useState<number | null>(null);
  const [fromScale, setFromScale] = useState(false);
  const [lengthMm, setLength] = useState<number | null>(null);
  const rule = weightScaleFor(piece.scaleRatio);
  const wantedG = piece.kind === 'rolling-stock' && lengthMm !== null ? recommendedCarWeightG(rule.scale, lengthMm) : null;
  const verdict = weighedG !== null && wantedG !== null ? weightWords(weighedG, wantedG) : null;
  const note = (): string =>
    weighedG === null
      ? ''
      : [`Weighed: ${weighedG.toFixed(2)} g${fromScale ? ' (simulated scale)' : ''}`, verdict].filter((words) => words !== null).join('. ');
  const writeDown = (): void => {
    const entry = plainEntry({
      id: nanoid(16),
      kind: 'note',
      pieceId: piece.id,
      startedAt: benchMoment(),
      utcOffsetMin: benchOffsetMin(),
      air: air?.air ?? null,
      airFrom: air?.from ?? 'typed',
      note: `${note()}.`,
    });
    write(entry);
    notifyWithUndo(`Written to the log of ${piece.name}`, () => {
      takeBack(entry.id);
    });
    onClose();
  };
  return (
    <Dialog title={`Weigh ${piece.name}`} open onOpenChange={onClose}>
      <ScalePanel panG={panG} onPan={setPan} pours={[{ words: 'Take it off', to: () => 0 }]} />
      <div className="mt-3 flex items-end gap-3">
        <NumberField
          key={fromScale ? String(weighedG) : 'typed'}
          label="It weighs (g)"
          className="w-36"
          value={weighedG}
          min={0.01}
          max={20_000}
          onChange={(value) => {
            setWeighed(value);
            setFromScale(false);
          }}
        />
        <Button
          disabled={grams === null || grams <= 0}
          onClick={() => {
            setWeighed(grams);
            setFromScale(true);
          }}
        >
          Read the scale
        </Button>
      </div>
      {piece.kind === 'rolling-stock' && (
        <>
          <QuantityField
            label="Body length, without couplers"
            quantity="length"
            className="mt-3 w-60"
            value={lengthMm}
            min={5}
            max={2000}
            onChange={setLength}
          />
          {wantedG !== null && (
            <p role="status" className="mt-2">
              Recommended <b className="figures">{formatNumber(wantedG, 0)} g</b> ({formatNumber(gramsToOunces(wantedG), 1)} oz), by NMRA
              RP-20.1 for {rule.scale}
              {Math.abs(rule.ratio - piece.scaleRatio) > 1 && `, the scale nearest to 1:${formatNumber(piece.scaleRatio, 0)} that it knows`}
              .{verdict !== null && <b className="block">{verdict}.</b>}
            </p>
          )}
        </>
      )}
      <div className="mt-4 flex gap-2">
        <Button look="ink" disabled={weighedG === null} onClick={writeDown}>
          Write it to the log
        </Button>
      </div>
    </Dialog>
  );
}

/** What a weight is against the recommended one, in words. */
function weightWords(weighedG: number, wantedG: number): string {
  const off = weightOffG(weighedG, wantedG);
  if (off === 0) return 'As heavy as recommended';
  return off < 0 ? `${formatNumber(-off, 1)} g short of what is recommended` : `${formatNumber(off, 1)} g more than recommended`;
}
