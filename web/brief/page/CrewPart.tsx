/** Who is in it: what they may do, what they said, and whether they are asked yet. */
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useFormContext, useWatch } from 'react-hook-form';
import { Link } from 'react-router';
import { type CrewAnswer, type CrewSaid, saidBy } from '../../../core/brief/agreed';
import { bookingsOf } from '../../../core/brief/bookings';
import { usePeople, useShows } from '../../app/data';
import { AtOnceNote } from '../../people/AtOnceNote';
import { FactLines } from '../../parts/FactLines';
import { Many } from '../../parts/form';
import { MAKE } from '../../parts/make';
import { pinked } from '../../parts/tapeShape';
import { COMPETENCE } from '../../parts/words';
import { PartHead } from '../../parts/PartHead';

const SAID: Readonly<Record<CrewSaid, string>> = { asked: 'asked', yes: 'yes', no: 'no' };

/** Other shows that want them at the same time. */
function AtOnce({ personId }: { personId: string }) {
  const { data: shows = [] } = useShows();
  const showId = useWatch({ name: 'id' }) as string;
  const booking = bookingsOf(personId, shows).find(({ show }) => show.id === showId);
  return booking ? <AtOnceNote atOnce={booking.atOnce} /> : null;
}

export function CrewPart() {
  const { data: people = [] } = usePeople();
  const { setValue } = useFormContext();
  const crew = useWatch({ name: 'crew' }) as string[];
  const answers = useWatch({ name: 'answers' }) as CrewAnswer[];
  const yes = crew.filter((id) => saidBy(answers, id) === 'yes').length;
  const say = (personId: string, said: CrewSaid | null): void =>
    setValue(
      'answers',
      [
        ...answers.filter((one) => one.personId !== personId),
        ...(said === null ? [] : [{ personId, said }]),
      ],
      { shouldValidate: true, shouldDirty: true },
    );
  return (
    <section aria-label="Crew">
      <PartHead title="Crew" below={crew.length > 0 ? `${yes} of ${crew.length} said yes` : ''} />
      {crew.map((id) => {
        const person = people.find((one) => one.id === id);
        const name = person?.name ?? 'Somebody who is gone';
        return (
          <Box key={id} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box component="b" sx={{ font: '600 17px/24px Bricolage' }}>
                  <Link to={`/people?open=${id}`}>{name}</Link>
                </Box>{' '}
                <Box component="span" sx={{ fontSize: 14, color: 'var(--muted)' }}>
                  {person?.role}
                </Box>
              </Box>
              <ToggleButtonGroup
                exclusive
                size="small"
                aria-label={`What ${name} said`}
                value={saidBy(answers, id)}
                onChange={(_event, said: CrewSaid | null) => say(id, said)}
              >
                {(['asked', 'yes', 'no'] as const).map((said) => (
                  <ToggleButton
                    key={said}
                    value={said}
                    sx={{ minHeight: { xs: 44, md: 32 }, px: 1.25, textTransform: 'none' }}
                  >
                    {SAID[said]}
                  </ToggleButton>
                ))}
              </ToggleButtonGroup>
            </Box>
            {saidBy(answers, id) === 'no' && (
              <Box sx={{ color: 'var(--ember)', fontWeight: 600, fontSize: 15 }}>
                △ Said no, and is still planned.
              </Box>
            )}
            <AtOnce personId={id} />
            {person && person.competences.length > 0 && (
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mt: 0.5 }}>
                {person.competences.map((competence) => (
                  <Box
                    key={competence}
                    component="span"
                    sx={{
                      font: '600 13px/20px Bricolage',
                      fontStretch: '85%',
                      background: 'var(--sunk)',
                      clipPath: pinked(2, 3),
                      px: 1,
                    }}
                  >
                    {COMPETENCE[competence]}
                  </Box>
                ))}
              </Box>
            )}
          </Box>
        );
      })}
      <FactLines sx={{ mt: 1 }}>
        <div className="over">
          <Many
            name="crew"
            label="Crew"
            make={MAKE.person}
            options={people.map((person) => ({ value: person.id, label: person.name }))}
          />
        </div>
      </FactLines>
    </section>
  );
}
