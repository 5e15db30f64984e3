import { build, type InlineConfig, type Rolldown } from 'vite';

/** The page itself, and what it fetches at once whatever is looked at. */
const PAGE = /\/index\.html$/;
const FIRST = /\/src\/(app|pieces\/pieces-view)\.tsx$/;
const VIEW = /-(view|page|card)\.tsx$/;
/** What so many views want is bundled, each time for those that are wanted as often. */
const SHARED_BY = [8, 4];

const isChunk = (one: { type: string }): one is Rolldown.OutputChunk => one.type === 'chunk';

/**
 * Code in few files: a browser asks a server for six at a time, and a view is made of two hundred modules. What starts the page lies in one bundle, what the first view
 * shows in the next, then what many views share: each bundle wants none that comes later. Which modules a view really wants is known when it was built, so it is built once
 * to see that.
 */
export async function bundles(config: InlineConfig): Promise<Rolldown.CodeSplittingGroup[]> {
  const seen = { ...config, configFile: false, logLevel: 'silent', build: { ...config.build, write: false } } as const;
  const { output } = (await build(seen)) as Rolldown.RolldownOutput;
  const chunks = new Map(output.filter(isChunk).map((chunk) => [chunk.fileName, chunk]));
  const wantedBy = ({ fileName }: Rolldown.OutputChunk): Set<string> => {
    const reached = new Set<string>();
    const reach = (name: string): void => {
      if (reached.has(name)) return;
      reached.add(name);
      chunks.get(name)?.imports.forEach(reach);
    };
    reach(fileName);
    return new Set([...reached].flatMap((name) => chunks.get(name)?.moduleIds ?? []));
  };
  const entries = (which: RegExp): Set<string>[] =>
    [...chunks.values()].filter(({ facadeModuleId }) => which.test(facadeModuleId ?? '')).map(wantedBy);
  const views = entries(VIEW);
  const times = (id: string): number => views.filter((wanted) => wanted.has(id)).length;
  const layers: [string, (id: string) => boolean][] = [
    ...(
      [
        ['start', PAGE],
        ['first', FIRST],
      ] as const
    ).map(([name, which]): [string, (id: string) => boolean] => {
      const wanted = entries(which);
      return [name, (id) => wanted.some((of) => of.has(id))];
    }),
    ...SHARED_BY.map((count): [string, (id: string) => boolean] => [`shared-${String(count)}`, (id) => times(id) >= count]),
  ];
  return layers.map(([name, test], i) => ({
    name,
    test,
    priority: layers.length - i,
    minShareCount: 2,
    includeDependenciesRecursively: false,
  }));
}
