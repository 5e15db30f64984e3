import type { Workshop } from '@eveningtide/core/schedule';
import type { Wishes } from '@eveningtide/core/solver';
import { ZoomIn, ZoomOut } from 'lucide-react';
import { Button } from '../ui/button.js';
import { useDays } from '../ui/days.js';
import { useKeepPlanning } from './use-keep-planning.js';

const WISH_WORDS: Record<keyof Wishes, string> = {
  fewest: 'fewest evenings',
  soonest: 'finish soonest',
  easy: 'easy evenings',
  safe: 'on the safe side',
};

/** What matters most, in words. */
const mostWished = (wishes: Wishes): string =>
  (Object.keys(WISH_WORDS) as (keyof Wishes)[])
    .filter((wish) => wishes[wish] > 0)
    .sort((a, b) => wishes[b] - wishes[a])
    .slice(0, 2)
    .map((wish) => WISH_WORDS[wish])
    .join(', then ') || 'anything goes';

/** What the plan is made for, and the ways to another. */
export function WhatMatters({ planning, onChange }: { planning: Workshop['planning']; onChange: () => void }) {
  const days = useDays();
  const keep = useKeepPlanning();
  return (
    <p className="flex items-baseline gap-2 text-[0.8125rem] text-ink-2">
      <span>
        What matters: {mostWished(planning.wishes)}
        {planning.kept && ` · the plan kept ${days.day(planning.kept.keptOn)}`}
      </span>
      <Button small onClick={onChange}>
        Change …
      </Button>
      {planning.kept && (
        <Button small onClick={() => void keep((now) => ({ ...now, kept: null }), 'Planned anew, by simple rules')}>
          Plan anew
        </Button>
      )}
    </p>
  );
}

export function ZoomButtons({ zoom, most, onZoom }: { zoom: number; most: number; onZoom: (zoom: number) => void }) {
  return (
    <>
      <Button
        small
        disabled={zoom === 0}
        onClick={() => {
          onZoom(zoom - 1);
        }}
        aria-label="Narrower"
      >
        <ZoomOut size={16} aria-hidden="true" />
      </Button>
      <Button
        small
        disabled={zoom === most}
        onClick={() => {
          onZoom(zoom + 1);
        }}
        aria-label="Wider"
      >
        <ZoomIn size={16} aria-hidden="true" />
      </Button>
    </>
  );
}
