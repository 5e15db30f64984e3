import { useState } from 'react';
import { useBottlesQuery } from '../store/api.js';
import { PaintList } from '../shelf/paint-list.js';
import { Button } from '../ui/button.js';
import { countWords } from '../ui/words.js';
import { Question } from './question.js';

/** What is on the shelf: nothing yet, or a list of it. */
export function PaintsQuestion() {
  const { data: bottles = [] } = useBottlesQuery();
  const [isListing, setListing] = useState(false);
  return (
    <div className="mt-4">
      <Question number={3} title="Which paints do you have?">
        {isListing ? (
          <PaintList
            onDone={() => {
              setListing(false);
            }}
          >
            <Button
              onClick={() => {
                setListing(false);
              }}
            >
              Not now
            </Button>
          </PaintList>
        ) : (
          <div className="flex flex-wrap items-center gap-3">
            <p className="text-ink-2">
              {bottles.length === 0
                ? 'None told yet. Everything works without; with them colours are yours, and you are told what to buy.'
                : `${countWords(bottles.length, 'bottle')} on the shelf.`}
            </p>
            <Button
              onClick={() => {
                setListing(true);
              }}
            >
              Type, paste or read a list
            </Button>
          </div>
        )}
      </Question>
    </div>
  );
}
