import Box from '@mui/material/Box';
import { NavLink, useLocation } from 'react-router';
import { pinked } from './tapeShape';

export interface Stage {
  /** Last part of its address. */
  to: string;
  name: string;
  state: string;
  trouble?: boolean;
  /** Nothing is left to do in it. */
  done?: boolean;
}

interface StepperProps {
  label: string;
  /** Address that the stages’ own are appended to. */
  root: string;
  stages: readonly Stage[];
}

/** On a phone all of them stand side by side, and beneath them what is next. */
const row = {
  display: { xs: 'grid', md: 'flex' },
  gridAutoColumns: 'minmax(0, 1fr)',
  gridAutoFlow: 'column',
  gap: { xs: 0, md: 4.5 },
  py: { xs: 0.5, md: 1 },
} as const;

/** Stages of work in their order, each with one line that says how it stands; and which is the next to see to. */
export function Stepper({ label, root, stages }: StepperProps) {
  const { pathname } = useLocation();
  const next = stages.find(({ done }) => done === false);
  const told = next ?? stages.find(({ to }) => pathname.startsWith(`${root}/${to}`));
  return (
    <Box component="nav" aria-label={label}>
      <Box sx={row}>
        {stages.map(({ to, name, state, trouble }) => {
          const here = pathname.startsWith(`${root}/${to}`);
          return (
            <Box
              key={to}
              component={NavLink}
              to={`${root}/${to}`}
              sx={{
                textDecoration: 'none',
                color: 'var(--muted)',
                flex: 'none',
                minHeight: { xs: 44, md: 0 },
                textAlign: { xs: 'center', md: 'left' },
                display: { xs: 'grid', md: 'block' },
                alignContent: 'center',
              }}
            >
              <Box
                sx={{
                  font: '600 16px/24px Bricolage',
                  fontStretch: { xs: '75%', md: '100%' },
                  whiteSpace: 'nowrap',
                  width: { md: 'fit-content' },
                  ...(here && {
                    color: 'var(--on-ember)',
                    background: 'var(--ember-area)',
                    clipPath: pinked(4, 4),
                    // The tape reaches beyond the word, which stays where it was.
                    px: { xs: 0, md: '14px' },
                    mx: { xs: 0, md: '-14px' },
                  }),
                  ...(trouble && !here && { color: { xs: 'var(--ember)', md: 'inherit' } }),
                }}
              >
                {name}
              </Box>
              <Box
                sx={{
                  display: { xs: 'none', md: 'block' },
                  fontSize: 12,
                  lineHeight: '16px',
                  ...(trouble && { color: 'var(--ember)', fontWeight: 600 }),
                }}
              >
                {to === next?.to && <b>next: </b>}
                {state}
              </Box>
            </Box>
          );
        })}
      </Box>
      {told && (
        <Box
          sx={{ display: { xs: 'block', md: 'none' }, fontSize: 14, lineHeight: '20px', pb: 0.5 }}
        >
          <b>
            {told === next && 'Next: '}
            {told.name}
          </b>
          , {told.state}
        </Box>
      )}
    </Box>
  );
}
