/** What does for what, should it be left at home: known before one stands in the hall without it. */
import Box from '@mui/material/Box';
import type { KitEntry } from '../../core/kit/kit';
import { lowerFirst } from '../../core/words';
import { Section } from '../parts/page';

/** Lines that are shown; all of them are told in the list. */
const SHOWN = 6;

export function IfMissing({ entries }: { entries: readonly KitEntry[] }) {
  const replaced = entries.filter(({ instead }) => instead.length > 0);
  if (replaced.length === 0) return null;
  return (
    <Section title="If it’s missing">
      {replaced.slice(0, SHOWN).map((entry) => (
        <Box
          key={`${entry.itemId}/${entry.dimension}`}
          sx={{
            display: 'grid',
            gridTemplateColumns: '140px 1fr',
            gap: 1.5,
            py: 0.75,
            borderTop: '1px solid var(--line)',
          }}
        >
          <Box sx={{ color: 'var(--muted)' }}>No {lowerFirst(entry.name)}</Box>
          <Box>
            {entry.instead.slice(0, 2).map(({ id, words, demos }) => (
              <div key={id}>
                <b>{words}</b>
                {demos.length > 0 && `, for ${demos.join(', ')}`}
              </div>
            ))}
          </Box>
        </Box>
      ))}
      {replaced.length > SHOWN && (
        <Box sx={{ color: 'var(--muted)', py: 0.75 }}>
          and {replaced.length - SHOWN} more, each where it is listed
        </Box>
      )}
    </Section>
  );
}
