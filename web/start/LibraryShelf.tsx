/** The library as a row of faces: press one to read it. What is in the proposed order has its number on tape. */
import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Slot } from '../../core/brief/types';
import { methodFactsOf } from '../../core/lineup/recipe';
import type { Demo } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { Face } from '../faces/Face';
import { Tape } from '../parts/tape';

interface ShelfProps {
  demos: readonly Demo[];
  order: readonly Slot[];
}

export function LibraryShelf({ demos, order }: ShelfProps) {
  const sorted = demos.toSorted((a, b) => a.name.localeCompare(b.name));
  return (
    <Box
      component="section"
      aria-label="Starter library"
      sx={{
        background: 'var(--sunk)',
        borderTop: '1px solid var(--line)',
        px: { xs: 2, md: 3 },
        py: 2,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Box component="h2" sx={{ font: '700 17px Bricolage', m: 0 }}>
          Starter library
        </Box>
        <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14, flex: 1 }}>
          {counted(demos.length, 'demonstration')} written out: steps, words, kit, hazards. Press
          one to read it.
        </Box>
        <Link to="/demos">See all of them</Link>
      </Box>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          mt: 1.5,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(98px, 1fr))',
          ['--face-on' as string]: 'var(--sunk)',
        }}
      >
        {sorted.map((demo) => {
          const at = order.findIndex(({ demoId }) => demoId === demo.id);
          const [first] = demo.methods;
          return (
            <Box component="li" key={demo.id} sx={{ textAlign: 'center' }}>
              <Box
                component={Link}
                to={`/demos/library/${demo.id}`}
                sx={{ color: 'inherit', textDecoration: 'none', display: 'block' }}
              >
                <Box sx={{ display: 'flex', justifyContent: 'center' }}>
                  <Face face={demo.face} words={demo.name} width={76} />
                </Box>
                <Box sx={{ font: '600 14px/16px Bricolage', fontStretch: '80%', mt: 0.5 }}>
                  {demo.name}
                </Box>
              </Box>
              <Box
                sx={{
                  fontSize: 13,
                  color: 'var(--muted)',
                  display: 'flex',
                  gap: 0.5,
                  justifyContent: 'center',
                }}
              >
                {first && formatDuration(methodFactsOf(first).show)}
                {at >= 0 && (
                  <Tape width={22} height={17} fill="var(--ink)" size={12}>
                    {at + 1}
                  </Tape>
                )}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
