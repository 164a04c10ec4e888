/** Little time, many to go: what is left, with what each costs, one key each; and what is to be cleared. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { AdviceTold, Telling } from '../../core/stage/replan/tell';
import { comingUp } from '../../core/stage/steps';
import type { Live, RunPlan, RunSlot } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { Tape } from '../parts/tape';
import { pinked } from '../parts/tapeShape';
import { LABEL } from './type';
import { isStop, missingWords } from './Waiting';

/** Five pieces of tape, of which so many count. */
const Worth = ({ worth }: { worth: number }) => (
  <Box
    component="span"
    role="img"
    aria-label={`worth ${worth} of 5`}
    sx={{ display: { xs: 'none', md: 'inline-flex' }, gap: '3px' }}
  >
    {Array.from({ length: 5 }, (_, i) => (
      <Box
        key={i}
        component="span"
        sx={{
          width: 15,
          height: 18,
          ...(i < worth
            ? { background: 'var(--timer-fill)', clipPath: pinked(3, 2) }
            : { border: '1.5px solid var(--control)', borderRadius: 0.5 }),
        }}
      />
    ))}
  </Box>
);

interface Props {
  plan: RunPlan;
  live: Live;
  telling: Telling;
  advice: AdviceTold | null;
  /** Seconds that a slot takes. */
  lengthOf: (slot: RunSlot) => number;
  now: number;
  onGoTo: (slot: string) => void;
}

export function LastMinute({ plan, live, telling, advice, lengthOf, now, onGoTo }: Props) {
  const left = comingUp(plan, live);
  const out = new Set(advice?.slots.map(({ id }) => id));
  const kept = left.filter(({ id }) => !out.has(id));
  const clearing = telling.tasks.filter(
    ({ phase, state, from }) => phase === 'reset' && state !== 'done' && from < now + 300_000,
  );
  return (
    <Box
      component="aside"
      aria-label="Left to do"
      sx={{
        flex: '0 1 560px',
        minWidth: { xs: '100%', md: 0 },
        borderLeft: { md: '1.5px solid var(--line)' },
        pl: { md: 3 },
      }}
    >
      <Box sx={{ display: 'flex', font: LABEL, color: 'var(--muted)' }}>
        <Box component="span" sx={{ flex: 1 }}>
          Left to do: press its number
        </Box>
        <Box component="span" sx={{ width: 96, display: { xs: 'none', md: 'block' } }}>
          worth
        </Box>
        <Box component="span" sx={{ width: 84, textAlign: 'right' }}>
          takes
        </Box>
      </Box>
      {[...kept, ...left.filter(({ id }) => out.has(id))].map((slot) => {
        const [first] = telling.ready.find((one) => one.slot === slot.id)?.missing ?? [];
        const number = plan.slots.indexOf(slot) + 1;
        const faint = out.has(slot.id);
        return (
          <ButtonBase
            key={slot.id}
            onClick={() => onGoTo(slot.id)}
            sx={{
              width: '100%',
              minHeight: 62,
              gap: 2,
              textAlign: 'left',
              borderTop: '1.5px solid var(--line)',
              color: faint ? 'var(--muted)' : 'inherit',
            }}
          >
            <Tape
              width={48}
              height={40}
              size={26}
              fill={faint ? 'var(--control)' : `var(--tape-${slot.position?.mark ?? 'square'})`}
            >
              {number}
            </Tape>
            <Box component="span" sx={{ flex: 1, minWidth: 0 }}>
              <Box component="b" sx={{ display: 'block', fontSize: { xs: 20, md: 28 } }}>
                {slot.name}
              </Box>
              <Box
                component="span"
                sx={{
                  fontSize: { xs: 16, md: 22 },
                  color: first && isStop(first) ? 'var(--ember)' : 'inherit',
                }}
              >
                {first ? (
                  <>
                    {isStop(first) ? '△ ' : '◐ '}
                    {missingWords(first, now)}
                  </>
                ) : telling.known ? (
                  '☑ ready'
                ) : (
                  'not known whether it is ready'
                )}
              </Box>
            </Box>
            <Worth worth={slot.worth} />
            <Box
              component="span"
              sx={{ width: 84, textAlign: 'right', font: '700 28px Figures, Bricolage' }}
            >
              {formatDuration(lengthOf(slot))}
            </Box>
          </ButtonBase>
        );
      })}
      {clearing.length > 0 && (
        <Box sx={{ mt: 1, fontSize: { xs: 16, md: 22 }, color: 'var(--muted)' }}>
          Still to clear: {clearing.map(({ name }) => name).join(', ')}
        </Box>
      )}
    </Box>
  );
}
