/** Checks beyond what is set out: figures to measure, what went wrong last time, flames, lines of fire, windows. */
import type { ShowBundle } from '../brief/types';
import { type ResolvedSlot, lineupInput, resolveSlots } from '../lineup/fromBundle';
import { readyWindow } from '../lineup/readyWindow';
import type { Timeline } from '../lineup/types';
import { counted } from '../words';
import { TAKES } from './due';
import { FACT_WORDS, dayFactsOf } from './facts';
import { EXTINGUISHER_WORDS } from './words';
import type { FactId } from '../calculators/calculator';
import { findCalculator } from '../calculators/catalogue';
import type { CheckDraft, Check } from './checks';

/** An open follow-up of an earlier show, as far as the checks need it. */
export interface OpenFollowUp {
  id: string;
  showId: string | null;
  demoId: string | null;
  words: string;
  ownerId: string | null;
  done: boolean;
}

/** Figures of the day that some calculator of the show asks for; measured at the venue, before anything is filled. */
const MEASURED: readonly FactId[] = ['temperature', 'humidity', 'wind', 'sound'];

export function measureCheck(bundle: ShowBundle): CheckDraft[] {
  const asked = new Set(
    resolveSlots(bundle).flatMap(({ method }) => [
      ...method.calculators.flatMap((binding) =>
        Object.values(findCalculator(binding.calculator)?.inputs ?? {}).flatMap((input) =>
          input.kind === 'number' && input.fact ? [input.fact] : [],
        ),
      ),
      ...(method.needs.windMost !== null ? (['wind'] as const) : []),
    ]),
  );
  const facts = MEASURED.filter(
    (fact) => asked.has(fact) && (fact !== 'wind' || bundle.venue?.outdoors !== false),
  );
  if (facts.length === 0) return [];
  const known = dayFactsOf(bundle);
  return [
    {
      people: bundle.show.crew,
      before: 0,
      check: {
        key: 'measure:day',
        kind: 'measure',
        title: 'Figures of the day measured at the venue',
        detail: facts
          .map((fact) => `${FACT_WORDS[fact]}${known[fact] === null ? '' : ' again'}`)
          .join(', '),
        slotIds: [],
        demoName: '',
        personId: null,
        place: '',
        holds: false,
        from: null,
        measures: null,
        things: [],
      },
    },
  ];
}

/** A pinned note, and open follow-ups of this show or of its demos. */
export function lastTimeChecks(
  bundle: ShowBundle,
  followUps: readonly OpenFollowUp[],
): CheckDraft[] {
  const slots = resolveSlots(bundle);
  const base = {
    kind: 'lastTime' as const,
    holds: false,
    from: null,
    measures: null,
    things: [],
  };
  // It is read where the demonstration is set out.
  const placeOf = (demoId: string | null): string =>
    slots.find(({ demo }) => demo.id === demoId)?.position?.name ?? '';
  const pinned = [...new Set(slots.map(({ demo }) => demo))].flatMap((demo): CheckDraft[] =>
    demo.pinnedNote === ''
      ? []
      : [
          {
            people: [],
            before: 0,
            check: {
              ...base,
              key: `pinned:${demo.id}`,
              title: demo.pinnedNote,
              place: placeOf(demo.id),
              detail: `${demo.name}, from last time`,
              slotIds: slots.filter((s) => s.demo.id === demo.id).map(({ slot }) => slot.id),
              demoName: demo.name,
              personId: slots.find((s) => s.demo.id === demo.id)?.slot.performerId ?? null,
            },
          },
        ],
  );
  const open = followUps.filter(
    (one) =>
      !one.done &&
      (one.showId === bundle.show.id || slots.some(({ demo }) => demo.id === one.demoId)),
  );
  return [
    ...pinned,
    ...open.map((one): CheckDraft => {
      const demo = slots.find((s) => s.demo.id === one.demoId)?.demo;
      const here = one.ownerId !== null && bundle.show.crew.includes(one.ownerId);
      return {
        people: [],
        before: 0,
        check: {
          ...base,
          key: `follow-up:${one.id}`,
          title: one.words,
          place: placeOf(one.demoId),
          detail: `${demo ? `${demo.name}, ` : ''}still open from before`,
          slotIds: slots.filter((s) => s.demo.id === one.demoId).map(({ slot }) => slot.id),
          demoName: demo?.name ?? '',
          personId: here ? one.ownerId : null,
        },
      };
    }),
  ];
}

/** Who stands by with the extinguisher; that the line of fire is clear. */
export function guardChecks(
  { show }: ShowBundle,
  { slot, demo, method, position }: ResolvedSlot,
): CheckDraft[] {
  const place = position?.name ?? '';
  const base = {
    slotIds: [slot.id],
    demoName: demo.name,
    personId: null,
    place,
    holds: true,
    from: null,
    measures: null,
    things: [],
  };
  const { extinguisher, heldBy } = method.care;
  const drafts: CheckDraft[] = [];
  if (extinguisher !== 'none')
    drafts.push({
      people: heldBy === 'performer' && slot.performerId ? [slot.performerId] : show.crew,
      before: 0,
      check: {
        ...base,
        key: `fire:${slot.id}`,
        kind: 'fire',
        title: `${EXTINGUISHER_WORDS[extinguisher].replace(/^./, (c) => c.toUpperCase())} in reach for ${demo.name}`,
        detail: heldBy ? 'Seal unbroken; whoever holds it knows how.' : 'In date, seal unbroken.',
      },
    });
  if (method.hazards.some((hazard) => hazard.kind === 'projectile'))
    drafts.push({
      people: show.crew,
      before: 0,
      check: {
        ...base,
        key: `clear:${slot.id}`,
        kind: 'clear',
        title: `Line of fire clear for ${demo.name}`,
        detail:
          method.needs.clearM === null
            ? 'Nobody and nothing costly in it; exits free.'
            : `${counted(method.needs.clearM, 'metre')} around it; nobody and nothing costly in it; exits free.`,
      },
    });
  return drafts;
}

/** Work before the start that keeps only for so long: not before, and not after. */
export function windowChecks(bundle: ShowBundle, timeline: Timeline): Check[] {
  const input = lineupInput(bundle);
  return timeline.tasks.flatMap((placed): Check[] => {
    if (placed.phase !== 'prepare' || placed.start >= 0) return [];
    const slot = input.slots.find((one) => one.id === placed.slot);
    const window = slot && readyWindow(slot, timeline, placed);
    const resolved = resolveSlots(bundle).find((one) => one.slot.id === placed.slot);
    const task = resolved?.method.tasks.find((one) => one.id === placed.task);
    if (!window || window.until === null || !resolved || !task) return [];
    const keeps = window.until - placed.end;
    return [
      {
        key: `window:${placed.slot}:${placed.task}`,
        kind: 'window',
        title: `${resolved.demo.name}: ${task.name}`,
        detail: 'Not earlier, or it is too old by the time it is used.',
        slotIds: [placed.slot],
        demoName: resolved.demo.name,
        personId: placed.people[0] ?? null,
        place: bundle.show.positions.find((p) => p.id === placed.position)?.name ?? 'wings',
        holds: false,
        from: window.at - keeps,
        due: window.at - (window.from - placed.end),
        takes: TAKES.window,
        things: [],
        measures: null,
      },
    ];
  });
}
