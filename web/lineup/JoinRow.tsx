import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Join } from '../../core/lineup/joins';
import type { Mend } from '../../core/lineup/mend';
import { formatClock, formatDuration } from '../../core/time/clock';

interface JoinRowProps {
  join: Join;
  mends: readonly Mend[];
  /** Start of the show in seconds from midnight. */
  startOfDay: number;
  onOrder: (order: string[], words: string) => void;
}

/** A way out of dead air with its result; one that is a new order can be pressed. */
function MendLine({
  mend,
  startOfDay,
  onOrder,
}: Omit<JoinRowProps, 'join' | 'mends'> & { mend: Mend }) {
  const { order, words, end, gain } = mend;
  const result = (
    <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
      : <b>ends {formatClock(startOfDay + end)}</b>, {formatDuration(-gain)}
    </Box>
  );
  if (!order)
    return (
      <Box sx={{ py: 0.5 }}>
        {words}
        {result}
      </Box>
    );
  return (
    <ButtonBase
      onClick={() => onOrder(order, words)}
      sx={{ display: 'block', textAlign: 'left', font: 'inherit', py: 0.5, minHeight: 24 }}
    >
      <Box component="span" sx={{ borderBottom: '1.5px solid var(--ember)' }}>
        {words}
      </Box>
      {result}
    </ButtonBase>
  );
}

/** What happens between two cards: who does what, or the dead air, why, and what would mend it. */
export function JoinRow({ join, mends, startOfDay, onOrder }: JoinRowProps) {
  if (!join.gap)
    return (
      <Box
        sx={{
          minHeight: 20,
          pl: 6,
          fontSize: 12.5,
          lineHeight: '20px',
          color: 'var(--muted)',
          borderLeft: '1.5px solid var(--line-strong)',
          ml: 3,
        }}
      >
        <Box component="b" sx={{ color: 'var(--ink)', mr: 1, ml: -3 }}>
          {formatDuration(join.seconds)}
        </Box>
        {join.words || 'Straight on'}
      </Box>
    );
  return (
    <Box
      sx={{
        ml: 2.5,
        pl: 2,
        py: 0.5,
        background: 'var(--ember-wash)',
        borderLeft: '9px solid transparent',
        borderImage: 'repeating-linear-gradient(135deg, var(--ember) 0 2px, transparent 2px 5px) 9',
        fontSize: 12.5,
      }}
    >
      <Box component="b" sx={{ color: 'var(--ember)', font: '700 14px/18px Bricolage' }}>
        Dead air {formatDuration(join.seconds)}
      </Box>
      <Box>{join.words}</Box>
      {mends.map((mend) => (
        <MendLine key={mend.words} mend={mend} startOfDay={startOfDay} onOrder={onOrder} />
      ))}
    </Box>
  );
}
