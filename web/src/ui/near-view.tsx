import { useEffect, useRef, useState, type ReactNode } from 'react';

/** So far beyond what is seen it is made ready. */
const AHEAD = '600px';

/**
 * A row of a long list: made when it comes near what is seen, an empty place of its height before. Once made it stays, so that nothing in it is lost.
 * `always` makes it at once: the first rows, and what is led to.
 */
export function NearView({
  height,
  always = false,
  inTable = false,
  children,
}: {
  height: number;
  always?: boolean;
  /** It is a row of a table. */
  inTable?: boolean;
  children: () => ReactNode;
}) {
  const [seen, setSeen] = useState(always);
  const place = useRef<HTMLElement | null>(null);
  const hold = (at: HTMLElement | null): void => {
    place.current = at;
  };
  useEffect(() => {
    const at = place.current;
    if (!at) return;
    const watch = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setSeen(true);
      },
      // a list within a place that scrolls by itself is looked ahead of there, too
      { rootMargin: AHEAD, scrollMargin: AHEAD },
    );
    watch.observe(at);
    // what is printed is all of it
    const all = () => {
      setSeen(true);
    };
    window.addEventListener('beforeprint', all);
    return () => {
      watch.disconnect();
      window.removeEventListener('beforeprint', all);
    };
  }, [seen]);
  if (seen || always) return children();
  return inTable ? <tr ref={hold} style={{ height }} /> : <div ref={hold} style={{ height, gridColumn: '1 / -1' }} />;
}
