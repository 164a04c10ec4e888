/** The people of the house: each as a page of what they may do, what they said yes to, and how long they take. */
import Box from '@mui/material/Box';
import { PersonBody } from '../../contract/brief';
import { blankPerson } from '../../core/brief/blank';
import { bookingsOf } from '../../core/brief/bookings';
import type { Known, Person } from '../../core/brief/types';
import { USUAL_PACE } from '../../core/repertoire/script';
import { usePeople, useShows } from '../app/data';
import { comingShows } from '../brief/coming';
import { EntityPage } from '../parts/EntityPage';
import { Words } from '../parts/form';
import { EitherGap, FigureGap, OneGap, PiecesField, WordsGap } from '../parts/formGaps';
import { SentenceText } from '../parts/SentenceText';
import { PartHead } from '../parts/PartHead';
import { COMPETENCE, options } from '../parts/words';
import { ComingPart } from './ComingPart';
import { MayPerformPart } from './MayPerformPart';
import { PacePart } from './PacePart';

const HEART: Readonly<Record<Known, string>> = {
  no: 'no heart device',
  yes: 'a heart device',
  unknown: 'nobody has asked about a heart device',
};

function Sentence() {
  return (
    <SentenceText>
      <WordsGap name="name" label="Name" least={4} />,{' '}
      <WordsGap name="role" label="Role" unsaid="doing what?" />. Has{' '}
      <OneGap name="heartDevice" label="Heart device or implant" options={options(HEART)} />. Speaks{' '}
      <FigureGap
        name="wordsPerMinute"
        label="Speaks, words a minute"
        unsaid={`about ${USUAL_PACE}`}
        optional
      />{' '}
      words a minute.{' '}
      <EitherGap name="mayWaive" label="May waive a check, with a reason" yes="May" no="May not" />{' '}
      waive a check, with a reason.
    </SentenceText>
  );
}

function Facts({ person }: { person: Person }) {
  return (
    <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Box>
        <Sentence />
        {person.heartDevice !== 'no' && (
          <Box sx={{ color: 'var(--ember)', fontWeight: 600, mt: 1 }}>
            {person.heartDevice === 'yes'
              ? `△ Magnets and high voltage keep clear of ${person.name}.`
              : `? Ask before magnets and high voltage: they keep clear of a heart device.`}
          </Box>
        )}
      </Box>
      <Box component="section" aria-label="Trained in">
        <PartHead level="h3" title="Trained in" />
        <PiecesField name="competences" label="Trained in" options={options(COMPETENCE)} />
      </Box>
      <Box
        sx={{
          display: 'grid',
          columnGap: 4,
          rowGap: 4,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: 'minmax(0, 1fr) minmax(0, 1fr)',
            xl: 'minmax(0, 4fr) minmax(0, 4fr) minmax(0, 4fr)',
          },
        }}
      >
        <ComingPart person={person} />
        <PacePart person={person} />
        <MayPerformPart person={person} />
      </Box>
      <Box sx={{ maxWidth: 640, display: 'grid' }}>
        <Words name="note" label="Notes" multiline />
      </Box>
    </Box>
  );
}

export default function PeoplePage() {
  const { data: shows = [] } = useShows();
  const below = (person: Person): string => {
    const bookings = bookingsOf(person.id, comingShows(shows));
    const yes = bookings.filter(({ said }) => said === 'yes').length;
    const role = person.role || 'No role yet';
    return bookings.length === 0 ? role : `${role} · yes to ${yes} of ${bookings.length}`;
  };
  return (
    <EntityPage<PersonBody>
      title="People"
      noun="person"
      path="/people"
      type={PersonBody}
      query={usePeople()}
      fresh={(id) => blankPerson(id, 'New person')}
      below={below}
      empty="Add everybody who performs, helps or drives; shows pick their crew from here."
      fields={(person) => <Facts person={person} />}
    />
  );
}
