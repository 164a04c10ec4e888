/** What would let more demonstrations in: pressed where it is said here, else the way to where it is put right. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { fitting, type LetIn } from '../../core/proposal/letIn';
import type { FitsTold } from '../workers/lineup.worker';
import { counted } from '../../core/words';
import { choose, say, useBrowsing } from './browsing';

/** More of them is a list to read, and no advice. */
const TOLD = 3;

/** Where it is put right that is not said on this page. */
function placeOf(key: string, venueId: string | null): string | null {
  if (key === 'people' || key.startsWith('competence:')) return '/people';
  if (venueId !== null && /^(?:distance|room:)/.test(key)) return `/venues?open=${venueId}`;
  return null;
}

interface RemedyProps {
  letIn: LetIn;
  venueId: string | null;
  /** Years, as it is said now. */
  youngest: number | null;
}

function Remedy({ letIn, venueId, youngest }: RemedyProps) {
  const without = useBrowsing(({ without: all }) => all);
  const where = useBrowsing(({ said }) => said.where);
  const { key, remedy, lacks = 0 } = letIn;
  const [, hazard] = /^hazard:(.+)$/.exec(key) ?? [];
  const press =
    hazard !== undefined
      ? () => choose({ without: without.filter((one) => one !== hazard) })
      : key === 'kit'
        ? () => choose({ inHouse: false })
        : key === 'age' && youngest !== null
          ? () => say({ youngest: String(youngest + lacks) })
          : key === 'where'
            ? () => say({ where: where === 'indoors' ? 'outdoors' : 'indoors' })
            : null;
  const place = placeOf(key, venueId);
  if (press)
    return (
      <Button onClick={press} sx={{ p: 0, minWidth: 0, minHeight: 0, textAlign: 'left' }}>
        {remedy}
      </Button>
    );
  if (place) return <Link to={place}>{remedy}</Link>;
  return <b>{remedy}</b>;
}

interface LetInProps extends Pick<RemedyProps, 'venueId' | 'youngest'> {
  fits: FitsTold;
}

export function LetInPart({ fits, venueId, youngest }: LetInProps) {
  const told = fits.letIn.slice(0, TOLD);
  if (told.length === 0) return null;
  const all = new Set(fits.options.map(({ demoId }) => demoId)).size;
  return (
    <Box component="section" sx={{ borderTop: '1px solid var(--line)', mt: 2, pt: 2 }}>
      <Box component="h2" sx={{ font: '700 16px Bricolage', m: 0, mb: 1 }}>
        What would let more in
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {told.map((letIn) => (
          <Box component="li" key={letIn.key} sx={{ lineHeight: '20px' }}>
            <Remedy letIn={letIn} venueId={venueId} youngest={youngest} />
            <div>{counted(letIn.more, 'more fits', 'more fit')}</div>
          </Box>
        ))}
      </Box>
      {told.length > 1 && (
        <Box sx={{ color: 'var(--muted)', mt: 1 }}>
          {told.length === 2 ? 'Both' : 'All three'}: {fitting(fits.options, told).size} of {all}{' '}
          fit.
        </Box>
      )}
    </Box>
  );
}
