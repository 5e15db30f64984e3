import { BadRequestException, ValidationPipe } from '@nestjs/common';
import type { PlanFault } from '@eveningtide/core/plan-file';
import type { ClassConstructor } from 'class-transformer';
import { plainToInstance } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

const VALIDATION = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true, stopAtFirstError: true } as const;

const LONGEST_SHOWN = 60;

function shown(value: unknown): string {
  const text = value === undefined ? 'nothing' : typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > LONGEST_SHOWN ? `${text.slice(0, LONGEST_SHOWN)}…` : text;
}

/** Flattens nested errors to one line a field: where, what stands there, what is allowed. */
export function faultsOf(errors: readonly ValidationError[], path = ''): PlanFault[] {
  return errors.flatMap((error) => {
    const here = /^\d+$/.test(error.property) ? `${path}[${error.property}]` : path ? `${path}.${error.property}` : error.property;
    const own = Object.entries(error.constraints ?? {}).map(([name, message]) => ({
      path: here,
      value: shown(error.value),
      allowed: name === 'whitelistValidation' ? 'no such field' : message,
    }));
    return [...own, ...faultsOf(error.children ?? [], here)];
  });
}

/** 400 with the faults, in words and as data. */
export class FaultsException extends BadRequestException {
  constructor(readonly faults: PlanFault[]) {
    const first = faults[0];
    super({
      error: 'invalid',
      message: first ? `${first.path}: ${first.value} is not allowed here; allowed: ${first.allowed}` : 'invalid',
      faults,
    });
  }
}

/** Checks a plain object against a class. @throws FaultsException with every fault. */
export function checkShape<T extends object>(type: ClassConstructor<T>, plain: unknown): T {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    throw new FaultsException([{ path: '(file)', value: shown(plain), allowed: 'an object' }]);
  const made = plainToInstance(type, plain);
  const faults = faultsOf(validateSync(made, VALIDATION));
  if (faults.length > 0) throw new FaultsException(faults);
  return made;
}

/** The same rules for every request body. */
export const requestPipe = (): ValidationPipe =>
  new ValidationPipe({ ...VALIDATION, transform: true, exceptionFactory: (errors) => new FaultsException(faultsOf(errors)) });
