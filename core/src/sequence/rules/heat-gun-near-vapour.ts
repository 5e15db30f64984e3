import { formatMinutes } from '../../units/index.js';
import { VAPOUR_STAYS_MIN } from '../incoming.js';
import { finding, type Rule } from './rule.js';

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
    const { incoming, startMin, state, stepIndex, subject } = moment;
    const own = incoming.burns;
    const isNear = ({ endMin }: { endMin: number }): boolean => endMin <= startMin && startMin - endMin < VAPOUR_STAYS_MIN;
    const before = state.burns && isNear(state.burns) ? state.burns : null;
    const elsewhere = subject.company.vapours.find(isNear);
    const near = before ?? elsewhere;
    if (!own && !near) return [];
    const where = before ? `in step ${String(before.stepIndex + 1)}` : `on ${elsewhere?.name ?? ''}`;
    const nearWords = near
      ? `${near.what} was used ${where} ${formatMinutes(startMin - near.endMin)} before; half an hour is the least.`
      : '';
    return [
      {
        cause: `${ID}:${String(stepIndex)}`,
        finding: finding(moment, ID, 'snag', {
          zones: moment.zones.map(({ zone }) => zone.id),
          message: 'A hot-air gun lights what evaporates here.',
          evidence: own ? `It dries ${own.name.toLowerCase()}, which burns.` : nearWords,
          causeIndex: own ? null : (before?.stepIndex ?? null),
        }),
        propose: () => [
          { way: 'swap', label: 'Dry it in still air', edits: [{ kind: 'patch', at: stepIndex, patch: { drying: 'still' } }] },
        ],
      },
    ];
  },
};
