/** Show files of earlier versions, brought up to what is read now. */
import { NO_WISHES } from '../core/brief/wishes';
import { blankVenue } from '../core/brief/blank';
import { NO_CONDITIONS } from '../core/brief/types';
import { blankHazard, blankItem, blankLine, blankMethod } from '../core/repertoire/blank';
import { HOUSEHOLD } from '../core/units/household';
import { BASE_UNIT, type UnitId, UNITS, dimensionOf } from '../core/units/units';

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

/** What an item is counted in, from the first kit line that names it. */
function stockUnit(file: Plain, itemId: unknown): UnitId {
  const parts = (list: unknown): Plain[] => (Array.isArray(list) ? list.filter(isPlain) : []);
  const lines = parts(file.demos).flatMap((demo) =>
    parts(demo.methods).flatMap((method) => parts(method.kit)),
  );
  const unit = lines.find((line) => line.itemId === itemId)?.unit;
  return typeof unit === 'string' && unit in UNITS
    ? BASE_UNIT[dimensionOf(unit as UnitId)]
    : 'piece';
}

/** What version 3 added: the store, packing, cold plans, rehearsals, sizes of household words. */
function fromVersion2(file: Plain): Plain {
  const { id: _id, itemId: _itemId, ...line } = blankLine('', '');
  const { id: _ownId, name: _name, kind: _kind, ...item } = blankItem('', '', 'equipment');
  const method = (value: unknown): unknown =>
    isPlain(value)
      ? { ...value, kit: each(value.kit, (entry) => withMissing(entry, line)) }
      : value;
  return {
    household: HOUSEHOLD,
    boxes: [],
    lots: [],
    packing: [],
    ...file,
    version: 3,
    show: withMissing(file.show, { rehearsals: 0, wantedChance: 95, cold: [] }),
    demos: each(file.demos, (demo) =>
      isPlain(demo) ? { ...demo, methods: each(demo.methods, method) } : demo,
    ),
    items: each(file.items, (value) =>
      withMissing(value, { ...item, unit: stockUnit(file, isPlain(value) ? value.id : null) }),
    ),
  };
}

/** What version 4 added: what a method asks of the room, cautions, volunteers, sums, the day's figures. */
function fromVersion3(file: Plain): Plain {
  const { needs, care, sums, volunteerCard } = blankMethod('', '');
  const { kind: _kind, control: _control, ...hazard } = blankHazard('hot');
  const demo = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const { volunteerCard: words = '', ...rest } = value;
    const card = { ...volunteerCard, suits: words };
    const method = (entry: unknown): unknown =>
      isPlain(entry)
        ? {
            needs,
            care,
            sums,
            volunteerCard: card,
            ...entry,
            hazards: each(entry.hazards, (one) => withMissing(one, hazard)),
            settings: each(entry.settings, (one) => withMissing(one, { source: '' })),
          }
        : entry;
    return { ...rest, methods: each(value.methods, method) };
  };
  const position = (value: unknown): unknown => withMissing(value, { at: null, circuitId: null });
  return {
    ...file,
    version: 4,
    show: isPlain(file.show)
      ? { conditions: NO_CONDITIONS, ...file.show, positions: each(file.show.positions, position) }
      : file.show,
    venue: withMissing(file.venue, { ...blankVenue('') }),
    people: each(file.people, (person) => withMissing(person, { mayWaive: true })),
    demos: each(file.demos, demo),
    items: each(file.items, (item) => withMissing(item, { testMeasures: null })),
  };
}

/** What version 5 added: how loud the room is. */
const fromVersion4 = (file: Plain): Plain => ({
  ...file,
  version: 5,
  show: isPlain(file.show)
    ? { ...file.show, conditions: withMissing(file.show.conditions, { sound: null }) }
    : file.show,
});

/** Each makes the next version of the one before. */
const STEPS: Record<number, (file: Plain) => Plain> = {
  1: fromVersion1,
  2: fromVersion2,
  3: fromVersion3,
  4: fromVersion4,
};

/** The file as the present version has it. */
export function upgraded(plain: unknown): unknown {
  let file = plain;
  for (;;) {
    const step =
      isPlain(file) && typeof file.version === 'number' ? STEPS[file.version] : undefined;
    if (!step) return file;
    file = step(file as Plain);
  }
}
