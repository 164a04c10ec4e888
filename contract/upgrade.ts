/** Show files of earlier versions, brought up to what is read now. */
import { NO_WISHES } from '../core/brief/wishes';
import { blankVenue } from '../core/brief/blank';
import { CONDITION_FIGURES, NO_AUDIENCE_NEEDS, NO_CONDITIONS } from '../core/brief/types';
import { blankDemo, blankItem, blankLine, blankMethod } from '../core/repertoire/blank';
import { USUAL_MATRIX } from '../core/repertoire/matrix';
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
const fromVersion4 = (file: Plain): Plain => ({
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

/** The same part with one of its entries changed, where it has that entry. */
const within = (value: unknown, name: string, change: (entry: unknown) => unknown): unknown =>
  isPlain(value) && Object.hasOwn(value, name) ? { ...value, [name]: change(value[name]) } : value;

/** Version 6 gave things their usual names: calculators, energy, who is at risk, remaining risk. */
function fromVersion5(file: Plain): Plain {
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
function fromVersion6(file: Plain): Plain {
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

/** Parts of a step that protect or let go, and numbers that go with a press, came later. */
function fromVersion7(file: Plain): Plain {
  const slot = (value: unknown): unknown =>
    within(value, 'steps', (list) =>
      each(list, (step) => withMissing(step, { clear: '', letGo: [] })),
    );
  const run = (value: unknown): unknown => {
    const planned = within(value, 'plan', (plan) =>
      within(plan, 'slots', (list) => each(list, slot)),
    );
    return within(planned, 'events', (list) =>
      each(list, (event) => withMissing(event, { value: null })),
    );
  };
  return { ...file, version: 8, runs: each(file.runs, run) };
}

/** On which device a press was made, cues of steps, and questions to the audience came later. */
function fromVersion8(file: Plain): Plain {
  const withCues = (value: unknown): unknown => withMissing(value, { cues: [] });
  const method = (value: unknown): unknown =>
    within(withMissing(value, { prediction: null }), 'tasks', (list) => each(list, withCues));
  const slot = (value: unknown): unknown =>
    within(withMissing(value, { prediction: null }), 'steps', (list) => each(list, withCues));
  const run = (value: unknown): unknown => {
    const planned = within(value, 'plan', (plan) =>
      within(plan, 'slots', (list) => each(list, slot)),
    );
    return within(planned, 'events', (list) =>
      each(list, (event) => withMissing(event, { device: null })),
    );
  };
  return {
    ...file,
    version: 9,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    runs: each(file.runs, run),
  };
}

/** What is read at a go, times that were learned, who performed a slot, and trial series came later. */
function fromVersion9(file: Plain): Plain {
  const method = (value: unknown): unknown => withMissing(value, { results: [], figures: [] });
  const slot = (value: unknown): unknown => withMissing(value, { results: [], performerId: null });
  const run = (value: unknown): unknown =>
    within(value, 'plan', (plan) => within(plan, 'slots', (list) => each(list, slot)));
  return {
    trials: [],
    readings: [],
    ...file,
    version: 10,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    runs: each(file.runs, run),
  };
}

/** Several side by side in a slot, claims on stage, a trial’s setting and evidence, and chances kept to came later. */
function fromVersion10(file: Plain): Plain {
  const booked = (value: unknown): unknown => withMissing(value, { sideBySide: null });
  const performed = (value: unknown): unknown =>
    withMissing(value, { sideBySide: null, claims: [] });
  const run = (value: unknown): unknown =>
    within(value, 'plan', (plan) => within(plan, 'slots', (list) => each(list, performed)));
  const method = (value: unknown): unknown => withMissing(value, { chance: null });
  const series = (value: unknown): unknown => {
    const trial = within(value, 'trial', (one) =>
      within(withMissing(one, { evidence: '' }), 'variable', (variable) =>
        withMissing(variable, { settingId: null }),
      ),
    );
    return within(trial, 'goes', (list) => each(list, (go) => withMissing(go, { source: null })));
  };
  return {
    ...file,
    version: 11,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    show: within(file.show, 'slots', (list) => each(list, booked)),
    runs: each(file.runs, run),
    trials: each(file.trials, series),
  };
}

/** What a demonstration is about and looks like, the text it was told in, where it is from, and tours came later. */
function fromVersion11(file: Plain): Plain {
  const { family, face, told, origin } = blankDemo('', '', []);
  return {
    ...file,
    version: 12,
    demos: each(file.demos, (demo) => withMissing(demo, { family, face, told, origin })),
    show: withMissing(file.show, { tour: '' }),
  };
}

/** Each makes the next version of the one before. */
const STEPS: Record<number, (file: Plain) => Plain> = {
  1: fromVersion1,
  2: fromVersion2,
  3: fromVersion3,
  4: fromVersion4,
  5: fromVersion5,
  6: fromVersion6,
  7: fromVersion7,
  8: fromVersion8,
  9: fromVersion9,
  10: fromVersion10,
  11: fromVersion11,
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
