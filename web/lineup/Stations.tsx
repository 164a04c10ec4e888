import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { SPARES_MOST, STATIONS_MOST } from '../../contract/slot';
import { besideWords, withCount } from '../../core/brief/stations';
import type { SideBySide } from '../../core/brief/types';
import { Count } from '../parts/Count';

interface Props {
  of: SideBySide;
  /** Null for one alone. */
  onChange: (of: SideBySide | null) => void;
}

/** What stands side by side in a slot: how many of a finale, and the series it is of. */
export function Stations({ of, onChange }: Props) {
  const { kind, trialId, stations, spares } = of;
  return (
    <Box component="section" aria-label="Side by side" sx={{ fontSize: 14 }}>
      <Box sx={{ mb: 0.5 }}>
        <b>{besideWords(of)}</b>
        {trialId !== null && (
          <>
            {' · '}
            <Link to={`/bench/trials/${trialId}`}>
              {kind === 'series' ? 'the series' : 'from this series'}
            </Link>
          </>
        )}
      </Box>
      <Box sx={{ maxWidth: 320 }}>
        {kind === 'finale' && (
          <Count
            label="At once"
            value={stations.length}
            least={1}
            most={STATIONS_MOST}
            onChange={(count) => onChange(withCount(of, count))}
          />
        )}
        <Count
          label="Spare sets"
          value={spares}
          least={0}
          most={SPARES_MOST}
          onChange={(count) => onChange({ ...of, spares: count })}
        />
      </Box>
      <Box sx={{ color: 'var(--muted)' }}>
        Preparing and clearing count once for each; they are set off together.
      </Box>
      <Button size="small" sx={{ ml: -1 }} onClick={() => onChange(null)}>
        One alone instead
      </Button>
    </Box>
  );
}
