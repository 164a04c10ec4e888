/** Ten thousand simulated shows of twelve slots, against merely drawing as many random numbers. */
import { randomFrom } from '../core/chance/random';
import { compile } from '../core/lineup/forecast/compile';
import { simulate } from '../core/lineup/forecast/simulate';
import type { SlotPolicy } from '../core/lineup/forecast/types';
import { schedule } from '../core/lineup/schedule';
import type { PlanSlot } from '../core/lineup/types';
import { after, input, slot, task } from '../core/testing/build';

const SLOTS = 12;
const RUNS = 10_000;
const ROUNDS = 15;

const uncertain = (seconds: number) => ({
  time: {
    shortest: Math.round(seconds * 0.8),
    likely: seconds,
    longest: Math.round(seconds * 1.5),
  },
});

const middle = (values: number[]): number =>
  values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

export function forecastVsDraws(): object {
  const places = ['table', 'bench', 'floor', 'rear'];
  const show = input(
    Array.from({ length: SLOTS }, (_, i): PlanSlot =>
      slot(
        `s${i}`,
        [
          task('set', 'prepare', 40, uncertain(40)),
          task('soak', 'settle', 120, { place: 'wings', ...uncertain(120) }),
          task('say', 'perform', 40, { eachGo: false, ...uncertain(40) }),
          task('do', 'perform', 60, { after: [after('soak', 0, 900)], ...uncertain(60) }),
          task('why', 'perform', 50, { eachGo: false, ...uncertain(50) }),
          task('wipe', 'reset', 50, uncertain(50)),
        ],
        { positionId: places[i % places.length] ?? null },
      ),
    ),
    { positions: places.map((id) => ({ id, name: id })) },
  );
  const policies = new Map(
    show.slots.map((s, i): [string, SlotPolicy] => [
      s.id,
      {
        again: 1,
        fallback: 20,
        mayLeaveOut: true,
        worth: 3,
        record: { worked: 6 + i, failed: 1 },
        performed: true,
        times: new Map(),
      },
    ]),
  );
  const program = compile(show, schedule(show), policies);
  const ratios: number[] = [];
  const took: number[] = [];
  let drawn = 0;
  for (let round = 0; round < ROUNDS; round++) {
    const began = performance.now();
    drawn = simulate(program, RUNS, randomFrom(round)).drawn;
    const between = performance.now();
    const { next } = randomFrom(round);
    let sum = 0;
    for (let i = 0; i < drawn; i++) sum += next();
    const ended = performance.now();
    if (!(sum > 0)) throw new Error('Nothing was drawn');
    took.push(between - began);
    ratios.push((between - began) / (ended - between));
  }
  return {
    ratio: Number(middle(ratios).toFixed(2)),
    ms: Math.round(middle(took)),
    runs: RUNS,
    slots: SLOTS,
    drawn,
  };
}
