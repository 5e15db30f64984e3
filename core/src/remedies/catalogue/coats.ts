import {
  ABRADE_AND_AGAIN,
  MAKE_IT_A_CHIP,
  MIST_OWN_THINNER,
  TOUCH_UP,
  WIPE_BACK,
  again,
  isHard,
  notHardYet,
  ownThinner,
  young,
} from '../drafts.js';
import type { Trouble } from '../types.js';
import { effectOf, isFilm, isSprayed, isTint, leavesMarks, roleIs } from './fits.js';

/** Troubles with coats: colour, primer, clear, and what they did to what lies below. The gentlest remedy first. Common practice; so are the reasons. */
export const COATS: readonly Trouble[] = [
  {
    id: 'fogged-clear',
    name: 'Fogged clear coat',
    sign: 'A clear coat has dried milky',
    warnedBy: ['climate'],
    fits: roleIs('clear', 'fixer'),
    remedies: [
      {
        id: 'wait-warm',
        words: 'Leave it warm and dry for some hours: what is only damp clears by itself',
        tooLate: (met) => (isHard(met) ? 'it is hard: what is milky now stays so' : null),
      },
      MIST_OWN_THINNER,
      {
        id: 'gloss-then-matt',
        words: 'When it is hard, one thin gloss coat, which makes it clear again, then the sheen that is wanted',
        tooLate: notHardYet,
        steps: (met) => [
          { technique: 'clear-coat', material: 'clear-gloss-acrylic', coats: 1 },
          { ...again(met), coats: 1 },
        ],
      },
    ],
    worse: ['More of the same clear at once: the damp is shut in.'],
    nextTime: ['Not above 70 % humidity; shake the bottle until nothing lies at its foot.', 'Thin coats, and let each flash off.'],
  },
  {
    id: 'lifted-paint',
    name: 'Lifted paint',
    sign: 'What lies below comes up under the brush',
    warnedBy: ['too-soon', 'solvent-lifts-layer', 'between-windows'],
    fits: (met) => isTint(met) || isFilm(met) || effectOf(met) === 'wet' || ['blend', 'wipe-back', 'decal'].includes(met.step.technique),
    remedies: [
      {
        id: 'stop-and-dry',
        words: 'Stop. Do not wipe. Leave it until it is hard, then look how much is lost',
        tooLate: (met) => (isHard(met) ? 'it is hard already' : null),
      },
      TOUCH_UP,
      MAKE_IT_A_CHIP,
    ],
    worse: ['Going over it again now, and thinner of any kind.'],
    nextTime: [
      'A clear coat between the paint and anything that its thinner is in.',
      'Wait until the layer below is solvent-proof, not only dry.',
    ],
  },
  {
    id: 'fingerprint',
    name: 'Fingerprint',
    sign: 'A print in the coat',
    fits: (met) => met.material !== null && leavesMarks(met),
    remedies: [
      WIPE_BACK,
      {
        id: 'let-level',
        words: 'Leave it alone: a thin print in a long-open coat may still level',
        tooLate: (met) =>
          met.age === 'wet' && ['oil', 'enamel'].some((family) => met.material?.family.startsWith(family))
            ? null
            : 'it does not flow any more',
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Rubbing it while it is soft.'],
    nextTime: [
      'Hold it by a stick or a clamp; touch-dry is not dry-hard.',
      'Gloves without powder: skin leaves fat on which the next coat creeps.',
    ],
  },
  {
    id: 'orange-peel',
    name: 'Orange peel',
    sign: 'The coat has dried in small dimples',
    warnedBy: ['too-thick-to-spray', 'climate'],
    fits: isSprayed,
    remedies: [
      {
        id: 'flow-mist',
        words: 'At once one light, wetter pass, so that it flows together',
        tooLate: (met) => (met.age === 'wet' ? null : 'it does not flow any more'),
        steps: (met) => [{ ...again(met), coats: 1, note: 'Thinner than before, one wet pass' }],
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Another coat as before: each lies on the dimples of the last.'],
    nextTime: [
      'The drops were too coarse or dry when they landed: thinner paint, nearer, more pressure, a slower thinner.',
      'A hardware can lays thick: warm it in the hand, and never the last coat with it.',
    ],
  },
  {
    id: 'frosting',
    name: 'Frosting',
    sign: 'White bloom on a spray coat, powdery to the finger',
    warnedBy: ['climate'],
    fits: isSprayed,
    remedies: [
      {
        id: 'warm-room',
        words: 'Take it into a warm dry place: light bloom goes as the damp does',
        tooLate: (met) => (isHard(met) ? 'it is hard: the bloom is in the film' : null),
      },
      MIST_OWN_THINNER,
      ABRADE_AND_AGAIN,
    ],
    worse: ['Another coat in the same air.'],
    nextTime: ['Look at the dew point: the surface 3 °C above it at least.', 'Nearer, so that the paint is wet when it lands.'],
  },
  {
    id: 'wrinkling',
    name: 'Wrinkling',
    sign: 'The coat has crept into folds',
    warnedBy: ['between-windows', 'solvent-lifts-layer'],
    fits: isFilm,
    remedies: [
      {
        id: 'leave-hard',
        words: 'Leave it until it is dry through. Nothing laid now will lie',
        tooLate: (met) => (isHard(met) ? 'it is hard already: go on' : null),
      },
      WIPE_BACK,
      ABRADE_AND_AGAIN,
    ],
    worse: ['A coat on top to fill the folds.', 'Warm air: the skin shrinks first.'],
    nextTime: ['Within the hour, or after two days: not between.', 'Half the film.'],
  },
  {
    id: 'run',
    name: 'Run or sag',
    sign: 'A drop or curtain of paint hangs down',
    warnedBy: ['coverage-overdone'],
    fits: isFilm,
    remedies: [
      {
        id: 'wick-off',
        words: 'Lay the piece flat, and draw the drop off with the corner of a dry brush',
        tooLate: (met) => (met.age === 'wet' ? null : 'it does not move any more'),
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Pushing it about when it has a skin.'],
    nextTime: ['Two thin coats for one thick; keep the airbrush moving.'],
  },
  {
    id: 'dust-in-coat',
    name: 'Dust or a hair in the coat',
    sign: 'Something stands up out of the film',
    fits: isFilm,
    remedies: [
      {
        id: 'pick-out',
        words: 'Pick it out with the tip of a needle while the film still closes by itself',
        tooLate: (met) => (met.age === 'wet' ? null : 'it does not move any more'),
      },
      ABRADE_AND_AGAIN,
    ],
    worse: ['Fishing for it when the film has a skin.'],
    nextTime: ['Wipe with a damp cloth before the coat, cover the piece while it dries.', 'Damp the floor of the booth; no wool sleeves.'],
  },
  {
    id: 'spatter',
    name: 'Spatter or spiders',
    sign: 'Dots, or thin legs running away from where it was sprayed',
    warnedBy: ['too-thick-to-spray'],
    fits: isSprayed,
    remedies: [
      WIPE_BACK,
      {
        id: 'pat-down',
        words: 'Touch single dots with a brush damp with its own thinner',
        tooLate: (met) => (young(met) ? null : 'it has set: wait until it is hard'),
        steps: (met) => {
          const thinner = ownThinner(met);
          return thinner === null ? [] : [{ technique: 'wipe-back', material: thinner, coverPct: 3, note: 'Single dots only' }];
        },
      },
      TOUCH_UP,
    ],
    worse: ['Another pass to cover it: the legs run farther.'],
    nextTime: [
      'Spiders: too thin or too near. Spatter: too thick, too little pressure, or paint dried on the needle.',
      'The first burst goes onto paper.',
    ],
  },
  {
    id: 'crawling',
    name: 'Crawling or fish-eyes',
    sign: 'The coat draws back and leaves round holes',
    warnedBy: ['prime-first'],
    fits: isFilm,
    remedies: [
      WIPE_BACK,
      {
        id: 'wash-again',
        words: 'When it is hard: rub it down, wash it with detergent, and lay it anew',
        tooLate: notHardYet,
        steps: (met) => [
          { technique: 'abrade', note: 'Wet and fine' },
          { technique: 'clean', material: 'water-detergent' },
          { ...again(met), coats: 1 },
        ],
      },
    ],
    worse: ['Filling the holes with more of the same: it draws back again.'],
    nextTime: ['Wash off grease, release agent and silicone; gloves from then on.'],
  },
  {
    id: 'crazing',
    name: 'Crazing or cracking',
    sign: 'Fine cracks like dry mud',
    warnedBy: ['too-soon', 'water-warps-card'],
    showsLater: true,
    fits: isFilm,
    remedies: [
      {
        id: 'let-it-end',
        words: 'Leave it until it is dry through: it may go on',
        tooLate: (met) => (isHard(met) ? 'it is hard already: go on' : null),
      },
      ABRADE_AND_AGAIN,
      {
        id: 'story',
        words: 'Make it part of the story: dark into the cracks',
        tooLate: notHardYet,
        steps: () => [
          { technique: 'pin-wash', material: 'wash-enamel', coverPct: 20, dilution: { thinner: 'white-spirit', parts: [1, 3] } },
        ],
      },
    ],
    worse: ['A hot solvent over it.', 'Heat to hurry it.'],
    nextTime: ['Nothing brittle over something that still moves: the lower coat dry through first.', 'No hot lacquer on bare polystyrene.'],
  },
  {
    id: 'stays-tacky',
    name: 'Stays tacky',
    sign: 'Days later it still takes a print',
    warnedBy: ['too-soon', 'old-bottle', 'climate'],
    showsLater: true,
    fits: isFilm,
    remedies: [
      {
        id: 'warm-air',
        words: 'Warm, dry, moving air and patience; oxygen is what an enamel needs',
        tooLate: (met) => (isHard(met) ? 'by its age it is hard: look for what lies under it' : null),
      },
      WIPE_BACK,
    ],
    worse: ['A clear coat to seal it: it never dries below.', 'Powder to hide it.'],
    nextTime: ['Stir until nothing lies at the foot of the tin; thin coats; not below its least temperature.'],
  },
  {
    id: 'patchy-sheen',
    name: 'Patchy sheen',
    sign: 'Shiny and dull side by side',
    warnedBy: ['sheen-at-end'],
    showsLater: true,
    fits: (met) => isFilm(met) && (roleIs('clear')(met) || isSprayed(met)),
    remedies: [
      {
        id: 'one-more',
        words: 'When it is dry, one more thin even coat from a bottle well shaken',
        tooLate: (met) => (young(met) ? 'let it dry first: it may even out' : null),
        steps: (met) => [{ ...again(met), coats: 1, note: 'Thin, crosswise, well shaken' }],
      },
    ],
    worse: ['Rubbing the shiny places.', 'Judging it wet.'],
    nextTime: ['Shake for two minutes: what makes it matt lies at the foot.', 'Seal thirsty and tight grounds alike before.'],
  },
  {
    id: 'rubbed-edges',
    name: 'Rubbed edges',
    sign: 'The colour is gone where fingers were',
    warnedBy: ['prime-first', 'powder-left-loose'],
    showsLater: true,
    fits: isFilm,
    remedies: [
      TOUCH_UP,
      {
        id: 'make-it-worn',
        words: 'Make it part of the story: where fingers were, hands were too',
        tooLate: notHardYet,
        steps: () => [{ technique: 'edge-highlight', material: 'pencil-graphite', coverPct: 2 }],
      },
    ],
    worse: ['Holding it the same way while you mend it.'],
    nextTime: ['Hold it by a stick, wear gloves, seal before handling.'],
  },
  {
    id: 'melted-foam',
    name: 'Melted foam',
    sign: 'The surface has sunk in or turned to strings',
    warnedBy: ['solvent-attacks-substrate', 'heat-over-limit'],
    fits: (met) => met.material !== null && (met.material.aerosol || ['hot', 'cyano', 'heat'].includes(met.material.carrier)),
    remedies: [
      {
        id: 'stop-and-air',
        words: 'Stop, and let it air for a day: what is left of the solvent goes on eating',
        tooLate: (met) => (isHard(met) ? 'it has aired by now: go on' : null),
      },
      {
        id: 'fill-it',
        words: 'Cut out what is soft, fill it, and seal with acrylic before any colour',
        tooLate: notHardYet,
        steps: () => [
          { technique: 'brush-coat', material: 'filler-acrylic', coverPct: 20, note: 'Into what was cut out' },
          { technique: 'brush-coat', material: 'primer-acrylic-brush', coats: 2 },
        ],
      },
      {
        id: 'make-it-rock',
        words: 'Leave it as broken ground: stipple paste over it',
        tooLate: notHardYet,
        steps: () => [{ technique: 'stipple-paste', material: 'texture-paste-acrylic', coverPct: 30 }],
      },
    ],
    worse: ['Another coat from the can to even it out.'],
    nextTime: ['Two brush coats of acrylic over all of the foam first; a glue that says foam.'],
  },
  {
    id: 'no-current',
    name: 'No current after spraying',
    sign: 'It ran before, and does not now',
    warnedBy: ['keep-clean-unprotected', 'mechanics-after-finish'],
    showsLater: true,
    fits: isSprayed,
    remedies: [
      {
        id: 'clean-contacts',
        words: 'Clean wheel treads, pick-ups and contacts with a cotton bud and alcohol, the inside of the treads as well',
        steps: () => [{ technique: 'clean-treads', note: 'Alcohol on a cotton bud; pick-ups too' }],
      },
    ],
    worse: ['Emery on the treads: what is scratched gathers dirt.', 'Running it until it runs.'],
    nextTime: ['Take wheelsets out, or mask treads and pick-ups.'],
  },
  {
    id: 'fogged-window',
    name: 'Fogged window',
    sign: 'Clear plastic has gone white or dull',
    warnedBy: ['glazing-unmasked', 'solvent-attacks-substrate'],
    fits: (met) => met.material !== null && (isSprayed(met) || met.material.carrier === 'cyano' || roleIs('clear')(met)),
    remedies: [
      {
        id: 'bud-inside',
        words: 'Take off what is only a bloom with a dry, then a hardly damp cotton bud',
      },
      {
        id: 'gloss-it',
        words: 'A drop of gloss acrylic clear on the pane, brushed once: what is only rough clears',
        steps: () => [{ technique: 'clear-coat', material: 'clear-gloss-acrylic', tool: 'flat brush', coverPct: 5, note: 'The pane only' }],
      },
      {
        id: 'new-pane',
        words: 'A new pane, where the plastic itself is crazed',
      },
    ],
    worse: ['Thinner of any kind on clear plastic.'],
    nextTime: ['Panes out or masked; white glue for glazing, never superglue.'],
  },
];
