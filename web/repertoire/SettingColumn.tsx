/** Beside the demonstrations: what one has, for which show, and what would let more in. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { ShowSummary } from '../../contract/api';
import type { ShowBundle } from '../../core/brief/types';
import { totalWatts } from '../../core/ready/power';
import { formatAmount } from '../../core/units/format';
import { dayWords } from '../brief/dates';
import { Loading } from '../parts/page';
import { Pick } from '../parts/Pick';
import type { FitsTold } from '../workers/lineup.worker';
import { browseFor } from './browsing';
import { LetInPart } from './LetInPart';
import { SettingSentence } from './SettingSentence';
import type { Asked } from './useFits';

/** What is known of the place, in a line. */
function placeFacts({ venue, show }: ShowBundle): string {
  if (!venue) return 'No venue yet.';
  const { widthM, lengthM, ceilingM, frontRowM } = venue;
  const metres = (value: number): string => formatAmount(value, 'm');
  const watts = totalWatts(venue);
  const facts = [
    ...(lengthM !== null && widthM !== null ? [`${lengthM} by ${metres(widthM)}`] : []),
    ...(ceilingM !== null && !venue.outdoors ? [`${metres(ceilingM)} high`] : []),
    ...(frontRowM !== null ? [`front row at ${metres(frontRowM)}`] : []),
    ...(watts > 0 ? [`${watts} W`] : []),
  ];
  return `${show.start} to ${show.hardFinish}. ${facts.join(', ')}${facts.length > 0 ? '.' : ''}`;
}

interface ColumnProps {
  isLoading: boolean;
  asked: Asked;
  about: string | null;
  coming: readonly ShowSummary[];
  /** The show as it is; null for none, and while it is on its way. */
  bundle: ShowBundle | null;
  atHand: ReadonlySet<string>;
  fits: FitsTold | null;
}

export function SettingColumn({
  isLoading,
  asked,
  about,
  coming,
  bundle,
  atHand,
  fits,
}: ColumnProps) {
  const venue = bundle?.venue ?? null;
  return (
    <>
      {isLoading ? (
        <Loading rows={3} />
      ) : (
        <SettingSentence asked={asked} atHand={atHand} hasVenue={venue !== null} />
      )}
      {coming.length > 0 && (
        <Box sx={{ mt: 2 }}>
          <Pick
            label="As for"
            value={about}
            none="no show in particular"
            options={coming.map(({ id, title, date }) => ({
              value: id,
              label: `${title}, ${dayWords(date)}`,
            }))}
            onChange={browseFor}
            sx={{ width: '100%' }}
          />
        </Box>
      )}
      {bundle && !asked.asItIs && (
        <Button size="small" onClick={() => browseFor(about)} sx={{ ml: -0.75 }}>
          Back to what the show says
        </Button>
      )}
      {bundle && (
        <Box sx={{ color: 'var(--muted)', fontSize: 14, lineHeight: '20px', mt: 1 }}>
          {venue && (
            <Box component="span" sx={{ display: 'block', fontWeight: 600 }}>
              <Link to={`/venues?open=${venue.id}`}>{venue.name}</Link>
            </Box>
          )}
          {placeFacts(bundle)}
        </Box>
      )}
      {fits && (
        <LetInPart
          fits={fits}
          venueId={venue?.id ?? null}
          youngest={asked.setting?.youngest ?? null}
        />
      )}
    </>
  );
}
