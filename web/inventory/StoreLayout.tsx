import Box from '@mui/material/Box';
import { NavLink, Outlet } from 'react-router';

const PARTS = [
  ['/store', 'Items'],
  ['/store/shopping', 'Shopping'],
  ['/store/boxes', 'Boxes'],
  ['/store/bring-in', 'Bring in'],
  ['/store/units', 'Units, money, risk'],
] as const;

/** The parts of the store, above whichever is open. */
export default function StoreLayout() {
  return (
    <>
      <Box
        component="nav"
        aria-label="Parts of the store"
        sx={{
          display: 'flex',
          gap: 3,
          px: { xs: 2, md: 3 },
          pt: 1.5,
          overflowX: 'auto',
          borderBottom: '1px solid var(--line)',
        }}
      >
        {PARTS.map(([to, words]) => (
          <Box
            key={to}
            component={NavLink}
            to={to}
            end={to === '/store'}
            sx={{
              flex: 'none',
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
      <Outlet />
    </>
  );
}
