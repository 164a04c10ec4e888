/** Versions 7 and later of the show file, each made the next. */
import { blankDemo } from '../../core/repertoire/blank';
import { NO_ANSWERS } from '../../core/repertoire/cues';
import { each, isPlain, type Plain, withMissing, within } from './plain';

/** Parts of a step that protect or let go, and numbers that go with a press, came later. */
export function fromVersion7(file: Plain): Plain {
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
export function fromVersion8(file: Plain): Plain {
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
export function fromVersion9(file: Plain): Plain {
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
export function fromVersion10(file: Plain): Plain {
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
export function fromVersion11(file: Plain): Plain {
  const { family, face, told, origin } = blankDemo('', '', []);
  return {
    ...file,
    version: 12,
    demos: each(file.demos, (demo) => withMissing(demo, { family, face, told, origin })),
    show: withMissing(file.show, { tour: '' }),
  };
}

/** What version 13 added: how fast somebody speaks, what is answered to a question besides its options. */
export function fromVersion12(file: Plain): Plain {
  const asked = (value: unknown): unknown =>
    within(value, 'prediction', (one) => withMissing(one, NO_ANSWERS));
  const run = (value: unknown): unknown =>
    within(value, 'plan', (plan) => within(plan, 'slots', (list) => each(list, asked)));
  return {
    ...file,
    version: 13,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, asked))),
    runs: each(file.runs, run),
    people: each(file.people, (person) => withMissing(person, { wordsPerMinute: null })),
  };
}

/** What version 14 added: pictures and cameras, what goes home with the audience, a class that tries it itself. */
export function fromVersion13(file: Plain): Plain {
  const { picture, handOut } = blankDemo('', '', []);
  const filmed = (value: unknown): unknown => withMissing(value, { picture: null, views: [] });
  const method = (value: unknown): unknown => within(value, 'tasks', (list) => each(list, filmed));
  return {
    ...file,
    version: 14,
    demos: each(file.demos, (demo) =>
      withMissing(
        within(demo, 'methods', (list) => each(list, method)),
        { picture, handOut },
      ),
    ),
    show: withMissing(file.show, {
      filming: [],
      classSet: null,
      agreedWith: '',
      answers: [],
      questions: [],
    }),
  };
}

/** What version 15 added: how long packs keep, packs that are hired, what spare sets are for, ranges, groups. */
export function fromVersion14(file: Plain): Plain {
  const pack = (value: unknown): unknown => withMissing(value, { keeps: null, hireDays: null });
  const slot = (value: unknown): unknown => withMissing(value, { wantedGoes: null });
  const line = (value: unknown): unknown =>
    withMissing(value, { most: null, groupOf: null, chilledIn: null });
  const method = (value: unknown): unknown => within(value, 'kit', (list) => each(list, line));
  return {
    ...file,
    version: 15,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    items: each(file.items, (item) => within(item, 'packs', (list) => each(list, pack))),
    show: withMissing(
      within(file.show, 'slots', (list) => each(list, slot)),
      { sparePolicy: { wish: 'each', mostCost: null, mostGrams: null } },
    ),
  };
}

/** What version 16 added: how much of what may be used instead, what a show takes in place of what, how things are packed. */
export function fromVersion15(file: Plain): Plain {
  const line = (value: unknown): unknown =>
    within(value, 'instead', (list) =>
      each(list, (itemId) =>
        typeof itemId === 'string' && isPlain(value)
          ? { itemId, times: 1, unit: value.unit, figures: null }
          : itemId,
      ),
    );
  const method = (value: unknown): unknown => within(value, 'kit', (list) => each(list, line));
  return {
    ...file,
    version: 16,
    demos: each(file.demos, (demo) => within(demo, 'methods', (list) => each(list, method))),
    items: each(file.items, (item) => withMissing(item, { outline: null, stows: [] })),
    packing: each(file.packing, (mark) => withMissing(mark, { amount: null, of: null })),
    show: withMissing(
      within(file.show, 'journeys', (list) =>
        each(list, (one) => withMissing(one, { mostKg: null })),
      ),
      { swaps: [] },
    ),
  };
}
