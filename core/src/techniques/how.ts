/** How a technique is done at the bench. */
export interface HowTo {
  /** In order; each begins with what to do. */
  steps: readonly string[];
  /** How it is seen that it is right. */
  right: string;
}

/** One for each technique of the catalogue; common practice throughout. */
export const HOW_TO: Readonly<Record<string, HowTo>> = {
  'spray-coat': {
    steps: [
      'Shake the can for two minutes, and warm it in the hand.',
      'Begin beside the piece, draw the spray across at a hand’s width, end beyond it.',
      'Lay a mist first, then a thin coat that just wets; turn the piece, not the can.',
    ],
    right: 'Even and wet for a moment, every edge still sharp.',
  },
  'airbrush-coat': {
    steps: [
      'Thin it like milk and try it on paper.',
      'Air first, then paint; keep the brush moving, closer for a finer line.',
      'Lay several thin passes, each touch-dry before the next.',
      'Spray clean thinner through it before you put it down.',
    ],
    right: 'Covered without a run, and no rough grain under the finger.',
  },
  'airbrush-zenithal': {
    steps: [
      'Hold the brush above the piece, where the sun would stand.',
      'Lay thin mists from that side only.',
      'Stop while what looks down is still dark.',
    ],
    right: 'It looks lit from above, also under the room’s lamp.',
  },
  'brush-coat': {
    steps: [
      'Take the widest flat brush that fits, loaded to half its hair.',
      'Lay it on, then draw it out in one direction with light strokes.',
      'Leave it alone as soon as it drags, and lay the second coat across when it is dry.',
    ],
    right: 'No ridge at the edges and no bare streak.',
  },
  'clear-coat': {
    steps: [
      'Stir until nothing clings to the stick; thin as the label says.',
      'Take the dust off with a soft brush.',
      'Lay it thin and even, two coats rather than one.',
    ],
    right: 'One sheen over all, seen at a low angle.',
  },
  fix: {
    steps: [
      'Spray from far, so that it falls on the powder and does not blow it off.',
      'Or touch a wet brush to the edge and let it creep in.',
      'Let it dry before you judge the tone.',
    ],
    right: 'A finger comes away clean, and the bloom of the powder is still there.',
  },
  'force-dry': {
    steps: [
      'Set the dryer to cool and little wind.',
      'Keep it a forearm away and moving.',
      'Test with the back of a finger where nobody looks.',
    ],
    right: 'Dull all over, nothing soft, nothing warm.',
  },
  'powder-dry': {
    steps: [
      'Take a little on a soft dry brush and tap it off.',
      'Stipple or stroke it where dust settles: ledges, corners, downwards from them.',
      'Tap the piece, and lift what is too much with a clean brush; do not blow.',
    ],
    right: 'It lies in the pores and on what faces up, and does not look painted.',
  },
  'powder-slurry': {
    steps: [
      'Stir powder into its liquid until it runs slowly.',
      'Let it flow into corners and stir each time the brush goes in.',
      'Dry, then brush off what stands too high.',
    ],
    right: 'Thick in the corners, thin on the way there.',
  },
  'stipple-paste': {
    steps: [
      'Take little on an old stiff brush.',
      'Set it on with the tip, turning the brush each time.',
      'Pull it thin towards its edge with a damp brush.',
    ],
    right: 'No brush stroke and no step at the edge.',
  },
  glue: {
    steps: [
      'Lay it only as far as can be strewn before it skins.',
      'Work it into corners and keep it off what stays clean.',
      'Strew at once.',
    ],
    right: 'Wet and even, without a puddle.',
  },
  scatter: {
    steps: [
      'Let it fall from a sieve or a folded paper onto the wet glue.',
      'Press it lightly where it is to lie close.',
      'Leave it until the glue is hard, then tip off and keep what is loose.',
    ],
    right: 'No glue shines through, and nothing is in a heap that was not meant.',
  },
  plant: {
    steps: [
      'Touch the foot of each to a drop of glue.',
      'Set them singly, in groups of odd number, where water would gather.',
      'Straighten them before the glue holds.',
    ],
    right: 'They seem to have grown, not to have been set in a row.',
  },
  wet: {
    steps: ['Let alcohol or soapy water fall in drops beside what lies loose.', 'Wait until it has crept through; do not touch it.'],
    right: 'Dark all through, nothing has floated.',
  },
  'flood-glue': {
    steps: [
      'Wet it first, so that the glue runs in.',
      'Let thin glue in from the edge, drop by drop, until it stands white below.',
      'Leave it flat overnight.',
    ],
    right: 'Firm to the finger, dull, no grain comes loose.',
  },
  sponge: {
    steps: [
      'Tear a piece of fine foam; do not cut it.',
      'Dip it, and dab most of it off on paper.',
      'Touch edges and what is often knocked; turn the foam each time.',
    ],
    right: 'Small ragged marks, no two alike, most of them at edges.',
  },
  scrape: {
    steps: [
      'Load the tip of a blade or card with a little paint.',
      'Draw it along the edge, hardly touching.',
      'Stop after a few, and look from where it will be seen.',
    ],
    right: 'Thin bright lines just on the edge.',
  },
  chip: {
    steps: [
      'Wet a spot and wait half a minute.',
      'Work it with a stiff brush or a pick, at edges first.',
      'Dab dry often; stop before you think it is enough.',
      'Let it dry wholly before anything wet comes.',
    ],
    right: 'Edges curl off to just what lies below, the rest holds.',
  },
  drybrush: {
    steps: [
      'Load a soft flat brush and wipe nearly all of it off.',
      'Stroke across the relief, quickly and without weight.',
      'Lighten the tone and take less each time.',
    ],
    right: 'Only what stands out has caught it, and no stroke shows on the flat.',
  },
  'edge-highlight': {
    steps: [
      'Use the side of a fine brush, thinned paint, little of it.',
      'Pull it along the edge, do not draw with the tip.',
      'Only edges that light would meet.',
    ],
    right: 'A hair’s breadth, and broken here and there.',
  },
  'line-draw': {
    steps: ['Try pen or pencil on the same sheen first.', 'Draw along an edge or a groove that leads it.', 'Seal it when it is dry.'],
    right: 'One even line without a blot at its ends.',
  },
  decal: {
    steps: [
      'Cut close, soak until it slides, and set it onto a wet gloss.',
      'Push it to its place and draw the water out with a corner of paper.',
      'Touch setting liquid to it and leave it alone.',
    ],
    right: 'No silver under it, planks and rivets show through.',
  },
  'prep-mechanical': {
    steps: [
      'Try couplers, wheels and weight on the track before any paint.',
      'File off flash and mould lines, clear holes.',
      'Mend what wobbles now.',
    ],
    right: 'It rolls, couples and stands straight.',
  },
  scribe: {
    steps: [
      'Lay a steel rule or tape along the line.',
      'Draw the scriber without weight, several times.',
      'Take the burr off with fine paper.',
    ],
    right: 'Same depth along its length, no second line beside it.',
  },
  cut: {
    steps: [
      'Mark it, and clamp or hold it flat.',
      'Cut away from the hand that holds, in several light passes.',
      'Dress the edge with a file.',
    ],
    right: 'Square, and on the line.',
  },
  carve: {
    steps: [
      'Draw the shape on two faces.',
      'Take off large pieces first, then along the strata.',
      'Break edges by hand where it is to look broken.',
    ],
    right: 'It reads as stone from an arm’s length, without paint.',
  },
  laminate: {
    steps: ['Glue both faces thinly, not to the edge.', 'Stack, press and keep it flat.', 'Wait until it is hard before you carve.'],
    right: 'No gap when it is bent a little.',
  },
  fill: {
    steps: ['Wet or prime what drinks.', 'Press it in with a blade, a little proud.', 'When hard, take it down level.'],
    right: 'The finger does not find the seam.',
  },
  pin: {
    steps: ['Drill both parts for the same wire.', 'Glue the wire into one, try the fit dry.', 'Glue the other.'],
    right: 'It holds when it is lifted by that part.',
  },
  weight: {
    steps: ['Glue lead-free weight low and in the middle.', 'Keep it clear of axles and couplers.', 'Weigh it again.'],
    right: 'It comes to the weight that was wanted and does not tip.',
  },
  clean: {
    steps: [
      'Wash with lukewarm water and a drop of detergent, with a soft brush.',
      'Rinse, shake off, and do not touch the faces any more.',
      'Let it dry wholly.',
    ],
    right: 'Water runs off in a film and not in pearls.',
  },
  abrade: {
    steps: ['Stroke along the grain or fully flat, wet where dust harms.', 'Go lightly near edges.', 'Wash the dust off.'],
    right: 'Dull all over, no shining spot left.',
  },
  mask: {
    steps: [
      'Burnish the edge of the tape with a round stick.',
      'Close it further out with old tape or fluid.',
      'Seal the edge with a mist of what lies below.',
    ],
    right: 'No light between tape and piece.',
  },
  unmask: {
    steps: [
      'Wait until the coat is no longer wet, but not for days.',
      'Pull the tape back on itself, slowly.',
      'Cut along it first where the coat is thick.',
    ],
    right: 'A clean edge, and nothing came along.',
  },
  'take-off': {
    steps: ['Look where it is held, and push from inside.', 'Put small parts into a labelled box.'],
    right: 'Nothing broke, and all of it is in the box.',
  },
  refit: {
    steps: ['Try it dry.', 'Use a glue that does not fog clear parts.', 'Hold it until it stands by itself.'],
    right: 'It sits as before, without a fingerprint.',
  },
  'clean-treads': {
    steps: ['Wipe treads and contacts with a cloth and a little spirit.', 'Roll it by hand on a cloth to see whether it is clean.'],
    right: 'Bright metal, and no line on the cloth.',
  },
  polish: {
    steps: ['Rub lightly with a soft cloth, in one direction.', 'Stop as soon as it gleams.'],
    right: 'It shines where hands and wheels would rub it.',
  },
  inspect: {
    steps: [
      'Put it where it will stand, at eye level, in that light.',
      'Look for a minute, then look away and look again.',
      'Write down what stands out before you mend it.',
    ],
    right: 'Nothing draws the eye that should not.',
  },
  filter: {
    steps: [
      'Thin it until it hardly tints the water.',
      'Damp the brush, wipe it once, and stroke the whole face.',
      'Do not let it gather in corners.',
    ],
    right: 'The tone has shifted, and you cannot say where.',
  },
  wash: {
    steps: [
      'Lay it on with a full brush, face by face.',
      'Tilt the piece so that it runs into the grooves.',
      'Take up what gathers with a brush wiped dry, before it forms a rim.',
    ],
    right: 'Dark in the grooves, the flat hardly changed, no tide mark.',
  },
  'pin-wash': {
    steps: [
      'Wet the tip of a fine brush and touch it to the groove.',
      'Let it run along by itself.',
      'Take the rest up with a brush damp with thinner.',
    ],
    right: 'A thin line in each groove and nothing beside it.',
  },
  blend: {
    steps: [
      'Take a clean brush damp with the right thinner.',
      'Stroke the edge of what is still wet, outwards.',
      'Wipe the brush after every stroke.',
    ],
    right: 'No edge, and the middle is still strong.',
  },
  'wet-blend': {
    steps: [
      'Lay both tones beside each other, both wet.',
      'Stroke across the seam, from the lighter to the darker.',
      'Stop as soon as it drags.',
    ],
    right: 'One runs into the other without a step.',
  },
  'draw-out': {
    steps: [
      'Set small dots.',
      'After some minutes pull them down with a flat brush, just damp with thinner.',
      'Pull some far and some hardly.',
    ],
    right: 'They fade downwards and are nearly gone at the end.',
  },
  'wipe-back': {
    steps: [
      'Wait until the wash is dull but still soft.',
      'Wipe in the direction of rain or of the hand, with a cloth or foam that is just damp.',
      'Turn the cloth often.',
    ],
    right: 'Clean on what stands out, dark in what lies deep.',
  },
  speckle: {
    steps: [
      'Load a stiff brush, wipe it once.',
      'Flick it off a stick, from far for fine dots; try on paper.',
      'Cover what must stay clean.',
    ],
    right: 'Dots of several sizes, none in a row.',
  },
  streak: {
    steps: [
      'Set a small dot where it comes from.',
      'Pull it down in one stroke with a fine brush.',
      'Fade its lower end with thinner while it is wet.',
    ],
    right: 'It begins at something and follows how the piece stands.',
  },
};
