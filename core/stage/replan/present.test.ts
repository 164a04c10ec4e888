/**
 * The live plan against the same facts told another way: what is over is taken out, what is left of the
 * rest is written as a show of its own that begins now, and that is timed from the beginning.
 */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { buildNetwork } from '../../lineup/network';
import { schedule } from '../../lineup/schedule';
import type { LineupInput, PlanSlot, Timeline } from '../../lineup/types';
import type { Task } from '../../repertoire/types';
import { liveShow, Night } from '../../testing/live';
import { shows } from '../../testing/shows';
import { START } from '../../testing/stage';
import type { Call } from './caller';
import type { LiveShow, LiveTask } from './types';

/** Everybody has a sign of their own, so that what is under way is done by who has it. */
const SIGNS = ['flame', 'cryogen', 'highVoltage', 'driver'] as const;
const signed = (show: LineupInput): LineupInput => ({
  ...show,
  crew: show.crew.map((person, i) => ({ ...person, competences: [SIGNS[i] ?? 'flame'] })),
});

/** Without wishes to be early: those bind the past, which is not in a show that begins now. */
const unhurried = (show: LineupInput): LineupInput => ({
  ...show,
  margin: 0,
  slots: show.slots.map((slot) => ({ ...slot, leads: [] })),
});

/** Without windows, which bind the past too. */
const windowless = (show: LineupInput): LineupInput => ({
  ...show,
  slots: show.slots.map((slot) => ({
    ...slot,
    tasks: slot.tasks.map((task) => ({
      ...task,
      after: task.after.map((lag) => ({ ...lag, greatest: null })),
    })),
  })),
});

/** What is left of a task: all, or the rest of it, by those who have it. */
function left(show: LineupInput, task: Task, live: LiveTask | undefined, now: number): Task[] {
  if (!live || live.state === 'toCome') return [task];
  if (live.end <= now) return [];
  const hands = live.people.flatMap((id) => {
    const competence = show.crew.find((person) => person.id === id)?.competences[0];
    return competence ? [{ role: 'anyone' as const, count: 1, competence }] : [];
  });
  return [{ ...task, time: { ...task.time, likely: live.end - now }, hands }];
}

const without = (tasks: readonly Task[]): Task[] => {
  const ids = new Set(tasks.map(({ id }) => id));
  return tasks.map((task) => ({ ...task, after: task.after.filter((lag) => ids.has(lag.task)) }));
};

/** The rest of the night as a show that begins now. */
function theRest(show: LineupInput, { found }: Call): LineupInput {
  const { now } = found.plan;
  const slots = found.parts.flatMap((part): PlanSlot[] => {
    const whole = show.slots.find(({ id }) => id === part.slotId);
    const block = found.plan.blocks.find((one) => one.part === part.id);
    if (!whole || !block) return [];
    const net = buildNetwork(whole);
    const of = (task: Task): LiveTask | undefined =>
      found.plan.tasks.find((one) => one.part === part.id && one.task === task.id);
    const isLeft = part.net.following.map(({ id }) => id);
    const following = net.following
      .filter(({ id }) => isLeft.includes(id))
      .flatMap((task) => left(show, task, of(task), now))
      .map((task) => ({ ...task, after: task.after.filter((lag) => isLeft.includes(lag.task)) }));
    if (part.kind === 'toCome') {
      const needed = part.net.before.map(({ id }) => id);
      const before = net.before
        .filter(({ id }) => needed.includes(id))
        .flatMap((task) => left(show, task, of(task), now));
      const steps = part.net.steps.map(({ task, go }, i) => ({
        ...task,
        id: `${task.id}-${go}-${i}`,
        phase: 'perform' as const,
        eachGo: false,
      }));
      const named = steps.map((task, i) => {
        const known = before.map(({ id }) => id);
        const first =
          part.net.steps.findIndex((step) => step.task === part.net.steps[i]?.task) === i;
        return { ...task, after: task.after.filter((lag) => first && known.includes(lag.task)) };
      });
      const again = following.map((task) => ({
        ...task,
        id: `f-${task.id}`,
        eachGo: false,
        after: task.after.map((lag) => ({ ...lag, task: `f-${lag.task}` })),
      }));
      return [
        {
          ...whole,
          id: part.id,
          goes: 1,
          forbids: part.slot.forbids,
          leaves: part.slot.leaves.map((leaf) => ({
            ...leaf,
            task: leaf.task && `f-${leaf.task}`,
          })),
          uses: part.slot.uses,
          tasks: without([...before, ...named, ...again]),
        },
      ];
    }
    const rest = Math.max(0, block.end - now);
    const on: Task = {
      ...(net.steps[0]?.task ?? whole.tasks[0]!),
      id: 'on',
      phase: 'perform',
      eachGo: false,
      after: [],
      hands: rest > 0 ? (part.net.steps.at(-1)?.task.hands ?? []) : [],
      time: { shortest: rest, likely: rest, longest: rest },
    };
    const done = following.length === 0 && rest === 0;
    return [
      {
        ...whole,
        id: part.id,
        goes: 1,
        forbids: [],
        uses: done || part.kind === 'toClear' ? part.slot.uses.filter(() => !done) : part.slot.uses,
        positionId: done ? null : whole.positionId,
        leaves: part.slot.leaves.flatMap((leaf) => {
          if (leaf.task === null) {
            const gone = block.end + leaf.seconds;
            return gone > now ? [{ ...leaf, seconds: gone - Math.max(now, block.end) }] : [];
          }
          return following.some(({ id }) => id === leaf.task) ? [leaf] : [];
        }),
        tasks: [on, ...following.map((task) => ({ ...task, eachGo: false }))],
      },
    ];
  });
  return { ...show, arrival: 0, slots };
}

