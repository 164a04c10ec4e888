/** The search for an order against HiGHS, a general-purpose solver, on the same small shows. */
import loadSolver from 'highs';
import { NO_WISHES, WEIGHTS } from '../core/brief/wishes';
import type { SlotTraits } from '../core/lineup/order/objective';
import { suggestedOrder } from '../core/lineup/order/suggest';
import { asProgram, smallShow } from './small-shows';

const CASES = 10;
const SLOTS = 4;

export async function orderVsSolver(): Promise<object> {
  const solver = await loadSolver();
  const ratios: number[] = [];
  let worse = 0;
  let better = 0;
  let proven = 0;
  for (let seed = 1; seed <= CASES; seed++) {
    const show = smallShow(seed, SLOTS);
    const traits = new Map(
      show.slots.map((s): [string, SlotTraits] => [
        s.id,
        { energy: 3, family: s.id, volunteer: false, loud: false },
      ]),
    );
    const began = performance.now();
    const found = suggestedOrder(show, traits, NO_WISHES, { seed, most: 20_000 });
    const between = performance.now();
    const solved = solver.solve(asProgram(show, WEIGHTS.late, WEIGHTS.deadAir));
    const ended = performance.now();
    ratios.push((between - began) / (ended - between));
    if (found.objective.total > solved.ObjectiveValue + 0.5) worse++;
    if (found.objective.total < solved.ObjectiveValue - 0.5) better++;
    if (found.proven) proven++;
  }
  ratios.sort((a, b) => a - b);
  const ratio = ratios[Math.floor(ratios.length / 2)] ?? 0;
  // “better” must be 0 too: the solver proves its optimum, so a lower one would break a rule.
  return { ratio: Number(ratio.toFixed(4)), worse, better, proven, cases: CASES };
}
