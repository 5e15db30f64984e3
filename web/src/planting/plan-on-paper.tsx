import type { Planting, PlantingFacts } from '@eveningtide/core/planting';
import { letterOf } from '../ui/letter.js';
import { ForPaper } from '../ui/for-paper.js';
import { PlanDrawing } from './plan-drawing.js';

/** What of a sheet of A4 is drawn on, mm; sheets that lie side by side share a strip to be glued over each other. */
const [SHEET_WIDE_MM, SHEET_HIGH_MM, OVERLAP_MM] = [180, 245, 5];

/** From where to where each of a row of sheets goes. */
function sheets(lengthMm: number, sheetMm: number): { fromMm: number; lengthMm: number }[] {
  const count = Math.max(1, Math.ceil((lengthMm - OVERLAP_MM) / (sheetMm - OVERLAP_MM)));
  return Array.from({ length: count }, (_, i) => {
    const fromMm = i * (sheetMm - OVERLAP_MM);
    return { fromMm, lengthMm: Math.min(sheetMm, lengthMm - fromMm) };
  });
}

/** The plan at true size, on as many sheets as it takes: pricked through, it marks holes and places. */
export function PlanOnPaper({ planting, facts }: { planting: Planting; facts: PlantingFacts }) {
  const columns = sheets(planting.lengthMm, SHEET_WIDE_MM);
  const rows = sheets(planting.widthMm, SHEET_HIGH_MM);
  return (
    <ForPaper>
      {() =>
        rows.map((row, j) =>
          columns.map((column, i) => {
            const called = `${letterOf(j)}${String(i + 1)}`;
            return (
              <div key={called} className="break-before-page">
                <p className="mb-1 print:text-sheet">
                  <b>{planting.name}</b>, true size; print without fitting to the page.
                  {rows.length * columns.length > 1 &&
                    ` Sheet ${called} of ${letterOf(rows.length - 1)}${String(columns.length)}; sheets overlap by ${String(OVERLAP_MM)} mm.`}
                </p>
                <PlanDrawing
                  planting={planting}
                  standing={facts.standing}
                  growths={planting.growths}
                  words={`Sheet ${called} of the plan`}
                  part={{ xMm: column.fromMm, yMm: row.fromMm, widthMm: column.lengthMm, heightMm: row.lengthMm }}
                  atTrueSize
                />
              </div>
            );
          }),
        )
      }
    </ForPaper>
  );
}
