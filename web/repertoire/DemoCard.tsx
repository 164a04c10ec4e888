/** A demonstration as its face, with what matters in choosing it. */
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { MarkShape } from '../../core/brief/types';
import type { Face as Look } from '../../core/repertoire/face';
import type { HazardKind } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { Face } from '../faces/Face';
import { HazardGlyph } from '../parts/HazardGlyph';
import { Tape } from '../parts/tape';
import { Energy } from './Energy';
import { tapeFill } from '../parts/tapeShape';

interface CardProps {
  to: string;
  name: string;
  hook: string;
  face: Look | null;
  seconds: number | null;
  energy: number;
  hazards: readonly HazardKind[];
  /** “works 8 of 9” */
  record: string;
  /** Made by oneself, and not taken from the library. */
  ours: boolean;
  methods: number;
  /** Somebody out of the audience is needed. */
  volunteer: boolean;
  /** Its number in the order, in the colour of its position. */
  place: Place | null;
  children?: ReactNode;
}

export interface Place {
  number: number;
  /** Of its position. */
  mark: MarkShape | null;
}

/** Its number in the order, in the colour of its position. */
export const PlaceTag = ({ place }: { place: Place | null }) =>
  place && (
    <Box
      component="span"
      role="img"
      aria-label={`Number ${place.number} of the order`}
      sx={{ position: 'absolute', top: -8, left: -5 }}
    >
      <Tape width={26} height={19} fill={tapeFill(place.mark)} size={13}>
        {place.number}
      </Tape>
    </Box>
  );

/** Nobody else has it. */
export const OursTag = () => (
  <Box
    component="span"
    sx={{
      position: 'absolute',
      top: -9,
      right: 12,
      background: 'var(--muted)',
      color: 'var(--ground)',
      fontSize: 12,
      fontWeight: 700,
      px: 1,
      lineHeight: '17px',
    }}
  >
    ours
  </Box>
);

export function DemoCard({
  to,
  name,
  hook,
  face,
  seconds,
  energy,
  hazards,
  record,
  ours,
  methods,
  volunteer,
  place,
  children,
}: CardProps) {
  return (
    <Box
      component="li"
      sx={{
        position: 'relative',
        border: '1px solid var(--line)',
        borderRadius: 1.5,
        background: 'var(--card)',
        ['--face-on' as string]: 'var(--card)',
        '&:hover, &:focus-within': { borderColor: 'var(--ember)' },
        display: 'flex',
        flexDirection: 'column',
      }}
    >
      <Box
        component={Link}
        to={to}
        sx={{ color: 'inherit', textDecoration: 'none', p: 1.5, flex: 1, display: 'block' }}
      >
        <Box sx={{ display: 'flex', gap: 1.5 }}>
          <Face face={face} words={`${name} ${hook}`} width={88} />
          <Box sx={{ minWidth: 0 }}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
              <Box component="b" sx={{ font: '700 18px Bricolage' }}>
                {seconds === null ? '' : formatDuration(seconds)}
              </Box>
              <Energy energy={energy} />
            </Box>
            <Box sx={{ fontSize: 13, color: 'var(--muted)' }}>
              {record}
              {methods > 1 && ` · ${methods} methods`}
            </Box>
            <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', mt: 0.5 }}>
              {hazards.slice(0, 5).map((kind) => (
                <HazardGlyph key={kind} kind={kind} />
              ))}
            </Box>
            {volunteer && (
              <Box sx={{ font: '600 13px Bricolage', fontStretch: '85%' }}>needs a volunteer</Box>
            )}
          </Box>
        </Box>
        <Box component="h3" sx={{ font: '700 17px/21px Bricolage', m: 0, mt: 0.5 }}>
          {name}
        </Box>
        <Box sx={{ fontSize: 14, lineHeight: '19px' }}>{hook}</Box>
      </Box>
      {ours && <OursTag />}
      <PlaceTag place={place} />
      {children}
    </Box>
  );
}
