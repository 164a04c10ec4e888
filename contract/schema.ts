/** JSON Schema of the show file, written from the same rules that check it. */
import { type Schema, fieldsOf } from './fields';
import { FILE_VERSION, ShowFile } from './showFile';

type Class = new () => object;

/** Draft 2020-12. Rules over several fields and references between parts are in the prose beside it. */
export function showFileSchema(): Schema {
  const definitions: Record<string, Schema> = {};
  const named = new Map<string, Class>();
  const nameOf = (target: Class): string => target.name.replace(/Body$/, '');
  const refTo = (target: Class): Schema => {
    const name = nameOf(target);
    // Two parts under one name would each be checked by the other's rules.
    if ((named.get(name) ?? target) !== target) throw new Error(`Two parts are called ${name}`);
    named.set(name, target);
    if (!(name in definitions)) {
      definitions[name] = {};
      definitions[name] = objectOf(target);
    }
    return { $ref: `#/$defs/${name}` };
  };
  const objectOf = (target: Class): Schema => {
    const fields = fieldsOf(target);
    return {
      type: 'object',
      additionalProperties: false,
      required: fields.map(([key]) => key),
      properties: Object.fromEntries(
        fields.map(([key, { schema, nullable }]) => {
          const own = schema(refTo);
          return [key, nullable ? { anyOf: [own, { type: 'null' }] } : own];
        }),
      ),
    };
  };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Hearty Stage show file, version ${FILE_VERSION}`,
    ...objectOf(ShowFile),
    $defs: definitions,
  };
}
