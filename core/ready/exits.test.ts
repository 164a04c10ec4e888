/** Ways out that stay free, and a voice that carries. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankVenue } from '../brief/blank';
import { type Exit, NO_CONDITIONS, type Place, type ShowBundle } from '../brief/types';
import { timelineOf } from '../lineup/timelineOf';
import { NO_NEEDS } from '../repertoire/care';
import { usualValues } from '../calculators/inputs';
import { heard } from '../calculators/sound/heard';
import { task } from '../testing/build';
import { bundle } from '../testing/bundle';
import { exitVerdicts, WAY_OUT } from './exits';
import { judge } from './judge';
import type { Verdict } from './verdict';

fc.configureGlobal({ seed: 156 });

const exit = (id: string, x: number, y: number): Exit => ({ id, name: id, x, y });

interface Given {
  exits: Exit[];
  /** Where the table and the bench are. */
  places?: [Place | null, Place | null];
  /** Clear distances of the demo at the table, and of one at the bench. */
  clear?: [number | null, number | null];
  outdoors?: boolean;
  sound?: number | null;
  lengthM?: number | null;
}

function shown(of: Given): ShowBundle {
  const { exits, outdoors = false, sound = null, lengthM = null } = of;
  const [table, bench] = of.places ?? [{ x: 0, y: 1 }, null];
  const [atTable, atBench] = of.clear ?? [2, null];
  const made = bundle(
    [
      {
        id: 'foam',
        tasks: [task('p', 'perform', 60)],
        over: { needs: { ...NO_NEEDS, clearM: atTable } },
      },
      {
        id: 'bang',
        tasks: [task('p', 'perform', 60)],
        over: { needs: { ...NO_NEEDS, clearM: atBench } },
        slot: { positionId: 'bench' },
      },
    ],
    [],
    {
      positions: [
        { id: 'table', name: 'Table', mark: 'cross', at: table, circuitId: null },
        { id: 'bench', name: 'Bench', mark: 'corner', at: bench, circuitId: null },
      ],
      conditions: { ...NO_CONDITIONS, sound, measured: ['sound'] },
    },
  );
  return {
    ...made,
    venue: { ...blankVenue('hall', 'Hall'), frontRowM: 3, exits, outdoors, lengthM },
  };
}

const verdicts = (given: Given): Verdict[] => {
  const made = shown(given);
  return exitVerdicts(made, timelineOf(made));
};

describe('ways out', () => {
  test('one far from everything asks for nothing', () => {
    expect(verdicts({ exits: [exit('Door', 8, -3)] })).toEqual([]);
  });

  test('what stands before one is to be fixed, by how far', () => {
    expect(verdicts({ exits: [exit('Door', 0.5, 1)], clear: [null, null] })).toMatchObject([
      {
        level: 'fix',
        title: 'Exit Door',
        message: 'Table stands in the way, 0.5 m from it.',
        remedy: 'Move it 0.7 m off or more.',
        slotIds: ['slot-foam'],
      },
    ]);
  });

  test('one within a clear distance, with another free, is to be watched', () => {
    const [found] = verdicts({ exits: [exit('Side', 1.5, 1), exit('Back', 8, -9)] });
    expect(found).toMatchObject({ level: 'watch', figure: '1 exit free of 2' });
    expect(found?.message).toBe('Exit within its clear distance, 14:00 to 14:01: Side.');
    expect(found?.remedy).toContain('point people to Back');
  });

  test('none free at one moment is to be fixed; two that close in turn are not', () => {
    const exits = [exit('Side', 1.5, 1), exit('Back', 6, 1)];
    const places: Given['places'] = [
      { x: 0, y: 1 },
      { x: 7.5, y: 1 },
    ];
    // One after the other: at any moment one is free.
    expect(verdicts({ exits, places, clear: [2, 2] })).toMatchObject([
      { level: 'watch', slotIds: ['slot-foam'] },
      { level: 'watch', slotIds: ['slot-bang'] },
    ]);
    // One circle over both.
    expect(verdicts({ exits, places, clear: [7, null] })).toMatchObject([
      { level: 'fix', figure: '0 exits free of 2' },
    ]);
  });

  test('without exits on the plan it is said, indoors and where there is a clear distance', () => {
    expect(verdicts({ exits: [] })).toMatchObject([{ level: 'unknown', key: 'exit:none' }]);
    expect(verdicts({ exits: [], outdoors: true })).toEqual([]);
    expect(verdicts({ exits: [], clear: [null, null] })).toEqual([]);
  });

  test('farther off is never worse', () => {
    const level = (x: number): number =>
      ['fix', 'watch', undefined].indexOf(
        verdicts({ exits: [exit('Door', x, 1), exit('Far', 50, -50)] })[0]?.level,
      );
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 6, noNaN: true }),
        (a, b) => {
          expect(level(Math.max(a, b))).toBeGreaterThanOrEqual(level(Math.min(a, b)));
        },
      ),
    );
    expect(level(WAY_OUT)).toBeGreaterThan(level(WAY_OUT - 0.01));
  });
});

describe('voice', () => {
  const above = (over: Record<string, number | string>): number =>
    heard.curve?.at({ ...usualValues(heard), ...over }) ?? NaN;

  // ISO 9921:2003 (from memory): 66 dB(A) at 1 m for a raised voice; interference 8 dB below dB(A).
  test('a raised voice in a room of 58 dB(A): 16 dB above it at 1 m, 6.02 less at twice that', () => {
    expect(above({ effort: 'raised', back: 1, noise: 58 })).toBeCloseTo(16, 9);
    expect(above({ effort: 'raised', back: 2, noise: 58 })).toBeCloseTo(9.9794, 4);
    expect(above({ effort: 'loud', back: 1, noise: 58 })).toBeCloseTo(22, 9);
  });

  test.each([
    [58, 'Heard well'],
    [63, 'Heard fairly well'],
    [70, 'Heard with effort'],
    [73, 'Hard to hear'],
  ])('at 1 m in %d dB(A): %s', (noise, words) => {
    expect(heard.evaluate({ effort: 'raised', back: 1, noise }).message).toContain(words);
  });

  test('it says how far it carries, and there it just does', () => {
    const found = heard.evaluate({ effort: 'raised', back: 12, noise: 50 });
    expect(found.level).toBe('watch');
    const carries = Number(/carries ([\d.]+) m/.exec(found.remedy)?.[1]);
    expect(heard.evaluate({ effort: 'raised', back: carries * 0.99, noise: 50 }).level).toBe('ok');
    expect(heard.evaluate({ effort: 'raised', back: carries * 1.02, noise: 50 }).level).toBe(
      'watch',
    );
  });

  test('judged once the room is measured; nobody is made to', () => {
    const voice = (sound: number | null, lengthM: number | null): string | undefined => {
      const made = shown({ exits: [exit('Door', 9, 9)], clear: [null, null], sound, lengthM });
      return judge(made, timelineOf(made)).find((one) => one.key === 'voice')?.level;
    };
    expect([voice(null, 10), voice(50, null)]).toEqual([undefined, undefined]);
    expect([voice(30, 10), voice(70, 10)]).toEqual(['ok', 'watch']);
  });
});
