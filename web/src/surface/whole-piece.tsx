import { strokesOfAll, type SequenceProblem, type ZoneStrokes } from '@eveningtide/core/sequence';
import { elevationsOf, type Piece, type View } from '@eveningtide/core/subjects';
import type { Lamp } from '@eveningtide/core/surface';
import { techniqueById } from '@eveningtide/core/techniques';
import { Eye, FlaskConical } from 'lucide-react';
import { useMemo, useState } from 'react';
import { changeWords, spoiltWords } from '../looks/change-words.js';
import { ElevationPicture } from '../looks/elevation-picture.js';
import { scaleFor } from '../looks/elevation-scale.js';
import { doneAfter, sequenceOf } from '../looks/look.js';
import { placesAt } from '../looks/places-at.js';
import { useHarms } from '../looks/use-harms.js';
import { useFocus } from '../pieces/focus.js';
import { SectionPanel, cutAt } from '../pieces/section-panel.js';
import { Button } from '../ui/button.js';
import { Hold } from '../ui/hold.js';
import { Empty } from '../ui/states.js';
import { useSupplies } from '../workers/outlook-context.js';
import { ContactSheet } from './contact-sheet.js';
import { AlongSteps, LookControls } from './look-controls.js';
import { WIDTHS, widths } from './true-size.js';
import { ZoneOutlines } from './zone-outlines.js';

/** The largest view is drawn so large, and all of them with so many pixels: layers of each step are kept (our numbers). */
const [WIDTH_PX, HEIGHT_PX, MOST_PX] = [760, 420, 420_000];

/** All of a piece as it will look, along its steps. */
export function WholePiece({ piece, onZone }: { piece: Piece; onZone: (zoneId: string) => void }) {
  const supplies = useSupplies();
  const harms = useHarms(piece.id);
  const problem = useMemo(() => sequenceOf(piece, supplies, null), [piece, supplies]);
  const strokes = useMemo(() => strokesOfAll(problem, harms), [problem, harms]);
  const views = useMemo(() => elevationsOf(piece), [piece]);
  const [seed, setSeed] = useState(1);
  const [lamp, setLamp] = useState<Lamp>('day');
  const [isBefore, setBefore] = useState(false);
  const [chosen, setChosen] = useState<number | null>(null);
  if (views.length === 0 || piece.steps.length === 0) return <NothingToSee piece={piece} isDrawn={views.length > 0} />;
  const at = Math.min(chosen ?? lastSeen(piece, problem, strokes), piece.steps.length);
  const shown = isBefore ? Math.max(0, at - 1) : at;
  const words = shown === 0 ? 'as it comes' : `after step ${String(shown)}, ${nameOf(piece, shown)}`;
  const look = { strokes, untilStep: doneAfter(piece, problem, shown), lamp };
  const laid = [...strokes.values()].flatMap((zone) => zone.strokes.filter(({ stepIndex }) => stepIndex < look.untilStep));
  const guesses = laid.some(({ hides, colourTold }) => hides !== null && !colourTold);
  return (
    <>
      <LookControls
        lamp={lamp}
        onLamp={setLamp}
        another="Another one like it"
        onAnother={() => {
          setSeed(seed + 1);
        }}
      >
        <Hold disabled={at === 0} onHold={setBefore}>
          <Eye size={16} aria-hidden="true" /> Hold: before this step
        </Hold>
      </LookControls>
      <AlongSteps label="Along the steps" words={words} value={at} max={piece.steps.length} onChange={setChosen} />
      <div className="grid gap-x-8 min-[64rem]:grid-cols-[minmax(0,1fr)_21rem] print:block">
        <div>
          <Views piece={piece} views={views} look={look} seed={seed} words={words} />
          <Changes piece={piece} problem={problem} strokes={strokes} at={at} />
        </div>
        {shown > 0 && <Stack piece={piece} stepId={piece.steps[shown - 1]?.id ?? null} onZone={onZone} />}
      </div>
      <ContactSheet piece={piece} view={views[0]} look={look} />
      <p className="mt-3 text-[0.8125rem] text-ink-2">
        <span className="no-print">Press a zone to see what lies on it. </span>Predicted from the same amounts as everything else; a trial
        on a scrap tells.{guesses && ' Some colours were never said: the catalogue’s stand for them.'}
      </p>
    </>
  );
}

/** The last step that changes what is seen: after it come clean treads and a look at it all. */
function lastSeen(piece: Piece, problem: SequenceProblem, strokes: ReadonlyMap<string, ZoneStrokes>): number {
  const last = Math.max(...[...strokes.values()].map((zone) => zone.strokes.at(-1)?.stepIndex ?? -1));
  const at = piece.steps.findIndex((_, i) => doneAfter(piece, problem, i + 1) > last);
  return last < 0 || at < 0 ? piece.steps.length : at + 1;
}

