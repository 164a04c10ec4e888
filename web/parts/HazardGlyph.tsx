import Tooltip from '@mui/material/Tooltip';
import type { HazardKind } from '../../core/repertoire/types';
import { HAZARD } from './words';

/** Drawn on a 16 grid, stroke only, so that they read by shape and not by hue. */
const PATHS: Record<HazardKind, string> = {
  openFlame:
    'M8 1.500c.5 2.500 4 4.500 4 8a4 4 0 0 1-8 0c0-2 1.300-3 2-4.500.7 1 1.200 1.500 1.500 2.500C8.500 5.500 8.500 3.500 8 1.500z',
  flammableVapour:
    'M3 14h10M5 11c-1.500-1.500 1.500-2.500 0-4M11 11c-1.500-1.500 1.500-2.500 0-4M8 9.500c-1.800-2 1.800-3.500 0-7',
  oxidiser: 'M8 6.500a3.800 3.800 0 1 0 .01 0zM8 5V1.500M5.500 5 4 2.500M10.500 5 12 2.500',
  corrosive:
    'M3 3l4 1.500M6 6.500v1.500M6 10v1M2.500 13.500h11M9 13.500c0-1.500 1-2 2.500-2s2 .8 2 2',
  cryogen:
    'M8 1.500v13M2.400 4.800l11.200 6.400M13.600 4.800 2.400 11.200M6.300 2.600 8 4.200l1.700-1.600M6.300 13.400 8 11.800l1.700 1.600',
  asphyxiant:
    'M8 2v6M8 8c-1 0-1.500 1-1.500 3S5 14 3.500 13s-1-6 1.500-8M8 8c1 0 1.500 1 1.500 3s1.500 3 3 2 1-6-1.500-8',
  hot: 'M2 13.500h12M5 10.500c-1.300-1.500 1.200-2.700 0-4.300M8 10.500c-1.300-1.700 1.200-3.200 0-5.300M11 10.500c-1.300-1.500 1.200-2.700 0-4.300',
  loud: 'M2.500 6.200v3.600h2.600L8.600 13V3L5.100 6.200zM11 5.600a3.400 3.400 0 0 1 0 4.800M13 3.600a6.200 6.200 0 0 1 0 8.800',
  projectile: 'M2 13 11 4M6.500 3.500H12v5.500M2 8l2-2M8 14l2-2',
  shatter: 'M3 2h10v12H3zM3 6l4 1 1-5M7 7l-1 4 7-2M6 11l1 3',
  pressure: 'M5 14.500h6V8L9.500 6V4h-3v2L5 8zM6 1.800h4',
  highVoltage: 'M9.300 1.500 3.800 9h3.700l-.8 5.500L12.200 7H8.500z',
  strongMagnet: 'M3 2.500v6a5 5 0 0 0 10 0v-6h-3v6a2 2 0 0 1-4 0v-6zM3 5.500h3M10 5.500h3',
  slip: 'M2 14h12M6 3.500a1.500 1.500 0 1 0 .01 0M7 7l-3 3 4 1-1 3M7 7l4 1M8 11l4-1',
  splash:
    'M1.500 6h13v3.200c0 1.500-1 2.600-2.500 2.600-1.700 0-2.300-1.800-4-1.800s-2.300 1.800-4 1.800c-1.500 0-2.500-1.100-2.500-2.600zM1.500 6.500 3 4M14.500 6.500 13 4',
  smoke:
    'M2 5.500c2-2 4 2 6 0s4 2 6 0M2 9c2-2 4 2 6 0s4 2 6 0M4 12.500c1.600-1.600 3 1.400 4.600 0s2-.6 3.400 0',
  flashingLight:
    'M8 5.500a2.500 2.500 0 1 0 .01 0M8 1v2M8 13v2M1 8h2M13 8h2M3 3l1.500 1.500M11.500 11.500 13 13M13 3l-1.500 1.500M4.500 11.500 3 13',
  allergen:
    'M8 1.500c3 0 3 3 1.500 4.500 2.500 1 3 7.500-1.500 7.500S4 7 6.500 6C5 4.500 5 1.500 8 1.500z',
  lifting: 'M3 9h10v5H3zM8 6.500v-5M5.500 4 8 1.500 10.500 4',
  ultraviolet:
    'M8 5.500a2.500 2.500 0 1 0 .01 0M8 1v2M8 13v2M1 8h2M13 8h2M5.500 14.500 4 12M10.500 14.500 12 12',
  laser: 'M1.500 8h8M12.500 8h2M11 5v6M11 8 14 4M11 8l3 4',
  dust: 'M3 4h.01M7 2.500h.01M12 4h.01M5 8h.01M9.500 7h.01M13.500 9h.01M3 12h.01M7.500 12h.01M11.500 13h.01',
  carbonMonoxide: 'M6.500 5.500a3.500 3.500 0 1 0 0 5M11.500 5a3.500 3.500 0 1 0 .01 0',
  toxicVapour:
    'M8 2a4.500 4.500 0 0 0-3 8v2h6v-2a4.500 4.500 0 0 0-3-8M6.300 6.800h.01M9.700 6.800h.01M6 14h4',
  eatenAfterwards: 'M4 2v4.500a1.500 1.500 0 0 0 3 0V2M5.500 8v6M11.500 2c-2 1.500-2 5 0 6v6',
  compressedGas: 'M5 6.500c0-2 1.500-3 3-3s3 1 3 3V14H5zM8 3.500V1.500M6.500 1.500h3',
  gasBalloons:
    'M8 1.500c2.500 0 4 2 4 4.500S10 10.500 8 10.500 4 8.500 4 6s1.500-4.500 4-4.500zM8 10.500c-1 1.500 1 2.500 0 4',
  workAtHeight: 'M5 14.500 7 2M11 14.500 9 2M6.500 5h3M6 8.500h4M5.500 12h5',
  trailingCables: 'M1.500 12c3 0 2-6 5-6s2 6 5 6M11.500 10.500h3v3h-3z',
  latex: 'M5 14V7.500L3.500 5M5 8V2.500M7.500 7.500V2M10 7.500V2.500M12 9V5M5 14h7V9',
  photosensitive:
    'M1.500 8c3.500-5 9.500-5 13 0-3.500 5-9.500 5-13 0zM8.800 5.500 7 8.200h2L7.200 11',
  volunteerMoved: 'M8 2a2.600 2.600 0 1 0 .01 0M3 14c0-3.200 2-5 5-5s5 1.800 5 5',
};

/** A hazard as a glyph, its words on focus, touch and hover. */
export const HazardGlyph = ({
  kind,
  control = '',
  size = 16,
}: {
  kind: HazardKind;
  control?: string;
  size?: number;
}) => (
  <Tooltip title={control ? `${HAZARD[kind]}: ${control}` : HAZARD[kind]}>
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      fill="none"
      stroke="currentColor"
      strokeWidth={1.4}
      strokeLinejoin="round"
      strokeLinecap="round"
      role="img"
      aria-label={HAZARD[kind]}
      style={{ flex: 'none' }}
    >
      <path d={PATHS[kind]} />
    </svg>
  </Tooltip>
);
