import { minutesTaken, sittingWords, type LogEntry } from '../log/index.js';
import { DEFER, suppliesName, type Supplies } from '../materials/index.js';
import type { Picture, Piece } from '../subjects/index.js';
import { techniqueById } from '../techniques/index.js';
import { formatMinutes, formatNumber } from '../units/index.js';
import type { AmountRow } from './amounts.js';
import { pieceAsDone, troubleName } from './as-done.js';

/** A load or a ground, with what it takes. */
export interface DossierSheet {
  name: string;
  amounts: readonly AmountRow[];
}

export interface DossierProblem {
  piece: Piece;
  log: readonly LogEntry[];
  supplies: Supplies;
  /** Pictures by file name, as data addresses, so that the file needs nothing else. */
  pictures: ReadonlyMap<string, string>;
  /** Loads that are made for it, and what grows on it, with what each takes. */
  sheets: readonly DossierSheet[];
  /** A date as the painter reads it. */
  day: (date: string) => string;
}

const ESCAPES: ReadonlyMap<string, string> = new Map([
  ['&', '&amp;'],
  ['<', '&lt;'],
  ['>', '&gt;'],
  ['"', '&quot;'],
  ["'", '&#39;'],
]);
const text = (words: string): string => words.replace(/[&<>"']/g, (sign) => ESCAPES.get(sign) ?? sign);

const STYLE = `body{font:16px/1.45 sans-serif;color:#131d28;background:#f1f1f1;max-width:60rem;margin:2rem auto;padding:0 1rem}
h1{font-size:1.7rem;margin:0}h2{font-size:1.2rem;margin:1.6rem 0 .4rem;border-bottom:1px solid #8a8a8a}
table{border-collapse:collapse;width:100%}th,td{text-align:left;vertical-align:top;padding:.3rem .6rem .3rem 0;border-bottom:1px solid #b5b5b5}
th{font-weight:600}figure{display:inline-block;margin:0 1rem 1rem 0;max-width:28rem}img{max-width:100%;height:auto;display:block}
i.sw{display:inline-block;width:.9em;height:.9em;border:1px solid #36414c;margin-right:.4em;vertical-align:-.1em}
@media print{body{background:#fff;margin:0}}`;

function figure(picture: Picture, { pictures }: DossierProblem): string {
  const source = pictures.get(picture.fileName);
  const words = text(picture.caption || 'Photograph');
  return source ? `<figure><img src="${text(source)}" alt="${words}"><figcaption>${words}</figcaption></figure>` : '';
}

function workRow(entry: LogEntry, { supplies, day }: DossierProblem): string {
  const { step } = entry;
  const took = minutesTaken(entry);
  const colour = step?.colour ?? supplies.bottle(step?.bottleId ?? null)?.colour ?? null;
  const material = step ? suppliesName(step, supplies) : '';
  const cells = [
    `${text(day(entry.startedAt.slice(0, 10)))} ${entry.startedAt.slice(11, 16)}`,
    step ? `<b>${text(techniqueById(step.technique).name)}</b> ${sittingWords(entry)}`.trimEnd() : '',
    `${colour === null ? '' : `<i class="sw" style="background:${text(colour)}"></i>`}${text([material, entry.mix].filter((words) => words !== '').join(': '))}`,
    took === null ? '' : formatMinutes(took),
    entry.air ? `${formatNumber(entry.air.tempC, 1)} °C, ${formatNumber(entry.air.rhPct, 0)} %RH` : '',
    text([...entry.marks, entry.note].filter((words) => words !== '').join('; ')),
  ];
  return `<tr>${cells.map((cell) => `<td>${cell}</td>`).join('')}</tr>`;
}

function sheetTable({ name, amounts }: DossierSheet): string {
  const cells = amounts.map(({ what, 'size mm': size, number, mL, g }) => [what, size, number, mL, g]);
  const rows = cells.map((row) => `<tr>${row.map((cell) => `<td>${text(String(cell))}</td>`).join('')}</tr>`);
  return `<h2>${text(name)}</h2><table><thead><tr><th>It takes</th><th>mm</th><th>Number</th><th>mL</th><th>g</th></tr></thead><tbody>${rows.join('')}</tbody></table>`;
}

/** The whole history of a piece as one HTML file that needs nothing else: no script, no font, no address outside. */
export function dossierHtml(problem: DossierProblem): string {
  const { piece, log, day } = problem;
  const own = log.filter(({ pieceId }) => pieceId === piece.id);
  const work = own.filter(({ kind, endedAt }) => kind === 'work' && endedAt !== null);
  const hands = work.reduce((sum, entry) => sum + (minutesTaken(entry) ?? 0), 0);
  const { differences } = pieceAsDone(piece, log);
  const days = new Set(work.map(({ startedAt }) => startedAt.slice(0, 10)));
  const troubles = own.filter(({ met }) => met !== null);
  const pictures = [...piece.pictures, ...own.flatMap((entry) => entry.pictures)].map((picture) => figure(picture, problem)).join('');
  const list = (lines: readonly string[]): string => `<ul>${lines.map((line) => `<li>${line}</li>`).join('')}</ul>`;
  const parts = [
    `<h1>${text(piece.name)}</h1><p>1:${formatNumber(piece.scaleRatio, 1)}${piece.members.length > 1 ? ` · ${text(piece.members.map(({ label }) => label).join(', '))}` : ''}${piece.note === '' ? '' : ` · ${text(piece.note)}`}</p>`,
    `<p>${String(work.length)} steps on ${String(days.size)} ${days.size === 1 ? 'day' : 'days'}, ${formatMinutes(hands)} of work.</p>`,
    work.length === 0
      ? '<p>Nothing is logged yet.</p>'
      : `<h2>What was done</h2><table><thead><tr><th>When</th><th>What</th><th>With</th><th>Took</th><th>Air</th><th>Remarks</th></tr></thead><tbody>${work.map((entry) => workRow(entry, problem)).join('')}</tbody></table>`,
    differences.length === 0
      ? ''
      : `<h2>Otherwise than planned</h2>${list(differences.map(({ kind, text: words }) => `${kind}: ${text(words)}`))}`,
    troubles.length === 0
      ? ''
      : `<h2>What went wrong</h2>${list(
          troubles.map(({ met, startedAt, note }) => {
            return `${text(day(startedAt.slice(0, 10)))}: ${text(troubleName(met?.trouble ?? ''))}${note === '' ? '' : `. ${text(note)}`}`;
          }),
        )}`,
    ...problem.sheets.map(sheetTable),
    pictures === '' ? '' : `<h2>Pictures</h2>${pictures}`,
    piece.checks.length === 0
      ? ''
      : `<h2>Checks</h2>${list(piece.checks.map((check) => `${check.done ? '☑' : '☐'} ${text(check.text)} (${check.when})`))}`,
    `<p><small>${text(DEFER)}</small></p>`,
  ];
  return `<!doctype html>\n<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${text(piece.name)}</title><style>${STYLE}</style></head><body>${parts.join('\n')}</body></html>\n`;
}
