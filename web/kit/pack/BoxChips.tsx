/** The boxes in the order to load them, each as full as it is packed. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { PackedBox } from '../../../core/kit/packing';

export interface Chip {
  /** Of its address: a box’s id, or “loose”. */
  id: string;
  packed: PackedBox;
  done: number;
  all: number;
}

interface Props {
  chips: readonly Chip[];
  chosen: string | null;
  onChoose: (id: string) => void;
}

export const BoxChips = ({ chips, chosen, onChoose }: Props) => (
  <Box
    component="nav"
    aria-label="Boxes, in the order to load them"
    sx={{ display: 'flex', flexWrap: 'wrap', rowGap: 1, my: 1.5, maxWidth: 640 }}
  >
    {chips.map(({ id, packed: { box }, done, all }, i) => {
      const is = chosen === id;
      const full = done === all;
      return (
        <Box key={id} sx={{ display: 'flex', alignItems: 'flex-start' }}>
          {i > 0 && (
            <Box
              aria-hidden
              sx={{
                width: { xs: 10, md: 48 },
                borderTop: '2px solid var(--line-strong)',
                mt: 2.25,
              }}
            />
          )}
          <ButtonBase
            aria-current={is ? 'true' : undefined}
            aria-label={`${box ? `Box ${box.number}, ${box.name}` : 'Loose'}: ${done} of ${all}`}
            onClick={() => onChoose(id)}
            sx={{
              display: 'grid',
              justifyItems: 'center',
              minWidth: { xs: 48, md: 52 },
              borderRadius: 1,
            }}
          >
            <Box
              component="span"
              sx={{
                display: 'grid',
                placeItems: 'center',
                minWidth: 42,
                height: 36,
                px: 0.75,
                borderRadius: 1,
                border: is ? '3px solid var(--ember)' : '2px solid var(--ink)',
                font: '700 18px/1 Bricolage',
                color: full ? 'var(--ground)' : 'inherit',
                background: full
                  ? 'var(--ink)'
                  : `linear-gradient(to top, var(--line) ${(100 * done) / Math.max(1, all)}%, transparent 0)`,
              }}
            >
              {box ? box.number : 'loose'}
              {full ? ' ✓' : ''}
            </Box>
            <Box component="span" sx={{ fontSize: 13, fontWeight: is ? 700 : 400 }}>
              {done} of {all}
            </Box>
          </ButtonBase>
        </Box>
      );
    })}
  </Box>
);
