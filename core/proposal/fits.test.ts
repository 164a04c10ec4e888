/** What would do for a booking, why the rest would not, and what would let it in: the library held against real rooms. */
import { describe, expect, test } from '@jest/globals';
import { LIBRARY_ITEMS } from '../../library/all';
import { LIBRARY_DEMOS } from '../../library/demos';
import { blankVenue } from '../brief/blank';
import type { ShowBundle, Venue } from '../brief/types';
import { bookingOf, person } from '../testing/booking';
import { optionsFor } from './fits';
import { NO_FIT_WISHES } from './fitWishes';
import { fitting, whatLetsIn, whyNot } from './letIn';
import { inSetting, NOTHING_SAID, settingOf, unsaidOf } from './setting';
import { stillToAsk } from './why';

const booking = bookingOf(LIBRARY_ITEMS);
const TWO = [person('ines'), person('jo')];
const demosOf = (...ids: string[]) => LIBRARY_DEMOS.filter(({ id }) => ids.includes(id));

describe('what fits', () => {
  const obstaclesOf = (of: ShowBundle, id: string, wishes = NO_FIT_WISHES): string[] =>
    optionsFor(of, demosOf(id), wishes)[0]?.obstacles.map(({ key }) => key) ?? [];
  const LOW: Venue = {
    ...blankVenue('hall', 'Hall'),
    ceilingM: 3.6,
    frontRowM: 3,
    water: 'yes',
    dark: 'no',
  };

  test('a low ceiling, the front row, people, age, hazards and the time each have their words', () => {
    expect(obstaclesOf(booking(30, TWO, {}, LOW), 'long-pendulum')).toContain('room:ceiling');
    expect(obstaclesOf(booking(30, TWO, {}, LOW), 'rainbow-tray')).toContain('room:dark');
    expect(obstaclesOf(booking(30, [person('ines')]), 'smoke-ring-drum')).toContain('people');
    expect(obstaclesOf(booking(30, TWO), 'rising-water')).toEqual(['competence:flame']);
    expect(obstaclesOf(booking(30, TWO, { youngest: 4 }), 'glass-clock')).toEqual(['age']);
    expect(obstaclesOf(booking(1, TWO), 'foam-fountain')).toContain('time');
    expect(
      obstaclesOf(booking(30, [person('ines', ['flame']), person('jo')]), 'rising-water', {
        ...NO_FIT_WISHES,
        without: ['openFlame'],
      }),
    ).toEqual(['hazard:openFlame']);
    const within = (...ids: string[]) => ({ ...NO_FIT_WISHES, atHand: new Set(ids) });
    expect(obstaclesOf(booking(30, TWO), 'hoot-tube', within())).toEqual(['kit']);
    expect(obstaclesOf(booking(30, TWO), 'hoot-tube', within('hoot-tube'))).toEqual([]);
  });

  test('a place of which nothing is known keeps nothing out, and what it must have is still to be asked', () => {
    const of = booking(30, TWO, {}, blankVenue('x', 'Barn'));
    expect(obstaclesOf(of, 'rainbow-tray')).toEqual([]);
    const demos = demosOf('rainbow-tray');
    const slots = optionsFor(of, demos).map(({ slot }) => slot);
    const shown = { ...of, demos, show: { ...of.show, slots } };
    expect(stillToAsk(shown)).toEqual(['water', 'whether it can be darkened']);
  });

  test('what would let most in comes first, by itself, once for each demonstration', () => {
    const options = optionsFor(booking(30, TWO), LIBRARY_DEMOS);
    const [first, ...others] = whatLetsIn(options);
    expect(first?.remedy).toBe('Say who is used to open flames');
    for (const one of others) expect(one.more).toBeLessThanOrEqual(first?.more ?? 0);
    const withFlame = optionsFor(
      booking(30, [person('ines', ['flame']), person('jo', ['flame'])]),
      LIBRARY_DEMOS,
    );
    expect(fitting(withFlame).size).toBe(fitting(options).size + (first?.more ?? 0));
    expect(fitting(options, whatLetsIn(options)).size).toBeGreaterThanOrEqual(
      fitting(options).size + (first?.more ?? 0),
    );
  });

  test('the front row goes back by no more than the first one needs, and only what is content with that is counted', () => {
    const hall = { ...blankVenue('hall', 'Hall'), frontRowM: 1.5 };
    const options = optionsFor(booking(30, TWO, {}, hall), LIBRARY_DEMOS);
    const one = whatLetsIn(options).find(({ key }) => key === 'distance');
    expect(one?.remedy).toMatch(/^Front row back to \d/);
    const back = { ...hall, frontRowM: hall.frontRowM + (one?.lacks ?? 0) };
    const then = fitting(optionsFor(booking(30, TWO, {}, back), LIBRARY_DEMOS));
    expect(one?.more).toBeGreaterThan(0);
    expect(then.size).toBe(fitting(options).size + (one?.more ?? 0));
    const lacking = options.flatMap(({ obstacles }) =>
      obstacles.flatMap(({ key, lacks }) => (key === 'distance' ? (lacks ?? 0) : [])),
    );
    // Not by as much as the one that throws furthest.
    expect(Math.max(...lacking)).toBeGreaterThan(one?.lacks ?? Infinity);
  });

  test('by how many years the youngest would have to be older: the least that lets one in', () => {
    const options = optionsFor(booking(30, TWO, { youngest: 4 }), LIBRARY_DEMOS);
    const one = whatLetsIn(options).find(({ key }) => key === 'age');
    expect(one?.remedy).toBe(`Announced from ${4 + (one?.lacks ?? 0)} years on`);
    const older = booking(30, TWO, { youngest: 4 + (one?.lacks ?? 0) });
    const then = fitting(optionsFor(older, LIBRARY_DEMOS));
    expect(then.size).toBe(fitting(options).size + (one?.more ?? 0));
  });

  test('one more person is asked for where two are lacking elsewhere, and two don’t count as let in by one', () => {
    const told = (demoId: string, lacks: number) => ({
      demoId,
      methodId: 'm',
      seconds: 60,
      obstacles: [{ key: 'people', lacks, words: '', remedy: `${lacks} more` }],
    });
    expect(whatLetsIn([told('a', 2), told('b', 1), told('c', 1)])).toEqual([
      { key: 'people', lacks: 1, remedy: '1 more', more: 2 },
    ]);
  });

  test('why not is told of the way that least keeps out', () => {
    const way = (methodId: string, ...words: string[]) => ({
      demoId: 'a',
      methodId,
      seconds: 60,
      obstacles: words.map((one) => ({ key: one, words: one, remedy: '' })),
    });
    const told = [way('m', 'one', 'two'), way('n', 'three')];
    expect(whyNot(told, 'a').map(({ words }) => words)).toEqual(['three']);
    expect(whyNot(told, 'b')).toEqual([]);
  });

  test('what nobody has said keeps nothing out; where one is, does', () => {
    const nobody = booking(1, [], { crew: [], youngest: null });
    const unsaid = { ...NO_FIT_WISHES, ...unsaidOf(NOTHING_SAID) };
    expect(fitting(optionsFor(nobody, LIBRARY_DEMOS, unsaid)).size).toBe(LIBRARY_DEMOS.length);
    const indoors = optionsFor(nobody, LIBRARY_DEMOS, { ...unsaid, where: 'indoors' });
    const out = LIBRARY_DEMOS.filter(({ methods }) =>
      methods.every(({ needs }) => needs.where === 'outdoors'),
    );
    expect(out.length).toBeGreaterThan(0);
    expect(fitting(indoors).size).toBe(LIBRARY_DEMOS.length - out.length);
    expect(whatLetsIn(indoors)).toMatchObject([{ key: 'where', more: out.length }]);
  });
});

