/** The booking as one sentence whose words can be changed where they stand. */
import Box from '@mui/material/Box';
import { useWatch } from 'react-hook-form';
import { useVenues } from '../../app/data';
import { PLACEHOLDER_SHOWN } from '../../parts/FactLines';
import { Find } from '../../parts/form';
import { FigureGap, WordsGap } from '../../parts/formGaps';
import { SentenceText } from '../../parts/SentenceText';
import { MAKE } from '../../parts/make';
import { dayWords } from '../dates';

/** A field that is chosen from a list, as the words around it are. */
const inLine = {
  display: 'inline-block',
  verticalAlign: 'top',
  mt: { xs: '3px', md: '5px' },
  width: { xs: '100%', sm: '11em' },
  '& .MuiInputLabel-root': { position: 'absolute', opacity: 0, pointerEvents: 'none' },
  '& .MuiOutlinedInput-root': {
    p: '0 !important',
    borderRadius: 0,
    height: { xs: 44, md: 36 },
    background: 'none',
    font: 'inherit',
  },
  '& .MuiOutlinedInput-input': {
    font: 'inherit',
    fontSize: 'inherit',
    fontWeight: 700,
    p: '0 !important',
  },
  '& fieldset': { border: 0, borderBottom: '2px solid var(--ember-line)' },
  '& .MuiFormHelperText-root': { fontSize: 13, m: 0 },
  ...PLACEHOLDER_SHOWN,
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
      <WordsGap name="audienceNote" label="Who they are" unsaid="who are they?" wraps />, the
      youngest {youngest === null ? 'not known yet: ' : 'about '}
      <FigureGap name="youngest" label="Youngest" optional />.
    </SentenceText>
  );
}
