import { formatMinutes } from '../../units/index.js';
import { FLAMMABLE, VAPOUR_STAYS_MIN, burnsIn } from '../vapours.js';
import { finding, layerWords, sentence, type Rule } from './rule.js';

const ID = 'heat-gun-near-vapour';

export const heatGunNearVapour: Rule = {
  id: ID,
  title: 'Hot-air gun near solvent',
  why: 'A hot-air gun lights the vapour of spirit, alcohol and lacquer. For half an hour after any of them was used at the bench it stays off, however well the room is aired.',
  source: 'common practice',
  examples: {
    fires: {
      steps: [
        ['wash', 'wash-enamel', { dilution: { thinner: 'white-spirit', parts: [1, 2] }, startMin: 0 }],
        ['force-dry', null, { drying: 'heat-gun', startMin: 10 }],
      ],
      on: { substrate: 'brass' },
    },
    silent: {
      steps: [
        ['wash', 'wash-acrylic', { startMin: 0 }],
        ['force-dry', null, { drying: 'heat-gun', startMin: 10 }],
      ],
      on: { substrate: 'brass' },
    },
  },
  arranging: 'never',
  concerns: ({ airflow }) => airflow === 'heat-gun',
  check(moment) {
    const { startMin, state, stepIndex, supplies, step, subject } = moment;
    const own = burnsIn(step, supplies);
    const laid = [...state.zones.values()]
      .flatMap(({ layers }) => layers)
      .find(({ material, endMin }) => material.hazards.includes(FLAMMABLE) && startMin - endMin < VAPOUR_STAYS_MIN);
    const elsewhere = subject.company.vapours.find(({ endMin }) => endMin <= startMin && startMin - endMin < VAPOUR_STAYS_MIN);
    if (!own && !laid && !elsewhere) return [];
    const laidWords = laid
      ? sentence(`${layerWords(laid)} was laid ${formatMinutes(startMin - laid.endMin)} before; half an hour is the least.`)
      : '';
    const elsewhereWords = elsewhere
      ? `${elsewhere.what} was laid on ${elsewhere.name} ${formatMinutes(startMin - elsewhere.endMin)} before; half an hour is the least.`
      : '';
    return [
      {
        cause: `${ID}:${String(stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: 'A hot-air gun lights what evaporates here.',
          evidence: own ? `It dries ${own.name.toLowerCase()}, which burns.` : laidWords || elsewhereWords,
          causeIndex: own ? null : (laid?.stepIndex ?? null),
        }),
        propose: () => [
          { way: 'swap', label: 'Dry it in still air', edits: [{ kind: 'patch', at: stepIndex, patch: { drying: 'still' } }] },
        ],
      },
    ];
  },
};
