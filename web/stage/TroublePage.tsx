import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useState } from 'react';
import type { Evening, Hindsight } from '../../core/stage/trouble/hindsight';
import type { RunPlan } from '../../core/stage/types';
import { sayDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import type { OpenShow } from '../brief/useShow';
import { ClockProvider } from './clock';
import { Performing } from './Performing';
import { type Future, Ribbon } from './Ribbon';
import { SPEEDS, type Speed, useTrouble } from './useTrouble';

const nameOf = (open: OpenShow, id: string): string =>
  open.input.slots.find((slot) => slot.id === id)?.name ?? '';

const spareWords = (end: number, hardFinish: number): string => {
  const spare = Math.round((hardFinish - end) / 1000);
  return spare >= 0 ? `${sayDuration(spare)} to spare` : `${sayDuration(-spare)} over`;
};

const asFuture = (name: string, { seen, gaps }: Evening, faint: boolean): Future => ({
  name,
  blocks: seen.map((one) => ({ ...one, kind: 'toCome' })),
  gaps,
  faint,
});

/** What it came to, and what it might have. */
function Result({
  open,
  plan,
  seed,
  review,
  onAgain,
  onLeave,
}: {
  open: OpenShow;
  plan: RunPlan;
  seed: number;
  review: Hindsight;
  onAgain: (seed: number) => void;
  onLeave: () => void;
}) {
  const { end, hardFinish, shown, lost, missed, trouble, best } = review;
  const out = best?.leaveOut.map((id) => nameOf(open, id)) ?? [];
  return (
    <Box sx={{ maxWidth: 1280, m: '0 auto', p: { xs: 2, md: 4 }, fontSize: { xs: 18, md: 24 } }}>
      <Box component="h1" sx={{ font: '800 44px/48px Bricolage', m: 0, mb: 2 }}>
        {end <= hardFinish ? 'It ended in time' : 'It ran over'}, {spareWords(end, hardFinish)}
      </Box>
      <Box sx={{ overflowX: 'auto', '& svg': { minWidth: 720 } }}>
        <Ribbon
          plan={plan}
          startedAt={review.startsAt}
          futures={[
            asFuture('you', review.played, false),
            ...(best ? [asFuture('the best', best.played, true)] : []),
          ]}
          doubtful={[]}
          failed={null}
          now={review.startsAt}
          finish={hardFinish}
          range={null}
        />
      </Box>
      <Box
        component="dl"
        sx={{
          m: 0,
          mt: 2,
          display: 'grid',
          gridTemplateColumns: { md: '280px 1fr' },
          columnGap: 2,
          rowGap: { xs: 0, md: 1.5 },
          '& dt': { color: 'var(--muted)', mt: { xs: 1.5, md: 0 } },
        }}
      >
        <dt>Seen to work</dt>
        <Box component="dd" sx={{ m: 0 }}>
          worth {shown} of {shown + lost}
          {missed.length > 0 && `; not seen: ${listInWords(missed)}`}
        </Box>
        <dt>What went wrong</dt>
        <Box component="dd" sx={{ m: 0 }}>
          {trouble.length > 0 ? `${trouble.join('. ')}.` : 'nothing but times and failures'}
        </Box>
        <dt>Knowing all beforehand</dt>
        <Box component="dd" sx={{ m: 0 }}>
          {best
            ? `worth ${best.shown}, ${spareWords(best.end, hardFinish)}${out.length > 0 ? `, without ${listInWords(out)}` : ', with everything'}`
            : 'nothing would have ended in time'}
        </Box>
        <dt>Given away</dt>
        <Box component="dd" sx={{ m: 0 }}>
          {best && best.shown > shown
            ? `worth ${best.shown - shown}, or ${end > hardFinish ? 'the hall’s time' : 'time that was there'}`
            : 'nothing: no decision would have given more'}
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 2, mt: 4, flexWrap: 'wrap' }}>
        <Button variant="contained" size="large" onClick={() => onAgain(seed + 1)}>
          Another evening
        </Button>
        <Button variant="outlined" size="large" onClick={() => onAgain(seed)}>
          The same evening once more
        </Button>
        <Button size="large" onClick={onLeave}>
          Back to the stage
        </Button>
      </Box>
    </Box>
  );
}

function Evening({
  open,
  seed,
  onAgain,
  onLeave,
}: {
  open: OpenShow;
  seed: number;
  onAgain: (seed: number) => void;
  onLeave: () => void;
}) {
  const trouble = useTrouble(open, seed);
  const { review, words, speed, setSpeed, clock } = trouble;
  if (review && trouble.run)
    return (
      <Result
        open={open}
        plan={trouble.run.plan}
        seed={seed}
        review={review}
        onAgain={onAgain}
        onLeave={onLeave}
      />
    );
  return (
    <ClockProvider value={clock}>
      <Box sx={{ position: 'fixed', zIndex: 2, top: 4, right: 150, display: 'flex', gap: 2 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          aria-label="How fast the rehearsal goes"
          value={speed}
          onChange={(_event, next: Speed | null) => next && setSpeed(next)}
        >
          {SPEEDS.map((one) => (
            <ToggleButton key={one} value={one} sx={{ minWidth: 48, minHeight: 40 }}>
              {one}×
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Button size="small" variant="outlined" onClick={onLeave}>
          Stop
        </Button>
      </Box>
      {words && (
        <Alert
          severity="warning"
          variant="filled"
          role="alert"
          sx={{
            position: 'fixed',
            zIndex: 2,
            bottom: 116,
            left: 32,
            right: 32,
            fontSize: 24,
            background: 'var(--ember-area)',
            color: 'var(--on-ember)',
          }}
        >
          {words}
        </Alert>
      )}
      <Performing source={trouble} open={open} byItself onLeave={onLeave} />
    </ClockProvider>
  );
}

/** A rehearsal without anything in hand. Nothing of it is kept: it says nothing of how a demo goes. */
export function TroublePage({ open, onLeave }: { open: OpenShow; onLeave: () => void }) {
  const [evening, setEvening] = useState(() => ({ seed: (Date.now() % 100_000) + 1, turn: 0 }));
  return (
    <Evening
      key={`${evening.seed}/${evening.turn}`}
      open={open}
      seed={evening.seed}
      onAgain={(seed) => setEvening(({ turn }) => ({ seed, turn: turn + 1 }))}
      onLeave={onLeave}
    />
  );
}
