/** Where the show is: who is on which step of what. */
import Box from '@mui/material/Box';
import { counted } from '../../core/words';
import type { OpenShow } from '../brief/useShow';
import { Tape } from '../parts/tape';
import type { Duties } from './useDuties';

/** More steps than this are told by their number alone. */
const CHIPS = 6;

export function OnStageNow({ duties, open }: { duties: Duties; open: OpenShow }) {
  const { run, live } = duties.live;
  const slot = run?.plan.slots.find(({ id }) => id === live?.slot);
  const face = slot && duties.faceOf(slot.id);
  const bar = {
    display: 'flex',
    alignItems: 'center',
    gap: 1.5,
    mx: -2,
    px: 2,
    minHeight: 64,
    background: 'var(--sunk)',
    fontSize: 18,
    lineHeight: '23px',
  } as const;
  if (!run || !live) return <Box sx={bar}>{open.show.title}: the stage is not open yet</Box>;
  if (!slot) {
    const words = {
      before: 'It has not begun yet',
      curtain: 'All is performed',
      finished: 'It is over',
      running: '',
      held: '',
    }[live.phase];
    return <Box sx={bar}>{words}</Box>;
  }
  const steps = slot.steps.filter(({ between }) => !between);
  const at = Math.max(0, steps.indexOf(slot.steps[live.step] ?? slot.steps[0]!));
  const who = slot.performer.split(' ')[0];
  return (
    <Box sx={bar}>
      <Tape
        width={38}
        height={34}
        fill={slot.position ? `var(--tape-${slot.position.mark})` : 'var(--person-on-stage)'}
        size={20}
      >
        {face?.number ?? ''}
      </Tape>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        {live.phase === 'held'
          ? 'Held'
          : live.failed
            ? 'It didn’t work'
            : `${who || 'Somebody'} is on step ${at + 1} of ${steps.length}`}
        , <b>{slot.name}</b>
      </Box>
      {steps.length <= CHIPS && (
        <Box
          role="img"
          aria-label={`${counted(at, 'step')} of ${steps.length} done`}
          sx={{ display: 'flex', gap: 0.5 }}
        >
          {steps.map((step, i) => (
            <Box
              key={step.task}
              sx={{
                width: 20,
                height: 14,
                borderRadius: 0.5,
                border: '1.5px solid var(--control)',
                background: i < at ? 'var(--control)' : i === at ? 'var(--ink)' : 'transparent',
              }}
            />
          ))}
        </Box>
      )}
    </Box>
  );
}
