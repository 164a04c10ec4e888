/**
 * Rules for what crosses the wire, each written once: the decorator checks the value, says in plain
 * words what is wrong, and describes itself for the JSON Schema of the show file.
 */
import 'reflect-metadata';
import { Type } from 'class-transformer';
import { ValidateBy, ValidateIf, ValidateNested, type ValidationArguments } from 'class-validator';
import { counted } from '../core/words';

export type Schema = Record<string, unknown>;
type Class = new () => object;

interface FieldFacts {
  schema: (ref: (target: Class) => Schema) => Schema;
  nullable: boolean;
}

const FIELDS = new Map<object, Map<string, FieldFacts>>();

/** The described fields of a class, its parents' first. */
export function fieldsOf(target: Class): [string, FieldFacts][] {
  const chain: object[] = [];
  for (
    let c: object | null = target;
    c && c !== Function.prototype;
    c = Object.getPrototypeOf(c) as object | null
  )
    chain.unshift(c);
  return chain.flatMap((c) => [...(FIELDS.get(c) ?? [])]);
}

function describe(target: object, key: string, facts: Partial<FieldFacts>): void {
  const owner = (target as { constructor: object }).constructor;
  const fields = FIELDS.get(owner) ?? new Map<string, FieldFacts>();
  const known = fields.get(key) ?? { schema: () => ({}), nullable: false };
  fields.set(key, { ...known, ...facts });
  FIELDS.set(owner, fields);
}

type Rule = (value: unknown, whole: object) => string | null;

/** Applies one rule that answers with what is wrong, or null. */
function ruled(rule: Rule, schema: FieldFacts['schema']): PropertyDecorator {
  return (target, key) => {
    ValidateBy({
      name: 'rule',
      validator: {
        validate: (value: unknown, args?: ValidationArguments) =>
          rule(value, args?.object ?? {}) === null,
        defaultMessage: (args?: ValidationArguments) =>
          rule(args?.value, args?.object ?? {}) ?? 'is not right',
      },
    })(target, key);
    describe(target, String(key), { schema });
  };
}

