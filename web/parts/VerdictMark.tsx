import Box from '@mui/material/Box';
import Tooltip from '@mui/material/Tooltip';
import { hasWorking, type Verdict, worseFirst } from '../../core/ready/verdict';
import { isTrouble, levelOf } from '../ready/level';
import { Working } from './Working';

/** How a slot stands with what is judged: its worst level, the reasons on hover, focus and touch. */
export function VerdictMark({ verdicts }: { verdicts: readonly Verdict[] }) {
  const [worst] = [...verdicts].sort(worseFirst);
  if (!worst || worst.level === 'ok') return null;
  const { glyph, word } = levelOf(worst.level);
  const same = verdicts.filter((one) => one.level === worst.level);
  const words = `${word}: ${same.map((one) => one.message).join(' ')}`;
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

/** A verdict in its sentence; where it may open, its working lies below. */
function VerdictLine({ verdict, opens }: { verdict: Verdict; opens: boolean }) {
  const { glyph, word } = levelOf(verdict.level);
  const line = (
    <>
      <Box
        component="span"
        role="img"
        aria-label={word}
        sx={{ color: isTrouble(verdict.level) ? 'var(--ember)' : 'inherit', fontWeight: 700 }}
      >
        {glyph}
      </Box>
      <span>{verdict.message}</span>
    </>
  );
  if (!opens || !hasWorking(verdict)) return <Box sx={{ display: 'flex', gap: 1 }}>{line}</Box>;
  return (
    <details>
      <Box component="summary" sx={{ display: 'flex', gap: 1, cursor: 'pointer' }}>
        {line}
        <Box component="span" sx={{ textDecoration: 'underline', flex: 'none' }}>
          Why
        </Box>
      </Box>
      <Working steps={verdict.steps} limit={verdict.limit} source={verdict.source} />
    </details>
  );
}

/** The same in sentences, the worst first; what fits is not told. */
export function VerdictLines({
  verdicts,
  size = 14,
  opens = false,
}: {
  verdicts: readonly Verdict[];
  size?: number | object;
  /** Each opens to its working. */
  opens?: boolean;
}) {
  const told = [...verdicts].filter((one) => one.level !== 'ok').sort(worseFirst);
  if (told.length === 0) return null;
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, fontSize: size }}>
      {told.map((one) => (
        <li key={one.key}>
          <VerdictLine verdict={one} opens={opens} />
        </li>
      ))}
    </Box>
  );
}
