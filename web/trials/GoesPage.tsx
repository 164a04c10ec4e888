/** One go after the other: what to do, when to read, one number and one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { levelWords } from '../../core/trials/claim';
import type { PlannedGo } from '../../core/trials/design';
import { padded, padValue, type PadKey } from '../../core/readings/pad';
import { usePreferences } from '../app/preferences';
import { tickGo } from '../app/ticks';
import { pinked } from '../parts/tapeShape';
import { Conditions, readConditions } from './Conditions';
import { goWords } from './goWords';
import { ReadWindow } from './ReadWindow';
import { useStopwatch } from './useStopwatch';
import { type OpenTrial, useOpenTrial } from './useTrial';

const ROWS: readonly PadKey[] = ['1', '2', '3', '4', '5', '6', '7', '8', '9'];
/** What other keys of a keyboard mean on the pad. */
const TYPED: Readonly<Record<string, PadKey>> = { ',': '.', '-': '−', Backspace: '⌫' };

const big = {
  minHeight: 60,
  borderRadius: 1.5,
  border: '1px solid var(--line-strong)',
  background: 'var(--card)',
  font: '700 24px/28px Bricolage',
};

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
  const [text, setText] = useState('');
  const [reason, setReason] = useState('');
  const [conditions, setConditions] = useState(() => readConditions(open, at.go));
  const watch = useStopwatch();
  const by = usePreferences((state) => state.me);
  const { measure } = trial;
  const level = levels.find(({ id }) => id === at.levelId);
  const value = padValue(text);
  const yesNo = measure.quantity === 'yesNo';
  const unit = measure.unit && ` ${measure.unit}`;
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
  const negative = ['temperature', 'angle', 'other'].includes(measure.quantity);
  const fraction = measure.resolution === null || !Number.isInteger(measure.resolution);
  const notRead = (
    <ButtonBase
      sx={{
        ...big,
        fontSize: 17,
        ...(yesNo || (fraction && !negative) ? { gridColumn: '1 / -1' } : {}),
        ...(fraction && negative && { gridColumn: 'span 2' }),
      }}
      onClick={() => keep(null)}
    >
      Not read
    </ButtonBase>
  );
  const press = (key: PadKey): void => setText((now) => padded(now, key));
  // Called with what is there when a key goes down.
  const act = useRef({ press, keep, value });
  act.current = { press, keep, value };
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const field = (event.target as HTMLElement).closest('input, textarea, button, a');
      if (field || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Enter' && act.current.value !== null) act.current.keep(act.current.value);
      else if (/^[0-9.]$/.test(event.key)) act.current.press(event.key as PadKey);
      else if (TYPED[event.key]) act.current.press(TYPED[event.key] as PadKey);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
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
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          justifyContent: 'space-between',
          gap: 1,
          my: 1.5,
          px: 2,
          minHeight: 68,
          border: '2px solid var(--ink)',
          borderRadius: 1.5,
          background: 'var(--card)',
        }}
      >
        <Box sx={{ fontSize: 14, lineHeight: '18px', color: 'var(--muted)' }}>
          {measure.how || measure.name}
          {measure.resolution !== null && (
            <div>
              to the nearest {measure.resolution}
              {unit}
            </div>
          )}
        </Box>
        {!yesNo && (
          <Box
            aria-live="polite"
            aria-label="Reading"
            sx={{ font: '800 44px/48px Bricolage', whiteSpace: 'nowrap' }}
          >
            {text || '–'}
            <Box component="span" sx={{ fontSize: 20, color: 'var(--muted)' }}>
              {unit}
            </Box>
          </Box>
        )}
      </Box>
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
      {yesNo ? (
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          {(['Yes', 'No'] as const).map((word) => (
            <ButtonBase
              key={word}
              disabled={conditions.fault !== null}
              sx={{ ...big, minHeight: 110, font: '800 36px/40px Bricolage' }}
              onClick={() => keep(word === 'Yes' ? 1 : 0)}
            >
              {word}
            </ButtonBase>
          ))}
          <ButtonBase
            sx={{ ...big, gridColumn: '1 / -1', fontSize: 17 }}
            onClick={() => keep(null)}
          >
            Not read
          </ButtonBase>
        </Box>
      ) : (
        <>
          <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, 1fr)', gap: 1 }}>
            {ROWS.map((key) => (
              <ButtonBase key={key} sx={big} onClick={() => press(key)}>
                {key}
              </ButtonBase>
            ))}
            {fraction ? (
              <ButtonBase sx={big} onClick={() => press('.')} aria-label="Point">
                .
              </ButtonBase>
            ) : (
              notRead
            )}
            <ButtonBase sx={big} onClick={() => press('0')}>
              0
            </ButtonBase>
            <ButtonBase sx={{ ...big, fontSize: 17 }} onClick={() => press('⌫')}>
              Rub out
            </ButtonBase>
            {negative && (
              <ButtonBase sx={big} onClick={() => press('−')} aria-label="Below zero">
                −
              </ButtonBase>
            )}
            {fraction && notRead}
          </Box>
          <ButtonBase
            disabled={value === null || conditions.fault !== null}
            onClick={() => value !== null && keep(value)}
            sx={{
              width: '100%',
              mt: 1.5,
              minHeight: 64,
              font: '700 24px/28px Bricolage',
              color: 'var(--on-ember)',
              background: 'var(--ember-area)',
              clipPath: pinked(10, 4),
              '&.Mui-disabled': { opacity: 0.55 },
            }}
          >
            {value === null ? 'Type what you read' : `Keep ${text}${unit}`}
          </ButtonBase>
        </>
      )}
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
