/** Hazards that what was told may have: looked at while it is written, and taken on with one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { becauseInWords, type Suggestion } from '../../core/ready/hazards/suggest';
import type { HazardKind } from '../../core/repertoire/types';
import { HazardGlyph } from '../parts/HazardGlyph';
import { HAZARD } from '../parts/words';
import { PartHead } from './PartHead';

interface SeenProps {
  open: readonly Suggestion[];
  taken: readonly HazardKind[];
  onTake: (taken: HazardKind[]) => void;
}

export function HazardsSeen({ open, taken, onTake }: SeenProps) {
  const left = open.filter(({ kind }) => !taken.includes(kind)).map(({ kind }) => kind);
  return (
    <Box component="section" aria-label="Hazards to look at" sx={{ mt: 2 }}>
      <PartHead title="Hazards to look at" about="by what it uses and leaves; there may be others">
        {left.length > 1 && (
          <Button size="small" onClick={() => onTake([...taken, ...left])}>
            Take on all {left.length}
          </Button>
        )}
      </PartHead>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          mt: 1,
          display: 'grid',
          columnGap: 2,
          rowGap: 1,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 250px), 1fr))',
        }}
      >
        {open.map((of) => {
          const isTaken = taken.includes(of.kind);
          return (
            <Box component="li" key={of.kind} sx={{ display: 'flex', gap: 1 }}>
              <Box sx={{ pt: '2px' }}>
                <HazardGlyph kind={of.kind} size={18} />
              </Box>
              <Box sx={{ minWidth: 0, fontSize: 14, lineHeight: '19px' }}>
                <Box component="b" sx={{ fontSize: 15 }}>
                  {HAZARD[of.kind]}
                </Box>
                <Box sx={{ color: 'var(--muted)' }}>{becauseInWords(of)}</Box>
                <Button
                  size="small"
                  aria-pressed={isTaken}
                  aria-label={`${isTaken ? 'Taken on' : 'Take on'}: ${HAZARD[of.kind]}`}
                  onClick={() =>
                    onTake(isTaken ? taken.filter((one) => one !== of.kind) : [...taken, of.kind])
                  }
                  sx={{ ml: -0.75 }}
                >
                  {isTaken ? '✓ Taken on' : 'Take it on'}
                </Button>
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
