import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Fix } from '../../core/lineup/suggestFixes';
import type { Conflict } from '../../core/lineup/types';
import { FixLine } from './FixLine';

interface ConflictLinesProps {
  conflict: Conflict;
  /** Undefined while they are being worked out. */
  fixes: readonly Fix[] | undefined;
  onFix: (fix: Fix) => void;
}

/** A demand that can't be met, and what would fix it, each way with its result. */
export const ConflictLines = ({ conflict, fixes, onFix }: ConflictLinesProps) => (
  <Box sx={{ px: 1.5, pb: 1, fontSize: 13 }}>
    <Box sx={{ color: 'var(--ember)' }}>△ {conflict.message}.</Box>
    {fixes && fixes.length > 0 ? (
      fixes.map((fix) => <FixLine key={fix.words} fix={fix} onFix={onFix} />)
    ) : (
      <Box sx={{ color: 'var(--muted)' }}>{conflict.advice}.</Box>
    )}
  </Box>
);

interface ConflictsProps {
  conflicts: readonly Conflict[];
  fixes: Record<string, Fix[]>;
  onFix: (fix: Fix) => void;
  onGo: (conflict: Conflict) => void;
}

/** Every conflict in a line that leads to its card; one of the whole show with what would fix it. */
export function Conflicts({ conflicts, fixes, onFix, onGo }: ConflictsProps) {
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
            fixes={fixes[conflict.message]}
            onFix={onFix}
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
