import Box from '@mui/material/Box';
import Tooltip from '@mui/material/Tooltip';
import { type Verdict, worseFirst } from '../../core/ready/verdict';
import { isTrouble, levelOf } from '../ready/level';

/** How a slot stands with what is judged: its worst level, the reasons on hover, focus and touch. */
export function VerdictMark({ verdicts }: { verdicts: readonly Verdict[] }) {
  const [worst] = [...verdicts].sort(worseFirst);
  if (!worst || worst.level === 'fits') return null;
  const { glyph, word } = levelOf(worst.level);
  const same = verdicts.filter((one) => one.level === worst.level);
  const words = `${word}: ${same.map((one) => one.says).join(' ')}`;
  return (
    <Tooltip title={words} enterTouchDelay={0}>
      <Box
        component="span"
        role="img"
        aria-label={words}
        sx={{
          font: '700 14px/18px Bricolage',
          color: isTrouble(worst.level) ? 'var(--ember)' : 'var(--ink)',
        }}
      >
        {glyph}
      </Box>
    </Tooltip>
  );
}

/** The same in sentences, the worst first; what fits is not told. */
export function VerdictLines({
  verdicts,
  size = 14,
}: {
  verdicts: readonly Verdict[];
  size?: number | object;
}) {
  const told = [...verdicts].filter((one) => one.level !== 'fits').sort(worseFirst);
  if (told.length === 0) return null;
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, fontSize: size }}>
      {told.map((one) => (
        <Box component="li" key={one.key} sx={{ display: 'flex', gap: 1 }}>
          <Box
            component="span"
            role="img"
            aria-label={levelOf(one.level).word}
            sx={{ color: isTrouble(one.level) ? 'var(--ember)' : 'inherit', fontWeight: 700 }}
          >
            {levelOf(one.level).glyph}
          </Box>
          <span>{one.says}</span>
        </Box>
      ))}
    </Box>
  );
}
