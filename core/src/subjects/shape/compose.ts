import { VIEW_IDS, type Patch, type Point, type Shape, type View, type ViewId } from '../drawing.js';
import { cutBy } from './clip.js';

/** Where a body goes: on what is there, in its middle · below it · beside it, on the same ground. */
export const WHERES = ['on', 'below', 'beside'] as const;
export type Where = (typeof WHERES)[number];

/** Between what stands side by side, as a share of what is there, and at least mm (our numbers). */
const GAP_SHARE = 0.05;
const LEAST_GAP_MM = 2;

const VIEW_NAMES: Readonly<Record<ViewId, string>> = { side: 'Side', end: 'End', top: 'Top' };
const NOTHING: Shape = {
  views: VIEW_IDS.map((id) => ({ id, name: VIEW_NAMES[id], widthMm: 0, heightMm: 0, patches: [], lines: [] })),
  hidden: [],
};

const viewOf = (shape: Shape, id: ViewId): View =>
  shape.views.find((view) => view.id === id) ?? (NOTHING.views[VIEW_IDS.indexOf(id)] as View);

function moved(view: View, xMm: number, yMm: number): View {
  const by = (outline: readonly Point[]): Point[] => outline.map((point) => ({ xMm: point.xMm + xMm, yMm: point.yMm + yMm }));
  return {
    ...view,
    patches: view.patches.map((patch) => ({ ...patch, outline: by(patch.outline), holes: patch.holes.map(by) })),
    lines: view.lines.map(by),
  };
}

/** Where the upper left of both goes when they are put together: what is there first, the body second. */
function placesOf(id: ViewId, there: View, body: View, where: Where): { size: [number, number]; at: [[number, number], [number, number]] } {
  const [width, height] = [Math.max(there.widthMm, body.widthMm), Math.max(there.heightMm, body.heightMm)];
  const middle = (view: View): [number, number] => [(width - view.widthMm) / 2, (height - view.heightMm) / 2];
  if (where === 'beside') {
    const left = there.widthMm === 0 ? 0 : there.widthMm + Math.max(LEAST_GAP_MM, there.widthMm * GAP_SHARE);
    // on one ground from the side, on one front edge from above
    const down = (view: View): number => height - view.heightMm;
    return {
      size: [left + body.widthMm, height],
      at: [
        [0, down(there)],
        [left, down(body)],
      ],
    };
  }
  if (id === 'top') return { size: [width, height], at: [middle(there), middle(body)] };
  const [upper, lower] = where === 'on' ? [body, there] : [there, body];
  const at: [[number, number], [number, number]] = [
    [middle(there)[0], where === 'on' ? upper.heightMm : 0],
    [middle(body)[0], where === 'on' ? 0 : upper.heightMm],
  ];
  return { size: [width, upper.heightMm + lower.heightMm], at };
}

/** What stands on something covers it: that much of it is no surface any more. Seen again, or drawn only, it stays. */
const uncovered = (patches: readonly Patch[], by: readonly Patch[]): Patch[] =>
  patches.flatMap((patch) =>
    patch.count === 0
      ? [patch]
      : cutBy(
          patch,
          by.map(({ outline }) => outline),
        ).left.map((left) => ({ ...patch, ...left })),
  );

function together(id: ViewId, shape: Shape, body: Shape, where: Where): View {
  const [there, added] = [viewOf(shape, id), viewOf(body, id)];
  const { size, at } = placesOf(id, there, added, where);
  const [old, own] = [moved(there, ...at[0]), moved(added, ...at[1])];
  const patches =
    where === 'below'
      ? [...(id === 'top' ? uncovered(own.patches, old.patches) : own.patches), ...old.patches]
      : [...(id === 'top' && where === 'on' ? uncovered(old.patches, own.patches) : old.patches), ...own.patches];
  return {
    id,
    name: there.widthMm > 0 ? there.name : added.name,
    widthMm: size[0],
    heightMm: size[1],
    patches,
    lines: [...old.lines, ...own.lines],
  };
}

/** A shape with another on it, below it or beside it. What one covers of the other's top is no surface any more. */
export const composed = (shape: Shape | null, body: Shape, where: Where): Shape => ({
  views: VIEW_IDS.map((id) => together(id, shape ?? NOTHING, body, where)),
  hidden: [...(shape?.hidden ?? []), ...body.hidden],
});

/** The same shape with its zones called otherwise. */
export const withZoneIds = ({ views, hidden }: Shape, idOf: (key: string) => string): Shape => ({
  views: views.map((view) => ({ ...view, patches: view.patches.map((patch) => ({ ...patch, zoneId: idOf(patch.zoneId) })) })),
  hidden: hidden.map((one) => ({ ...one, zoneId: idOf(one.zoneId) })),
});
