/** Demonstrations that are usually done at a position which the show doesn’t have: it is made by one press. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { MOST_POSITIONS, type PositionWanted, positionsWanted } from '../../core/brief/positions';
import type { ShowBundle } from '../../core/brief/types';
import { listInWords } from '../../core/words';

interface WantedProps {
  bundle: Pick<ShowBundle, 'show' | 'demos'>;
  onMake: (wanted: PositionWanted) => void;
}

export function PositionsWanted({ bundle: { show, demos }, onMake }: WantedProps) {
  const [left, setLeft] = useState<readonly string[]>([]);
  const wanted = positionsWanted(show, demos).filter(({ name }) => !left.includes(name));
  if (wanted.length === 0) return null;
  const nameOf = (slotId: string): string => {
    const slot = show.slots.find(({ id }) => id === slotId);
    return demos.find(({ id }) => id === slot?.demoId)?.name ?? '';
  };
  const full = show.positions.length >= MOST_POSITIONS;
  return (
    <Box component="ul" aria-label="Positions wanted" sx={{ listStyle: 'none', p: 0, m: 0, mb: 1 }}>
      {wanted.map((one) => (
        <Box
          component="li"
          key={one.name}
          sx={{ borderLeft: '4px solid var(--ember)', pl: 1.5, py: 0.25, my: 0.5, fontSize: 14 }}
        >
          {listInWords([...new Set(one.slotIds.map(nameOf))])}{' '}
          {one.slotIds.length === 1 ? 'is' : 'are'} usually at “{one.name}”, which this show doesn’t
          have.{' '}
          {full ? (
            `It has ${MOST_POSITIONS} positions already, as many as there can be.`
          ) : (
            <Button size="small" onClick={() => onMake(one)}>
              Make “{one.name}”
            </Button>
          )}
          <Button size="small" onClick={() => setLeft([...left, one.name])}>
            Leave it
          </Button>
        </Box>
      ))}
    </Box>
  );
}
