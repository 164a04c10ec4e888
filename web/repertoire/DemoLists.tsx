/** Demonstrations as cards: those that do, those of the order first; and smaller those that don’t, with why. */
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { Link } from 'react-router';
import { type FitTold, whyNot } from '../../core/proposal/letIn';
import { Face } from '../faces/Face';
import { DemoCard, OursTag, type Place, PlaceTag } from './DemoCard';
import type { Listed } from './listed';

export const grid = {
  listStyle: 'none',
  p: 0,
  m: 0,
  mt: 1.5,
  display: 'grid',
  gap: 1.75,
  gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 206px), 1fr))',
} as const;

const pathOf = ({ id, whose }: Listed): string =>
  whose === 'mine' ? `/demos/${id}` : `/demos/library/${id}`;

interface FitListProps {
  demos: readonly Listed[];
  label: string;
  /** Its number and place in the order. */
  placeOf: (demoId: string) => Place | null;
  chosen: ReadonlySet<string>;
  /** Null where nothing may be taken. */
  onChoose: ((demoId: string) => void) | null;
}

export const FitList = ({ demos, label, placeOf, chosen, onChoose }: FitListProps) => (
  <Box component="ul" aria-label={label} sx={grid}>
    {demos.map((demo) => (
      <DemoCard key={demo.id} to={pathOf(demo)} {...demo} ours={demo.ours} place={placeOf(demo.id)}>
        {demo.whose === 'library' && onChoose && (
          <FormControlLabel
            sx={{ ml: 0.5, mb: 0.5 }}
            control={
              <Checkbox
                size="small"
                checked={chosen.has(demo.id)}
                onChange={() => onChoose(demo.id)}
                slotProps={{ input: { 'aria-label': `Take ${demo.name}` } }}
              />
            }
            label="Take"
          />
        )}
      </DemoCard>
    ))}
  </Box>
);

interface UnfitProps extends Pick<FitListProps, 'demos' | 'placeOf'> {
  options: readonly FitTold[];
}

export const UnfitList = ({ demos, options, placeOf }: UnfitProps) => (
  <Box component="ul" aria-label="Don’t fit" sx={grid}>
    {demos.map((demo) => (
      <Box
        component="li"
        key={demo.id}
        sx={{
          position: 'relative',
          border: '1px dashed var(--line-strong)',
          borderRadius: 1.5,
          '&:hover, &:focus-within': { borderColor: 'var(--ember)' },
        }}
      >
        <Box
          component={Link}
          to={pathOf(demo)}
          sx={{ color: 'inherit', textDecoration: 'none', p: 1, display: 'flex', gap: 1.25 }}
        >
          <Face face={demo.face} words={`${demo.name} ${demo.hook}`} width={52} dim />
          <Box sx={{ minWidth: 0, fontSize: 14, lineHeight: '18px' }}>
            <Box
              component="h3"
              sx={{ font: '700 15px/19px Bricolage', m: 0, color: 'var(--muted)' }}
            >
              {demo.name}
            </Box>
            {whyNot(options, demo.id)
              .slice(0, 2)
              .map(({ words }) => (
                <div key={words}>{words}</div>
              ))}
          </Box>
        </Box>
        {demo.ours && <OursTag />}
        <PlaceTag place={placeOf(demo.id)} />
      </Box>
    ))}
  </Box>
);
