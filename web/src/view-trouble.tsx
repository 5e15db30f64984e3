import { Link, useRouteError } from 'react-router';
import { Button } from './ui/button.js';

const wordsOf = (error: unknown): string => {
  if (error instanceof Error) return error.message;
  return typeof error === 'string' ? error : 'no more is known';
};

/** A view broke: the rail and the other views stay, what was typed is kept, and the data can be carried out. */
export function ViewTrouble() {
  const error = useRouteError();
  return (
    <main className="p-4">
      <div role="alert" className="max-w-prose border-l-4 border-brick bg-paper p-4">
        <h1 className="text-lg font-semibold">This view broke.</h1>
        <p className="mt-1 text-ink-2">
          Eveningtide made a mistake here; the other views go on. What you typed is kept and saved. If it breaks again, carry your data out
          and send what stands below to whoever mends it.
        </p>
        <p className="figures my-2 border border-line bg-page p-2 text-[0.8125rem] break-words">{wordsOf(error)}</p>
        <div className="flex flex-wrap items-center gap-3">
          <Button
            look="ink"
            onClick={() => {
              location.reload();
            }}
          >
            Try again
          </Button>
          <a href="/api/plan-file" download="workshop.eveningtide.json" className="underline">
            Save everything as a plan file
          </a>
          <Link to="/pieces" className="underline">
            To the pieces
          </Link>
        </div>
      </div>
    </main>
  );
}
