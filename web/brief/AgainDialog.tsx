/** A show on one more day, or on several as a tour: with its line-up, with or without its crew. */
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import FormControlLabel from '@mui/material/FormControlLabel';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type AgainAnswer, type AgainBody, MOST_STOPS } from '../../contract/again';
import type { FieldFault } from '../../contract/validate';
import { plainName } from '../../core/repertoire/plainName';
import { dayAfter } from '../../core/time/days';
import { counted } from '../../core/words';
import { ApiError, newId, send } from '../app/api';
import { useVenues } from '../app/data';
import { useAction } from '../parts/useAction';
import { today } from './dates';

interface Stop {
  key: string;
  date: string;
  start: string;
  place: string;
}

interface DialogProps {
  /** A show, or a template. */
  of: { path: '/shows' | '/templates'; id: string; title: string; start: string; tour: string };
  /** Where it is now; its name. */
  place: string;
  /** The first day that is offered. */
  from: string;
  /** There is a crew that could stay. */
  hasCrew: boolean;
  onClose: () => void;
}

const row = {
  display: 'grid',
  gap: 1,
  alignItems: 'start',
  gridTemplateColumns: { xs: '1fr 1fr', sm: '150px 110px minmax(0, 1fr) 40px' },
} as const;

export function AgainDialog({ of, place, from, hasCrew, onClose }: DialogProps) {
  const fresh = (date: string): Stop => ({ key: newId(), date, start: of.start, place });
  const [stops, setStops] = useState<Stop[]>([fresh(from)]);
  const [withCrew, setWithCrew] = useState(hasCrew);
  const [tour, setTour] = useState(of.tour);
  const [faults, setFaults] = useState<FieldFault[]>([]);
  const [busy, setBusy] = useState(false);
  const { data: venues = [] } = useVenues();
  const navigate = useNavigate();
  const act = useAction();
  const change = (key: string, to: Partial<Stop>): void => {
    setFaults([]);
    setStops((now) => now.map((stop) => (stop.key === key ? { ...stop, ...to } : stop)));
  };
  const faultAt = (i: number, part: string): string | undefined =>
    faults.find(({ path }) => path === `stops[${i}].${part}`)?.message;

  const make = (): void => {
    setBusy(true);
    void act(async () => {
      const body: AgainBody = {
        withCrew,
        tour: tour.trim(),
        stops: stops.map(({ date, start, place: venue }) => ({ title: '', date, start, venue })),
      };
      try {
        const { shows } = await send<AgainAnswer>('POST', `${of.path}/${of.id}/again`, body);
        onClose();
        if (shows.length > 1 && body.tour !== '')
          await navigate(`/tour?name=${encodeURIComponent(body.tour)}`);
        else await navigate(`/shows/${shows[0]?.id ?? ''}/line-up`);
      } catch (error) {
        if (!(error instanceof ApiError) || error.fields.length === 0) throw error;
        setFaults(error.fields);
      }
    }).finally(() => setBusy(false));
  };
  const elsewhere = faults.filter(({ path }) => !/^stops\[\d+\]\.(date|start|venue)$/.test(path));
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="again-title">
      <DialogTitle id="again-title">
        {of.path === '/templates' ? `A show from “${of.title}”` : `Play “${of.title}” again`}
      </DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1.5 }}>
        <div>
          The line-up comes along as it is. What the audience and the place say is asked anew.
        </div>
        <Box
          component="ol"
          aria-label="Days"
          sx={{ listStyle: 'none', p: 0, m: 0, pt: 1, display: 'grid', gap: 1.5 }}
        >
          {stops.map(({ key, date, start, place: where }, i) => (
            <Box component="li" key={key} sx={row}>
              <TextField
                label="Day"
                type="date"
                size="small"
                value={date}
                error={date === '' || faultAt(i, 'date') !== undefined}
                helperText={
                  date === '' ? 'Which day?' : faultAt(i, 'date') && `The day ${faultAt(i, 'date')}`
                }
                onChange={(event) => change(key, { date: event.target.value })}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              <TextField
                label="Start"
                type="time"
                size="small"
                value={start}
                error={start === '' || faultAt(i, 'start') !== undefined}
                helperText={
                  start === ''
                    ? 'At what time?'
                    : faultAt(i, 'start') && `The start ${faultAt(i, 'start')}`
                }
                onChange={(event) => change(key, { start: event.target.value })}
                slotProps={{ inputLabel: { shrink: true } }}
              />
              <Autocomplete
                freeSolo
                options={venues.map(({ name }) => name)}
                inputValue={where}
                onInputChange={(_event, name) => change(key, { place: name })}
                sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}
                renderInput={(params) => (
                  <TextField
                    {...params}
                    label="Place"
                    size="small"
                    error={faultAt(i, 'venue') !== undefined}
                    helperText={
                      faultAt(i, 'venue') === undefined &&
                      where.trim() !== '' &&
                      venues.every(({ name }) => plainName(name) !== plainName(where))
                        ? 'New: it is put under Venues'
                        : faultAt(i, 'venue') && `The place ${faultAt(i, 'venue')}`
                    }
                  />
                )}
              />
              <IconButton
                aria-label={`Leave day ${i + 1} out`}
                disabled={stops.length === 1}
                onClick={() => setStops((now) => now.filter((one) => one.key !== key))}
              >
                <DeleteIcon />
              </IconButton>
            </Box>
          ))}
        </Box>
        <div>
          <Button
            disabled={stops.length >= MOST_STOPS}
            onClick={() =>
              setStops((now) => {
                const last = now.at(-1);
                return [
                  ...now,
                  {
                    ...fresh(dayAfter(last?.date || from, 1)),
                    start: last?.start ?? of.start,
                    place: '',
                  },
                ];
              })
            }
          >
            One more day
          </Button>
        </div>
        {hasCrew && (
          <FormControlLabel
            label="With the same crew, each presenting what they present"
            control={<Checkbox checked={withCrew} onChange={(_event, on) => setWithCrew(on)} />}
          />
        )}
        <TextField
          label="Name of the tour"
          size="small"
          value={tour}
          onChange={(event) => {
            setFaults([]);
            setTour(event.target.value);
          }}
          helperText="Leave it empty for no tour. A tour has one kit list over all its shows."
          slotProps={{ htmlInput: { maxLength: 80 } }}
          sx={{ maxWidth: 420 }}
        />
        {elsewhere.map(({ path, message }) => (
          <Box key={path} role="alert" sx={{ color: 'var(--ember)' }}>
            △ {path} {message}
          </Box>
        ))}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Not now</Button>
        <Button
          variant="contained"
          disabled={busy || stops.some(({ date, start }) => !date || !start)}
          onClick={make}
        >
          Make {stops.length === 1 ? 'the show' : counted(stops.length, 'show')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** A week after the show, or after today where that is past. */
export const weekAfter = (date: string): string => {
  const next = dayAfter(date, 7);
  return next > today() ? next : dayAfter(today(), 7);
};
