import Box from '@mui/material/Box';
import { NavLink, useLocation } from 'react-router';
import { pinked } from './tapeShape';

export interface Stage {
  /** Last part of its address. */
  to: string;
  name: string;
  state: string;
  trouble?: boolean;
}

interface StepperProps {
  label: string;
  /** Address that the stages’ own are appended to. */
  root: string;
  stages: readonly Stage[];
}

/** Stages of work in their order, each with one line that says how it stands. */
export function Stepper({ label, root, stages }: StepperProps) {
  const { pathname } = useLocation();
  return (
    <Box
      component="nav"
      aria-label={label}
      sx={{ display: 'flex', gap: { xs: 3, md: 4.5 }, overflowX: 'auto', py: 1, px: 2, mx: -2 }}
    >
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
            }}
          >
            <Box
              sx={{
                font: '600 16px/24px Bricolage',
                ...(here && {
                  color: 'var(--on-ember)',
                  background: 'var(--ember-area)',
                  clipPath: pinked(4, 4),
                  // The tape reaches beyond the word, which stays where it was.
                  px: '14px',
                  mx: '-14px',
                }),
              }}
            >
              {name}
            </Box>
            <Box
              sx={{
                fontSize: 12,
                lineHeight: '16px',
                ...(trouble && { color: 'var(--ember)', fontWeight: 600 }),
              }}
            >
              {state}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
