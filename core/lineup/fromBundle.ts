/** From a show and everything around it to what the engine reads, and the way back to names. */
import { withSwaps } from '../repertoire/substitute';
import { withStations } from '../brief/stations';
import type { Person, Position, ShowBundle, Slot, Talk } from '../brief/types';
import { inHand } from '../repertoire/basis';
import { blankDemo, blankMethod, blankTask } from '../repertoire/blank';
import { withFigures } from '../learning/figures';
import type { Demo, Method, Residue, Task } from '../repertoire/types';
import { parseClock } from '../time/clock';
import { dimensionOf, toBase } from '../units/units';
import { RESIDUE_WORDS } from './residues';
import type { LineupInput, PlanEquipment, PlanPerson, PlanSlot } from './types';

/** Slack between preparing a slot and its block, where it delays nothing. */
const MARGIN_SECONDS = 60;

/** Words are quiet. */
const TALK_ENERGY = 2;

/** A slot with everything it names. */
export interface ResolvedSlot {
  slot: Slot;
  /** Of a talk: one made up for it, with an empty id. */
  demo: Demo;
  /** With the times that the plan goes by. */
  method: Method;
  /** Null until one is chosen. */
  performer: Person | null;
  position: Position | null;
}

/** A talk as a demo of one step, so that whatever reads a running order can read it too. */
function talkAsDemo({ title, time, say }: Talk): Pick<ResolvedSlot, 'demo' | 'method'> {
  const step: Task = {
    ...blankTask('talk', title, 'perform', time),
    place: 'wings',
    hands: [{ role: 'performer', count: 1, competence: null }],
    do: title,
    say,
  };
  const method = { ...blankMethod('', 'talk'), tasks: [step] };
  const demo = { ...blankDemo('', title, [method]), energy: TALK_ENERGY };
  return { demo, method };
}

const CLEARING = 'clear-';
/** True for tasks that the engine adds, which clear what a performance has left. */
export const isClearing = (task: string): boolean => task.startsWith(CLEARING);

const clearingTask = ({ id, kind, time, hands }: Residue): Task => ({
  ...blankTask(`${CLEARING}${id}`, `Clear the ${RESIDUE_WORDS[kind]}`, 'reset', time),
  // Clearing does not keep the next slot from its position.
  place: 'wings',
  hands,
});

/** The tasks of a method, and the clearing of what it leaves. */
const tasksOf = (method: Method): Task[] => [
  ...method.tasks,
  ...method.leaves.filter((left) => left.hands.length > 0).map(clearingTask),
];

/** What a slot names as it stands in the repertoire, whatever the show takes instead; null for words. */
export function plainDemoOf(
  slot: Pick<Slot, 'demoId' | 'methodId'>,
  demos: readonly Demo[],
): Pick<ResolvedSlot, 'demo' | 'method'> | null {
  const demo = demos.find((one) => one.id === slot.demoId);
  const method = demo?.methods.find((one) => one.id === slot.methodId) ?? demo?.methods[0];
  return demo && method ? { demo, method } : null;
}

function demoOf(
  slot: Slot,
  { demos, items, show: { swaps } }: Pick<ShowBundle, 'demos' | 'items' | 'show'>,
): Pick<ResolvedSlot, 'demo' | 'method'> | null {
  if (slot.talk) return talkAsDemo(slot.talk);
  const plain = plainDemoOf(slot, demos);
  if (!plain) return null;
  const { demo, method } = plain;
  const timed = withFigures(withSwaps(method, swaps, items), slot.performerId);
  return { demo, method: slot.sideBySide ? withStations(timed, slot.sideBySide) : timed };
}

function resolve(bundle: ShowBundle): readonly ResolvedSlot[] {
  const { show, people } = bundle;
  return show.slots.flatMap((slot) => {
    const found = demoOf(slot, bundle);
    if (!found) return [];
    const performer = people.find(({ id }) => id === slot.performerId) ?? null;
    const position = show.positions.find(({ id }) => id === slot.positionId) ?? null;
    return [{ slot, ...found, performer, position }];
  });
}

/** A bundle is a value: it is resolved once, and every reader gets the same slots. */
const resolved = new WeakMap<ShowBundle, readonly ResolvedSlot[]>();

/** Slots with what they name, in running order; one whose demo is missing is left out. */
export function resolveSlots(bundle: ShowBundle): readonly ResolvedSlot[] {
  const slots = resolved.get(bundle) ?? resolve(bundle);
  resolved.set(bundle, slots);
  return slots;
}

/** Slots whose demo or method is gone: nothing of them is planned, packed or checked. */
export function lostSlots(bundle: ShowBundle): Slot[] {
  const found = new Set(resolveSlots(bundle).map(({ slot }) => slot));
  return bundle.show.slots.filter((slot) => !found.has(slot));
}

export function lineupInput(bundle: ShowBundle): LineupInput {
  const { show } = bundle;
  const start = parseClock(show.start);
  // Only what times hang on: a note about a person, or a mark moved on the floor, changes none.
  const crew = show.crew.flatMap((wanted): PlanPerson[] => {
    const person = bundle.people.find(({ id }) => id === wanted);
    return person ? [{ id: wanted, name: person.name, competences: person.competences }] : [];
  });
  // A store may hold thousands of things; only those of this show can keep it waiting.
  const used = new Set(
    resolveSlots(bundle).flatMap(({ method }) => method.kit.map((line) => line.itemId)),
  );
  const equipment = bundle.items.flatMap(({ id, name, kind, owned }): PlanEquipment[] =>
    kind === 'consumable' || owned === null || !used.has(id) ? [] : [{ id, name, owned }],
  );
  return {
    arrival: parseClock(show.arrival) - start,
    hardFinish: parseClock(show.hardFinish) - start,
    margin: MARGIN_SECONDS,
    crew,
    positions: show.positions.map(({ id, name }) => ({ id, name })),
    equipment,
    slots: resolveSlots(bundle).map(({ slot, demo, method }): PlanSlot => ({
      id: slot.id,
      name: demo.name,
      performerId: slot.performerId,
      positionId: slot.positionId,
      goes: slot.goes,
      pinned: slot.pinned,
      tasks: tasksOf(method),
      uses: method.kit.flatMap((line) => {
        const limited = equipment.some((entry) => entry.id === line.itemId);
        if (!limited || dimensionOf(line.unit) !== 'count') return [];
        const factor = inHand(line, slot, method, show.audience);
        return [{ item: line.itemId, amount: toBase(line.amount, line.unit) * factor }];
      }),
      leaves: method.leaves.map(({ id, kind, where, time, hands }) => ({
        kind,
        where,
        task: hands.length > 0 ? `${CLEARING}${id}` : null,
        seconds: time.likely,
      })),
      forbids: method.forbids,
      leads: slot.leads,
    })),
  };
}
