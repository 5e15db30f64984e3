import { keptListOf, type ListKey } from '@eveningtide/core/kept';
import type { Shape } from '../validation/nested.js';
import { OneOf, Whole } from '../validation/rules.js';
import { servedOf } from './registry.js';

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

const made = new Map<ListKey, Shape>();

/** The shape of `{ version, [one]: thing }`: a thing and the version it was read at. */
export function saveShape(key: ListKey): Shape {
  const known = made.get(key);
  if (known) return known;
  const { one } = keptListOf(key);
  const shape = class {};
  Object.defineProperty(shape, 'name', { value: `Save${capital(one)}Dto` });
  Whole(0, Number.MAX_SAFE_INTEGER)(shape.prototype, 'version');
  OneOf(() => servedOf(key).dto)(shape.prototype, one);
  made.set(key, shape);
  return shape;
}
