/**
 * An independent check of a timeline against the rules. It shares nothing with the scheduler but
 * types: it works from the raw input and the finished times alone.
 */
import type { LineupInput, PlacedTask, Timeline } from './types';

/** Every broken rule in words; empty when the timeline keeps all of them. */
export function verifyTimeline(input: LineupInput, timeline: Timeline): string[] {
  const broken: string[] = [];
  const expect = (kept: boolean, words: string): void => {
    if (!kept) broken.push(words);
  };
  const { blocks, tasks } = timeline;

  // Rule 1: one block a slot, in the order given, unbroken, none at the same time.
  expect(
    blocks.map((b) => b.slot).join() === input.slots.map((s) => s.id).join(),
    'rule 1: the blocks are not the slots in their order',
  );
  blocks.forEach((block, i) => {
    const before = blocks[i - 1];
    expect(block.start >= (before ? before.end : 0), `rule 1: ${block.slot} starts too early`);
    const steps = tasks
      .filter((t) => t.slot === block.slot && t.phase === 'perform')
      .sort((a, b) => a.start - b.start || a.end - b.end);
    let clock = block.start;
    for (const step of steps) {
      expect(step.start === clock, `rule 1: ${block.slot}/${step.task} breaks the block`);
      clock = step.end;
    }
    expect(clock === block.end, `rule 1: ${block.slot} does not end with its last step`);
  });

  for (const slot of input.slots) {
    const mine = tasks.filter((t) => t.slot === slot.id);
    const block = blocks.find((b) => b.slot === slot.id);
    if (!block) continue;
    for (const task of slot.tasks) {
      const everyTime = mine.filter((t) => t.task === task.id);
      const repeated = slot.tasks.some((t) => t.phase === 'perform' && t.eachGo);
      const goes = task.eachGo && repeated && ['perform', 'reset'].includes(task.phase);
      const times = goes ? slot.goes : 1;
      expect(everyTime.length === times, `${slot.id}/${task.id} is done ${everyTime.length} times`);
      // Clearing between goes is within the block; what is after it has its own rules.
      const placed = everyTime.filter((t) => t.phase === task.phase);
      for (const p of everyTime) {
        expect(p.end - p.start === task.time.likely, `${slot.id}/${task.id} has another length`);
        checkPeople(input, slot.performerId, task, p, expect);
      }
      const first = placed[0];
      if (!first) continue;
      if (task.phase === 'prepare')
        expect(first.end <= block.start, `${slot.id}/${task.id} ends after its block has started`);
      if (task.phase === 'reset' && task.after.length === 0)
        expect(first.start >= block.end, `${slot.id}/${task.id} starts during its block`);
      // Rule 5: after the last time the earlier task is done, unless a perform step comes first.
      for (const lag of task.after) {
        const earlier = mine.filter((t) => t.task === lag.task);
        const from = task.phase === 'perform' ? earlier[0] : earlier.at(-1);
        if (!from) continue;
        const wait = first.start - from.end;
        expect(wait >= lag.least, `rule 5: ${slot.id}/${task.id} comes too soon`);
        expect(
          lag.greatest === null || wait <= lag.greatest,
          `rule 5: ${slot.id}/${task.id} comes too late`,
        );
      }
    }
  }

  // Rule 2: no person does two things at once.
  for (const person of input.crew) {
    const mine = tasks
      .filter((t) => t.people.includes(person.id) && t.end > t.start)
      .sort((a, b) => a.start - b.start);
    mine.forEach((t, i) => {
      const next = mine[i + 1];
      expect(!next || next.start >= t.end, `rule 2: ${person.id} is in two places at ${t.end}`);
    });
  }

  // Rule 3: a position is one slot's from its first work there to its last.
  for (const position of input.positions) {
    const spans = input.slots
      .filter((s) => s.positionId === position.id)
      .map((slot) => spanAt(tasks, blocks, slot.id))
      .sort((a, b) => a.start - b.start);
    spans.forEach((span, i) => {
      const next = spans[i + 1];
      expect(!next || next.start >= span.end, `rule 3: two slots share ${position.id}`);
    });
  }

  // Rule 4: of each thing no more in use than there is.
  for (const { id, owned } of input.equipment) {
    const spans = input.slots.flatMap((slot) => {
      const amount = slot.uses.reduce((sum, use) => sum + (use.item === id ? use.amount : 0), 0);
      return amount > 0 ? [{ amount, ...inHand(slot, tasks, blocks) }] : [];
    });
    for (const { from } of spans) {
      const now = spans.filter((span) => span.from <= from && span.until > from);
      expect(
        now.reduce((sum, span) => sum + span.amount, 0) <= owned,
        `rule 4: more than ${owned} of ${id} in use at ${from}`,
      );
    }
  }

  // Rule 6: what a slot leaves is gone before a block that forbids it.
  input.slots.forEach((slot, i) => {
    for (const left of slot.leaves)
      for (const later of input.slots.slice(i + 1)) {
        const here =
          left.where === 'stage' ||
          (slot.positionId !== null && slot.positionId === later.positionId);
        if (!here || !later.forbids.includes(left.kind)) continue;
        const cleared = tasks.find((t) => t.slot === slot.id && t.task === left.task);
        const end = blocks.find((b) => b.slot === slot.id)?.end ?? 0;
        const gone = left.task === null ? end + left.seconds : (cleared?.end ?? Infinity);
        const start = blocks.find((b) => b.slot === later.id)?.start ?? 0;
        expect(start >= gone, `rule 6: ${left.kind} from ${slot.id} is about for ${later.id}`);
      }
  });

  // Rule 8: what is wanted early is early.
  for (const slot of input.slots)
    for (const lead of slot.leads) {
      const early = tasks.find((t) => t.slot === slot.id && t.task === lead.task);
      const block = blocks.find((b) => b.slot === slot.id);
      if (!early || !block || early.start >= block.start) continue;
      expect(block.start - early.end >= lead.seconds, `rule 8: ${slot.id}/${lead.task} is late`);
    }

  // Rule 7: nothing before the crew is there.
  for (const t of tasks)
    expect(t.start >= input.arrival, `rule 7: ${t.slot}/${t.task} starts before arrival`);

  // Rule 9: dead air is what the blocks do not fill, and each gap is named.
  const filled = blocks.reduce((sum, b) => sum + b.end - b.start, 0);
  const end = blocks.at(-1)?.end ?? 0;
  expect(timeline.end === end && timeline.deadAir === end - filled, 'rule 9: dead air is wrong');
  expect(
    timeline.gaps.reduce((sum, gap) => sum + gap.seconds, 0) === timeline.deadAir,
    'rule 9: a gap is not named',
  );
  return broken;
}