describe('the setting of a show', () => {
  const crew = [person('ines'), person('jo')];
  const hall: Venue = { ...blankVenue('hall', 'Hall'), frontRowM: 3 };
  const of = booking(30, crew, { youngest: 7, audience: 60 }, hall);

  test('is what the show says, and a show in it is the same but empty', () => {
    expect(settingOf(of)).toEqual({
      minutes: 30,
      where: 'indoors',
      audience: 60,
      youngest: 7,
      crew,
    });
    expect(inSetting(of, settingOf(of))).toEqual(of);
    expect(settingOf({ ...of, venue: null, show: { ...of.show, crew: [] } })).toMatchObject({
      where: null,
      crew: null,
    });
  });

  test('changed, it is another: longer, outside, with somebody new; no later than the day is', () => {
    const mara = person('mara');
    const other = inSetting(of, {
      ...settingOf(of),
      minutes: 45,
      where: 'outdoors',
      crew: [mara],
    });
    expect(other.show).toMatchObject({ start: '14:00', hardFinish: '14:45', crew: ['mara'] });
    expect(other.venue).toEqual({ ...hall, outdoors: true });
    expect(other.people.map(({ id }) => id)).toEqual(['ines', 'jo', 'mara']);
    expect(of.venue?.outdoors).toBe(false);
    expect(inSetting(of, { ...settingOf(of), minutes: 900 }).show.hardFinish).toBe('23:59');
  });
});
