/** Every hazard is answered by something, or it is not known. */
import { describe, expect, test } from '@jest/globals';
import { timelineOf } from '../../lineup/timelineOf';
import { blankDemo, blankHazard } from '../../repertoire/blank';
import { NO_CARD, NO_CARE, NO_NEEDS } from '../../repertoire/care';
import { HAZARDS, type Hazard, type HazardKind, type Method } from '../../repertoire/types';
import { task } from '../../testing/build';
import { bundle, item, line, method } from '../../testing/bundle';
import { bound, HALL, judged } from '../../testing/judged';
import { judge } from '../judge';
import { NOTHING_AROUND, readiness } from '../go';
import { type Verdict, worstOf } from '../verdict';
import { ANSWERS } from './needs';
import { suggestions, suggestionsOf, withTakenOn } from './suggest';

const hazard = (kind: HazardKind, over: Partial<Hazard> = {}): Hazard => ({
  ...blankHazard(kind, 'Kept down in this way'),
  after: { likelihood: 1, severity: 3 },
  ...over,
});

const of = (verdicts: readonly Verdict[], kind: HazardKind): Verdict | undefined =>
  verdicts.find((one) => one.key.endsWith(`:${kind}`) && one.kind === 'hazard');

/** Gear on before, everything named, said and calculated: what answers anything. */
const answered = (kind: HazardKind): Partial<Method> => ({
  hazards: [hazard(kind, { figure: kind === 'laser' ? 1 : 2 })],
  warning: 'Something happens. Who has a heart device sits at the back.',
  needs: { ...NO_NEEDS, clearM: 2 },
  care: { ...NO_CARE, extinguisher: 'carbonDioxide', heldBy: 'helper' },
  volunteerCard: {
    ...NO_CARD,
    suits: 'Somebody steady',
    mustNot: ['heartDevice'],
    letGo: 'Stop',
    wayOff: 'To the left',
  },
  calculators: ['will-it-light', 'cold-left', 'bang', 'clear-zone', 'dome', 'balloon'].map((id) =>
    bound(id),
  ),
});

function shownWith(
  over: Partial<Method>,
  people: Partial<{ heartDevice: 'yes' | 'unknown' }> = {},
) {
  const tasks = [
    task('p', 'perform', 60, {
      gearOn: ['Goggles', 'Gloves', 'Ear plugs'],
      hands: [
        { role: 'performer', count: 1, competence: null },
        { role: 'helper', count: 1, competence: null },
      ],
    }),
  ];
  const made = bundle([{ id: 'd', tasks, over }]);
  const shown = {
    ...made,
    venue: HALL,
    people: made.people.map((person) => ({ ...person, ...people })),
  };
  return judge(shown, timelineOf(shown));
}

test.each(HAZARDS)('%s: with nothing said of it, it is not known and does not go', (kind) => {
  const found = of(judged({ d: { hazards: [blankHazard(kind)] } }), kind);
  expect(found?.level).toBe('unknown');
  expect(found?.message).toContain('no control');
  expect(found?.remedy).not.toBe('');
  expect(found?.place).not.toBeNull();
});

test.each(HAZARDS)('%s: with what answers it, it is told by what', (kind) => {
  const found = of(shownWith(answered(kind)), kind);
  expect(found).toMatchObject({ level: 'ok' });
  expect(found?.message).toContain('control: Kept down in this way');
});

// One of the crew may be turned without a card for volunteers.
test.each(HAZARDS.filter((kind) => ANSWERS[kind].length > 0 && kind !== 'volunteerMoved'))(
  '%s: a control in words alone is not enough',
  (kind) => {
    expect(of(judged({ d: { hazards: [hazard(kind)] } }), kind)?.level).not.toBe('ok');
  },
);

test('a method with every hazard and nothing against it never goes', () => {
  const kinds = [
    ...(['highVoltage', 'cryogen', 'asphyxiant', 'corrosive', 'flashingLight'] as const),
    ...(['loud', 'smoke'] as const),
  ];
  const made = bundle([
    {
      id: 'd',
      tasks: [task('p', 'perform', 60)],
      over: { hazards: kinds.map((kind) => blankHazard(kind)) },
    },
  ]);
  const shown = { ...made, venue: HALL };
  const { state } = readiness(shown, timelineOf(shown), NOTHING_AROUND);
  expect(state.go).toBe(false);
  expect(state.unknown.filter((one) => one.kind === 'hazard').length).toBeGreaterThanOrEqual(7);
});

