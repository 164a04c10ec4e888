import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { OpenQuestion } from '../../core/ready/assessment/types';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { Section } from '../parts/page';
import { PlaceLink } from './PlaceLink';

/** A demo that is in the show twice asks the same twice. */
const keyOf = ({ what }: OpenQuestion, i: number): string => `${i} ${what}`;

/** What the desk can answer, each with the way there; what only the day can, told together. */
export function OpenQuestions({ open }: { open: readonly OpenQuestion[] }) {
  const { show } = useOpenShow();
  const desk = open.filter(({ when }) => when === 'desk');
  const day = open.filter(({ when }) => when === 'day');
  if (open.length === 0) return null;
  return (
    <Section title="Open questions">
      {desk.length > 0 && (
        <Box component="ul" aria-label="To answer now" sx={{ m: 0, p: 0, listStyle: 'none' }}>
          {desk.map((one, i) => (
            <Box
              component="li"
              key={keyOf(one, i)}
              sx={{
                display: 'flex',
                flexWrap: { xs: 'wrap', sm: 'nowrap' },
                columnGap: 2,
                py: 0.75,
                borderBottom: '1px solid var(--line)',
              }}
            >
              <Box sx={{ flex: 1, minWidth: { xs: '100%', sm: 0 } }}>
                <b>{one.what}</b>
                {one.remedy && (
                  <Typography variant="body2" color="textSecondary">
                    {one.remedy}
                  </Typography>
                )}
              </Box>
              {one.place && (
                <Box sx={{ ml: 'auto', flex: 'none' }}>
                  <PlaceLink place={one.place} what={one.what} />
                </Box>
              )}
            </Box>
          ))}
        </Box>
      )}
      {day.length > 0 && (
        <Box component="details" sx={{ mt: 1 }}>
          <Box component="summary" sx={{ py: 1, cursor: 'pointer' }}>
            {counted(day.length, 'question')} only the day can answer
          </Box>
          <div>
            To measure and to check under <Link to={`/shows/${show.id}/ready`}>Ready</Link>:
          </div>
          <Box component="ul" sx={{ m: 0, pl: 2.5, columns: { md: 2 } }}>
            {day.map((one, i) => (
              <li key={keyOf(one, i)}>{[one.what, one.remedy].filter(Boolean).join(' ')}</li>
            ))}
          </Box>
        </Box>
      )}
    </Section>
  );
}
