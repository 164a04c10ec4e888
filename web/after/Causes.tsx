import Box from '@mui/material/Box';
import type { ReviewRow } from '../../core/after/review';
import { causesOver } from '../../core/after/causesOver';
import { counted, listInWords } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { Section } from '../parts/page';

/** Why the demonstrations of this show did not work, counted over all shows and rehearsals. */
export function Causes({ rows }: { rows: readonly ReviewRow[] }) {
  const { answer } = useOpenShow();
  const found = causesOver(rows, answer.records);
  if (found.length === 0) return null;
  return (
    <Section title="Why it didn’t work, over all shows">
      <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, maxWidth: 640 }}>
        {found.map(({ name, causes, goes }) => (
          <Box component="li" key={name} sx={{ borderBottom: '1px solid var(--line)', py: 0.75 }}>
            <b>{name}:</b>{' '}
            {listInWords(
              causes.map(({ cause, count }) => `${cause.toLowerCase()} ${counted(count, 'time')}`),
            )}{' '}
            <Box component="span" sx={{ color: 'var(--muted)' }}>
              in {counted(goes, 'go', 'goes')}
            </Box>
          </Box>
        ))}
      </Box>
    </Section>
  );
}
