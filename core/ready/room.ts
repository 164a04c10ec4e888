/** What a method needs, against what the venue has: each with its reason and what would do. */
import type { Known, ShowBundle, Venue } from '../brief/types';
import { type ResolvedSlot, resolveSlots } from '../lineup/fromBundle';
import type { Needs } from '../repertoire/care';
import { formatAmount } from '../units/format';
import type { VerdictLevel } from '../calculators/calculator';
import { DAY_FIGURES, type Gauge, type Verdict, type VerdictPlace, verdict } from './verdict';

interface Finding {
  of: string;
  level: VerdictLevel;
  message: string;
  remedy?: string;
  figure?: string;
  limit?: string;
  gauge?: Gauge;
  final?: boolean;
  place?: VerdictPlace;
}

const m = (value: number): string => formatAmount(value, 'm');

function placeFindings(needs: Needs, venue: Venue): Finding[] {
  const found: Finding[] = [];
  const lacks = (
    of: string,
    wanted: boolean,
    there: Known,
    message: string,
    remedy: string,
  ): void => {
    if (!wanted || there === 'yes') return;
    const [need] = message.split(',');
    found.push(
      there === 'no'
        ? { of, level: 'fix', message, remedy }
        : {
            of,
            level: 'unknown',
            message: `${need}: nobody has asked.`,
            remedy: 'Ask the venue, and put it in.',
          },
    );
  };
  if (needs.where === 'indoors' && venue.outdoors)
    found.push({
      of: 'where',
      level: 'fix',
      message: 'Needs a room, and the venue is outdoors.',
      remedy: 'Do it sheltered from wind, or leave it out.',
    });
  if (needs.where === 'outdoors' && !venue.outdoors)
    found.push({
      of: 'where',
      level: 'stop',
      message: 'Only outdoors, and the venue is a room.',
      remedy: 'Leave it out, or do it outside the door.',
    });
  lacks('water', needs.water, venue.water, 'Needs water, and there is none.', 'Bring it in cans.');
  lacks(
    'drain',
    needs.drain,
    venue.drain,
    'Needs a drain, and there is none.',
    'Bring a bucket with a lid.',
  );
  lacks(
    'dark',
    needs.dark,
    venue.dark,
    'Needs the dark, and the room can’t be darkened.',
    'Bring cloth for the windows, or show it close up.',
  );
  if (needs.levelFloor && venue.floor !== 'level')
    found.push(
      venue.floor === 'unknown'
        ? {
            of: 'floor',
            level: 'unknown',
            message: 'Needs a level floor: not known.',
            remedy: 'Look, and put it in with the venue.',
          }
        : {
            of: 'floor',
            level: 'fix',
            message: `Needs a level floor; it is ${venue.floor}.`,
            remedy: 'Bring a board and wedges.',
          },
    );
  return found;
}

function ceilingFinding(needs: Needs, venue: Venue): Finding[] {
  if (needs.ceilingM === null || venue.outdoors) return [];
  const limit = `${m(needs.ceilingM)} needed`;
  const gauge = { unit: 'm' as const, value: venue.ceilingM, least: needs.ceilingM, most: null };
  if (venue.ceilingM === null)
    return [
      {
        of: 'ceiling',
        level: 'unknown',
        message: `Needs ${m(needs.ceilingM)} of height: the ceiling is not known.`,
        remedy: 'Measure the ceiling.',
        limit,
        gauge,
      },
    ];
  const figure = `${m(venue.ceilingM)} ceiling`;
  return venue.ceilingM < needs.ceilingM
    ? [
        {
          of: 'ceiling',
          level: 'fix',
          message: `Needs ${m(needs.ceilingM)} of height; the ceiling is at ${m(venue.ceilingM)}.`,
          remedy: 'Make it smaller, or do it outside.',
          figure,
          limit,
          gauge,
        },
      ]
    : [
        {
          of: 'ceiling',
          level: 'ok',
          message: `Fits under the ceiling at ${m(venue.ceilingM)}.`,
          figure,
          limit,
          gauge,
        },
      ];
}

