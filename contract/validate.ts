import { plainToInstance } from 'class-transformer';
import { shapeFault } from './shape';
import { type ValidationError, validateSync } from 'class-validator';

/** What is wrong, and where: “demos[0].methods[1].tasks[2].time.likely”. */
export interface FieldFault {
  path: string;
  message: string;
}

export type Checked<T> = { ok: true; value: T } | { ok: false; faults: FieldFault[] };

const MOST_FAULTS = 50;

const join = (path: string, property: string): string =>
  /^\d+$/.test(property) ? `${path}[${property}]` : path ? `${path}.${property}` : property;

function collect(errors: readonly ValidationError[], path: string, faults: FieldFault[]): void {
  for (const error of errors) {
    const here = join(path, error.property);
    for (const [name, message] of Object.entries(error.constraints ?? {})) {
      if (name === 'whitelistValidation') faults.push({ path: here, message: 'is not known here' });
      else if (message) faults.push({ path: here, message });
    }
    if (error.children) collect(error.children, here, faults);
  }
}

/** Checks a plain value against a class of the contract. Unknown properties are faults. */
export function check<T extends object>(type: new () => T, plain: unknown): Checked<T> {
  if (typeof plain !== 'object' || plain === null || Array.isArray(plain))
    return { ok: false, faults: [{ path: '', message: 'must be an object' }] };
  const strange = shapeFault(type, plain);
  if (strange) return { ok: false, faults: [strange] };
  const value = plainToInstance(type, plain);
  const errors = validateSync(value, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: false,
  });
  const faults: FieldFault[] = [];
  collect(errors, '', faults);
  if (errors.length > 0 && faults.length === 0)
    faults.push({ path: errors[0]?.property ?? '', message: 'is not right' });
  return faults.length > 0
    ? { ok: false, faults: faults.slice(0, MOST_FAULTS) }
    : { ok: true, value };
}

/** “show.start must be a time such as 14:05” */
export const faultInWords = (fault: FieldFault): string =>
  fault.path ? `${fault.path} ${fault.message}` : `The whole ${fault.message}`;
