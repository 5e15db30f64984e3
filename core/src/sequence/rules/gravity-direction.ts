import { finding, type Rule } from './rule.js';

const ID = 'gravity-direction';

export const gravityDirection: Rule = {
  id: ID,
  title: 'A streak against gravity',
  why: 'What runs off runs down as the piece stands, however it lies on the bench. Scrapes follow what scraped: they are a technique of their own.',
  source: 'common practice',
  examples: {
    fires: { steps: [['streak', 'acrylic-matt', { source: 'hinge', direction: 'sideways' }]] },
    silent: {
      steps: [
        ['streak', 'acrylic-matt', { source: 'hinge', direction: 'down' }],
        ['scrape', 'acrylic-matt', { direction: 'sideways' }],
      ],
    },
  },
  concerns: ({ technique }) => technique.id === 'streak',
  check(moment) {
    const { step, stepIndex } = moment;
    if (step.direction === null || step.direction === 'down') return [];
    return [
      {
        cause: `${ID}:${String(stepIndex)}`,
        finding: finding(moment, ID, 'caution', {
          zones: moment.zones.map((zone) => zone.zone.id),
          message: `The streak runs ${step.direction}: gravity pulls it down as the piece stands.`,
          evidence: 'Only a scrape follows another direction.',
        }),
        propose: () => [
          { way: 'adjust', label: 'Let it run down', edits: [{ kind: 'patch', at: stepIndex, patch: { direction: 'down' } }] },
          {
            way: 'swap',
            label: 'Make it a scrape',
            edits: [{ kind: 'patch', at: stepIndex, patch: { technique: 'scrape', source: null } }],
          },
        ],
      },
    ];
  },
};
