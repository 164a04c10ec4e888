import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { analyse } from '../../core/trials/analyse';
import { roundedTo } from '../../core/statistics/rounded';
import { claimOf, levelWords } from '../../core/trials/claim';
import { questionOf, readingsIn } from '../../core/trials/design';
import type { TrialGo } from '../../core/trials/series';
import { useMe } from '../app/me';
import { tickGo } from '../app/ticks';
import { goWords } from './goWords';
import type { OpenTrial } from './useTrial';

/** A reading far from the others of its level: kept or left out, with why, and what that would change. */
export function LookAt({ open }: { open: OpenTrial }) {
  const { analysis, byGo } = open;
  const asked = analysis.outliers.find(({ go }) => byGo.get(go)?.reason === '');
  const one = asked && byGo.get(asked.go);
  return one && asked ? <Asked key={one.go} open={open} one={one} off={asked.off} /> : null;
}

function Asked({ open, one, off }: { open: OpenTrial; one: TrialGo; off: number }) {
  const { trial, levels, naming, goes, claim, byGo } = open;
  const [leaving, setLeaving] = useState(false);
  const [why, setWhy] = useState('');
  const [fault, setFault] = useState(false);
  const me = useMe((state) => state.me);
  const by = me?.device?.person ?? one.by;
  const level = levels.find(({ id }) => id === one.levelId);
  const others = goes
    .filter(
      ({ levelId, go, state }) => levelId === one.levelId && go !== one.go && state === 'read',
    )
    .map((other) => goWords(trial, other));
  const without = analyse(questionOf(trial), readingsIn(goes.filter(({ go }) => go !== one.go)));
  const then = claimOf(without, naming);
  const unit = trial.measure.unit && ` ${trial.measure.unit}`;
  const put = (state: TrialGo['state'], reason: string): void => {
    const { go, levelId, value, conditions } = byGo.get(one.go) ?? one;
    tickGo(trial.id, go, { levelId, state, value, reason, by, conditions });
  };
  return (
    <Box
      component="section"
      aria-label={`Look at go ${one.go}`}
      sx={{ background: 'var(--ember-wash)', borderRadius: 1.5, p: 1.5 }}
    >
      <Typography variant="h3" component="h2" sx={{ color: 'var(--ember)' }}>
        △ Look at go {one.go}
      </Typography>
      <Typography sx={{ fontSize: 14, mt: 0.5 }}>
        {level && levelWords(level, naming)}, {goWords(trial, one)}
        {unit}; the others read {others.join(', ')}. It is{' '}
        {Math.abs(roundedTo(off, Math.abs(off) / 4))}
        {unit} {off < 0 ? 'below' : 'above'} them. A slip of the hand, or of the eye?
      </Typography>
      {leaving ? (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            if (why.trim() === '') setFault(true);
            else put('leftOut', why.trim());
          }}
        >
          <TextField
            autoFocus
            size="small"
            label="Why it is left out"
            value={why}
            error={fault}
            helperText={fault ? 'Why it is left out must be said' : undefined}
            onChange={(event) => {
              setWhy(event.target.value);
              setFault(false);
            }}
          />
          <Box>
            <Button type="submit" variant="outlined" size="small">
              Leave it out
            </Button>
            <Button size="small" onClick={() => setLeaving(false)}>
              Not now
            </Button>
          </Box>
        </Box>
      ) : (
        <Box sx={{ mt: 0.5 }}>
          <Button size="small" sx={{ ml: -1.5 }} onClick={() => put('read', 'looked at, and kept')}>
            Keep it
          </Button>
          <Button size="small" sx={{ px: 0 }} onClick={() => setLeaving(true)}>
            Leave it out, say why
          </Button>
        </Box>
      )}
      <Typography variant="body2">
        {then.words === claim.words
          ? 'Left out, the answer stays as it is.'
          : `Left out, it would say: ${then.words}`}
      </Typography>
    </Box>
  );
}
