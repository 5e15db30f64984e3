import { TriangleAlert } from 'lucide-react';

/** What a step spoils, before what else is said of it; nothing where it spoils nothing. */
export function Harm({ words }: { words: string }) {
  if (words === '') return null;
  return (
    <b>
      <TriangleAlert size={15} aria-hidden="true" className="mr-1 inline align-[-0.15em] text-brick" />
      {words.charAt(0).toUpperCase() + words.slice(1)}.{' '}
    </b>
  );
}
