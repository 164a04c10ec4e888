/** What somebody may perform by their training, and what they would need for the rest. */
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Person } from '../../core/brief/types';
import { mayPerform, TRAINING_WORDS } from '../../core/repertoire/training';
import type { Demo } from '../../core/repertoire/types';
import { counted, listInWords } from '../../core/words';
import { useRepertoire } from '../app/data';
import { useMay } from '../app/me';
import { Face } from '../faces/Face';
import { PartHead } from '../parts/PartHead';

function DemoLine({ demo, below }: { demo: Demo; below?: string }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: below ? 'start' : 'center',
        gap: 1,
        minHeight: 44,
        minWidth: 0,
      }}
    >
      <Face face={demo.face} words={demo.name} width={48} dim={below !== undefined} />
      <Box sx={{ minWidth: 0, font: '600 15px/20px Bricolage' }}>
        <Link to={`/demos/${demo.id}`}>{demo.name}</Link>
        {below && (
          <Box component="span" sx={{ display: 'block', font: '400 14px/18px Atkinson' }}>
            {below}
          </Box>
        )}
      </Box>
    </Box>
  );
}

const list = {
  listStyle: 'none',
  m: 0,
  p: 0,
  display: 'grid',
  columnGap: 2,
  rowGap: 0.5,
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 170px), 1fr))',
} as const;

export function MayPerformPart({ person: { competences } }: { person: Person }) {
  const { data } = useRepertoire(useMay('presenter'));
  const can = useMemo(() => data && mayPerform(competences, data.demos), [data, competences]);
  if (!can) return null;
  const all = can.may.length + can.not.length;
  if (all === 0) return null;
  return (
    <Box
      component="section"
      aria-label="May perform"
      sx={{ gridColumn: { md: '1 / -1', xl: 'auto' } }}
    >
      <PartHead
        level="h3"
        title="May perform"
        below={`${can.may.length} of ${counted(all, 'demo')}, by training`}
      />
      {can.not.length > 0 && (
        <Box component="ul" aria-label="Not yet" sx={{ ...list, mb: 2 }}>
          {can.not.map(({ demo, lacks }) => (
            <DemoLine
              key={demo.id}
              demo={demo}
              below={`not without ${listInWords(lacks.map((one) => TRAINING_WORDS[one]))}`}
            />
          ))}
        </Box>
      )}
      <Box component="ul" aria-label="May perform" sx={list}>
        {can.may.map((demo) => (
          <DemoLine key={demo.id} demo={demo} />
        ))}
      </Box>
    </Box>
  );
}
