/** Lines of the risk assessment about people, the way there, emergencies, and what was passed over. */
import type { Person, ShowBundle } from '../../brief/types';
import { counted, listInWords } from '../../words';
import type { Mark, Readiness } from '../go';
import type { Verdict } from '../verdict';

export const sentenceOf = ({ title, message }: Verdict): string => `${title}: ${message}`;

export const nameIn =
  ({ people }: Pick<ShowBundle, 'people'>) =>
  (id: string | null): string =>
    people.find((person) => person.id === id)?.name ?? 'somebody';

export function emergencyLines({ venue, show, people }: ShowBundle): string[] {
  const trained = people.filter(
    ({ id, competences }) => show.crew.includes(id) && competences.includes('firstAid'),
  );
  return [
    `Emergency number: ${venue?.emergencyNumber.trim() || 'not known'}.`,
    ...(venue?.emergencyNote.trim() ? [venue.emergencyNote.trim()] : []),
    `First aid: ${listInWords(trained.map(({ name }) => name)) || 'nobody of the crew is trained'}.`,
  ];
}

/** As the host answered. */
const NEED_WORDS = {
  hearing: 'hears with difficulty',
  sight: 'sees with difficulty',
  movement: 'moves with difficulty',
} as const;

export function audienceWords({
  audience,
  audienceNote,
  youngest,
  audienceNeeds,
}: ShowBundle['show']): string {
  const needs = (['hearing', 'sight', 'movement'] as const).map((need) => {
    const answer = audienceNeeds[need];
    return `somebody ${NEED_WORDS[need]}: ${answer === 'unknown' ? 'not asked' : answer}`;
  });
  return [
    String(audience),
    audienceNote,
    youngest === null ? 'age of the youngest not asked' : `the youngest ${youngest}`,
    needs.join(', '),
  ]
    .filter(Boolean)
    .join('; ');
}

const TRAINED_IN: Readonly<Record<Person['competences'][number], string>> = {
  cryogen: 'trained in cold liquids',
  flame: 'trained in flames',
  highVoltage: 'trained in high voltage',
  driver: 'drives',
  firstAid: 'trained in first aid',
};

export function crewWords(crew: readonly Person[]): string {
  const of = ({ name, role, competences: has }: Person): string => {
    const more = [role, ...has.map((one) => TRAINED_IN[one])].filter(Boolean);
    return more.length > 0 ? `${name} (${more.join(', ')})` : name;
  };
  return listInWords(crew.map(of)) || 'nobody yet';
}

export function waivedLines(
  bundle: ShowBundle,
  ready: Readiness,
  marks: readonly Mark[],
): string[] {
  const nameOf = nameIn(bundle);
  const titles = new Map([
    ...ready.checks.map(({ key, title }) => [key, `Check: ${title}`] as const),
    ...ready.verdicts
      .filter(({ final }) => !final)
      .map((one) => [one.key, sentenceOf(one)] as const),
  ]);
  return marks
    .filter(({ state, key }) => state === 'waived' && titles.has(key))
    .map(({ key, reason, by }) => `${titles.get(key)} Waived by ${nameOf(by)}: ${reason}`);
}

export function journeyLines({ show }: ShowBundle, ready: Readiness): string[] {
  const judged = new Map(
    ready.verdicts.filter(({ kind }) => kind === 'journey').map((one) => [one.key, one]),
  );
  const known = (value: number | null, unit: string): string =>
    value === null ? `${unit} not known` : `${value} ${unit}`;
  return [
    ...show.journeys.map((one) => {
      const verdict = judged.get(`journey:${one.id}`);
      const air = one.by === 'foot' ? [] : [`${known(one.volumeM3, 'm³')} of air`];
      const beside = `${counted(one.people, 'person', 'people')} beside it`;
      const facts = [one.by, known(one.minutes, 'min'), ...air, beside].join(', ');
      return [`${one.name} (${facts}).`, verdict?.message, verdict?.remedy]
        .filter(Boolean)
        .join(' ');
    }),
    ...['journey:none', 'journey:carried'].flatMap((key) => {
      const found = judged.get(key);
      return found ? [[sentenceOf(found), found.remedy].join(' ')] : [];
    }),
  ];
}
