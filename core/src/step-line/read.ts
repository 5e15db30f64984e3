import { hasSome, type Material, type Supplies } from '../materials/index.js';
import { parseDilution, thinnerOf, usualDilution, type Dilution } from '../mixing/index.js';
import { usualTool } from '../sequence/index.js';
import { ownSets, plainStep, type Piece, type Step } from '../subjects/index.js';
import { TECHNIQUES, TOOLS, isTechniqueId, techniqueById, type Schools, type Technique } from '../techniques/index.js';
import { zonesGoingOn } from './goes-on.js';
import { meantBy, stem, stems, thingsOf, type Thing } from './things.js';
import {
  ALL_WORDS,
  BUT_WORDS,
  COLOUR_WORDS,
  DRYING_WORDS,
  IDLE_WORDS,
  TECHNIQUE_OF_ROLE,
  TECHNIQUE_WORDS,
  TOOL_WORDS,
  USUAL_MATERIAL,
} from './words.js';

/** What a line is read for. */
export interface LineFor {
  piece: Piece;
  supplies: Supplies;
  schools: Schools;
  /** The step that it comes after: what is not said of places is as there. */
  before: Step | null;
}

/** Words of a line that nothing is known by, with where they stand in it. */
export interface UnknownWords {
  fromChar: number;
  toChar: number;
  words: string;
}

export interface ReadLine {
  /** Null where the line says neither technique nor material. */
  step: Step | null;
  unknown: UnknownWords[];
}

interface Token {
  word: string;
  fromChar: number;
  toChar: number;
  used: boolean;
}

const NUMBER = String.raw`\d+(?:[.,]\d+)?`;
const number = (text: string | undefined): number => Number((text ?? '').replace(',', '.'));
/** The longest run of words that may mean one thing. */
const LONGEST_RUN = 5;

/** A line in reading: what is understood is used up, whatever its order. */
class Line {
  readonly tokens: Token[];

  constructor(readonly text: string) {
    this.tokens = [...text.matchAll(/[\p{L}\p{N}#%]+/gu)].map((match) => ({
      word: match[0].toLowerCase(),
      fromChar: match.index,
      toChar: match.index + match[0].length,
      used: false,
    }));
  }

  /** A pattern in the line as it was typed; its words are used up. */
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.text);
    if (!match) return null;
    const [from, to] = [match.index, match.index + match[0].length];
    const inside = this.tokens.filter(({ fromChar, toChar }) => fromChar >= from && toChar <= to);
    if (inside.some(({ used }) => used)) return null;
    for (const token of inside) token.used = true;
    return match;
  }

  /** The longest run of unused words, from `start` on, that means something; its words are used up. */
  run<T>(meaning: (words: string[]) => T | null, start = 0): { at: number; means: T } | null {
    for (let length = LONGEST_RUN; length > 0; length--)
      for (let at = start; at + length <= this.tokens.length; at++) {
        const run = this.tokens.slice(at, at + length);
        if (run.some(({ used }) => used)) continue;
        const means = meaning(run.map(({ word }) => word));
        if (means === null) continue;
        for (const token of run) token.used = true;
        return { at, means };
      }
    return null;
  }

  left(): Token[] {
    return this.tokens.filter(({ used, word }) => !used && !IDLE_WORDS.has(word));
  }
}

/** Everything a technique is called, as stems in one string. */
const CALLED = new Map<string, string>(
  TECHNIQUES.flatMap(({ id, name }) =>
    [name, id, ...(TECHNIQUE_WORDS[id] ?? [])].map((called): [string, string] => [stems(called).join(' '), id]),
  ),
);
const techniqueCalled = (words: string[]): string | null => CALLED.get(words.flatMap(stems).join(' ')) ?? null;

