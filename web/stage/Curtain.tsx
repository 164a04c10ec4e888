/** The last one is over, or the show is: how it stands, and what each slot came to. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { type CameTo, cameTo, finishOf } from '../../core/stage/outcome';
import type { Live, RunPlan } from '../../core/stage/types';
import { sayDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { Tape } from '../parts/tape';
import { wide } from './type';

const GLYPH: Record<CameTo['state'], string> = {
  worked: '✓',
  partly: '◐',
  failed: '×',
  leftOut: '–',
  skipped: '–',
  notShown: '–',
};

interface Props {
  plan: RunPlan;
  live: Live;
  /** Milliseconds since 1970. */
  now: number;
  finish: number;
  onGoTo: (slot: string) => void;
  children?: ReactNode;
}

export function Curtain({ plan, live, now, finish, onGoTo, children }: Props) {
  const isOver = live.phase === 'finished';
  const { end, spare } = finishOf(live, finish, now);
  const against = `${sayDuration(Math.abs(spare))} ${spare < 0 ? 'past' : 'before'} the hard finish`;
  return (
    <Box component="section" aria-label="Now" sx={{ flex: '1 1 560px', minWidth: 0 }}>
      <Box component="h1" sx={{ font: wide(64, 40, 800), m: 0 }}>
        {isOver ? 'Finished' : 'That was the last one'}
      </Box>
      <Box sx={{ font: wide(30, 20, 400), color: spare < 0 ? 'var(--ember)' : 'var(--muted)' }}>
        over at {timeOf(end)}, {against}
      </Box>
      {children}
      <Box
        component="ol"
        aria-label="What it came to"
        sx={{
          m: 0,
          mt: 2,
          p: 0,
          listStyle: 'none',
          columns: { xs: 1, md: 2 },
          columnGap: 3,
          fontSize: { xs: 18, md: 24 },
        }}
      >
        {plan.slots.map((slot, i) => {
          const { seen, state, words } = cameTo(live, slot.id);
          const line = (
            <>
              <Tape
                width={44}
                height={34}
                size={22}
                fill={seen ? `var(--tape-${slot.position?.mark ?? 'square'})` : 'var(--control)'}
              >
                {i + 1}
              </Tape>
              <Box component="span" sx={{ minWidth: 0 }}>
                <b>{slot.name}</b>{' '}
                <Box
                  component="span"
                  sx={{ color: state === 'failed' ? 'var(--ember)' : 'var(--muted)' }}
                >
                  {GLYPH[state]} {words}
                </Box>
              </Box>
            </>
          );
          const row = {
            display: 'flex',
            gap: 1.5,
            alignItems: 'center',
            minHeight: 48,
            width: '100%',
          };
          return (
            <Box component="li" key={slot.id} sx={{ breakInside: 'avoid' }}>
              {!seen && !isOver ? (
                <ButtonBase
                  onClick={() => onGoTo(slot.id)}
                  sx={{ ...row, justifyContent: 'flex-start', font: 'inherit', textAlign: 'left' }}
                >
                  {line}
                </ButtonBase>
              ) : (
                <Box sx={row}>{line}</Box>
              )}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
