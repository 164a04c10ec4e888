/** Show files of earlier versions, brought up to what is read now. */
import { NO_WISHES } from '../core/brief/wishes';

type Plain = Record<string, unknown>;

const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The same part with what it lacks; what is no part at all is left for the check to tell of. */
const withMissing = (value: unknown, missing: Plain): unknown =>
  isPlain(value) ? { ...missing, ...value } : value;

const each = (list: unknown, change: (entry: unknown) => unknown): unknown =>
  Array.isArray(list) ? list.map(change) : list;

/** What version 2 added: talks, what is left on the stage, how many there are, what is done on a failure. */
function fromVersion1(file: Plain): Plain {
  const method = (value: unknown): unknown => withMissing(value, { leaves: [], forbids: [] });
  const slot = (value: unknown): unknown =>
    withMissing(value, { talk: null, again: 0, fallback: 0, leads: [] });
  const run = (value: unknown): unknown => {
    if (!isPlain(value) || !isPlain(value.plan)) return value;
    const slots = each(value.plan.slots, (planned) =>
      isPlain(planned)
        ? { ...planned, steps: each(planned.steps, (s) => withMissing(s, { between: false })) }
        : planned,
    );
    return { ...value, plan: { ...value.plan, slots } };
  };
  return {
    ...file,
    version: 2,
    show: isPlain(file.show)
      ? { wishes: NO_WISHES, ...file.show, slots: each(file.show.slots, slot) }
      : file.show,
    demos: each(file.demos, (demo) =>
      isPlain(demo) ? { ...demo, methods: each(demo.methods, method) } : demo,
    ),
    items: each(file.items, (item) => withMissing(item, { owned: null })),
    runs: each(file.runs, run),
  };
}

/** The file as the present version has it. */
export const upgraded = (plain: unknown): unknown =>
  isPlain(plain) && plain.version === 1 ? fromVersion1(plain) : plain;
