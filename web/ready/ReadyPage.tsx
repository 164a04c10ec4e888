import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { ShowAnswer } from '../../contract/api';
import { type Check, dayChecks } from '../../core/ready/checks';
import { goNoGo, type Mark } from '../../core/ready/go';
import { formatClock, parseClock, sayDuration } from '../../core/time/clock';
import { send } from '../app/api';
import { queryClient } from '../app/data';
import { usePreferences } from '../app/preferences';
import { timeOf } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { CHECK } from '../parts/words';

/** Why a check that holds the show may be passed over; nothing is waived without a reason. */
function WaiveDialog({
  check,
  onClose,
  onWaive,
}: {
  check: Check;
  onClose: () => void;
  onWaive: (reason: string) => void;
}) {
  const [reason, setReason] = useState('');
  const [asked, setAsked] = useState(false);
  const empty = reason.trim() === '';
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="waive-title">
      <DialogTitle id="waive-title">Waive: {check.title}</DialogTitle>
      <DialogContent>
        <TextField
          autoFocus
          label="Reason"
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={asked && empty}
          helperText={
            asked && empty
              ? 'Say why the show may go on without it'
              : 'Kept with the check, with your name'
          }
          sx={{ mt: 1 }}
          slotProps={{ htmlInput: { maxLength: 300 } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave it open</Button>
        <Button
          variant="contained"
          onClick={() => (empty ? setAsked(true) : onWaive(reason.trim()))}
        >
          Waive it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

export default function ReadyPage() {
  const { show, bundle, timeline, answer } = useOpenShow();
  const { me } = usePreferences();
  const { enqueueSnackbar } = useSnackbar();
  const [who, setWho] = useState('everybody');
  const [waiving, setWaiving] = useState<Check | null>(null);
  const { checks, shortBy } = dayChecks(bundle, timeline);
  const state = goNoGo(checks, answer.marks);
  const startOfDay = parseClock(show.start);
  const nameOf = (id: string | null): string =>
    bundle.people.find((p) => p.id === id)?.name ?? 'Somebody';
  const marks = new Map(answer.marks.map((mark) => [mark.key, mark]));
  const crew = bundle.people.filter((person) =>
    checks.some((check) => check.personId === person.id),
  );
  const shown = checks.filter((check) => who === 'everybody' || check.personId === who);

  const put = async (check: Check, mark: Pick<Mark, 'state' | 'reason'> | null): Promise<void> => {
    const path = `/shows/${show.id}/checks/${encodeURIComponent(check.key)}`;
    const key = ['/shows', show.id, 'all'];
    const marksNow = (marks: Mark[]): void => {
      queryClient.setQueryData<ShowAnswer>(key, (known) => (known ? { ...known, marks } : known));
    };
    // An answer that is on its way knows nothing of this tick yet.
    await queryClient.cancelQueries({ queryKey: key });
    // The tick shows at once; the server's answer, or its refusal, then sets it right.
    const others = answer.marks.filter((other) => other.key !== check.key);
    marksNow(mark ? [...others, { ...mark, key: check.key, by: me, at: Date.now() }] : others);
    try {
      marksNow(
        mark
          ? await send<Mark[]>('PUT', path, { ...mark, by: me })
          : await send<Mark[]>('DELETE', path),
      );
    } catch (error) {
      await queryClient.invalidateQueries({ queryKey: key });
      enqueueSnackbar(error instanceof Error ? error.message : 'Not stored', { variant: 'error' });
    }
  };

  const row = (check: Check) => {
    const mark = marks.get(check.key);
    return (
      <Box
        component="li"
        key={check.key}
        sx={{
          display: 'flex',
          alignItems: 'flex-start',
          gap: 1,
          borderBottom: '1px solid var(--line)',
          py: 0.5,
        }}
      >
        <Checkbox
          checked={mark !== undefined}
          onChange={(_event, on) => void put(check, on ? { state: 'done', reason: '' } : null)}
          slotProps={{ input: { 'aria-label': check.title } }}
          sx={{ p: 1.5 }}
        />
        <Box component="b" sx={{ width: 48, pt: 1.4, font: '600 16px Bricolage' }}>
          {formatClock(startOfDay + check.due)}
        </Box>
        <Box sx={{ flex: 1, minWidth: 0, py: 1 }}>
          <Box sx={{ fontWeight: check.holds && !mark ? 700 : 400 }}>{check.title}</Box>
          <Typography variant="body2" color="textSecondary">
            {CHECK[check.kind]} · {nameOf(check.personId)} · {check.detail}
          </Typography>
          {mark && (
            <Typography variant="body2">
              {mark.state === 'waived' ? `Waived: ${mark.reason}` : 'Done'}, {nameOf(mark.by)} at{' '}
              {timeOf(mark.at)}
            </Typography>
          )}
        </Box>
        {check.holds && !mark && (
          <Button size="small" sx={{ mt: 0.75 }} onClick={() => setWaiving(check)}>
            Waive
          </Button>
        )}
      </Box>
    );
  };
  const list = (title: string, from: Check[]) =>
    from.length > 0 && (
      <Section title={title}>
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {from.map(row)}
        </Box>
      </Section>
    );
  const isOpen = (check: Check): boolean => !marks.has(check.key);

  if (checks.length === 0)
    return <Empty title="Nothing to check yet">The checks follow from the line-up.</Empty>;
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box
          aria-live="polite"
          sx={{
            flex: '1 1 300px',
            font: { xs: '800 30px/36px Bricolage', md: '800 40px/46px Bricolage' },
            letterSpacing: '-1px',
            color: state.go ? 'inherit' : 'var(--ember)',
          }}
        >
          {state.go ? '' : '△ '}
          {state.words}
        </Box>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={who}
          onChange={(_e, value: string | null) => value && setWho(value)}
          aria-label="Whose checks"
        >
          <ToggleButton value="everybody">Everybody</ToggleButton>
          {crew.map((person) => (
            <ToggleButton key={person.id} value={person.id}>
              {person.name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      </Box>
      <Typography color="textSecondary">
        {state.done} of {checks.length} done. Times are counted back from the start at {show.start}.
        Local rules, the venue and the supplier’s safety data sheet come first.
      </Typography>
      {shortBy > 0 && (
        <Alert severity="warning" variant="outlined" sx={{ mt: 1 }}>
          Setting up would have to begin {sayDuration(shortBy)} before the crew arrives. Come
          earlier, or bring one more pair of hands.
        </Alert>
      )}
      {bundle.demos.some((d) => d.pinnedNote) && (
        <Section title="From last time">
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {bundle.demos
              .filter((d) => d.pinnedNote && show.slots.some((slot) => slot.demoId === d.id))
              .map((d) => (
                <li key={d.id}>
                  <b>{d.name}:</b> {d.pinnedNote}
                </li>
              ))}
          </Box>
        </Section>
      )}
      {list(
        'Holds the show',
        shown.filter((check) => check.holds && isOpen(check)),
      )}
      {list(
        'Still open',
        shown.filter((check) => !check.holds && isOpen(check)),
      )}
      {list(
        'Done',
        shown.filter((check) => !isOpen(check)),
      )}
      {waiving && (
        <WaiveDialog
          check={waiving}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            void put(waiving, { state: 'waived', reason });
            setWaiving(null);
          }}
        />
      )}
    </Box>
  );
}
