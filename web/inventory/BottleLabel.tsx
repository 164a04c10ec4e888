/** How the label of a bottle reads, from its codes. */
import Box from '@mui/material/Box';
import { hazardWords, precautionWords } from '../../core/kit/ghs';
import { strengthText } from '../../core/kit/strength';
import type { Item } from '../../core/repertoire/item';
import { Pictograms } from '../parts/Pictograms';
import { SIGNAL } from '../parts/words';

export function BottleLabel({ item: { name, strength, label } }: { item: Item }) {
  const hazards = hazardWords(label.hazards);
  const precautions = precautionWords(label.precautions);
  const says = label.signal !== 'none' || hazards.length > 0 || precautions.length > 0;
  return (
    <Box
      component="section"
      aria-label="How the label reads"
      sx={{
        border: '2px solid var(--ink)',
        background: 'var(--card)',
        p: 1.5,
        mb: 1,
        maxWidth: 420,
      }}
    >
      <Box sx={{ font: '700 18px/24px Bricolage' }}>{name}</Box>
      {strength && <Box sx={{ fontSize: 14 }}>{strengthText(strength)}</Box>}
      {!says && (
        <Box sx={{ color: 'var(--muted)' }}>
          No signal word and no codes: nothing is said of it.
        </Box>
      )}
      {label.signal !== 'none' && (
        <Box sx={{ font: '800 22px/30px Bricolage', textTransform: 'uppercase' }}>
          {SIGNAL[label.signal]}
        </Box>
      )}
      <Pictograms hazards={label.hazards} size={64} />
      {hazards.map((words) => (
        <Box key={words} sx={{ fontWeight: 700 }}>
          {words}
        </Box>
      ))}
      {precautions.length > 0 && (
        <Box sx={{ borderTop: '1px solid var(--line-strong)', mt: 0.75, pt: 0.75, fontSize: 14 }}>
          {precautions.map((words) => (
            <Box key={words}>{words}</Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
