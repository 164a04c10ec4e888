/**
 * Readings of a room sensor as SenML (RFC 8428) in JSON: a list of records, with base name, base time
 * and base unit carried on from the record that sets them.
 */

/** What a room sensor can say. Null where it says nothing of it, or nothing that can be. */
export interface RoomReading {
  /** °C. */
  temperature: number | null;
  /** Per cent of relative humidity. */
  humidity: number | null;
  /** dB. */
  sound: number | null;
}

interface Wanted {
  /** Units of the registry in RFC 8428. */
  unit: string;
  name: RegExp;
  least: number;
  most: number;
}

const WANTED: Record<keyof RoomReading, Wanted> = {
  temperature: { unit: 'Cel', name: /temp/i, least: -60, most: 60 },
  humidity: { unit: '%RH', name: /hum/i, least: 0, most: 100 },
  sound: { unit: 'dB', name: /sound|noise|level/i, least: 0, most: 190 },
};

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const text = (value: unknown): string => (typeof value === 'string' ? value : '');

/** Records with their base fields put in; null when it is no SenML at all. */
function resolved(pack: unknown): { name: string; unit: string; value: number }[] | null {
  if (!Array.isArray(pack) || !pack.every(isRecord)) return null;
  let baseName = '';
  let baseUnit = '';
  let baseValue = 0;
  return pack.flatMap((record) => {
    baseName = record.bn === undefined ? baseName : text(record.bn);
    baseUnit = record.bu === undefined ? baseUnit : text(record.bu);
    baseValue = typeof record.bv === 'number' ? record.bv : baseValue;
    if (typeof record.v !== 'number' || !Number.isFinite(record.v)) return [];
    return [
      {
        name: baseName + text(record.n),
        unit: record.u === undefined ? baseUnit : text(record.u),
        value: baseValue + record.v,
      },
    ];
  });
}

/** The last fitting value of each kind; null when the pack is not SenML, or has nothing of use. */
export function readSenml(pack: unknown): RoomReading | null {
  const records = resolved(pack);
  if (!records) return null;
  const last = ({ unit, name, least, most }: Wanted): number | null =>
    records.findLast(
      (record) =>
        record.unit === unit &&
        (name.test(record.name) || unit !== 'dB') &&
        record.value >= least &&
        record.value <= most,
    )?.value ?? null;
  const reading = {
    temperature: last(WANTED.temperature),
    humidity: last(WANTED.humidity),
    sound: last(WANTED.sound),
  };
  return Object.values(reading).every((value) => value === null) ? null : reading;
}
