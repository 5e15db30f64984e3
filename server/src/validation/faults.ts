import { BadRequestException, Injectable, type ArgumentMetadata, type PipeTransform } from '@nestjs/common';
import { isObject, type PlanFault } from '@eveningtide/core/kept';
import { validateSync } from 'class-validator';
import { nestedOf, type Shape } from './nested.js';
import { plainFaults } from './plain-json.js';
import { shown } from './shown.js';

const VALIDATION = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true, stopAtFirstError: true } as const;

/** Whoever has so many faults to mend learns nothing from more; and no body keeps the server busy with finding them. */
const MOST_TOLD = 50;

/** The first faults of all there are. */
export function firstFaults(faults: Iterable<PlanFault>): PlanFault[] {
  const told: PlanFault[] = [];
  for (const fault of faults) {
    told.push(fault);
    if (told.length === MOST_TOLD) break;
  }
  return told;
}

/** 400 with the faults, in words and as data. */
export class FaultsException extends BadRequestException {
  readonly faults: PlanFault[];

  constructor(all: Iterable<PlanFault>) {
    const faults = firstFaults(all);
    const first = faults[0];
    super({
      error: 'invalid',
      message: first ? `${first.path}: ${first.value} is not allowed here; allowed: ${first.allowed}` : 'invalid',
      faults,
    });
    this.faults = faults;
  }
}

/** One object against its class, then what lies in it: class-validator sees one object at a time, so that it can be stopped and never recurses. */
function* shapeFaults(type: Shape, plain: Record<string, unknown>, path: string): Generator<PlanFault> {
  const at = (name: string): string => (path === '' ? name : `${path}.${name}`);
  const bad = new Set<string>();
  for (const { property, value, constraints = {} } of validateSync(Object.assign(new type(), plain), VALIDATION)) {
    bad.add(property);
    for (const [name, message] of Object.entries(constraints))
      yield { path: at(property), value: shown(value), allowed: name === 'whitelistValidation' ? 'no such field' : message };
  }
  for (const { property, type: inner, isList } of nestedOf(type)) {
    const value = plain[property];
    if (bad.has(property) || value === null || value === undefined) continue;
    if (!isList) {
      yield* shapeFaults(inner(), value as Record<string, unknown>, at(property));
      continue;
    }
    for (const [i, one] of (value as unknown[]).entries()) {
      const here = `${at(property)}[${String(i)}]`;
      if (isObject(one)) yield* shapeFaults(inner(), one, here);
      else yield { path: here, value: shown(one), allowed: 'an object' };
    }
  }
}

/** @throws FaultsException when there is any. */
export function refuseFaults(faults: Iterable<PlanFault>): void {
  const told = firstFaults(faults);
  if (told.length > 0) throw new FaultsException(told);
}

/** Holds what no body may; asked before anything else is done with one. @throws FaultsException */
export const checkPlain = (body: unknown): void => {
  refuseFaults(plainFaults(body));
};

/** Checks a plain object against a class. @throws FaultsException with its first faults. */
export function checkShape(type: Shape, plain: unknown): void {
  if (!isObject(plain)) throw new FaultsException([{ path: '(file)', value: shown(plain), allowed: 'an object' }]);
  checkPlain(plain);
  refuseFaults(shapeFaults(type, plain, ''));
}

/** The same rules for every request body, which is then taken as it came: plain data, without the classes it was checked against. */
@Injectable()
export class BodyPipe implements PipeTransform {
  transform(value: unknown, { type, metatype }: ArgumentMetadata): unknown {
    if (type !== 'body') return value;
    if (metatype === undefined || metatype === Object) checkPlain(value);
    else checkShape(metatype, value);
    return value;
  }
}
