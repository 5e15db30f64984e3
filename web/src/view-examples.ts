import { VIEWS, type Path, type View } from './views.js';

/** For tests, with the demo data: addresses at which a view has something to show, where that is not its own address. */
const EXAMPLES: Partial<Record<Path, readonly string[]>> = {
  '/pieces/:pieceId': ['/pieces/salt-van-14', '/pieces/peat-wagons?step=s12', '/pieces/quay-wall?step=s7'],
  '/pieces/:pieceId/wishes': ['/pieces/quay-stores/wishes', '/pieces/salt-van-14/wishes'],
  '/pieces/:pieceId/surface': ['/pieces/quay-wall/surface'],
  '/pieces/:pieceId/film': ['/pieces/quay-wall/film', '/pieces/salt-van-14/film'],
  '/pieces/:pieceId/card': ['/pieces/salt-van-14/card'],
  '/finishes/compare': ['/finishes/compare?left=salt-van:1&right=salt-van:2'],
  '/log': ['/log', '/log?piece=spring-wall&part=history'],
  '/handbook/rules/:ruleId': ['/handbook/rules/chip-stack-incomplete'],
  '/handbook/techniques/:techniqueId': ['/handbook/techniques/wash'],
  '/handbook/materials/:materialId': ['/handbook/materials/enamel-matt'],
};

const examplesOf = (path: Path): readonly string[] => EXAMPLES[path] ?? [path];

/** Addresses that together show every view and every part of one. */
export const exampleAddresses = (): string[] =>
  VIEWS.flatMap((view) => {
    const { path, parts = [] }: View & { path: Path } = view;
    return [...examplesOf(path), ...parts.map(({ part }) => `${path}?part=${part}`)];
  });