function windFinding(needs: Needs, { show, venue }: ShowBundle): Finding[] {
  if (needs.windMost === null || !venue?.outdoors) return [];
  const limit = `${formatAmount(needs.windMost, 'mps')} at the most`;
  const { wind, measured } = show.conditions;
  const gauge = { unit: 'mps' as const, value: wind, least: null, most: needs.windMost };
  if (wind === null)
    return [
      {
        of: 'wind',
        level: 'unknown',
        message: `Limit ${limit}: the wind is not known.`,
        remedy: 'Measure the wind.',
        limit,
        gauge,
        place: DAY_FIGURES,
      },
    ];
  const figure = formatAmount(wind, 'mps');
  if (wind <= needs.windMost && !measured.includes('wind'))
    return [
      {
        of: 'wind',
        level: 'unknown',
        message: `Only expected so far: wind ${figure}; the limit is ${limit}.`,
        remedy: 'Measure the wind.',
        figure,
        limit,
        gauge,
        place: DAY_FIGURES,
      },
    ];
  return wind > needs.windMost
    ? [
        {
          of: 'wind',
          level: 'fix',
          message: `Too windy: ${figure}; the limit is ${limit}.`,
          remedy: 'Move to shelter from wind, or leave it out.',
          figure,
          limit,
          gauge,
        },
      ]
    : [
        {
          of: 'wind',
          level: wind > needs.windMost * 0.8 ? 'watch' : 'ok',
          message: `Wind ${figure}; the limit is ${limit}.`,
          figure,
          limit,
          gauge,
        },
      ];
}

/** Smoke, and flames that a detector may take for one. */
function detectorFinding({ method }: ResolvedSlot, venue: Venue): Finding[] {
  const smokes =
    method.hazards.some((h) => h.kind === 'smoke') || method.leaves.some((l) => l.kind === 'smoke');
  const flame = method.hazards.some((h) => h.kind === 'openFlame');
  const what = smokes ? 'Makes smoke' : 'Has a flame';
  if ((!smokes && !flame) || venue.outdoors || venue.smokeDetectors === 'no') return [];
  if (venue.smokeDetectors === 'unknown')
    return [
      {
        of: 'detectors',
        level: 'unknown',
        message: `${what}: whether there are smoke detectors is not known.`,
        remedy: 'Ask the venue, and who isolates them.',
      },
    ];
  const by = venue.detectorsIsolatedBy;
  const calls = venue.alarmToFireService === 'yes' ? ' The alarm calls the fire service.' : '';
  if (venue.detectorsIsolable === 'no')
    return [
      smokes
        ? {
            of: 'detectors',
            level: 'stop',
            message: `${what}, and the smoke detectors can’t be isolated.${calls}`,
            remedy: 'Leave it out, or do it outdoors.',
          }
        : {
            of: 'detectors',
            level: 'watch',
            message: `${what} under smoke detectors that can’t be isolated.${calls}`,
            remedy: 'No smoke: short and small. Ask the venue first.',
          },
    ];
  if (venue.detectorsIsolable === 'unknown' && by === '')
    return [
      {
        of: 'detectors',
        level: 'unknown',
        message: `${what}: whether the detectors can be isolated is not known.${calls}`,
        remedy: 'Ask the venue who isolates them, and who watches meanwhile.',
      },
    ];
  return [
    {
      of: 'detectors',
      level: 'watch',
      message: `${what}: detectors isolated by ${by || 'the venue'}.${calls}`,
      remedy:
        'Only the venue isolates them; somebody watches for fire meanwhile; switched back on afterwards.',
    },
  ];
}

/** Verdicts on the room, in running order. */
export function roomVerdicts(bundle: ShowBundle): Verdict[] {
  const { venue } = bundle;
  if (!venue)
    return bundle.show.slots.length === 0
      ? []
      : [
          verdict({
            key: 'room:venue',
            kind: 'room',
            level: 'unknown',
            title: 'Venue',
            message: 'No venue is chosen: nothing is known of the room.',
            remedy: 'Choose it in the brief.',
          }),
        ];
  return resolveSlots(bundle).flatMap((resolved) => {
    const { slot, demo, method } = resolved;
    const found = [
      ...placeFindings(method.needs, venue),
      ...ceilingFinding(method.needs, venue),
      ...windFinding(method.needs, bundle),
      ...detectorFinding(resolved, venue),
    ];
    return found.map(({ of, ...rest }) =>
      verdict({
        key: `room:${slot.id}:${of}`,
        kind: 'room',
        title: demo.name,
        slotIds: [slot.id],
        source: 'the method’s needs and the venue’s facts',
        ...rest,
      }),
    );
  });
}
