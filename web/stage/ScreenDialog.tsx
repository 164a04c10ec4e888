/** What the audience’s screen shows, chosen from the stage; hands are counted here too. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Prediction } from '../../core/repertoire/cues';
import type { ScreenMode } from '../../core/stage/screen';
import type { Live, RunPlan } from '../../core/stage/types';
import { Ask, askButton } from './Ask';
import { HandCount } from './HandCount';
import type { LiveRun } from './liveRun';
import { WhoWasAsked } from './WhoWasAsked';

/** Hands go up for so long, in seconds. */
const HANDS_UP = 20;
/** What to listen for, and what to say to what is often said. */
function Answers({ asked }: { asked: Prediction }) {
  const { accepts, wrong } = asked;
  if (accepts.length + wrong.length === 0) return null;
  return (
    <Box
      component="dl"
      sx={{
        m: 0,
        display: 'grid',
        gridTemplateColumns: 'auto 1fr',
        columnGap: 1.5,
        rowGap: 0.5,
        fontSize: 18,
      }}
    >
      {accepts.length > 0 && (
        <>
          <Box component="dt" sx={{ color: 'var(--muted)' }}>
            ✓ Accept
          </Box>
          <Box component="dd" sx={{ m: 0 }}>
            {accepts.join(' · ')}
          </Box>
        </>
      )}
      {wrong.map(({ answer, then }) => (
        <Box key={answer} sx={{ display: 'contents' }}>
          <Box component="dt" sx={{ color: 'var(--ember)' }}>
            Often
          </Box>
          <Box component="dd" sx={{ m: 0 }}>
            “{answer}”{then && <Box>then say: “{then}”</Box>}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

interface Props {
  plan: RunPlan;
  live: Live;
  /** In the room, as counted or as booked. */
  people: number;
  press: LiveRun['press'];
  onClose: () => void;
}

export function ScreenDialog({ plan, live, people, press, onClose }: Props) {
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
            <HandCount slot={slot} live={live} people={people} press={press} />
            <Answers asked={asked} />
            <WhoWasAsked />
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
