/** Rules about things: equipment there is only so much of, what a performance leaves, and when. */
import { describe, expect, test } from '@jest/globals';
import { after, input, slot, task } from '../testing/build';
import { schedule } from './schedule';
import type { LineupInput, PlanSlot, Timeline } from './types';
import { verifyTimeline } from './verify';

function timed(from: LineupInput): Timeline {
  const timeline = schedule(from);
  if (timeline.conflicts.length === 0) expect(verifyTimeline(from, timeline)).toEqual([]);
  return timeline;
}

const POSITIONS = ['table', 'bench', 'floor'].map((id) => ({ id, name: id }));
const CREW = ['ines', 'jo', 'mara', 'piet'].map((id) => ({ id, name: id, competences: [] }));

describe('equipment (rule 4)', () => {
  /** A minute of setting, a minute of showing, and so long to clear, each at a table of its own. */
  const user = (id: string, clears: number, at: number, amount = 1): PlanSlot =>
    slot(
      id,
      [
        task('set', 'prepare', 60),
        task('p', 'perform', 60),
        task('clear', 'reset', clears),
        task('dry', 'settle', 600, { after: [after('clear')] }),
      ],
      { positionId: POSITIONS[at]?.id ?? null, uses: [{ item: 'flask', amount }] },
    );
  const show = (owned: number, slots: PlanSlot[]): LineupInput =>
    input(slots, {
      crew: CREW,
      positions: POSITIONS,
      equipment: [{ id: 'flask', name: 'Flask', owned }],
    });

  test('one flask goes from slot to slot; the wait says who has it', () => {
    const t = timed(show(1, [user('a', 30, 0), user('b', 30, 1)]));
    expect(t.blocks.map((b) => b.start)).toEqual([0, 60 + 30 + 60]);
    expect(t.gaps[0]).toMatchObject({ rule: 4, slot: 'b', seconds: 90 });
    expect(t.gaps[0]?.reason).toContain('Flask is still with');
  });

  test('what dries by itself afterwards holds no equipment, and two flasks end the wait', () => {
    expect(timed(show(2, [user('a', 30, 0), user('b', 30, 1)])).deadAir).toBe(0);
  });

  test('with two flasks for three, the last waits for whichever is back first', () => {
    // The first is long in clearing: the second slot's flask is back before.
    const t = timed(show(2, [user('a', 400, 0), user('b', 10, 1), user('c', 10, 2)]));
    expect(t.proven).toBe(true);
    expect(t.blocks.map((b) => b.start)).toEqual([0, 60, 120 + 10 + 60]);
  });

  test('a slot that needs more than there is says so, and the rest is timed', () => {
    const t = timed(show(1, [user('a', 30, 0, 2), user('b', 30, 1)]));
    expect(t.conflicts.map((c) => [c.rule, c.message])).toEqual([
      [4, 'a: it needs 2 of Flask and there is 1'],
    ]);
    expect(t.blocks).toHaveLength(2);
  });
});

describe('what is left on the stage (rule 6)', () => {
  const wet = (over: Partial<PlanSlot>): PlanSlot =>
    slot('Foam', [task('pour', 'perform', 60)], over);
  const smoke = { kind: 'smoke' as const, where: 'stage' as const, task: null, seconds: 45 };
  const dome = (over: Partial<PlanSlot> = {}): PlanSlot =>
    slot('Dome', [task('spark', 'perform', 60)], { forbids: ['smoke', 'water'], ...over });

  test('smoke goes by itself; until then the block that forbids it waits', () => {
    const t = timed(input([wet({ leaves: [smoke] }), dome({ positionId: 'bench' })]));
    expect(t.deadAir).toBe(45);
    expect(t.gaps[0]).toMatchObject({ rule: 6, slot: 'Dome' });
    expect(t.gaps[0]?.reason).toBe(
      'no smoke may be about for Dome: Foam leaves it, and it goes by itself',
    );
  });

  test('something else in between uses the time', () => {
    const between = slot('Magnet', [task('drop', 'perform', 50)], { positionId: 'bench' });
    expect(timed(input([wet({ leaves: [smoke] }), between, dome()])).deadAir).toBe(0);
  });

  const puddle = {
    kind: 'water' as const,
    where: 'position' as const,
    task: 'clear-w',
    seconds: 40,
  };
  const pours = slot(
    'Foam',
    [task('pour', 'perform', 60), task('clear-w', 'reset', 40, { place: 'wings' })],
    { leaves: [puddle] },
  );

  test('water is wiped by somebody, only where it matters', () => {
    const here = timed(input([pours, dome()]));
    expect(here.deadAir).toBe(40);
    expect(here.gaps[0]?.reason).toContain('“clear-w” from Foam comes first');
    expect(timed(input([pours, dome({ positionId: 'bench' })])).deadAir).toBe(0);
  });

  test('who does not mind does not wait for the wiping', () => {
    const busy = [{ id: 'ines', name: 'Ines', competences: [] }];
    const plain = dome({ forbids: [] });
    expect(timed(input([pours, plain], { crew: busy })).deadAir).toBe(0);
  });
});

describe('earlier than need be (rule 8)', () => {
  const can = (seconds: number, greatest: number | null): LineupInput =>
    input([
      slot('Drum', [task('beat', 'perform', 200)], { positionId: 'bench' }),
      slot(
        'Can',
        [
          task('warm', 'prepare', 30),
          task('crush', 'perform', 30, { after: [after('warm', 0, greatest)] }),
        ],
        { performerId: 'jo', leads: [{ task: 'warm', seconds }] },
      ),
    ]);

  test('a preparation is done so long before its block', () => {
    const t = timed(can(120, null));
    expect(t.tasks.find((p) => p.task === 'warm')?.end).toBe(200 - 120);
    expect(t.deadAir).toBe(0);
  });

  test('but not longer than it keeps: then the window is missed, and told', () => {
    const [conflict] = schedule(can(120, 100)).conflicts;
    expect(conflict).toMatchObject({
      rule: 5,
      window: { task: 'crush', after: 'warm', greatest: 120 },
    });
  });
});

describe('clearing between goes', () => {
  const tasks = [
    task('bang', 'perform', 30),
    task('refill', 'reset', 20, { eachGo: true }),
    task('bow', 'perform', 10, { eachGo: false }),
  ];

  test('is watched between two goes, and done once more afterwards', () => {
    const t = timed(input([slot('a', tasks, { goes: 3 })]));
    expect(t.tasks.map((p) => `${p.task} ${p.phase} ${p.start}`)).toEqual([
      'bang perform 0',
      'refill perform 30',
      'bang perform 50',
      'refill perform 80',
      'bang perform 100',
      'bow perform 130',
      'refill reset 140',
    ]);
    expect(t.end).toBe(140);
  });

  test('with one go there is nothing between', () => {
    expect(timed(input([slot('a', tasks)])).end).toBe(40);
  });
});

describe('the whole show', () => {
  test('slots that are longer than there is time for are one conflict of the show', () => {
    const t = schedule(input([slot('a', [task('p', 'perform', 500)])], { hardFinish: 400 }));
    expect(t.conflicts).toEqual([
      expect.objectContaining({
        slot: '',
        message: 'The slots alone take 8:20: 1:40 more than there is before the hard finish',
      }),
    ]);
    expect(t.end).toBe(500);
  });
});
