import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { changeShow } from '../../core/lineup/change';
import { ofHundred, soonerWords } from '../../core/lineup/forecast/words';
import type { Fix } from '../../core/lineup/suggestFixes';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';

interface FixLineProps {
  fix: Fix;
  onFix: (fix: Fix) => void;
}

/** A way out with what would come of it; what the show itself can do can be pressed. */
export function FixLine({ fix, onFix }: FixLineProps) {
  const { show, timeline } = useOpenShow();
  const { words, foreseen } = fix;
  const fewer = timeline.conflicts.length - fix.conflicts;
  const result = (
    <>
      : {fewer > 0 && timeline.conflicts.length > 1 && `${counted(fewer, 'conflict')} less, `}
      {foreseen && (
        <Box component="span" sx={{ whiteSpace: 'nowrap' }}>
          {soonerWords(foreseen.sooner)}, <b>{ofHundred(foreseen.chance)}</b> in time
        </Box>
      )}
    </>
  );
  if (!changeShow(show, fix.change))
    return (
      <Box sx={{ py: 0.5 }}>
        {words}
        {result}
      </Box>
    );
  return (
    <ButtonBase
      onClick={() => onFix(fix)}
      sx={{ display: 'block', textAlign: 'left', font: 'inherit', py: 0.5, minHeight: 24 }}
    >
      <Box component="span" sx={{ borderBottom: '1.5px solid var(--ember)' }}>
        {words}
      </Box>
      {result}
    </ButtonBase>
  );
}
