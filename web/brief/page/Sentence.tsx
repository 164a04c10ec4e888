/** The booking as one sentence whose words can be changed where they stand. */
import Box from '@mui/material/Box';
import { useWatch } from 'react-hook-form';
import { useVenues } from '../../app/data';
import { Find } from '../../parts/form';
import { FigureGap, WordsGap } from '../../parts/formGaps';
import { SentenceText } from '../../parts/SentenceText';
import { MAKE } from '../../parts/make';
import { dayWords } from '../dates';

/** A field that is chosen from a list, as the words around it are. */
const inLine = {
  display: 'inline-block',
  verticalAlign: 'top',
  width: { xs: '100%', sm: '11em' },
  '& .MuiInputLabel-root': { position: 'absolute', opacity: 0, pointerEvents: 'none' },
  '& .MuiOutlinedInput-root': {
    p: '0 !important',
    borderRadius: 0,
    height: 36,
    background: 'none',
  },
  '& .MuiOutlinedInput-input': {
    font: 'inherit',
    fontSize: { xs: 22, md: 28 },
    fontWeight: 700,
    p: '0 !important',
  },
  '& fieldset': { border: 0, borderBottom: '2px solid var(--ember-line)' },
  '& .MuiFormHelperText-root': { fontSize: 13, m: 0 },
} as const;

export function Sentence() {
  const { data: venues = [] } = useVenues();
  const date = useWatch({ name: 'date' }) as string;
  const youngest = useWatch({ name: 'youngest' }) as number | null;
  const [weekday = ''] = /^\d{4}-\d\d-\d\d$/.test(date) ? dayWords(date).split(' ') : [];
  return (
    <SentenceText>
      <WordsGap name="title" label="Title" unsaid="A show" />, {weekday}{' '}
      <WordsGap name="date" label="Date" type="date" /> in{' '}
      <Box component="span" sx={inLine}>
        <Find
          name="venueId"
          label="Venue"
          none="no venue yet"
          make={MAKE.venue}
          options={venues.map((venue) => ({ value: venue.id, label: venue.name }))}
        />
      </Box>
      , for <FigureGap name="audience" label="Audience" /> people:{' '}
      <WordsGap name="audienceNote" label="Who they are" unsaid="who are they?" />, the youngest{' '}
      {youngest === null ? 'not known yet: ' : 'about '}
      <FigureGap name="youngest" label="Youngest" optional />.
    </SentenceText>
  );
}
