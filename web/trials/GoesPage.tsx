/** One go after the other: what to do, when to read, one number and one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { levelWords } from '../../core/trials/claim';
import type { PlannedGo } from '../../core/trials/design';
import { usePreferences } from '../app/preferences';
import { tickGo } from '../app/ticks';
import { ReadingPad } from '../parts/ReadingPad';
import { Conditions, readConditions } from './Conditions';
import { goWords } from './goWords';
import { ReadWindow } from './ReadWindow';
import { useStopwatch } from './useStopwatch';
import { type OpenTrial, useOpenTrial } from './useTrial';

export default function GoesPage() {
  const open = useOpenTrial();
  const { plan, byGo } = open;
  const next = plan.find(({ go }) => !byGo.has(go));
  const [chosen, setChosen] = useState<number | null>(null);
  const at = plan.find(({ go }) => go === chosen) ?? next;
  return (
    <Box component="main" sx={{ maxWidth: 440, mx: { xs: 'auto', md: 0 }, pt: 1.5 }}>
      <Progress open={open} at={at} />
      {at ? (
        <OneGo key={at.go} open={open} at={at} onGo={setChosen} />
      ) : (
        <Box sx={{ pt: 2 }}>
          <Typography sx={{ font: '800 32px/36px Bricolage' }}>All goes are done.</Typography>
          <Typography sx={{ my: 2 }}>{open.claim.words}</Typography>
          <Button
            component={Link}
            to={`/bench/trials/${open.trial.id}/answer`}
            variant="contained"
            size="large"
          >
            See the answer
          </Button>
        </Box>
      )}
      <Done open={open} onGo={setChosen} />
    </Box>
  );
}

function Progress({ open, at }: { open: OpenTrial; at: PlannedGo | undefined }) {
  const { trial, goes, unsent, plan, byGo } = open;
  return (
    <>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
        <Box component="h1" sx={{ display: { md: 'none' }, m: 0, font: '700 16px/22px Bricolage' }}>
          <Link to={`/bench/trials/${trial.id}/answer`} style={{ color: 'inherit' }}>
            {trial.name}
          </Link>
        </Box>
        <Box role="status" sx={{ fontSize: 13, color: 'var(--muted)', flex: 'none' }}>
          {goes.length} kept, {unsent === 0 ? 'all sent' : `${unsent} to send`}
        </Box>
      </Box>
      <Box aria-hidden="true" sx={{ display: 'flex', flexWrap: 'wrap', gap: '3px', my: 1 }}>
        {plan.map(({ go, round }, i) => (
          <Box
            key={go}
            sx={{
              width: 11,
              height: 13,
              borderRadius: '2px',
              ml: i > 0 && plan[i - 1]?.round !== round ? 1 : 0,
              border: '1px solid var(--control)',
              ...(byGo.has(go) && { background: 'var(--control)' }),
              ...(go === at?.go && {
                background: 'var(--ember-area)',
                borderColor: 'var(--ember-area)',
              }),
            }}
          />
        ))}
      </Box>
    </>
  );
}

interface OneGoProps {
  open: OpenTrial;
  at: PlannedGo;
  onGo: (go: number | null) => void;
}

function OneGo({ open, at, onGo }: OneGoProps) {
  const { trial, levels, plan, byGo, naming } = open;
  const before = byGo.get(at.go);
  const [reason, setReason] = useState('');
  const [conditions, setConditions] = useState(() => readConditions(open, at.go));
  const watch = useStopwatch();
  const by = usePreferences((state) => state.me);
  const { measure } = trial;
  const level = levels.find(({ id }) => id === at.levelId);
  const after = plan.find(({ go }) => go > at.go && !byGo.has(go));
  const afterLevel = levels.find(({ id }) => id === after?.levelId);
  const keep = (read: number | null): void => {
    tickGo(trial.id, at.go, {
      levelId: at.levelId,
      state: read === null ? 'notRead' : 'read',
      value: read,
      reason: reason.trim(),
      by,
      conditions: conditions.values,
    });
    onGo(null);
  };
  return (
    <>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography sx={{ font: '700 20px/26px Bricolage' }}>
          Go {at.go} of {plan.length}
          {before && ' once more'}
        </Typography>
        <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>
          round {at.round} of {trial.rounds}
          {trial.stations > 1 && `, station ${at.station}`}
        </Box>
      </Box>
      <Typography component="h2" sx={{ font: '800 44px/48px Bricolage', overflowWrap: 'anywhere' }}>
        {level ? levelWords(level, naming) : 'a level that is gone'}
      </Typography>
      {measure.readFrom !== null && measure.readUntil !== null && (
        <ReadWindow watch={watch} from={measure.readFrom} until={measure.readUntil} />
      )}
      <ReadingPad measure={measure} blocked={conditions.fault !== null} onKeep={keep}>
        <Conditions trial={trial} state={conditions} onChange={setConditions} />
        {(before || reason !== '') && (
          <TextField
            fullWidth
            size="small"
            label="Why it is put right"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            sx={{ mb: 1.5 }}
          />
        )}
      </ReadingPad>
      <Box sx={{ mt: 2 }}>
        {after && (
          <>
            <Box sx={{ color: 'var(--muted)', fontSize: 14 }}>Then</Box>
            <Box sx={{ font: '700 17px/22px Bricolage' }}>
              Go {after.go}: {afterLevel ? levelWords(afterLevel, naming) : ''}
            </Box>
          </>
        )}
        {before && <Button onClick={() => onGo(null)}>Leave it at {goWords(trial, before)}</Button>}
      </Box>
    </>
  );
}

/** What was read, the latest first; each can be put right. */
function Done({ open, onGo }: { open: OpenTrial; onGo: (go: number) => void }) {
  const { goes, levels, trial, naming } = open;
  if (goes.length === 0) return null;
  return (
    <Box component="section" aria-label="Read so far" sx={{ mt: 2 }}>
      {[...goes].reverse().map((one) => {
        const level = levels.find(({ id }) => id === one.levelId);
        return (
          <Box
            key={one.go}
            sx={{
              display: 'flex',
              alignItems: 'center',
              justifyContent: 'space-between',
              borderTop: '1px solid var(--line)',
              minHeight: 44,
            }}
          >
            <span>
              Go {one.go}, {level ? levelWords(level, naming) : 'a level that is gone'}:{' '}
              <b>
                {goWords(trial, one)}
                {one.value !== null && trial.measure.unit && ` ${trial.measure.unit}`}
              </b>
              {one.reason && ` (${one.reason})`}
            </span>
            <Button size="small" aria-label={`Change go ${one.go}`} onClick={() => onGo(one.go)}>
              Change
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
