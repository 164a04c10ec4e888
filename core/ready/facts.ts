/** What of the day and of the room the calculators can know. */
import {
  CONDITION_FIGURES,
  type Place,
  type Show,
  type ShowBundle,
  type Slot,
} from '../brief/types';
import type { Facts } from '../calculators/bind';
import type { FactId } from '../calculators/calculator';

/** How each is asked for. */
export const FACT_WORDS: Record<FactId, string> = {
  temperature: 'measure the temperature',
  humidity: 'measure the humidity',
  people: 'count the people',
  wind: 'measure the wind',
  pressure: 'read the air pressure',
  roomVolume: 'put in the venue’s length, width and ceiling',
  airChanges: 'put in the venue’s air changes an hour',
  frontRow: 'put in how far off the front row is',
  backRow: 'put in the venue’s length',
  sound: 'measure how loud the room is',
  youngest: 'ask the host how old the youngest is',
};

/** What each is called. */
export const FACT_NAMES: Record<FactId, string> = {
  temperature: 'temperature',
  humidity: 'humidity',
  people: 'people in the room',
  wind: 'wind',
  pressure: 'air pressure',
  roomVolume: 'size of the room',
  airChanges: 'air changes',
  frontRow: 'front row',
  backRow: 'back row',
  sound: 'sound level of the room',
  youngest: 'youngest in the audience',
};

/** Air changes an hour outdoors: so many that nothing gathers. Our own mark. */
const OUTDOORS = 100;
/** mL of the air about an outdoor stage; only needed to be large. */
const OPEN_AIR = 10_000 * 1_000_000;

/** m³ of the room; null while a measure is missing, and outdoors. */
export function roomVolume({ venue }: Pick<ShowBundle, 'venue'>): number | null {
  if (!venue || venue.outdoors) return null;
  const { lengthM, widthM, ceilingM } = venue;
  return lengthM === null || widthM === null || ceilingM === null
    ? null
    : lengthM * widthM * ceilingM;
}

/** Audience and crew, until they are counted. */
export const bookedPeople = ({ audience, crew }: Pick<Show, 'audience' | 'crew'>): number =>
  audience + crew.length;

/** The audience: as counted on the day, else as booked. */
export const peopleIn = ({ audience, conditions }: Pick<Show, 'audience' | 'conditions'>): number =>
  conditions.people ?? audience;

/** Facts in the base unit of their kind. Indoors there is no wind. */
export function dayFactsOf(bundle: ShowBundle): Facts {
  const { show, venue } = bundle;
  const { conditions } = show;
  const outdoors = venue?.outdoors ?? false;
  const room = roomVolume(bundle);
  return {
    temperature: conditions.temperature,
    humidity: conditions.humidity,
    people: conditions.people ?? bookedPeople(show),
    wind: conditions.wind ?? (venue && !outdoors ? 0 : null),
    pressure: conditions.pressure === null ? null : conditions.pressure * 0.1,
    roomVolume: outdoors ? OPEN_AIR : room === null ? null : room * 1_000_000,
    airChanges: outdoors ? OUTDOORS : (venue?.airChanges ?? null),
    frontRow: venue?.frontRowM ?? null,
    // The farthest seat is no farther than the room is long.
    backRow: outdoors ? null : (venue?.lengthM ?? null),
    sound: conditions.sound,
    youngest: show.youngest,
  };
}

/** Facts that the day has to be measured for, and that so far are only expected. */
export function expectedFacts({ show }: Pick<ShowBundle, 'show'>): ReadonlySet<FactId> {
  const { conditions } = show;
  // How many people come is agreed with the host, and counted for the forecast of nothing else.
  return new Set(
    CONDITION_FIGURES.filter(
      (name) =>
        name !== 'people' && conditions[name] !== null && !conditions.measured.includes(name),
    ),
  );
}

/**
 * Metres from a place on the plan to the nearest of the audience: the front row is a line in front of
 * the stage, and its own measure is from the stage's front edge.
 */
export const toFrontRow = (at: Place, frontRowM: number): number => at.y + frontRowM;

/** The same facts as they are where a slot is done: its front row is counted from its position. */
export function dayFactsAt(bundle: ShowBundle, slot: Pick<Slot, 'positionId'>): Facts {
  const facts = dayFactsOf(bundle);
  const at = bundle.show.positions.find((p) => p.id === slot.positionId)?.at;
  return at && facts.frontRow !== null
    ? { ...facts, frontRow: toFrontRow(at, facts.frontRow) }
    : facts;
}
