import BenchOutlined from '@mui/icons-material/SpeedOutlined';
import DarkModeOutlined from '@mui/icons-material/DarkModeOutlined';
import ChecksOutlined from '@mui/icons-material/ChecklistOutlined';
import HouseOutlined from '@mui/icons-material/HolidayVillageOutlined';
import InventoryOutlined from '@mui/icons-material/Inventory2Outlined';
import KeyboardOutlined from '@mui/icons-material/KeyboardOutlined';
import LightModeOutlined from '@mui/icons-material/LightModeOutlined';
import ListOutlined from '@mui/icons-material/FormatListNumberedOutlined';
import PeopleOutlined from '@mui/icons-material/PeopleOutlined';
import SearchOutlined from '@mui/icons-material/SearchOutlined';
import ScienceOutlined from '@mui/icons-material/ScienceOutlined';
import TodayOutlined from '@mui/icons-material/WbTwilightOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { type ReactNode, useState } from 'react';
import { NavLink, Outlet, useLocation } from 'react-router';
import { Find } from '../find/Find';
import { useFind } from '../find/findState';
import { Guarded } from '../parts/Guarded';
import { useShortcuts } from '../parts/Shortcuts';
import { Heart } from '../parts/tape';
import { useAction } from '../parts/useAction';
import { usePeople } from './data';
import { chooseMe, leave, useMay, useMe } from './me';
import { usePreferences } from './preferences';

/** `short`: what stands at the foot of a phone, where there is less room. */
const PLACES: [to: string, label: string, icon: ReactNode, short?: string][] = [
  ['/', 'Today', <TodayOutlined key="i" />],
  ['/shows', 'Shows', <ListOutlined key="i" />],
  ['/demos', 'Demos', <ScienceOutlined key="i" />],
  ['/store', 'Store', <InventoryOutlined key="i" />],
  ['/bench', 'Bench', <BenchOutlined key="i" />],
  ['/venues', 'Venues', <HouseOutlined key="i" />],
  ['/people', 'People', <PeopleOutlined key="i" />],
];

/** What a device of the crew has: its own work, and what it needs for it. */
const crewPlaces = (show: string): typeof PLACES => [
  [`/shows/${show}/crew`, 'Your work', <TodayOutlined key="i" />, 'Work'],
  [`/shows/${show}/ready`, 'Checks', <ChecksOutlined key="i" />],
  [`/shows/${show}/pack`, 'Packing', <InventoryOutlined key="i" />],
  [`/shows/${show}/order`, 'Order', <ListOutlined key="i" />],
];

/** Which show this device is at: the one on its page, or the one that is open to the crew. */
function usePlaces(): typeof PLACES {
  const mayChange = useMay('presenter');
  const shared = useMe((state) => state.me?.showId ?? null);
  const { pathname } = useLocation();
  if (mayChange) return PLACES;
  const show = /^\/shows\/([^/]+)/.exec(pathname)?.[1] ?? shared;
  return show === null
    ? [['/crew', 'Your work', <TodayOutlined key="i" />, 'Work']]
    : crewPlaces(show);
}

const placeStyle = {
  display: 'flex',
  flexDirection: 'column',
  alignItems: 'center',
  justifyContent: 'center',
  gap: '3px',
  flex: { xs: 1, md: 'none' },
  minWidth: 0,
  height: { xs: 56, md: 60 },
  fontSize: 12,
  color: 'var(--muted)',
  textDecoration: 'none',
  '&.active': { color: 'var(--ember)', fontWeight: 700 },
} as const;

const letters = {
  display: 'grid',
  placeItems: 'center',
  border: '1.5px solid var(--ink)',
  borderRadius: 1.5,
  color: 'var(--ink)',
  fontFamily: 'Bricolage',
  fontWeight: 600,
} as const;

/** Whose device this is: the name that ticks and presses carry. On a phone the night switch too. */
function Me() {
  const { data: people = [] } = usePeople();
  const { me, mode, setMode } = usePreferences();
  const isOwner = useMay('owner');
  const mayFind = useMay('presenter');
  const openFind = useFind((state) => state.setOpen);
  const act = useAction();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const name = people.find((person) => person.id === me)?.name;
  const night = mode === 'day' ? 'night' : 'day';
  const choose = (change: () => void) => (): void => {
    change();
    setAnchor(null);
  };
  return (
    <>
      <ButtonBase
        onClick={(event) => setAnchor(event.currentTarget)}
        aria-label={name ? `You are ${name}. Change` : 'Say who you are'}
        aria-haspopup="menu"
        sx={placeStyle}
      >
        <Box component="span" sx={{ ...letters, width: 26, height: 24, fontSize: 13 }}>
          {name?.slice(0, 2) ?? '–'}
        </Box>
        You
      </ButtonBase>
      <Menu open={Boolean(anchor)} anchorEl={anchor} onClose={() => setAnchor(null)}>
        {people.length === 0 && (
          <MenuItem component={NavLink} to="/people" onClick={() => setAnchor(null)}>
            Nobody is there yet: add people
          </MenuItem>
        )}
        {people.map((person) => (
          <MenuItem
            key={person.id}
            selected={person.id === me}
            onClick={choose(() => void act(() => chooseMe(person.id)))}
          >
            {person.name}
          </MenuItem>
        ))}
        {mayFind && (
          <MenuItem
            onClick={choose(() => openFind(true))}
            sx={{ display: { md: 'none' }, borderTop: '1px solid var(--line)' }}
          >
            Find
          </MenuItem>
        )}
        <MenuItem
          onClick={choose(() => setMode(night))}
          sx={{ display: { md: 'none' }, borderTop: '1px solid var(--line)' }}
        >
          Switch to {night}
        </MenuItem>
        {isOwner
          ? [
              <MenuItem
                key="share"
                component={NavLink}
                to="/share"
                onClick={() => setAnchor(null)}
                sx={{ borderTop: '1px solid var(--line)' }}
              >
                Let the crew in
              </MenuItem>,
              <MenuItem
                key="light"
                component={NavLink}
                to="/light-and-sound"
                onClick={() => setAnchor(null)}
              >
                Light and sound
              </MenuItem>,
              <MenuItem
                key="backups"
                component={NavLink}
                to="/backups"
                onClick={() => setAnchor(null)}
              >
                Backups
              </MenuItem>,
            ]
          : [
              <MenuItem
                key="leave"
                onClick={choose(() => void act(leave))}
                sx={{ borderTop: '1px solid var(--line)' }}
              >
                Leave: this device forgets the show
              </MenuItem>,
            ]}
      </Menu>
    </>
  );
}

