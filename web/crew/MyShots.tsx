/** What I film in the step that is on stage, and what I film next in the same slot. */
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { type Shot, shotsOf } from '../../core/ready/shots/shots';
import { CAMERA_WORDS, slowInWords } from '../../core/ready/shots/words';
import type { OpenShow } from '../brief/useShow';
import { FrameSketch } from '../pictures/FrameSketch';
import type { Duties } from './useDuties';

/** Those of the slot from its present step on, in their order. */
function mineNow(shots: readonly Shot[], { live: { run, live } }: Duties, person: string): Shot[] {
  const slot = run?.plan.slots.find(({ id }) => id === live?.slot);
  const to = slot?.steps.slice(live?.step ?? 0).map(({ task }) => task) ?? [];
  return to.flatMap((task) =>
    shots.filter(
      (shot) => shot.slotId === slot?.id && shot.taskId === task && shot.personId === person,
    ),
  );
}

export function MyShots({
  open,
  duties,
  person,
}: {
  open: OpenShow;
  duties: Duties;
  person: string;
}) {
  const { bundle, timeline } = open;
  const shots = useMemo(
    () => shotsOf(bundle, timeline).flatMap((one) => one.shots),
    [bundle, timeline],
  );
  const mine = mineNow(shots, duties, person);
  const { run, live } = duties.live;
  const step = run?.plan.slots.find(({ id }) => id === live?.slot)?.steps[live?.step ?? 0]?.task;
  const [first] = mine;
  if (!first) return null;
  return (
    <Box
      component="section"
      aria-label="You film"
      sx={{ mt: 2, display: 'grid', gridTemplateColumns: '128px minmax(0, 1fr)', columnGap: 1.5 }}
    >
      <FrameSketch camera={first.view.camera} sees={first.view.sees} />
      <Box>
        <Box sx={{ fontSize: 17, color: 'var(--muted)' }}>
          {first.taskId === step ? 'You film now' : 'You film next'},{' '}
          {CAMERA_WORDS[first.view.camera].toLowerCase()}
        </Box>
        <Box sx={{ font: '600 22px/28px Bricolage' }}>{first.view.sees || first.step}</Box>
        {first.view.slow && <Box>{slowInWords(first.view.slow)}</Box>}
      </Box>
    </Box>
  );
}
