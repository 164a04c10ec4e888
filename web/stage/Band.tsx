/** The one line that matters most now, in a place that is always kept for it: nothing jumps. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { ON_TIME, paceWords } from '../../core/stage/pace';
import type { AdviceTold, PriceTold, Telling, WindowTold } from '../../core/stage/replan/tell';
import { aboutMinute, formatDuration, sayDuration } from '../../core/time/clock';
import { ofTen } from '../../core/lineup/forecast/words';
import { listInWords } from '../../core/words';
import { timeOf } from '../brief/dates';
import { pinked } from '../parts/tapeShape';
import { LOW } from './type';

/** A window is told of when it closes within this, in ms, and will not be used before. */
export const CLOSING = 60_000;

/** The window that closes next, before it is used. */
export function closingWindow(telling: Telling | null, now: number): WindowTold | null {
  const closing = (telling?.windows ?? []).filter(
    ({ isReady, until, at }) => isReady && until > now && until < now + CLOSING && (at ?? 0) >= now,
  );
  return closing.sort((a, b) => a.until - b.until)[0] ?? null;
}

const adviceWords = ({ slots, saves, end, enough }: AdviceTold) => (
  <>
    <b>Leave out {listInWords(slots.map(({ name }) => name))}</b>
    {enough ? '' : ', all that may go'}: {formatDuration(saves)} saved, ends about{' '}
    {timeOf(aboutMinute(end.about / 1000) * 1000)}, <b>{ofTen(end.chance)} in time</b>
  </>
);

const paceAfter = ({ behind }: PriceTold): string =>
  Math.abs(behind) < ON_TIME ? 'back on the plan' : paceWords(behind);

interface Props {
  error: string | null;
  /** What is told of the others; null for nothing. */
  crew: ReactNode;
  broken: boolean;
  telling: Telling | null;
  advice: AdviceTold | null;
  held: boolean;
  /** What both ways on come to, after a failure; null where there is no choice, or no price yet. */
  ways: { again: PriceTold; moveOn: PriceTold } | null;
  now: number;
  onLeaveOut: () => void;
}

export function Band({ error, crew, broken, telling, advice, held, ways, now, onLeaveOut }: Props) {
  const closing = closingWindow(telling, now);
  const spare = telling ? -telling.end.over : 0;
  const [conflict] = telling?.conflicts ?? [];
  const gap = telling?.gaps.find(({ from }) => from > now);
  const frame = (ember: boolean) => ({
    display: 'flex',
    alignItems: 'center',
    gap: 2,
    // Two lines, on a phone three: whether there are words or not.
    flex: 'none',
    height: { xs: 64, md: 56 },
    overflow: 'hidden',
    px: { xs: 1, md: 2.5 },
    font: { xs: '400 17px/20px Figures, Atkinson', md: '400 25px/27px Figures, Atkinson' },
    color: ember ? 'var(--ember)' : 'inherit',
    [LOW]: { height: 36, fontSize: 16, lineHeight: '17px' },
  });
  const line = (ember: boolean, words: ReactNode, role?: 'alert' | 'status') => (
    <Box role={role} sx={frame(ember)}>
      {words}
    </Box>
  );
  if (error) return line(true, error, 'alert');
  if (closing)
    return line(
      true,
      <b>
        △ {closing.of}: {closing.name} keeps {formatDuration((closing.until - now) / 1000)} more
      </b>,
      'alert',
    );
  if (crew !== null) return line(false, crew, 'status');
  if (held)
    return line(
      spare < 0,
      spare > 0
        ? `Longer than ${sayDuration(spare)} more, and it won’t end in time in ${telling?.end.shareWords}.`
        : 'Every second of the hold is a second over.',
    );
  if (ways)
    return line(
      false,
      <span>
        Moving on puts you <b>{paceAfter(ways.moveOn)}</b>, another go{' '}
        <b>{paceAfter(ways.again)}</b>
      </span>,
    );
  if (advice)
    return (
      <ButtonBase
        onClick={onLeaveOut}
        sx={{
          ...frame(false),
          width: '100%',
          justifyContent: 'flex-start',
          textAlign: 'left',
          background: 'var(--ember-wash)',
          boxShadow: 'inset 0 3px 0 var(--ember), inset 0 -3px 0 var(--ember)',
          clipPath: pinked(8, 6),
          // Two lines fit between the edges.
          fontSize: { xs: 16, md: 23 },
          lineHeight: { xs: '19px', md: '24px' },
        }}
      >
        <span>{adviceWords(advice)}</span>
        <Box component="kbd" sx={{ ml: 'auto', font: 'inherit', color: 'var(--muted)' }}>
          L
        </Box>
      </ButtonBase>
    );
  if (broken)
    return line(true, 'The end can’t be worked out on this device. Load the page again.', 'alert');
  if (conflict) return line(true, `△ ${conflict.words}`);
  if (gap)
    return line(
      false,
      <span>
        Dead air {formatDuration((gap.to - gap.from) / 1000)} at {timeOf(gap.from)}: {gap.reason}
      </span>,
    );
  return line(false, null);
}