function zonesIn(line: Line, { piece }: LineFor): string[] | null {
  const zones = piece.zones.map(({ id, name, role, keepClean }) => ({
    id,
    keepClean,
    words: new Set(stems(name)),
    // windows are glazing, and the edges of a slab its ends, whatever they are called on this piece
    also: [role, keepClean ?? ''].map((place) => new Set(stems(place))),
  }));
  const sets = ownSets(piece).map(({ name, ids }) => ({ ids, words: new Set(stems(name)) }));
  const meant = (words: string[]): string[] | null => {
    const asked = words.map(stem);
    const isSame = (own: ReadonlySet<string>): boolean => own.size === asked.length && asked.every((word) => own.has(word));
    const some = (test: (zone: (typeof zones)[number]) => boolean): string[] | null => {
      const found = zones.filter(test).map(({ id }) => id);
      return found.length > 0 ? found : null;
    };
    const set = sets.find(({ words: own }) => isSame(own));
    return (
      (set ? [...set.ids] : null) ??
      some((zone) => isSame(zone.words)) ??
      (asked.length === 1 && !IDLE_WORDS.has(words[0] ?? '') ? some((zone) => zone.words.has(asked[0] ?? '')) : null) ??
      some((zone) => zone.also.some(isSame))
    );
  };
  const whole = line.run((words) => (words.length === 1 && ALL_WORDS.has(words[0] ?? '') ? true : null));
  const but = line.run((words) => (words.length === 1 && BUT_WORDS.has(words[0] ?? '') ? true : null));
  const [on, off] = [new Set<string>(), new Set<string>()];
  for (let found = line.run(meant); found !== null; found = line.run(meant))
    for (const id of found.means) (but && found.at > but.at ? off : on).add(id);
  if (on.size === 0 && off.size === 0) return whole ? ['all'] : null;
  if (off.size === 0) return [...on];
  const from = on.size > 0 ? [...on] : zones.filter(({ keepClean }) => keepClean === null).map(({ id }) => id);
  return from.filter((id) => !off.has(id));
}

/** The thing that most of the words that are left mean. */
function thingIn(line: Line, technique: Technique | null, { supplies }: LineFor): Thing | null {
  const left = line.left();
  const fits = thingsOf(supplies).filter(({ role }) => technique === null || technique.roles.includes(role));
  const best = meantBy(
    left.map(({ word }) => stem(word)),
    fits,
  );
  if (!best) return null;
  for (const [i, token] of left.entries()) if (best.known[i]) token.used = true;
  return best.thing;
}

/** `1:4`, with the thinner's name after it where one stands there; what is left out is usual for the material. */
function ratioIn(line: Line): { parts: [number, number]; thinner: string | null } | 'neat' | null {
  const ratio = line.take(new RegExp(String.raw`(${NUMBER})\s*:\s*(${NUMBER})`));
  if (!ratio) return line.run((words) => (words.join() === 'neat' ? true : null)) ? 'neat' : null;
  const after = line.tokens.findIndex(({ fromChar }) => fromChar >= ratio.index + ratio[0].length);
  const thinner =
    after < 0
      ? null
      : line.run((words) => {
          const read = parseDilution(`1 : 1 ${words.join(' ')}`);
          return read.ok && read.value ? read.value.thinner : null;
        }, after);
  return { parts: [number(ratio[1]), number(ratio[2])], thinner: thinner?.means ?? null };
}

function dilutionOf(told: ReturnType<typeof ratioIn>, technique: Technique, tool: string, material: Material | null): Dilution | null {
  if (told === 'neat' || material === null) return null;
  const usual = usualDilution(technique.id, tool, material);
  if (told === null) return technique.dose === null ? null : usual;
  const thinner = told.thinner ?? usual?.thinner ?? thinnerOf(material);
  return thinner === null ? null : { thinner, parts: told.parts };
}

/** What a technique is usually done with: out of the painter's own bottle where one alone can be meant, which none is that would be of another colour. */
function usualFor(techniqueId: string, isOther: boolean, supplies: Supplies): Thing | null {
  const usual = USUAL_MATERIAL[techniqueId] ?? [];
  for (const material of usual) {
    const [bottle, another] = supplies.bottles.filter((one) => supplies.like(one.material) === material && hasSome(one));
    if (bottle && !another && !isOther) return { material: bottle.material, bottleId: bottle.id };
  }
  return usual[0] === undefined ? null : { material: usual[0], bottleId: null };
}

/** How a material is laid where no technique is named: what comes from a can is sprayed, a base coat as the tool or else the painter's school has it. */
function techniqueFor({ role, aerosol }: Material, { base }: Schools, tool: string | null): string {
  const usual = TECHNIQUE_OF_ROLE[role];
  if (aerosol && !techniqueById(usual).tools.includes('aerosol')) return 'spray-coat';
  return usual === 'brush-coat' && (tool ?? base) === 'airbrush' ? 'airbrush-coat' : usual;
}

/**
 * Reads a step as one says it: `wash umber 1:4 sides lower 35%`. Its parts come in any order; what is not said is as usual, places as in the step before. What is
 * not understood is told with where it stands. Never throws.
 */