/** The first thing that Tab comes to: past the navigation, straight into the page. */
const SkipLink = () => (
  <Box
    component="a"
    href="#content"
    onClick={(event: React.MouseEvent) => {
      event.preventDefault();
      document.getElementById('content')?.focus();
    }}
    sx={{
      position: 'fixed',
      top: 8,
      left: 8,
      zIndex: 30,
      px: 2,
      py: 1.25,
      background: 'var(--card)',
      color: 'var(--ink)',
      border: '2px solid var(--ember)',
      borderRadius: 1.5,
      fontWeight: 700,
      '&:not(:focus)': { transform: 'translateY(-200%)' },
    }}
  >
    Skip to the page
  </Box>
);

/** Navigation at the side, or at the foot of a phone, and the page. */
export function Shell() {
  const { mode, setMode } = usePreferences();
  const setOpen = useShortcuts((state) => state.setOpen);
  const places = usePlaces();
  const openFind = useFind((state) => state.setOpen);
  const mayFind = useMay('presenter');
  return (
    <Box sx={{ display: 'flex', minHeight: '100vh', flexDirection: { xs: 'column', md: 'row' } }}>
      <SkipLink />
      {/* Not over a stage view: a key pressed there is the show’s. A helper has one show, and its work. */}
      {mayFind && <Find />}
      <Box
        component="nav"
        aria-label="Main"
        sx={{
          position: { xs: 'fixed', md: 'sticky' },
          top: { md: 0 },
          bottom: { xs: 0, md: 'auto' },
          left: 0,
          zIndex: 20,
          width: { xs: '100%', md: 72 },
          height: { md: '100vh' },
          flex: 'none',
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          background: 'var(--sunk)',
          borderRight: { md: '1px solid var(--line)' },
          borderTop: { xs: '1px solid var(--line)', md: 0 },
        }}
      >
        <Box sx={{ display: { xs: 'none', md: 'grid' }, placeItems: 'center', height: 72, mb: 1 }}>
          <Heart />
        </Box>
        {places.map(([to, label, icon, short = label]) => (
          <Box
            key={to}
            component={NavLink}
            to={to}
            end={to === '/'}
            aria-label={label}
            sx={placeStyle}
          >
            {icon}
            <Box component="span" sx={{ display: { xs: 'none', md: 'inline' } }}>
              {label}
            </Box>
            <Box component="span" sx={{ display: { md: 'none' } }}>
              {short}
            </Box>
          </Box>
        ))}
        <Box
          sx={{
            display: { xs: 'contents', md: 'flex' },
            flexDirection: 'column',
            mt: 'auto',
            mb: 1,
          }}
        >
          {mayFind && (
            <ButtonBase
              onClick={() => openFind(true)}
              aria-label="Find"
              aria-haspopup="dialog"
              sx={{ ...placeStyle, display: { xs: 'none', md: 'flex' } }}
            >
              <SearchOutlined fontSize="small" />
              Find
            </ButtonBase>
          )}
          <ButtonBase
            onClick={() => setOpen(true)}
            aria-label="Keys"
            aria-haspopup="dialog"
            sx={{ ...placeStyle, display: { xs: 'none', md: 'flex' } }}
          >
            <KeyboardOutlined fontSize="small" />
            Keys
          </ButtonBase>
          <ButtonBase
            onClick={() => setMode(mode === 'day' ? 'night' : 'day')}
            aria-label={mode === 'day' ? 'Switch to night' : 'Switch to day'}
            sx={{ ...placeStyle, display: { xs: 'none', md: 'flex' } }}
          >
            {mode === 'day' ? (
              <DarkModeOutlined fontSize="small" />
            ) : (
              <LightModeOutlined fontSize="small" />
            )}
            {mode === 'day' ? 'Night' : 'Day'}
          </ButtonBase>
          <Me />
        </Box>
      </Box>
      <Box
        id="content"
        tabIndex={-1}
        sx={{
          flex: 1,
          minWidth: 0,
          pb: { xs: 8, md: 0 },
          '&:focus-visible': { outline: 'none !important' },
        }}
      >
        <Guarded>
          <Outlet />
        </Guarded>
      </Box>
    </Box>
  );
}
