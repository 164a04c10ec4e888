import Box from '@mui/material/Box';
import { NavLink } from 'react-router';

interface PartsNavProps {
  label: string;
  parts: readonly (readonly [to: string, words: string])[];
  /** The one whose address begins all others: it is open only at its own. */
  root?: string;
}

/** The parts of a place, above whichever is open. */
export const PartsNav = ({ label, parts, root }: PartsNavProps) => (
  <Box
    component="nav"
    aria-label={label}
    sx={{
      display: 'flex',
      gap: 3,
      px: { xs: 2, md: 3 },
      overflowX: 'auto',
      borderBottom: '1px solid var(--line)',
    }}
  >
    {parts.map(([to, words]) => (
      <Box
        key={to}
        component={NavLink}
        to={to}
        end={to === root}
        sx={{
          flex: 'none',
          minWidth: 44,
          pt: 1.5,
          pb: 1,
          font: '600 16px/24px Bricolage',
          textDecoration: 'none',
          color: 'var(--muted)',
          borderBottom: '3px solid transparent',
          '&.active': { color: 'var(--ember)', borderColor: 'var(--ember)' },
        }}
      >
        {words}
      </Box>
    ))}
  </Box>
);