test('a method that nobody has gone through is not known, and says what may be there', () => {
  const items = [item('meths', 'consumable', { name: 'Methylated spirits' })];
  const lit = items.map((one) => ({ ...one, label: { ...one.label, hazards: ['H225'] } }));
  const [found] = judged(
    { d: { hazardsReviewed: false, kit: [line('meths', 5, 'mL')] } },
    { items: lit },
  ).filter((one) => one.kind === 'hazard');
  expect(found).toMatchObject({ level: 'unknown' });
  expect(found?.message).toMatch(
    /Nobody has gone through it.*Perhaps: flammable vapour \(methylated spirits\)/,
  );
});

describe('suggestions', () => {
  const kinds = (over: Partial<Method>, items = [] as ReturnType<typeof item>[]): HazardKind[] =>
    suggestions(method('m', over), items).map(({ kind }) => kind);
  const coded = (code: string) => {
    const one = item('x', 'consumable');
    return { ...one, label: { ...one.label, hazards: [code] } };
  };
  const used = { kit: [line('x', 1, 'piece')] };

  test.each([
    ['H225', 'flammableVapour'],
    ['H272', 'oxidiser'],
    ['H280', 'compressedGas'],
    ['H314', 'corrosive'],
    ['H319', 'splash'],
    ['H317', 'allergen'],
    ['H331', 'toxicVapour'],
  ] as const)('a thing with %s: %s', (code, kind) => {
    expect(kinds(used, [coded(code)])).toContain(kind);
    expect(kinds({}, [coded(code)])).toEqual([]);
  });

  test('cold things, names, what it leaves, power and calculators', () => {
    expect(kinds(used, [item('x', 'consumable', { cold: 'dryIce' })])).toEqual([
      'cryogen',
      'asphyxiant',
    ]);
    expect(kinds(used, [item('x', 'equipment', { name: 'Strong magnets' })])).toEqual([
      'strongMagnet',
    ]);
    expect(kinds({ needs: { ...NO_NEEDS, powerW: 800 } })).toEqual(['trailingCables']);
    expect(kinds({ calculators: [bound('dome')] })).toEqual(['highVoltage']);
    // A magnet in a glove box is no gear of hands; gloves are no hazard.
    expect(kinds(used, [item('x', 'gear', { name: 'Latex gloves' })])).toEqual([]);
  });

  // Common practice: what a bottle says by its name is asked about before anybody has read its label.
  test.each<[string, HazardKind[]]>([
    ['Hydrogen peroxide 9 %', ['oxidiser', 'splash']],
    ['White vinegar', ['splash']],
    ['Citric acid', ['splash']],
    ['Methylated spirit', ['flammableVapour']],
    ['Sodium hydroxide', ['corrosive']],
    ['Placid pond water', []],
    ['Acidity chart', []],
  ])('by the name of what has no label yet: %s', (name, expected) => {
    expect(kinds(used, [item('x', 'consumable', { name })])).toEqual(expected);
  });

  test('where ears are covered, or something is worn over them, it is loud', () => {
    const heard = (over: Partial<Method['tasks'][number]>): HazardKind[] =>
      kinds({ tasks: [task('Bang', 'perform', 60, over)] });
    expect(heard({ cue: 'Cover your ears' })).toEqual(['loud']);
    expect(heard({ gearOn: ['Ear defenders'] })).toEqual(['loud']);
    expect(heard({ cue: 'It appears now' })).toEqual([]);
  });

  test('of several ways each hazard is told once, and taken on by each way that may have it', () => {
    const bang = task('Bang', 'perform', 60, { cue: 'Cover your ears' });
    const demo = {
      ...blankDemo('d', 'Two ways', []),
      methods: [method('a', { tasks: [bang] }), method('b', { tasks: [bang] }), method('c', {})],
    };
    expect(suggestionsOf(demo, []).map(({ kind }) => kind)).toEqual(['loud']);
    const taken = withTakenOn(demo, ['loud', 'laser'], []);
    expect(taken.methods.map(({ hazards }) => hazards.map(({ kind }) => kind))).toEqual([
      ['loud'],
      ['loud'],
      [],
    ]);
    expect(withTakenOn(taken, ['loud'], [])).toEqual(taken);
  });

  test('what is listed, covered by something greater, or ruled out with a reason is not asked again', () => {
    const peroxide = coded('H318');
    expect(kinds(used, [peroxide])).toEqual(['splash']);
    expect(kinds({ ...used, hazards: [hazard('corrosive')] }, [peroxide])).toEqual([]);
    expect(
      kinds({ ...used, ruledOut: [{ kind: 'splash', why: 'Drops from a bottle' }] }, [peroxide]),
    ).toEqual([]);
  });

  test('one left open keeps the show from going', () => {
    const found = judged({ d: used }, { items: [coded('H225')] });
    expect(found.find((one) => one.key === 'hazards:slot-d')).toMatchObject({
      level: 'unknown',
      place: { page: 'demo', part: 'hazards' },
    });
  });
});

