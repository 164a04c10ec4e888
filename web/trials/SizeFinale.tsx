/** The level that was found, times stations: what it takes, how sure it is that all come off, and into a show with it. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { type ReactNode, useState } from 'react';
import { SPARES_MOST, STATIONS_MOST } from '../../contract/slot';
import type { TrialSlotBody } from '../../contract/trials';
import { totalRecord } from '../../core/after/review';
import { levelWords } from '../../core/trials/claim';
import { finaleOf } from '../../core/trials/finale';
import type { Level } from '../../core/trials/types';
import { formatAmount } from '../../core/units/format';
import { counted } from '../../core/words';
import { useRecords } from '../app/data';
import { Count } from '../parts/Count';
import { Pick } from '../parts/Pick';
import { PutInShow } from './PutInShow';
import type { OpenTrial } from './useTrial';
import { WhatItTakes } from './WhatItTakes';

/** The level that the series found; where it found none, the first is only where one begins to choose. */
const levelOf = ({ claim, levels }: OpenTrial, chosen: string | null): Level | undefined =>
  levels.find(({ id }) => id === (chosen ?? claim.level)) ?? levels[0];

interface Props {
  open: OpenTrial;
  /** What puts it where it is wanted; into a show where nothing else is said. */
  put?: (size: NonNullable<TrialSlotBody['size']>) => ReactNode;
}

export function SizeFinale({ open, put }: Props) {
  const { trial, levels, naming, claim, goes } = open;
  const [stations, setStations] = useState(5);
  const [spares, setSpares] = useState(1);
  const [chosen, setChosen] = useState<string | null>(null);
  const { data: records = [] } = useRecords(trial.demoId);
  const level = levelOf(open, chosen);
  if (!level || goes.length === 0) return null;
  const own = records.filter(
    ({ methodId }) => trial.methodId === null || methodId === trial.methodId,
  );
  const { worked, partly, failed } = totalRecord(own);
  const record = trial.demoId === null ? null : { worked, failed: partly + failed };
  const { lines, all } = finaleOf(trial, level, { stations, spares }, record);
  const size = { levelId: level.id, stations, spares };
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
      <Box
        sx={{
          borderTop: '1px solid var(--line)',
          py: 1,
          display: 'flex',
          alignItems: 'center',
          gap: 1,
          fontSize: 14,
        }}
      >
        <Box sx={{ flex: 1 }}>{trial.variable.name} at each</Box>
        <Box sx={{ flex: 1 }}>
          <Pick
            label="Level"
            value={level.id}
            options={levels.map((one) => ({
              value: one.id,
              label: levelWords(one, { ...naming, factor: '' }),
            }))}
            onChange={setChosen}
          />
        </Box>
      </Box>
      {level.id !== claim.level && (
        <Typography variant="body2" sx={{ color: 'var(--ember)', pb: 1 }}>
          △{' '}
          {claim.level === null
            ? 'The series names no level: this is your choice.'
            : 'Not the level that the series found.'}
        </Typography>
      )}
      <Count label="Spare sets" value={spares} least={0} most={SPARES_MOST} onChange={setSpares} />
      {all !== null && (
        <Typography variant="body2" color="textSecondary" sx={{ pb: 1 }}>
          It worked {worked} of {worked + partly + failed}, so all {stations} come off in{' '}
          <b>{Math.round(all * 100)} of 100</b>.
        </Typography>
      )}
      <WhatItTakes
        open={open}
        wanted={lines.map(({ itemId, unit, each, sets, amount }) => ({
          itemId,
          unit,
          amount,
          sum: `${sets} × ${formatAmount(each, unit)}`,
        }))}
      />
      <Typography variant="body2" color="textSecondary" sx={{ pt: 0.5 }}>
        {counted(stations, 'station')} at once {stations === 1 ? 'is' : 'are'} another thing than
        one: room, gear, cautions and what each rule allows are judged for the show it is put in
        {trial.variable.settingId === null &&
          ', by the method’s own settings: the question doesn’t say which of them is changed'}
        .
      </Typography>
      {put ? (
        put(size)
      ) : (
        <PutInShow trialId={trial.id} demoId={trial.demoId} size={size} label="Put it in a show" />
      )}
    </Box>
  );
}
