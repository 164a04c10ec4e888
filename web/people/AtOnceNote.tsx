import Box from '@mui/material/Box';
import { listInWords } from '../../core/words';

/** Two places at once is nobody’s. */
export const AtOnceNote = ({ atOnce }: { atOnce: readonly { title: string }[] }) =>
  atOnce.length === 0 ? null : (
    <Box sx={{ color: 'var(--ember)', fontWeight: 600, fontSize: 15 }}>
      △ At the same time as {listInWords(atOnce.map(({ title }) => title))}.
    </Box>
  );
