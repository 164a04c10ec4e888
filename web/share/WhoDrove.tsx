/** Who drove the show, from when to when, on one line. */
import Box from '@mui/material/Box';
import type { Stint } from '../../core/stage/driving';
import { timeOf } from '../brief/dates';
import { Section } from '../parts/page';

interface Props {
  stints: readonly Stint[];
  /** The end of the line, in ms since 1970. */
  until: number;
  nameOf: (device: string) => string;
}

/** A stint this short, in shares of the whole, is still seen. */
const LEAST = 0.04;

export function WhoDrove({ stints, until, nameOf }: Props) {
  const [first] = stints;
  if (!first) return null;
  const whole = Math.max(1, until - first.from);
  return (
    <Section title="Who drove">
      <Box component="ol" sx={{ display: 'flex', listStyle: 'none', p: 0, m: 0, maxWidth: 800 }}>
        {stints.map(({ device, from }, i) => {
          const to = stints[i + 1]?.from ?? until;
          const isLast = i === stints.length - 1;
          return (
            <Box
              component="li"
              key={`${device}/${from}`}
              sx={{ flexGrow: Math.max(LEAST, (to - from) / whole), flexBasis: 0, minWidth: 72 }}
            >
              <Box
                sx={{
                  px: 1,
                  lineHeight: '26px',
                  fontSize: 14,
                  fontWeight: 700,
                  overflow: 'hidden',
                  whiteSpace: 'nowrap',
                  textOverflow: 'ellipsis',
                  color: isLast ? 'var(--on-ember)' : 'inherit',
                  background: isLast ? 'var(--ember-area)' : 'var(--person-on-stage)',
                  borderRight: '2px solid var(--ground)',
                }}
              >
                {nameOf(device)}
              </Box>
              <Box sx={{ fontSize: 13, color: 'var(--muted)' }}>{timeOf(from)}</Box>
            </Box>
          );
        })}
      </Box>
    </Section>
  );
}
