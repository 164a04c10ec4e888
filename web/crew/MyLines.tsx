/** What is mine to say in the step that is on stage, and the words that tell me it is my turn. */
import Box from '@mui/material/Box';
import { cueWords, linesOf } from '../../core/repertoire/script';
import type { Duties } from './useDuties';

export function MyLines({ duties, person }: { duties: Duties; person: string }) {
  const { run, live } = duties.live;
  const slot = run?.plan.slots.find(({ id }) => id === live?.slot);
  const step = live ? slot?.steps[live.step] : undefined;
  // Who performs it reads it on stage.
  if (!slot || !step || slot.performerId === person) return null;
  const lines = linesOf(step.say);
  const mine = lines.flatMap(({ speaker, text }, i) => {
    const before = lines[i - 1];
    return speaker === 'helper' ? [{ text, cue: before ? cueWords(before.text) : '' }] : [];
  });
  if (mine.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="You say"
      sx={{ mt: 2, borderLeft: '4px solid var(--ember)', pl: 1.5 }}
    >
      {mine.map(({ text, cue }) => (
        <Box key={text} sx={{ mb: 1 }}>
          {cue && <Box sx={{ color: 'var(--muted)', fontSize: 17 }}>after “… {cue}” you say</Box>}
          <Box sx={{ font: '600 24px/30px Bricolage' }}>“{text}”</Box>
        </Box>
      ))}
    </Box>
  );
}