/** Somebody performed where another still had things standing: a show timed anew would never do so. */
const wasForced = ({ found }: Call): boolean =>
  found.parts.some((later, i) =>
    found.parts.slice(0, i).some((earlier) => {
      const laid = [...later.fixed].flatMap(([id, work]) =>
        later.slot.tasks.some((task) => task.id === id && task.place === 'stage')
          ? [work.start]
          : [],
      );
      const from = Math.min(later.start ?? Infinity, ...laid);
      const isOne = (task: { part: string }): boolean => task.part === earlier.id;
      const amount = (part: typeof later): number =>
        part.slot.uses.reduce((sum, use) => sum + use.amount, 0);
      const returns = found.plan.tasks
        .filter((task) => isOne(task) && task.phase === 'reset')
        .some(({ end }) => end > from);
      if (from < Infinity && returns && amount(earlier) + amount(later) > 0) return true;
      return (
        from < Infinity &&
        earlier.slotId !== later.slotId &&
        earlier.slot.positionId === later.slot.positionId &&
        found.plan.tasks.some(
          ({ part, task, end }) =>
            part === earlier.id &&
            end > from &&
            earlier.net.following.some(({ id, place }) => id === task && place === 'stage'),
        )
      );
    }),
  );

const press = fc.record({
  kind: fc.constantFrom('done', 'done', 'done', 'done', 'skip', 'leaveOut', 'goTo'),
  pace: fc.double({ min: 0.4, max: 1.8, noNaN: true }),
  slot: fc.nat(5),
});

type Presses = { kind: 'done' | 'skip' | 'leaveOut' | 'goTo'; pace: number; slot: number }[];

/** A night with these presses, looked at when so much of the step that is on then is over. */
function pressed(show: LiveShow, presses: Presses, rest: number): { call: Call; now: number } {
  const night = new Night(show, { runs: 1 }).at(0, 'start');
  let clock = 0;
  for (const { kind, pace, slot } of presses) {
    const live = night.live();
    const on = show.plan.slots.find(({ id }) => id === live.slot);
    if (!on) break;
    const wait = Math.max(0, (live.stepFrom - START) / 1000 - clock);
    clock += Math.round(wait + (on.steps[live.step]?.seconds ?? 0) * pace);
    const target = show.plan.slots[slot % show.plan.slots.length]?.id ?? null;
    night.at(clock, kind, kind === 'leaveOut' || kind === 'goTo' ? { slot: target } : {});
  }
  const last = night.live();
  const on = show.plan.slots.find(({ id }) => id === last.slot);
  const now = clock + Math.round(rest * (on?.steps[last.step]?.seconds ?? 0));
  return { call: night.call(now), now };
}

/** Whether the show that begins now may put off what the night can’t. */
function mayPutOff({ found }: Call, timeline: Timeline): boolean {
  const busy = found.plan.tasks.some(
    ({ state, people }) => state === 'underWay' && people.length > 0,
  );
  // So it may where what is on stage could wait, and where what is made ready could give its things back.
  const waits = timeline.blocks.some(
    (block) =>
      block.start > 0 && found.parts.some((part) => part.id === block.slot && part.kind === 'on'),
  );
  const inHand = found.parts.some(
    (part) => part.kind === 'toCome' && part.fixed.size > 0 && part.slot.uses.length > 0,
  );
  return busy || waits || inHand;
}

const isComparable = (call: Call): boolean =>
  call.found.plan.proven &&
  !call.found.plan.blocks.every(({ kind }) => kind === 'over' || kind === 'toClear') &&
  !wasForced(call);

