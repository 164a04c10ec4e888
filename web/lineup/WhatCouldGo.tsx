/** What leaving something out costs and buys, and what makes the end uncertain. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Forecast, LeaveOut } from '../../core/lineup/forecast/types';
import { ofHundred } from '../../core/lineup/forecast/words';
import type { LineupInput } from '../../core/lineup/types';
import { aboutMinute, byMinute, formatClock, formatDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import { type Foreseen, useLeaveOut } from './useForecast';

interface WhatCouldGoProps {
  /** Null until it is known. */
  foreseen: Foreseen;
  input: LineupInput;
  startOfDay: number;
  hardFinish: number;
  nameOf: (slot: string) => string;
  taskName: (slot: string, task: string) => string;
  onLeaveOut: (slots: string[]) => void;
}

const cell = { textAlign: 'left', py: 0.75, pr: 2, verticalAlign: 'baseline' } as const;
const figure = { ...cell, textAlign: 'right', whiteSpace: 'nowrap' } as const;
const heading = { color: 'var(--muted)', fontWeight: 400, fontSize: 13 } as const;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function LeaveOutTable({
  rows,
  nameOf,
  startOfDay,
  onLeaveOut,
}: Pick<WhatCouldGoProps, 'nameOf' | 'startOfDay' | 'onLeaveOut'> & {
  rows: readonly LeaveOut[];
}) {
  return (
    <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%' }}>
      <thead>
        <tr>
          <Box component="th" sx={{ ...cell, ...heading }}>
            Without
          </Box>
          <Box component="th" sx={{ ...figure, ...heading }}>
            worth lost
          </Box>
          <Box component="th" sx={{ ...figure, ...heading }}>
            in time
          </Box>
          <Box component="th" sx={{ ...figure, ...heading }}>
            change
          </Box>
          <Box component="th" sx={{ ...figure, ...heading }}>
            ends about
          </Box>
          <Box component="th" sx={{ ...cell, ...heading }} aria-label="Action" />
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => {
          const name = listInWords(row.slots.map(nameOf));
          return (
            <Box component="tr" key={row.slots.join()} sx={{ borderTop: '1px solid var(--line)' }}>
              <Box component="th" scope="row" sx={{ ...cell, fontWeight: 600 }}>
                {name}
              </Box>
              <Box component="td" sx={figure}>
                {row.worth}
              </Box>
              <Box component="td" sx={figure}>
                {ofHundred(row.chance)}
              </Box>
              <Box component="td" sx={figure}>
                {row.gain >= 0 ? '+' : '−'}
                {Math.round(Math.abs(row.gain) * 100)}
              </Box>
              <Box component="td" sx={figure}>
                {formatClock(startOfDay + aboutMinute(row.p50))}
              </Box>
              <Box component="td" sx={{ py: 0.25 }}>
                <Button
                  size="small"
                  aria-label={`Leave out ${name}`}
                  onClick={() => onLeaveOut(row.slots)}
                >
                  Leave out
                </Button>
              </Box>
            </Box>
          );
        })}
      </tbody>
    </Box>
  );
}

/** The odds, the table, and what the odds hang on. */
function WhatCouldGoContent(props: WhatCouldGoProps & { forecast: Forecast }) {
  const { forecast, foreseen, input, startOfDay, hardFinish, nameOf, taskName, onLeaveOut } = props;
  const table = useLeaveOut(input, foreseen, 'pairs');
  const fresh = foreseen.fresh && table.fresh;
  const finish = formatClock(startOfDay + hardFinish);
  const { p10, p50, p90 } = forecast.end;
  return (
    <>
      {!fresh && <LinearProgress aria-label="Simulating" sx={{ mb: 1 }} />}
      <Typography>
        As it stands <b>{ofHundred(forecast.chance)}</b> shows end by {finish}. One in ten ends by{' '}
        {formatClock(startOfDay + byMinute(p10))}, half about{' '}
        {formatClock(startOfDay + aboutMinute(p50))}, nine in ten by{' '}
        {formatClock(startOfDay + byMinute(p90))}; {formatDuration(forecast.deadAir)} dead air is
        expected.
      </Typography>
      <Box sx={{ overflowX: 'auto', my: 2 }}>
        {table.rows.length > 0 ? (
          <LeaveOutTable
            rows={table.rows}
            nameOf={nameOf}
            startOfDay={startOfDay}
            onLeaveOut={onLeaveOut}
          />
        ) : (
          <Typography color="textSecondary">
            {fresh
              ? 'No slot is marked “May be left out”. Mark one on its card.'
              : 'Being worked out …'}
          </Typography>
        )}
      </Box>
      {forecast.drivers.length > 0 && (
        <>
          <Typography variant="h3">What makes the end uncertain</Typography>
          <Box component="ul" sx={{ mt: 0.5, mb: 2, pl: 2.5 }}>
            {forecast.drivers
              .filter(({ share }) => share > 0)
              .slice(0, 5)
              .map(({ slot, share }) => (
                <li key={slot ?? 'dead air'}>
                  {slot === null ? 'Waiting between them' : nameOf(slot)}: <b>{percent(share)}</b>{' '}
                  of the spread
                </li>
              ))}
          </Box>
        </>
      )}
      {forecast.windows.length > 0 && (
        <>
          <Typography variant="h3">Ready windows that may be missed</Typography>
          <Box component="ul" sx={{ mt: 0.5, mb: 0, pl: 2.5 }}>
            {forecast.windows.map(({ slot, task, after, chance }) => (
              <li key={`${slot}/${task}/${after}`}>
                {nameOf(slot)}: “{taskName(slot, task)}” too long after “{taskName(slot, after)}” in{' '}
                <b>{ofHundred(chance)}</b>
              </li>
            ))}
          </Box>
        </>
      )}
    </>
  );
}

export function WhatCouldGo(props: WhatCouldGoProps) {
  const { forecast } = props.foreseen;
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button
        variant="outlined"
        aria-haspopup="dialog"
        disabled={!forecast}
        onClick={() => setOpen(true)}
      >
        What to leave out
      </Button>
      <Dialog
        open={open}
        onClose={() => setOpen(false)}
        fullWidth
        maxWidth="md"
        aria-labelledby="could-go-title"
      >
        <DialogTitle id="could-go-title">What to leave out</DialogTitle>
        <DialogContent>
          {forecast && (
            <WhatCouldGoContent
              {...props}
              forecast={forecast}
              onLeaveOut={(slots) => {
                setOpen(false);
                props.onLeaveOut(slots);
              }}
            />
          )}
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
