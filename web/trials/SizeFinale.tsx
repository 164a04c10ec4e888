import AddIcon from '@mui/icons-material/Add';
import RemoveIcon from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { totalRecord } from '../../core/after/review';
import { levelWords } from '../../core/trials/claim';
import { finaleOf } from '../../core/trials/finale';
import { formatAmount } from '../../core/units/format';
import { counted } from '../../core/words';
import { useItemNames, useRecords } from '../app/data';
import type { OpenTrial } from './useTrial';

const STATIONS_MOST = 40;
const SPARES_MOST = 20;

interface CountProps {
  label: string;
  value: number;
  least: number;
  most: number;
  onChange: (value: number) => void;
}

const Count = ({ label, value, least, most, onChange }: CountProps) => (
  <Box
    sx={{
      display: 'flex',
      alignItems: 'center',
      borderTop: '1px solid var(--line)',
      minHeight: 44,
    }}
  >
    <Box sx={{ flex: 1, fontSize: 14 }}>{label}</Box>
    <IconButton
      size="small"
      aria-label={`One less: ${label}`}
      disabled={value <= least}
      onClick={() => onChange(value - 1)}
    >
      <RemoveIcon fontSize="small" />
    </IconButton>
    <Box
      aria-live="polite"
      sx={{ width: 34, textAlign: 'center', font: '700 17px/24px Bricolage' }}
    >
      {value}
    </Box>
    <IconButton
      size="small"
      aria-label={`One more: ${label}`}
      disabled={value >= most}
      onClick={() => onChange(value + 1)}
    >
      <AddIcon fontSize="small" />
    </IconButton>
  </Box>
);

/** The level that was found, times stations: what it takes, and how sure it is that all come off. */
export function SizeFinale({ open }: { open: OpenTrial }) {
  const { claim, levels, trial } = open;
  const level = levels.find(({ id }) => id === claim.level);
  return level && trial.kit.length > 0 && ['enough', 'best', 'rising'].includes(claim.kind) ? (
    <Sized open={open} level={level} />
  ) : null;
}

function Sized({ open, level }: { open: OpenTrial; level: OpenTrial['levels'][number] }) {
  const { trial, naming } = open;
  const [stations, setStations] = useState(5);
  const [spares, setSpares] = useState(1);
  const { data: items = [] } = useItemNames();
  const { data: records = [] } = useRecords(trial.demoId);
  const own = records.filter(
    ({ methodId }) => trial.methodId === null || methodId === trial.methodId,
  );
  const { worked, partly, failed } = totalRecord(own);
  const record = trial.demoId === null ? null : { worked, failed: partly + failed };
  const { lines, all } = finaleOf(trial, level, { stations, spares }, record);
  return (
    <Box component="section" aria-label="Size a finale from this" sx={{ mb: 3 }}>
      <Typography variant="h3" component="h2" sx={{ mb: 1 }}>
        Size a finale from this
      </Typography>
      <Count
        label="Stations"
        value={stations}
        least={1}
        most={STATIONS_MOST}
        onChange={setStations}
      />
      <Box sx={{ borderTop: '1px solid var(--line)', py: 1.25, display: 'flex', fontSize: 14 }}>
        <Box sx={{ flex: 1 }}>{trial.variable.name} at each</Box>
        <b>{levelWords(level, naming)}</b>
      </Box>
      <Count label="Spare sets" value={spares} least={0} most={SPARES_MOST} onChange={setSpares} />
      {all !== null && (
        <Typography variant="body2" color="textSecondary" sx={{ pb: 1 }}>
          It worked {worked} of {worked + partly + failed}, so all {stations} come off in{' '}
          <b>{Math.round(all * 100)} of 100</b>.
        </Typography>
      )}
      {lines.map(({ itemId, unit, each, sets, amount }) => (
        <Box
          key={itemId}
          sx={{
            display: 'flex',
            gap: 1,
            borderTop: '1px solid var(--line)',
            py: 0.75,
            fontSize: 14,
          }}
        >
          <Box sx={{ flex: 1 }}>{items.find(({ id }) => id === itemId)?.name ?? '…'}</Box>
          <Box sx={{ color: 'var(--muted)' }}>
            {sets} × {formatAmount(each, unit)}
          </Box>
          <Box sx={{ font: '700 15px/20px Bricolage', minWidth: 64, textAlign: 'right' }}>
            {formatAmount(amount, unit)}
          </Box>
        </Box>
      ))}
      <Typography
        variant="body2"
        color="textSecondary"
        sx={{ borderTop: '1px solid var(--line)', pt: 1 }}
      >
        {counted(stations, 'station')} at once are another thing than one: room, gear, cautions and
        what each rule allows are judged for the show it is put in.
      </Typography>
    </Box>
  );
}