export function readLine(text: string, given: LineFor, id: string): ReadLine {
  const [named, laid] = [readAs(text, given, id, true), readAs(text, given, id, false)];
  // “lacquer” seals, but lacquer primer is a primer: what leaves less over is meant
  return laid.step !== null && (named.step === null || unknownChars(laid) < unknownChars(named)) ? laid : named;
}

const unknownChars = ({ unknown }: ReadLine): number => unknown.reduce((sum, { words }) => sum + words.length, 0);

// eslint-disable-next-line complexity -- one part of a line after the other, each with what stands in for it
function readAs(text: string, given: LineFor, id: string, byName: boolean): ReadLine {
  const { piece, supplies, schools, before } = given;
  const line = new Line(text);
  const told = ratioIn(line);
  const cover = line.take(new RegExp(String.raw`(${NUMBER})\s*%`));
  const coats = line.take(/(\d{1,2})\s*(?:coats?\b|[x×](?![\p{L}\p{N}]))|[x×]\s*(\d{1,2})\b|\b(two|three)\s+coats\b|\b(twice)\b/iu);
  const minutes = line.take(/(\d{1,3})\s*min(?:utes?|\.)?(?![\p{L}])/iu);
  const colour = line.take(/#[0-9a-f]{6}\b/i);
  const named = byName ? line.run(techniqueCalled) : null;
  const zones = zonesIn(line, given);
  const drying = line.run((words) => DRYING_WORDS[words.join(' ')] ?? null);
  const tool = line.run((words) => TOOL_WORDS[words.join(' ')] ?? TOOLS.find((one) => one === words.join(' ')) ?? null);
  const laid = thingIn(line, named ? techniqueById(named.means) : null, given);
  const tone = colour || laid?.bottleId ? null : toneIn(line);
  const unknown = unknownIn(line);
  const techniqueId = named?.means ?? (laid ? techniqueFor(supplies.material(laid.material), schools, tool?.means ?? null) : null);
  if (techniqueId === null || !isTechniqueId(techniqueId)) return { step: null, unknown };
  const technique = techniqueById(techniqueId);
  // another colour is not out of the bottle of before
  const isOther = colour !== null || tone !== null;
  const asBefore = laid === null && !isOther && before?.technique === techniqueId && before.material !== null ? before : null;
  const usual = laid ?? asBefore ?? usualFor(techniqueId, isOther, supplies);
  const materialId = usual?.material ?? null;
  const material = materialId === null ? null : supplies.material(materialId);
  const usedTool = tool?.means ?? null;
  const step = plainStep({
    id,
    technique: techniqueId,
    material: materialId,
    bottleId: usual?.bottleId ?? null,
    colour: colour ? colour[0].toLowerCase() : tone,
    zones: zones ?? zonesGoingOn(piece, before),
    dilution: dilutionOf(told, technique, usedTool ?? usualTool(technique, material, supplies), material),
    coverPct: cover ? Math.min(100, number(cover[1])) : null,
    coats: coats ? countOf(coats) : 1,
    handsOnMin: minutes ? number(minutes[1]) : null,
    tool: usedTool,
    drying: drying?.means ?? (schools.drying === 'dryer' && technique.dose !== null ? 'cool-dryer' : 'still'),
  });
  return { step, unknown };
}

/** A colour that is said in a word, whatever else the word stood for: rust is a powder too. */
function toneIn(line: Line): string | null {
  const said = line.tokens.find(({ word }) => COLOUR_WORDS[word] !== undefined);
  if (!said) return null;
  said.used = true;
  return COLOUR_WORDS[said.word] ?? null;
}

const countOf = ([, counted, times, word]: RegExpExecArray): number => {
  const told = counted ?? times;
  if (told !== undefined) return Math.min(10, Math.max(1, Number(told)));
  return word?.toLowerCase() === 'three' ? 3 : 2;
};

/** Words that stand beside each other are told as one. */
function unknownIn(line: Line): UnknownWords[] {
  const out: UnknownWords[] = [];
  for (const { fromChar, toChar } of line.left()) {
    const last = out.at(-1);
    if (last && line.text.slice(last.toChar, fromChar).trim() === '') last.toChar = toChar;
    else out.push({ fromChar, toChar, words: '' });
  }
  return out.map((one) => ({ ...one, words: line.text.slice(one.fromChar, one.toChar) }));
}
