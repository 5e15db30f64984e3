/** A clock that only counts how often it is asked, so that a search takes the same steps on every machine. */
export const ticking = (): (() => number) => {
  let ticks = 0;
  return () => ticks++;
};
