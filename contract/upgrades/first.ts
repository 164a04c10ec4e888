/** Versions 1 to 6 of the show file, each made the next. */
import { NO_WISHES } from '../../core/brief/wishes';
import { blankVenue } from '../../core/brief/blank';
import { CONDITION_FIGURES, NO_AUDIENCE_NEEDS, NO_CONDITIONS } from '../../core/brief/types';
import { blankItem, blankLine, blankMethod } from '../../core/repertoire/blank';
import { USUAL_MATRIX } from '../../core/repertoire/matrix';
import { HOUSEHOLD } from '../../core/units/household';
import { BASE_UNIT, type UnitId, UNITS, dimensionOf } from '../../core/units/units';
import { each, isPlain, type Plain, withMissing, within } from './plain';

/** What version 2 added: talks, what is left on the stage, how many there are, what is done on a failure. */
export function fromVersion1(file: Plain): Plain {
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
export function fromVersion2(file: Plain): Plain {
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
export function fromVersion3(file: Plain): Plain {
  const { needs, care, volunteerCard } = blankMethod('', '');
  const hazard = { who: ['performer', 'crew'], firstAid: '', rest: 'low' };
  const demo = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const { volunteerCard: words = '', ...rest } = value;
    const card = { ...volunteerCard, suits: words };
    const method = (entry: unknown): unknown =>
      isPlain(entry)
        ? {
            needs,
            care,
            sums: [],
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
export const fromVersion4 = (file: Plain): Plain => ({
  ...file,
  version: 5,
  show: isPlain(file.show)
    ? { ...file.show, conditions: withMissing(file.show.conditions, { sound: null }) }
    : file.show,
});

/** The same part with some of its names changed; a name that is not there is left out. */
function renamed(value: unknown, names: Readonly<Record<string, string>>): unknown {
  if (!isPlain(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, entry]) => [
      Object.hasOwn(names, name) ? names[name] : name,
      entry,
    ]),
  );
}

/** Version 6 gave things their usual names: calculators, energy, who is at risk, remaining risk. */
export function fromVersion5(file: Plain): Plain {
  const task = (value: unknown): unknown => renamed(value, { mind: 'careful' });
  const hazard = (value: unknown): unknown =>
    renamed(value, { who: 'atRisk', rest: 'remainingRisk' });
  const card = (value: unknown): unknown =>
    within(value, 'mustNot', (list) =>
      each(list, (entry) => (entry === 'withChild' ? 'pregnant' : entry)),
    );
  const method = (value: unknown): unknown => {
    let changed = renamed(value, { sums: 'calculators' });
    changed = within(changed, 'calculators', (list) =>
      each(list, (binding) => renamed(binding, { sum: 'calculator' })),
    );
    changed = within(changed, 'tasks', (list) => each(list, task));
    changed = within(changed, 'hazards', (list) => each(list, hazard));
    return within(changed, 'volunteerCard', card);
  };
  const demo = (value: unknown): unknown =>
    within(renamed(value, { lift: 'energy' }), 'methods', (list) => each(list, method));
  const planned = (value: unknown): unknown => within(value, 'steps', (list) => each(list, task));
  const event = (value: unknown): unknown => withMissing(value, { onMove: null });
  const run = (value: unknown): unknown =>
    within(
      within(value, 'plan', (plan) => within(plan, 'slots', (list) => each(list, planned))),
      'events',
      (list) => each(list, event),
    );
  return { ...file, version: 6, demos: each(file.demos, demo), runs: each(file.runs, run) };
}

/** Inputs that a calculator no longer has: they say nothing any more. */
const GONE: Readonly<Record<string, readonly string[]>> = { turning: ['still', 'out', 'into'] };

/** What version 6 had as a word for the risk that remains, as likelihood and severity of the same level. */
const REMAINING: Readonly<Record<string, Plain>> = {
  low: { likelihood: 1, severity: 3 },
  medium: { likelihood: 2, severity: 3 },
  high: { likelihood: 4, severity: 3 },
};

/** What was “no” may as well never have been asked. */
const asked = (value: unknown): unknown =>
  value === true ? 'yes' : value === false ? 'unknown' : value;

/**
 * Version 7 says what is not known: facts of venue, audience and crew, figures that are only expected,
 * hazards that were never gone through; and in which tasks a hazard is there.
 */
export function fromVersion6(file: Plain): Plain {
  const hazard = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const { remainingRisk, ...rest } = value;
    const after = typeof remainingRisk === 'string' ? (REMAINING[remainingRisk] ?? null) : null;
    return { figure: null, before: null, after, ...rest };
  };
  const binding = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const gone = GONE[String(value.calculator)] ?? [];
    return within(value, 'inputs', (list) =>
      Array.isArray(list)
        ? list.filter((input) => !isPlain(input) || !gone.includes(String(input.input)))
        : list,
    );
  };
  const method = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const listed = Array.isArray(value.hazards) && value.hazards.length > 0;
    return {
      hazardsReviewed: listed,
      ruledOut: [],
      ...value,
      hazards: each(value.hazards, hazard),
      calculators: each(value.calculators, binding),
      settings: each(value.settings, (one) => withMissing(one, { most: null })),
      tasks: each(value.tasks, (one) => withMissing(one, { hazards: [] })),
    };
  };
  const planned = (value: unknown): unknown =>
    within(value, 'steps', (list) =>
      each(list, (step) => withMissing(step, { warn: '', brief: [] })),
    );
  const run = (value: unknown): unknown =>
    within(value, 'plan', (plan) => within(plan, 'slots', (list) => each(list, planned)));
  const conditions = (value: unknown): unknown => {
    if (!isPlain(value)) return value;
    const measured =
      value.takenAt === null ? [] : CONDITION_FIGURES.filter((name) => value[name] !== null);
    return { measured, ...value };
  };
  const venue = (value: unknown): unknown => {
    const facts = ['water', 'dark', 'drain', 'smokeDetectors'];
    const known = facts.reduce((whole, name) => within(whole, name, asked), value);
    return withMissing(known, { emergencyNumber: '', emergencyNote: '' });
  };
  return {
    ...file,
    version: 7,
    show: isPlain(file.show)
      ? {
          youngest: null,
          audienceNeeds: NO_AUDIENCE_NEEDS,
          journeys: [],
          ...file.show,
          conditions: conditions(file.show.conditions),
        }
      : file.show,
    venue: venue(file.venue),
    people: each(file.people, (person) => withMissing(person, { heartDevice: 'unknown' })),
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    items: each(file.items, (item) => withMissing(item, { lid: 'unknown' })),
    runs: each(file.runs, run),
    riskMatrix: 'riskMatrix' in file ? file.riskMatrix : USUAL_MATRIX,
  };
}