/** Text of `min` to `max` characters; control characters other than line breaks and tabs are refused. */
export function Text(max: number, min = 0): PropertyDecorator {
  return ruled(
    (value) => {
      if (value === undefined || value === null) return 'is missing';
      if (typeof value !== 'string') return 'must be text';
      if (value.trim().length < min) return 'must not be empty';
      if (value.length > max)
        return `must be at most ${counted(max, 'character')}; it has ${value.length}`;

      if (/[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/.test(value))
        return 'holds characters that can’t be shown';
      return null;
    },
    () => ({ type: 'string', maxLength: max, ...(min > 0 ? { minLength: min } : {}) }),
  );
}

/** What every object has by itself, as `constructor`, would be taken for something that is there. */
const OF_EVERY_OBJECT = Object.getOwnPropertyNames(Object.prototype).filter((name) =>
  /^[a-z]/i.test(name),
);
const ID = new RegExp(`^(?!(?:${OF_EVERY_OBJECT.join('|')})$)[A-Za-z0-9][A-Za-z0-9._-]{0,63}$`);
const ID_SCHEMA = { type: 'string', pattern: ID.source };
const idRule: Rule = (value) => {
  if (value === '') return 'must be chosen';
  if (typeof value === 'string' && OF_EVERY_OBJECT.includes(value))
    return 'is a word that can’t be a name here';
  return typeof value === 'string' && ID.test(value)
    ? null
    : 'must be a short name of letters, figures, dots and dashes';
};

/** A name that other things refer to. */
export const Id = (): PropertyDecorator => ruled(idRule, () => ID_SCHEMA);

function numberRule(min: number, max: number, whole: boolean): Rule {
  return (value) => {
    if (value === undefined || value === null) return 'is missing';
    if (typeof value !== 'number' || !Number.isFinite(value)) return 'must be a number';
    if (whole && !Number.isInteger(value)) return 'must be a whole number';
    if (value < min) return min === 0 ? 'must not be negative' : `must be at least ${min}`;
    if (value > max) return `must be at most ${max}`;
    return null;
  };
}

export const Whole = (min: number, max: number): PropertyDecorator =>
  ruled(numberRule(min, max, true), () => ({ type: 'integer', minimum: min, maximum: max }));

export const Num = (min: number, max: number): PropertyDecorator =>
  ruled(numberRule(min, max, false), () => ({ type: 'number', minimum: min, maximum: max }));

/** A number above zero. */
export const Positive = (max: number): PropertyDecorator =>
  ruled(
    (value, whole) =>
      value === 0 ? 'must be more than nothing' : numberRule(0, max, false)(value, whole),
    () => ({ type: 'number', exclusiveMinimum: 0, maximum: max }),
  );

export const YesNo = (): PropertyDecorator =>
  ruled(
    (value) => (typeof value === 'boolean' ? null : 'must be yes or no (true or false)'),
    () => ({ type: 'boolean' }),
  );

const oneOfRule =
  (values: readonly string[]): Rule =>
  (value) =>
    typeof value === 'string' && values.includes(value)
      ? null
      : `must be one of: ${values.join(', ')}`;

export const OneOf = (values: readonly string[]): PropertyDecorator =>
  ruled(oneOfRule(values), () => ({ enum: [...values] }));

/** A whole number of a format version and the like: one value only. */
export const Exactly = (expected: string | number, message: string): PropertyDecorator =>
  ruled(
    (value) => (value === expected ? null : message),
    () => ({ const: expected }),
  );

const CLOCK = '^([01]\\d|2[0-3]):[0-5]\\d$';
export const ClockTime = (): PropertyDecorator =>
  ruled(
    (value) =>
      typeof value === 'string' && new RegExp(CLOCK).test(value)
        ? null
        : 'must be a time such as 14:05',
    () => ({ type: 'string', pattern: CLOCK }),
  );

const DAY = '^\\d{4}-\\d{2}-\\d{2}$';
const isDay = (value: unknown): boolean => {
  if (typeof value !== 'string' || !new RegExp(DAY).test(value)) return false;
  const date = new Date(`${value}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(value);
};
export const DayDate = (): PropertyDecorator =>
  ruled(
    (value) => (isDay(value) ? null : 'must be a date such as 2027-05-30'),
    () => ({ type: 'string', pattern: DAY }),
  );

export const Zone = (): PropertyDecorator =>
  ruled(
    (value) => {
      try {
        if (typeof value !== 'string' || value === '') throw new RangeError();
        new Intl.DateTimeFormat('en', { timeZone: value });
        return null;
      } catch {
        return 'must be the name of a time zone, such as Etc/UTC';
      }
    },
    () => ({ type: 'string', minLength: 1 }),
  );

function listRule(max: number, each: Rule): Rule {
  return (value, whole) => {
    if (!Array.isArray(value)) return 'must be a list';
    if (value.length > max)
      return `must have at most ${counted(max, 'entry', 'entries')}; it has ${value.length}`;
    for (const [i, entry] of value.entries()) {
      const wrong = each(entry, whole);
      if (wrong) return `entry ${i + 1} ${wrong}`;
    }
    return null;
  };
}

/** A list of plain values: ids, words, or members of a set; without repeats. */
function plainList(max: number, each: Rule, items: Schema): PropertyDecorator {
  return ruled(
    (value, whole) => {
      const wrong = listRule(max, each)(value, whole);
      if (wrong) return wrong;
      const list = value as unknown[];
      return new Set(list).size === list.length ? null : 'has the same entry twice';
    },
    () => ({ type: 'array', maxItems: max, uniqueItems: true, items }),
  );
}

export const IdList = (max: number): PropertyDecorator => plainList(max, idRule, ID_SCHEMA);

export const OneOfList = (values: readonly string[]): PropertyDecorator =>
  plainList(values.length, oneOfRule(values), { enum: [...values] });

export const TextList = (max: number, length: number): PropertyDecorator =>
  plainList(
    max,
    (value) => {
      if (typeof value !== 'string') return 'must be text';
      if (value.trim() === '') return 'must not be empty';
      return value.length > length ? `must be at most ${counted(length, 'character')}` : null;
    },
    { type: 'string', minLength: 1, maxLength: length },
  );

const isPart = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** One nested part. */
export function Part(type: () => Class): PropertyDecorator {
  return (target, key) => {
    Type(type)(target, key);
    ruled(
      (value) => (isPart(value) ? null : value == null ? 'is missing' : 'must be an object'),
      (ref) => ref(type()),
    )(target, key);
    ValidateNested({ message: '' })(target, key);
  };
}

/** A list of nested parts; those with an id must have different ones. */
export function PartList(type: () => Class, max: number): PropertyDecorator {
  return (target, key) => {
    Type(type)(target, key);
    ruled(
      (value, whole) => {
        const wrong = listRule(max, (v) => (isPart(v) ? null : 'must be an object'))(value, whole);
        if (wrong) return wrong;
        const ids = (value as { id?: unknown }[]).flatMap((v) =>
          typeof v.id === 'string' ? [v.id] : [],
        );
        const twice = ids.find((id, i) => ids.indexOf(id) !== i);
        return twice === undefined ? null : `has two entries with the id “${twice}”`;
      },
      (ref) => ({ type: 'array', maxItems: max, items: ref(type()) }),
    )(target, key);
    ValidateNested({ each: true, message: '' })(target, key);
  };
}

/** A list whose entries are checked one by one by who takes them. */
export const AnyList = (max: number): PropertyDecorator =>
  ruled(
    listRule(max, () => null),
    () => ({ type: 'array', maxItems: max }),
  );

/** Null stands for “not known” or “none”; write it above the rule for other values. */
export const OrNull = (): PropertyDecorator => (target, key) => {
  ValidateIf((_whole, value) => value !== null)(target, key);
  describe(target, String(key), { nullable: true });
};

/** A rule over several fields, told at this one. Runs only when it makes sense to: see `rule`. */
export const Holds =
  <T extends object>(rule: (whole: T) => string | null): PropertyDecorator =>
  (target, key) => {
    ValidateBy({
      name: `holds-${rule.name || String(key)}`,
      validator: {
        validate: (_value: unknown, args?: ValidationArguments) =>
          rule((args?.object ?? {}) as T) === null,
        defaultMessage: (args?: ValidationArguments) =>
          rule((args?.object ?? {}) as T) ?? 'is not right',
      },
    })(target, key);
  };
