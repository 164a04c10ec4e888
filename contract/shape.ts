/** Whether a value has a shape that can be looked at at all, told before any rule looks at it. */
import { fieldsOf, type Schema } from './fields';
import type { FieldFault } from './validate';

/** Nothing that is kept here is nested deeper than a fraction of this. */
const DEEPEST = 60;

type Class = new () => object;

/** Names that reach into what every object has by itself. */
const REACHES_IN = new Set(['__proto__', ...Object.getOwnPropertyNames(Object.prototype)]);

/** Nested too deep, or with a name that would reach into objects; without recursion, as deep as it may be. */
function strange(plain: unknown): FieldFault | null {
  const open: { value: unknown; depth: number }[] = [{ value: plain, depth: 0 }];
  for (;;) {
    const next = open.pop();
    if (!next) return null;
    const { value, depth } = next;
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST)
      return { path: '', message: 'body is nested deeper than anything that is kept here' };
    for (const key of Object.keys(value)) {
      if (REACHES_IN.has(key) && !Array.isArray(value))
        return { path: key, message: 'is not known here' };
      open.push({ value: (value as Record<string, unknown>)[key], depth: depth + 1 });
    }
  }
}

interface ListFacts {
  most: number | null;
  part: Class | null;
}

/** What a field's own description says of it: how many entries, and of which class. */
function listFacts(schema: (ref: (target: Class) => Schema) => Schema): ListFacts {
  let part: Class | null = null;
  const described = schema((target) => {
    part = target;
    return {};
  });
  return { most: typeof described.maxItems === 'number' ? described.maxItems : null, part };
}

/** A list with more entries than it may have, found by counting: nothing in it is looked at. */
function tooLong(type: Class, plain: unknown, path: string): FieldFault | null {
  if (typeof plain !== 'object' || plain === null) return null;
  for (const [name, facts] of fieldsOf(type)) {
    const value = (plain as Record<string, unknown>)[name];
    if (typeof value !== 'object' || value === null) continue;
    const at = path ? `${path}.${name}` : name;
    const { most, part } = listFacts(facts.schema);
    if (Array.isArray(value)) {
      if (most !== null && value.length > most)
        return { path: at, message: `must have at most ${most} entries; it has ${value.length}` };
      if (!part) continue;
      for (const [i, entry] of value.entries()) {
        const fault = tooLong(part, entry, `${at}[${i}]`);
        if (fault) return fault;
      }
    } else if (part) {
      const fault = tooLong(part, value, at);
      if (fault) return fault;
    }
  }
  return null;
}

export const shapeFault = (type: Class, plain: unknown): FieldFault | null =>
  strange(plain) ?? tooLong(type, plain, '');

interface FieldShape {
  name: string;
  nullable: boolean;
  /** A list of this; of anything when there is no class. */
  list: boolean;
  part: Class | null;
  /** What `typeof` says of it; null where any will do. */
  plain: 'string' | 'number' | 'boolean' | null;
}

const PLAIN: Record<string, FieldShape['plain']> = {
  string: 'string',
  number: 'number',
  integer: 'number',
  boolean: 'boolean',
};

const shapes = new Map<Class, readonly FieldShape[]>();

function shapeOf(type: Class): readonly FieldShape[] {
  const known = shapes.get(type);
  if (known) return known;
  const shape = fieldsOf(type).map(([name, { schema, nullable }]): FieldShape => {
    let part: Class | null = null;
    const { type: kind } = schema((target) => {
      part = target;
      return {};
    });
    return { name, nullable, part, list: kind === 'array', plain: PLAIN[String(kind)] ?? null };
  });
  shapes.set(type, shape);
  return shape;
}

/**
 * Whether a stored value is built as its class: lists where lists belong, and so on. It says nothing
 * about limits, which may be stricter today than when it was stored. For values of nothing but data.
 */
export function hasShape(type: Class, value: unknown): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  return shapeOf(type).every(({ name, nullable, list, part, plain }) => {
    const inner = (value as Record<string, unknown>)[name];
    if (inner === null) return nullable;
    if (list)
      return (
        Array.isArray(inner) &&
        inner.every((entry) => (part ? hasShape(part, entry) : entry !== null))
      );
    if (part) return hasShape(part, inner);
    return plain === null ? inner !== undefined : typeof inner === plain;
  });
}