const presses = fc.array(press, { maxLength: 8 });
const share = fc.double({ min: 0, max: 1, noNaN: true });

test('200 random states: the end is that of the rest, timed from the beginning on the same facts', () => {
  let compared = 0;
  let equal = 0;
  fc.assert(
    fc.property(shows, presses, share, (raw, all, rest) => {
      const show = liveShow(windowless(unhurried(signed(raw))));
      if (show.written.blocks.length === 0) return;
      const { call, now } = pressed(show, all, rest);
      if (!isComparable(call)) return;
      const timeline = schedule(theRest(show.input, call));
      if (!timeline.proven) return;
      compared++;
      // A show that begins now may put off what is under way; it can’t be later for that.
      expect(timeline.end + now).toBeLessThanOrEqual(call.found.plan.end);
      if (mayPutOff(call, timeline)) return;
      equal++;
      expect(timeline.end + now).toBe(call.found.plan.end);
    }),
    { numRuns: 760, seed: 1 },
  );
  expect(compared).toBeGreaterThan(200);
  expect(equal).toBeGreaterThan(100);
});

/** When the work that makes a part ready ends, and the step that uses it begins, in a show that begins now. */
function windowsOf(input: LineupInput, call: Call, rest: Timeline, now: number) {
  return call.found.parts.flatMap((part) => {
    const step = input.slots
      .find(({ id }) => id === part.slotId)
      ?.tasks.find(({ after }) => after.some(({ greatest }) => greatest !== null));
    const lag = step?.after.find(({ greatest }) => greatest !== null);
    if (part.kind !== 'toCome' || !step || !lag) return [];
    const place = (task: string) =>
      rest.tasks.find((one) => one.slot === part.id && one.task === task);
    const [index, first] = [...part.net.steps.entries()].find(
      ([, one]) => one.task.id === step.id,
    ) ?? [0, null];
    const used = first && place(`${step.id}-${first.go}-${index}`);
    // A fact where it is over; where it is under way, what is left of it begins now.
    const done = call.found.plan.tasks.find(
      (one) => one.part === part.id && one.task === lag.task && one.end <= now,
    );
    const to = place(lag.task);
    const ready = done ? done.end : to && to.end + now;
    if (!used || ready === undefined || !part.net.before.some(({ id }) => id === lag.task))
      return [];
    return [{ part: part.id, ready, until: ready + (lag.greatest ?? 0), at: used.start + now }];
  });
}

test('random states with windows: each is told by what really was, none is missed that need not be', () => {
  const seen = { windows: 0, kept: 0, equal: 0, spent: 0 };
  fc.assert(
    fc.property(shows, presses, share, (raw, all, rest) => {
      const show = liveShow(unhurried(signed(raw)));
      if (show.written.blocks.length === 0) return;
      const { call, now } = pressed(show, all, rest);
      const { plan } = call.found;
      for (const window of plan.windows) {
        // By the times of the plan itself: ready when the work ends, used when the step begins.
        const work = plan.tasks.find(
          (one) => one.part === window.part && one.task === window.after,
        );
        const lag = show.input.slots
          .find(({ id }) => id === window.slot)
          ?.tasks.find(({ id }) => id === window.task)
          ?.after.find(({ task }) => task === window.after);
        seen.windows++;
        expect(window.until).toBe((work?.end ?? NaN) + (lag?.greatest ?? NaN));
        if (window.at === null) continue;
        expect(window.kept).toBe(window.at >= (work?.end ?? NaN) && window.at <= window.until);
        if (window.kept) seen.kept++;
        // What is over can’t be kept any longer, and is no longer kept.
        if (work?.state === 'done' && window.until < now && window.at >= now) {
          expect(window.kept).toBe(false);
          seen.spent++;
        }
      }
      if (!isComparable(call)) return;
      // Without windows the rest ends no later than with them; as early where it keeps them all.
      const timeline = schedule(theRest(windowless(show.input), call));
      if (!timeline.proven || plan.conflicts.length > 0) return;
      expect(timeline.end + now).toBeLessThanOrEqual(plan.end);
      const keepsAll = windowsOf(show.input, call, timeline, now).every(
        ({ at, until }) => at <= until,
      );
      if (!keepsAll || mayPutOff(call, timeline)) return;
      seen.equal++;
      expect(timeline.end + now).toBe(plan.end);
    }),
    { numRuns: 500, seed: 14 },
  );
  expect(seen.windows).toBeGreaterThan(200);
  expect(seen.kept).toBeGreaterThan(100);
  expect(seen.spent).toBeGreaterThan(5);
  expect(seen.equal).toBeGreaterThan(60);
});
