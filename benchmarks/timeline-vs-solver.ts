/** Clocks of random shows of six to ten slots against Chuffed, a constraint solver, on the same graphs. */
import { findFaults } from '../core/lineup/faults';
import { buildGraph, type Assignment, type Graph, ORIGIN } from '../core/lineup/graph';
import { schedule } from '../core/lineup/schedule';
import { verifyTimeline } from '../core/lineup/verify';
import { solveModel } from './constraint-solver';
import { richShow } from './rich-shows';

/** Compared with the solver; and only looked at for whether they are proven. */
const CASES = 7;
const ALONE = 200;
const SECONDS = 20;

/** The graph's demands in the MiniZinc language; what is open is left to the solver. */
export function modelOf({ activities, edges, assignments, shared, blocks, input }: Graph): string {
  const longest = edges.reduce((most, { weight }) => Math.max(most, weight), 0);
  const most = activities.reduce((sum, { duration }) => sum + duration, longest);
  const at = (activity: number): string => `s[${activity}]`;
  const rows = [
    `array[0..${activities.length - 1}] of var ${input.arrival}..${most}: s;`,
    `constraint ${at(ORIGIN)} = 0;`,
    ...edges.map(({ from, to, weight }) => `constraint ${at(to)} >= ${at(from)} + ${weight};`),
  ];
  const crew = input.crew.map(({ id }) => id);
  const who = ({ people }: Assignment): string => people.map((id) => crew.indexOf(id)).join(', ');
  for (const one of assignments) rows.push(`var {${who(one)}}: p${one.number};`);
  const before = (a: Assignment, b: Assignment): string =>
    `${at(a.activity)} + ${a.offset + a.duration - b.offset} <= ${at(b.activity)}`;
  for (const a of assignments)
    for (const b of assignments.slice(0, a.number)) {
      if (!a.people.some((id) => b.people.includes(id))) continue;
      const same = `p${a.number} = p${b.number}`;
      if (a.activity === b.activity) {
        if (a.task.task === b.task.task && a.go === b.go) rows.push(`constraint not (${same});`);
      } else rows.push(`constraint ${same} -> (${before(a, b)} \\/ ${before(b, a)});`);
    }
  for (const { owned, uses } of shared)
    for (const user of uses) {
      const now = uses
        .filter((other) => other !== user)
        .map(
          ({ amount, take, give }) =>
            `${amount} * bool2int(${at(take)} <= ${at(user.take)} /\\ ${at(give)} > ${at(user.take)})`,
        );
      rows.push(`constraint ${[user.amount, ...now].join(' + ')} <= ${owned};`);
    }
  const last = blocks.at(-1) ?? ORIGIN;
  rows.push(`solve :: int_search(s, smallest, indomain_min) minimize ${at(last)};`);
  return rows.join('\n');
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

export async function timelineVsSolver(): Promise<object> {
  // Compiled before anything is timed, as the solver is.
  for (let seed = 1; seed <= 10; seed++) schedule(richShow(seed, 8, true));
  const ratios: number[] = [];
  let worse = 0;
  let better = 0;
  let broken = 0;
  for (let i = 0; i < CASES; i++) {
    const show = richShow(1000 + i, 6 + (i % 5), true);
    const began = performance.now();
    const timeline = schedule(show);
    const ours = (performance.now() - began) / 1000;
    broken += verifyTimeline(show, timeline).length;
    const graph = buildGraph(findFaults(show).input);
    const theirs = await solveModel(modelOf(graph), SECONDS);
    if (theirs.objective === null || timeline.conflicts.length > 0) continue;
    const last = graph.activities[graph.blocks.at(-1) ?? ORIGIN]?.duration ?? 0;
    const end = theirs.objective + last;
    if (timeline.end > end) worse++;
    // The solver proves its end: a lower one would break a rule.
    if (timeline.end < end && theirs.proven) better++;
    ratios.push(ours / theirs.seconds);
  }
  let proven = 0;
  for (let i = 0; i < ALONE; i++) {
    const timeline = schedule(richShow(2000 + i, 6 + (i % 5), i % 2 === 0));
    if (timeline.proven) proven++;
  }
  return {
    ratio: Number(median(ratios).toFixed(4)),
    highest: Number(Math.max(...ratios).toFixed(3)),
    compared: ratios.length,
    worse,
    better,
    broken,
    proven: `${proven} of ${ALONE}`,
  };
}