function spanAt(
  tasks: readonly PlacedTask[],
  blocks: Timeline['blocks'],
  slot: string,
): { start: number; end: number } {
  const block = blocks.find((b) => b.slot === slot);
  const there = tasks.filter((t) => t.slot === slot && t.position !== null);
  return {
    start: Math.min(block?.start ?? Infinity, ...there.map((t) => t.start)),
    end: Math.max(block?.end ?? -Infinity, ...there.map((t) => t.end)),
  };
}

/** From a slot's first work to its last reset, without what dries by itself and the clearing of the stage. */
function inHand(
  slot: LineupInput['slots'][number],
  tasks: readonly PlacedTask[],
  blocks: Timeline['blocks'],
): { from: number; until: number } {
  const block = blocks.find((b) => b.slot === slot.id);
  const mine = tasks.filter(
    (t) =>
      t.slot === slot.id &&
      !slot.leaves.some((left) => left.task === t.task) &&
      (t.phase !== 'settle' || t.start < (block?.start ?? 0)),
  );
  return {
    from: Math.min(...mine.map((t) => t.start)),
    until: Math.max(...mine.map((t) => t.end)),
  };
}

function checkPeople(
  input: LineupInput,
  performerId: string | null,
  task: LineupInput['slots'][number]['tasks'][number],
  placed: PlacedTask,
  expect: (kept: boolean, words: string) => void,
): void {
  const asked = task.hands.reduce((sum, hand) => sum + hand.count, 0);
  expect(
    new Set(placed.people).size === asked,
    `rule 2: ${placed.slot}/${task.id} has ${placed.people.length} people for ${asked} hands`,
  );
  for (const hand of task.hands) {
    const able = placed.people.filter((id) => {
      const person = input.crew.find((p) => p.id === id);
      const skilled = hand.competence === null || person?.competences.includes(hand.competence);
      const fits = hand.role === 'anyone' || (hand.role === 'performer') === (id === performerId);
      return person && skilled && fits;
    });
    expect(
      able.length >= hand.count,
      `rule 2: ${placed.slot}/${task.id} lacks a ${hand.role} who may do it`,
    );
  }
}
