/** One device that was let in: whose, as what, since when, and whether it drives. */
import LaptopOutlined from '@mui/icons-material/LaptopOutlined';
import PhoneOutlined from '@mui/icons-material/PhoneIphoneOutlined';
import TabletOutlined from '@mui/icons-material/TabletOutlined';
import VideocamOutlined from '@mui/icons-material/VideocamOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import MenuItem from '@mui/material/MenuItem';
import Select from '@mui/material/Select';
import { DEVICE_ROLES, type DeviceRole, type DeviceTold } from '../../contract/share';
import { pinked } from '../parts/tapeShape';
import { hereWords, ROLE_WORDS } from './roles';

const ICON = { laptop: LaptopOutlined, phone: PhoneOutlined, tablet: TabletOutlined } as const;

interface Props {
  device: DeviceTold;
  name: string;
  /** It is the one that this page is on. */
  here: boolean;
  drives: boolean;
  asks: boolean;
  /** Driving can be given to it from here. */
  onHand: (() => void) | null;
  onRole: (role: DeviceRole) => void;
  onOpen: () => void;
  /** Asked once, it asks back: what it holds lets it in no more. */
  onRemove: () => void;
  removing: boolean;
  now: number;
}

export function DeviceRow(props: Props) {
  const { device, name, here, drives, asks, onHand, onRole, onOpen, onRemove, removing, now } =
    props;
  const { role, kind, connected } = device;
  const Icon = role === 'audience' ? VideocamOutlined : ICON[kind];
  return (
    <Box
      component="li"
      aria-label={name}
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: '32px 1fr auto',
          md: '32px minmax(130px,1.2fr) 156px minmax(96px,1fr) 92px 104px 88px',
        },
        alignItems: 'center',
        columnGap: 1.5,
        minHeight: 52,
        py: { xs: 1, md: 0 },
        borderBottom: '1px solid var(--line)',
        color: connected ? 'inherit' : 'var(--muted)',
      }}
    >
      <Icon aria-hidden sx={{ fontSize: 28, color: 'var(--ink)' }} />
      <ButtonBase
        onClick={onOpen}
        aria-label={`${name}: rename, or say whose it is`}
        sx={{
          justifyContent: 'flex-start',
          textAlign: 'left',
          minHeight: 44,
          font: '600 17px/22px Bricolage',
          color: 'inherit',
        }}
      >
        <span>
          {name}
          {here && (
            <Box
              component="span"
              sx={{ display: 'block', font: '400 13px/16px Atkinson', color: 'var(--muted)' }}
            >
              this one
            </Box>
          )}
        </span>
      </ButtonBase>
      {role === 'owner' ? (
        <Box sx={{ gridColumn: { xs: '2 / -1', md: 'auto' } }}>owner</Box>
      ) : (
        <Select
          variant="standard"
          value={role}
          onChange={(event) => onRole(event.target.value)}
          inputProps={{ 'aria-label': `What ${name} is` }}
          sx={{
            gridColumn: { xs: '2 / -1', md: 'auto' },
            minHeight: 44,
            maxWidth: 200,
            fontSize: 16,
          }}
        >
          {DEVICE_ROLES.map((one) => (
            <MenuItem key={one} value={one}>
              {ROLE_WORDS[one].name}
            </MenuItem>
          ))}
        </Select>
      )}
      <Box sx={{ fontSize: 14, color: 'var(--muted)', gridColumn: { xs: '2 / -1', md: 'auto' } }}>
        {role === 'owner' ? 'everything' : ROLE_WORDS[role].may}
      </Box>
      <Box sx={{ fontSize: 14, gridColumn: { xs: '2 / -1', md: 'auto' } }}>
        {hereWords(device, now)}
      </Box>
      <Box sx={{ gridColumn: { xs: '2 / -1', md: 'auto' } }}>
        {drives ? (
          <Box
            component="b"
            sx={{
              display: 'inline-block',
              px: 1.75,
              py: 0.25,
              color: 'var(--on-ember)',
              background: 'var(--ember-area)',
              clipPath: pinked(4, 4),
              font: '600 15px/22px Bricolage',
            }}
          >
            driving
          </Box>
        ) : (
          onHand && (
            <Button onClick={onHand} aria-label={`Hand driving over to ${name}`}>
              {asks ? 'Asks to drive' : 'Hand over'}
            </Button>
          )
        )}
      </Box>
      <Box sx={{ gridColumn: { xs: '2 / -1', md: 'auto' }, textAlign: { md: 'right' } }}>
        {!here && (
          <Button onClick={onRemove} aria-label={`${removing ? 'Throw out' : 'Remove'} ${name}`}>
            {removing ? 'Throw out' : 'Remove'}
          </Button>
        )}
      </Box>
    </Box>
  );
}