const nameOf = ({ steps }: Piece, at: number): string => techniqueById(steps[at - 1]?.technique ?? '').name.toLowerCase();

interface ViewsProps {
  piece: Piece;
  views: readonly View[];
  look: { strokes: ReadonlyMap<string, ZoneStrokes>; untilStep: number; lamp: Lamp };
  seed: number;
  words: string;
}

/** Every view at one scale; a zone is pressed to be cut through. */
function Views({ piece, views, look, seed, words }: ViewsProps) {
  const { zoneId, setZone } = useFocus();
  const pxPerMm = 1 / scaleFor(views, WIDTH_PX, HEIGHT_PX);
  const all = views.reduce((sum, { widthMm, heightMm }) => sum + widthMm * heightMm, 0) * pxPerMm ** 2;
  const fine = Math.sqrt(Math.min(window.devicePixelRatio ** 2, MOST_PX / Math.max(1, all)));
  const widestMm = Math.max(...views.map(({ widthMm }) => widthMm));
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
      {views.map((view) => (
        <figure
          key={view.id}
          className={WIDTHS}
          style={widths(`min(${String(view.widthMm * pxPerMm)}px, ${String((100 * view.widthMm) / widestMm)}%)`, view.widthMm)}
        >
          <div className="relative">
            <ElevationPicture
              place={`whole ${view.id}`}
              piece={piece}
              view={view}
              {...look}
              seed={seed}
              pxPerMm={pxPerMm * fine}
              words={`${view.name} of ${piece.name}, predicted ${words}`}
              className="block h-auto w-full"
            />
            <ZoneOutlines piece={piece} view={view} chosen={zoneId} onZone={setZone} />
          </div>
          <figcaption className="text-[0.8125rem] text-ink-3">{view.name}</figcaption>
        </figure>
      ))}
    </div>
  );
}

/** What lies on the zone that was pressed, cut through, and the way to its test card. */
function Stack({ piece, stepId, onZone }: { piece: Piece; stepId: string | null; onZone: (zoneId: string) => void }) {
  const { zone } = cutAt(piece, useFocus().zoneId);
  if (!zone) return null;
  return (
    <section aria-label="What lies there" className="no-print sticky top-32 mt-3 self-start border border-line-strong bg-paper">
      <SectionPanel piece={piece} openStepId={stepId} />
      <div className="px-4 py-2.5">
        <Button
          onClick={() => {
            onZone(zone.id);
          }}
        >
          <FlaskConical size={16} aria-hidden="true" /> Try its steps on a card
        </Button>
      </div>
    </section>
  );
}

/** So many zones are told of; the others change as these do. */
const MOST_TOLD = 4;

/** What the step changes, zone by zone, in words. */
function Changes({
  piece,
  problem,
  strokes,
  at,
}: {
  piece: Piece;
  problem: SequenceProblem;
  strokes: ViewsProps['look']['strokes'];
  at: number;
}) {
  const [from, to] = [doneAfter(piece, problem, at - 1), doneAfter(piece, problem, at)];
  const told = piece.zones.flatMap(({ id, name }) => {
    const own = strokes.get(id);
    if (!own) return [];
    const [before, after] = [from, to].map((until) => own.strokes.filter(({ stepIndex }) => stepIndex < until).length);
    if (before === undefined || after === undefined || before === after) return [];
    const harm = spoiltWords(own, before, after);
    const change = changeWords(placesAt(own, before), placesAt(own, after));
    return [{ id, name, words: harm === '' ? change : `${harm}; ${change}` }];
  });
  if (at === 0) return null;
  if (told.length === 0) return <p className="no-print mt-3">Nothing to be seen changes with this step.</p>;
  return (
    <ul className="mt-3" aria-label="What this step changes">
      {told.slice(0, MOST_TOLD).map(({ id, name, words }) => (
        <li key={id}>
          <b>{name}:</b> {words}.
        </li>
      ))}
      {told.length > MOST_TOLD && <li className="text-ink-2">and {told.length - MOST_TOLD} zones more</li>}
    </ul>
  );
}

const NothingToSee = ({ piece, isDrawn }: { piece: Piece; isDrawn: boolean }) =>
  isDrawn ? (
    <Empty title="Nothing is painted here yet" go={{ to: `/pieces/${piece.id}`, words: 'To the sequence' }}>
      Add steps to the sequence: how the piece will look after each of them is painted here.
    </Empty>
  ) : (
    <Empty title="This piece is not drawn yet" go={{ to: `/pieces/${piece.id}`, words: 'To the piece' }}>
      Give it its length, width and height, and its sides are painted here. A test card needs none.
    </Empty>
  );
