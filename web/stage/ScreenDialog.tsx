/** What the audience’s screen shows, chosen from the stage; hands are counted here too. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ScreenMode } from '../../core/stage/screen';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { Ask, askButton } from './Ask';
import type { LiveRun } from './liveRun';

/** Hands go up for so long, in seconds. */
const HANDS_UP = 20;
/** Hands added at one press; the last takes one off. */
const STEPS = [1, 10, -1] as const;

/** Hands for each option, counted by whoever sees them best. */
export function HandCount({
  slot,
  live,
  press,
}: {
  slot: RunSlot;
  live: Live;
  press: LiveRun['press'];
}) {
  const hands = Object.hasOwn(live.tallies, slot.id) ? live.tallies[slot.id] : undefined;
  return (
    <Box component="section" aria-label="Hands" sx={{ display: 'grid', gap: 1 }}>
      {(slot.prediction?.options ?? []).map((option, i) => (
        <Box key={option} sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Box sx={{ flex: 1, minWidth: 0, fontSize: 20 }}>{option}</Box>
          <Box component="b" sx={{ font: '700 28px Bricolage', minWidth: 48, textAlign: 'right' }}>
            {hands?.[i] ?? 0}
          </Box>
          {STEPS.map((step) => (
            <ButtonBase
              key={step}
              onClick={() =>
                press('tally', {
                  slot: slot.id,
                  step: null,
                  go: null,
                  text: String(i),
                  value: step,
                })
              }
              aria-label={`${step > 0 ? `${step} more` : 'one less'}: ${option}`}
              sx={{ ...askButton, px: 1.5, minWidth: 52 }}
            >
              {step > 0 ? `+${step}` : '−1'}
            </ButtonBase>
          ))}
        </Box>
      ))}
    </Box>
  );
}

interface Props {
  plan: RunPlan;
  live: Live;
  press: LiveRun['press'];
  onClose: () => void;
}

export function ScreenDialog({ plan, live, press, onClose }: Props) {
  const slot = plan.slots.find(({ id }) => id === live.slot);
  const asked = slot?.prediction ?? null;
  const show = (mode: ScreenMode, seconds: number | null = null): void =>
    press('screen', { slot: null, step: null, go: null, text: mode, value: seconds });
  const choices: readonly (readonly [label: string, mode: ScreenMode, seconds?: number])[] = [
    ['Title, and what to do', 'auto'],
    ['Cover your ears', 'ears'],
    ['Count down 10', 'countDown', 10],
    ['Count down 30', 'countDown', 30],
    ['Count down 60', 'countDown', 60],
    ['Count up', 'countUp'],
    ['Black', 'blank'],
  ];
  const on = (mode: ScreenMode, seconds: number | null): boolean =>
    live.screen.mode === mode && live.screen.seconds === seconds;
  return (
    <Ask title="The audience’s screen" onClose={onClose}>
      <Box sx={{ display: 'grid', gap: 2 }}>
        {asked && slot ? (
          <Box sx={{ display: 'grid', gap: 1.5 }}>
            <Box sx={{ fontSize: 22 }}>“{asked.ask}”</Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
              <ButtonBase onClick={() => show('question', HANDS_UP)} sx={askButton}>
                Ask it: hands up
              </ButtonBase>
              <ButtonBase onClick={() => show('reveal')} sx={askButton}>
                Reveal
              </ButtonBase>
            </Box>
            <HandCount slot={slot} live={live} press={press} />
          </Box>
        ) : (
          <Box sx={{ color: 'var(--muted)', fontSize: 18 }}>
            No question is written for {slot?.name ?? 'this'}: it goes with the demo’s method.
          </Box>
        )}
        <Box sx={{ display: 'grid', gridTemplateColumns: { sm: '1fr 1fr' }, gap: 1.5 }}>
          {choices.map(([label, mode, seconds]) => (
            <ButtonBase
              key={label}
              onClick={() => show(mode, seconds ?? null)}
              aria-pressed={on(mode, seconds ?? null)}
              sx={{
                ...askButton,
                ...(on(mode, seconds ?? null) && { borderColor: 'var(--ember)' }),
              }}
            >
              {label}
            </ButtonBase>
          ))}
        </Box>
        <ButtonBase onClick={onClose} sx={{ ...askButton, borderColor: 'transparent' }}>
          Done
        </ButtonBase>
      </Box>
    </Ask>
  );
}
