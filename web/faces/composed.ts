/** Faces put together: a vessel, and what happens to it. For demonstrations that have no figure of their own. */
import type { Happening, Vessel } from '../../core/repertoire/face';
import {
  balloonShape,
  box,
  burst,
  cut,
  disc,
  discs,
  EMBER,
  flame,
  floor,
  GROUND,
  line,
  oval,
  shape,
  stemGlass,
} from './draw';

/** Each stands on the floor and ends below 26, so that there is room above it. */
export const VESSEL_SHAPES: Readonly<Record<Vessel, string>> = {
  bottle:
    shape(
      'M42 27H54V34C62 37 65 41 65 46V60A4 4 0 0 1 61 64H35A4 4 0 0 1 31 60V46C31 41 34 37 42 34Z',
    ) + shape('M36 50C40 47.500 44 52.500 48 50S56 47.500 60 50V59H36Z', GROUND),
  beaker:
    shape('M28 28H68V32H65V60A4 4 0 0 1 61 64H35A4 4 0 0 1 31 60V32H28Z') +
    shape('M35 46C39 43.500 44 48.500 48 46S57 43.500 61 46V60H35Z', GROUND) +
    line('M54 36H61M56 40.500H61', 2, 'ground'),
  jar:
    box(35, 27, 26, 6, undefined, 1.5) +
    shape(
      'M33 35H63C67 37 68 40 68 44V60A4 4 0 0 1 64 64H32A4 4 0 0 1 28 60V44C28 40 29 37 33 35Z',
    ) +
    box(33, 44, 30, 13, GROUND, 2),
  can:
    shape('M36 28H60L63 32V60L60 64H36L33 60V32Z') +
    line('M33.500 35H62.500M33.500 57.500H62.500', 2.4, 'ground') +
    oval(48, 46, 7, 7, GROUND),
  bowl:
    shape('M22 42H74C74 55 66 64 55 64H41C30 64 22 55 22 42Z') +
    line('M29 49C33 46.500 38 51.500 42 49S50 46.500 54 49S62 51.500 67 48.500', 2.4, 'ground'),
  glass:
    stemGlass(48, 30, 17, 20, 64) +
    shape('M35 34H61C60 39 58 43 54 45H42C38 43 36 39 35 34Z', GROUND),
  tube:
    box(20, 40, 56, 14, undefined, 7) +
    oval(69, 47, 4, 7, GROUND) +
    box(28, 54, 6, 10) +
    box(58, 54, 6, 10),
  balloon:
    shape(balloonShape(48, 44, 17, 16)) +
    shape('M45 59H51L54 64H42Z') +
    line('M38 42C38 36 41 33 45 32', 2.6, 'ground'),
  box: shape('M26 32H70V64H26Z') + line('M26 41H70', 2.4, 'ground') + box(43, 32, 10, 15, GROUND),
  ball: disc(48, 46, 18) + line('M37 43C38 38 41 35 45 34', 2.8, 'ground'),
  table: box(18, 40, 60, 6) + box(24, 46, 6, 18) + box(66, 46, 6, 18),
  stand:
    box(44.5, 30, 7, 30) + shape('M30 64V61L44 57H52L66 61V64Z') + box(32, 28, 32, 5, undefined, 2),
  person: disc(48, 36, 8) + shape('M33 64V54C33 47.500 38 45.500 48 45.500S63 47.500 63 54V64Z'),
};

/** Each keeps above 30, or at the sides. */
export const HAPPENING_SHAPES: Readonly<Record<Happening, string>> = {
  foams:
    discs([
      [48, 19, 9],
      [38, 24, 7],
      [58, 24, 7],
      [31, 31, 4.5],
      [65, 31, 4.5],
    ]) +
    discs(
      [
        [45, 18, 2.4],
        [53, 23, 2.8],
        [38, 25, 2],
      ],
      GROUND,
    ) +
    discs(
      [
        [37, 9, 2.6],
        [60, 8, 3],
        [69, 18, 2.2],
        [26, 20, 2.2],
      ],
      EMBER,
    ),
  burns: shape(flame(48, 27, 26, 10), EMBER) + shape(flame(48, 26, 11, 4.5), GROUND),
  bursts:
    shape(burst(48, 16, 15, 6.5, 9, 0.2), EMBER) +
    line('M24 12 30 16M20 22H27M72 12 66 16M76 22H69', 2.8),
  flies:
    shape('M48 2 57 14H52V26H44V14H39Z', EMBER) + line('M32 26V17M64 26V17M26 26V21M70 26V21', 2.8),
  falls: shape('M48 26 39 14H44V2H52V14H57Z', EMBER) + line('M32 4V14M64 4V14M26 4V9M70 4V9', 2.8),
  turns:
    line('M29 22C29 10 40 6 48 6', 3.4, 'ember') +
    shape('M46 0 57 6 46 12Z', EMBER) +
    line('M67 12C67 22 58 25 49 25', 3.4, 'ember') +
    shape('M51 31 40 25 51 19Z', EMBER, cut(2)),
  sparks:
    shape('M54 1 38 15H46L40 27 59 12H50.500Z', EMBER) +
    line('M22 10 29 14M20 20H27M74 10 67 14M76 20H69', 2.8),
  freezes:
    line('M48 2V26M37.500 8 58.500 20M58.500 8 37.500 20', 3.2, 'ember') +
    line('M44 4.500 48 8 52 4.500M44 23.500 48 20 52 23.500', 2.2, 'ember') +
    discs([
      [28, 12, 2],
      [68, 12, 2],
      [24, 22, 1.6],
      [72, 22, 1.6],
    ]),
  clouds:
    shape('M33 25A7 7 0 0 1 33 12A9 9 0 0 1 46 5A10 10 0 0 1 61 10A7.500 7.500 0 0 1 63 25Z') +
    line('M72 24C76 20 80 24 84 20M12 24C16 20 20 24 24 20', 2.8, 'ember'),
  colours:
    shape(
      'M48 2C53 10 56.500 14 56.500 18.500A8.500 8.500 0 0 1 39.500 18.500C39.500 14 43 10 48 2Z',
      EMBER,
    ) +
    shape(
      'M27 9C30 13.500 32 16 32 18.500A5 5 0 0 1 22 18.500C22 16 24 13.500 27 9ZM69 9C72 13.500 74 16 74 18.500A5 5 0 0 1 64 18.500C64 16 66 13.500 69 9Z',
    ),
  sounds:
    line('M36 22A14 14 0 0 1 60 22M29 17A23 23 0 0 1 67 17', 3.2, 'ember') +
    line('M24 16A28 28 0 0 1 72 16', 3.2),
  floats:
    line('M30 24C36 20 42 28 48 24S60 20 66 24', 3.2, 'ember') +
    shape('M43 18V11H38L48 2 58 11H53V18Z'),
  pulls:
    shape('M33 3H41V14A7 7 0 0 0 55 14V3H63V14A15 15 0 0 1 33 14Z') +
    shape('M33 3H41V8.500H33ZM55 3H63V8.500H55Z', EMBER),
  shines:
    disc(48, 15, 6.5, EMBER) +
    line(
      'M48 1V5M35 3.500 38 7M61 3.500 58 7M29 15H35M61 15H67M36 25 39 22.500M60 25 57 22.500',
      2.8,
      'ember',
    ),
};

export const composed = (vessel: Vessel, happening: Happening): string =>
  floor() + VESSEL_SHAPES[vessel] + HAPPENING_SHAPES[happening];