describe('who holds the extinguisher', () => {
  const care = (over: Partial<typeof NO_CARE>) => ({
    hazards: [hazard('flammableVapour')],
    needs: { ...NO_NEEDS, clearM: 3 },
    calculators: [bound('will-it-light')],
    care: { ...NO_CARE, ...over },
  });
  const level = (over: Partial<typeof NO_CARE>) =>
    of(shownWith(care(over)), 'flammableVapour')?.level;

  test('of the right kind, by somebody who is there', () => {
    expect(level({ extinguisher: 'none' })).toBe('unknown');
    expect(level({ extinguisher: 'blanket' })).toBe('unknown');
    expect(level({ extinguisher: 'water', heldBy: 'helper' })).toBe('fix');
    expect(level({ extinguisher: 'blanket', heldBy: 'helper' })).toBe('ok');
  });

  test('a helper who is in no step of it is not there', () => {
    const alone = judged({
      d: { ...care({ extinguisher: 'blanket', heldBy: 'helper' }), hazards: [hazard('openFlame')] },
    });
    expect(of(alone, 'openFlame')?.message).toContain('nobody is there to hold the fire blanket');
  });
});

describe('gear by person, in the steps in which it is there', () => {
  const steps = (gearOn: string[]) => [
    task('pour', 'perform', 30, { gearOn, hazards: ['corrosive'] }),
    task('show', 'perform', 30, { gearOff: gearOn }),
  ];
  const corrosive = (gearOn: string[]) => {
    const made = bundle([
      { id: 'd', tasks: steps(gearOn), over: { hazards: [hazard('corrosive')] } },
    ]);
    const shown = { ...made, venue: HALL };
    return of(judge(shown, timelineOf(shown)), 'corrosive');
  };

  test('goggles alone leave the hands', () => {
    expect(corrosive(['Goggles'])?.message).toContain('no gloves for Ines');
    expect(corrosive(['Goggles', 'Gloves'])?.level).toBe('ok');
    expect(corrosive([])?.level).toBe('unknown');
  });
});

describe('heart devices', () => {
  const magnets = (people: Parameters<typeof shownWith>[1], over: Partial<Method> = {}) =>
    of(shownWith({ ...answered('strongMagnet'), ...over }, people), 'strongMagnet');

  test('crew, volunteers and the nearest rows are asked', () => {
    expect(magnets({ heartDevice: 'yes' })).toMatchObject({ level: 'fix' });
    expect(magnets({ heartDevice: 'unknown' })?.message).toContain(
      'not asked about a heart device',
    );
    expect(magnets({}, { warning: 'Magnets!' })?.message).toContain('nearest rows');
    expect(magnets({}, { volunteers: 1, volunteerCard: NO_CARD })?.message).toContain('volunteers');
    expect(magnets({})?.level).toBe('ok');
  });
});

describe('figures that decide', () => {
  const rated = (kind: HazardKind, figure: number | null) =>
    of(shownWith({ ...answered(kind), hazards: [hazard(kind, { figure })] }), kind)?.level;

  // WCAG 2.2, 2.3.1 (from memory): no more than three flashes in a second.
  test('three flashes a second at the most', () => {
    expect([null, 3, 4].map((figure) => rated('photosensitive', figure))).toEqual([
      'unknown',
      'ok',
      'fix',
    ]);
  });

  // IEC 60825-1 (from memory).
  test('lasers by their class', () => {
    expect([null, 2, 3, 4].map((figure) => rated('laser', figure))).toEqual([
      'unknown',
      'ok',
      'fix',
      'stop',
    ]);
  });

  test('a remaining risk that is rated high does not pass', () => {
    const rate = (likelihood: number, severity: number) =>
      of(
        shownWith({
          ...answered('slip'),
          hazards: [hazard('slip', { after: { likelihood, severity } })],
        }),
        'slip',
      )?.level;
    expect([rate(1, 3), rate(3, 4), rate(4, 5)]).toEqual(['ok', 'fix', 'stop']);
  });
});

test('an empty line-up and a talk have no hazards to go through', () => {
  expect(worstOf(judged({}))).toBe('ok');
});

test('a kind that is there twice is judged, and waived, twice', () => {
  const twice = bundle([
    {
      id: 'd',
      tasks: [task('p', 'perform', 60)],
      over: { hazards: [blankHazard('slip', 'Mopped'), blankHazard('slip', '')] },
    },
  ]);
  const found = judge(twice, timelineOf(twice)).filter(({ kind }) => kind === 'hazard');
  expect(found.map(({ key, level }) => [key, level]).sort()).toEqual([
    ['hazard:slot-d:slip', 'ok'],
    ['hazard:slot-d:slip:2', 'unknown'],
  ]);
});
