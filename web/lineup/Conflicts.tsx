import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Fix } from '../../core/lineup/suggestFixes';
import type { Conflict } from '../../core/lineup/types';
import { MendLine } from './FixLine';

interface ConflictLinesProps {
  conflict: Conflict;
  /** Undefined while they are being worked out. */
  mends: readonly Fix[] | undefined;
  onMend: (mend: Fix) => void;
}

/** A demand that can't be met, and what would mend it, each way with its result. */
export const ConflictLines = ({ conflict, mends, onMend }: ConflictLinesProps) => (
  <Box sx={{ px: 1.5, pb: 1, fontSize: 13 }}>
    <Box sx={{ color: 'var(--ember)' }}>△ {conflict.message}.</Box>
    {mends && mends.length > 0 ? (
      mends.map((mend) => <MendLine key={mend.words} mend={mend} onMend={onMend} />)
    ) : (
      <Box sx={{ color: 'var(--muted)' }}>{conflict.advice}.</Box>
    )}
  </Box>
);

interface ConflictsProps {
  conflicts: readonly Conflict[];
  mends: Record<string, Fix[]>;
  onMend: (mend: Fix) => void;
  onGo: (conflict: Conflict) => void;
}

/** Every conflict in a line that leads to its card; one of the whole show with what would mend it. */
export function Conflicts({ conflicts, mends, onMend, onGo }: ConflictsProps) {
  if (conflicts.length === 0) return null;
  return (
    <Box
      component="section"
      aria-label="Conflicts"
      sx={{ order: 1, background: 'var(--ember-wash)', borderRadius: 1, py: 0.75, mb: 1 }}
    >
      {conflicts.map((conflict) =>
        conflict.slot === '' ? (
          <ConflictLines
            key={conflict.message}
            conflict={conflict}
            mends={mends[conflict.message]}
            onMend={onMend}
          />
        ) : (
          <ButtonBase
            key={conflict.message}
            onClick={() => onGo(conflict)}
            sx={{
              display: 'block',
              textAlign: 'left',
              font: 'inherit',
              fontSize: 14,
              color: 'var(--ember)',
              px: 1.5,
              py: 0.5,
              minHeight: 28,
              textDecoration: 'underline',
            }}
          >
            △ {conflict.message}
          </ButtonBase>
        ),
      )}
    </Box>
  );
}
