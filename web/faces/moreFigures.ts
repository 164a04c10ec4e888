/** Figures of the demonstrations that are told as text, and of a few others; as in `figures.ts`. */
import {
  balloonShape,
  bottle,
  bowl,
  box,
  burst,
  cut,
  dashes,
  disc,
  EMBER,
  flame,
  floor,
  GROUND,
  INK,
  line,
  oval,
  ring,
  shape,
  tape,
  tumbler,
  turned,
} from './draw';

const repeated = (count: number, draw: (i: number) => string): string =>
  Array.from({ length: count }, (_, i) => draw(i)).join('');

export const MORE_FIGURES: Readonly<Record<string, string>> = {
  'held-up-water':
    floor() +
    shape('M33 6H63L69 44H27Z') +
    shape('M36.500 10H59.500L61 19C57 16 53 22 48 19S39 16 35 19Z', GROUND) +
    box(19, 44, 58, 4.5, INK, 0, cut(2.2)) +
    shape('M34 63V57H28L37 50.500 46 57H40V63ZM56 63V57H50L59 50.500 68 57H62V63Z', EMBER),

  'fog-bubbles':
    floor() +
    bowl(47) +
    line('M31 55C35 52 39 58 43 55S51 52 55 55S62 58 66 54.500', 2.4, 'ground') +
    ring(41, 26, 17, 3) +
    shape('M30 32C30 27 35 27 37 24C40 20 47 21 48 26C53 26 54 32 50 35C45 40 33 39 30 32Z') +
    line('M31 19C33 15.500 36 13.500 40 13', 2.6) +
    shape(burst(72, 24, 11, 5, 8), EMBER) +
    disc(72, 24, 3.6, GROUND) +
    ring(66, 41, 5, 2.6),

  'paper-fall':
    floor() +
    box(14, 40, 36, 8, INK, 1) +
    box(17, 42.5, 30, 3, GROUND) +
    shape('M14 35C20 31 27 39 33 35S45 31 50 35L49 39H15Z', EMBER) +
    line('M20 12V26M32 8V26M44 12V26', 2.8) +
    shape('M58 22C64 15 71 27 83 18L85 25C74 33 66 22 60 29Z') +
    line('M57 40C63 36 67 42 73 38M62 49C68 45 72 51 78 47', 2.6, 'ink', dashes('5 3')),

  'egg-in-bottle':
    floor() +
    shape(
      'M37 22H59V27H57V33C66 36 70 41 70 48V60A4 4 0 0 1 66 64H30A4 4 0 0 1 26 60V48C26 41 30 36 39 33V27H37Z',
    ) +
    shape('M43 27H53V36C62 38.500 66 43 66 49V60H30V49C30 43 34 38.500 43 36Z', GROUND) +
    shape(
      'M48 3C55 3 59 12 59 18C59 24.500 54.500 29 52 33.500C50.500 36.500 45.500 36.500 44 33.500C41.500 29 37 24.500 37 18C37 12 41 3 48 3Z',
      INK,
      cut(2.6),
    ) +
    line('M43 17C43 13 44.500 10 47 8.500', 2.4, 'ground') +
    shape('M16 8H24V18H28.500L20 28 11.500 18H16ZM72 8H80V18H84.500L76 28 67.500 18H72Z', EMBER),

  'straw-through-potato':
    floor() +
    shape('M20 40C18 27 30 18 46 19C62 18 76 24 77 38C78 53 66 61 50 60C34 62 22 56 20 40Z') +
    disc(32, 34, 2, GROUND) +
    disc(40, 50, 2, GROUND) +
    disc(62, 30, 2, GROUND) +
    disc(66, 46, 2, GROUND) +
    turned(box(4, 35, 88, 7, INK, 0, cut(3)), -28, 48, 38.5) +
    turned(
      line('M14 35V42M24 35V42M34 35V42M44 35V42M54 35V42M64 35V42', 2.2, 'ground'),
      -28,
      48,
      38.5,
    ) +
    shape(burst(86, 17, 9, 4, 7), EMBER, cut(2)),

  'bottle-diver':
    floor() +
    bottle(shape('M29 22.500C34 20 38 25 43 22.500H53C58 20 62 25 67 23V60H29Z', GROUND)) +
    shape('M29 29C33 26.500 37 31.500 41 29S50 26.500 54 29S62 31.500 67 28.500V60H29Z') +
    shape('M44.500 38A3.500 3.500 0 0 1 51.500 38V48L49.500 56H46.500L44.500 48Z', GROUND) +
    disc(48, 39, 1.8) +
    shape('M6 40H14V35L22.500 43 14 51V46H6ZM90 40H82V35L73.500 43 82 51V46H90Z', EMBER),

  'liquid-tower':
    floor() +
    tumbler(31, 6, 34) +
    box(34, 49, 28, 12) +
    box(34, 33, 28, 14) +
    line('M36 45 46 35M43 46 54 35M50 46 61 35', 2.2, 'ground') +
    box(34, 19, 28, 12, INK) +
    repeated(8, (i) => disc(38 + (i % 4) * 6.8, i < 4 ? 23 : 27.5, 1.5, GROUND)) +
    disc(48, 33, 5, EMBER, cut(2.2)) +
    line('M48 3V15', 2.6, 'ink', dashes('3.5 3')),

  'walk-on-starch':
    floor() +
    bowl(44, 18, 78) +
    shape('M22 48C30 44 38 50 48 47S66 44 74 48L73 51H23Z', GROUND) +
    shape(
      'M36 20C36 15 40 13 44 14C46 11 52 11 54 14C58 13 61 16 61 20V31C61 36 57 39 52 39H44C39 39 36 36 36 31Z',
      INK,
      cut(2.4),
    ) +
    line('M43 15V24M49 13.500V24M55 15V24', 2.2, 'ground') +
    box(42, 2, 13, 11) +
    line('M22 38 31 34M17 30 28 29M74 38 65 34M79 30 68 29', 3.4, 'ember'),

  'skewered-balloon':
    floor() +
    shape(balloonShape(48, 29, 24, 26)) +
    shape('M43 54.500H53L56 62H40Z') +
    line('M33 27C33 18 38 12 45 10', 3, 'ground') +
    turned(box(2, 27.5, 92, 4, INK, 0, cut(2.6)), -14, 48, 29) +
    turned(shape('M94 25.500 96 29.500 94 33.500ZM2 27.500-4 29.500 2 31.500Z'), -14, 48, 29) +
    disc(24, 35, 4.2, EMBER, cut(2.2)) +
    disc(72, 23.5, 4.2, EMBER, cut(2.2)),

  'glass-clock':
    floor() +
    tumbler(14, 26, 26) +
    box(17, 37, 20, 24, 'fill="none" stroke="currentColor" stroke-width="2"') +
    tumbler(56, 26, 26) +
    box(59, 34, 20, 28) +
    ring(48, 15, 12.5, 3.2) +
    line('M48 15V7.500M48 15 54 18.500', 3.2, 'ember') +
    shape('M42 47H50V43L57 48.500 50 54V50H42Z'),

  'rising-water':
    floor() +
    bowl(48, 18, 78) +
    line('M22 53C26 50 30 56 34 53M62 53C66 50 70 56 74 53', 2.4, 'ground') +
    shape('M34 8A4 4 0 0 1 38 4H58A4 4 0 0 1 62 8V52H34Z', INK, cut(2.2)) +
    shape('M37.500 9H58.500V34C55 31.500 52 36.500 48 34S41 31.500 37.500 34Z', GROUND) +
    box(44.5, 19, 7, 15) +
    line('M48 18V13', 2.4) +
    line('M48 12C45 9.500 51 8.500 48 6', 2, 'ink', dashes('2.4 1.6')) +
    shape('M41 47V42H38L42.500 37 47 42H44V47ZM52 47V42H49L53.500 37 58 42H55V47Z', EMBER),

  'tablecloth-pull':
    floor() +
    box(16, 33, 50, 5) +
    box(20, 38, 5, 26) +
    box(57, 38, 5, 26) +
    oval(32, 29.5, 11, 3) +
    oval(51, 29.5, 8, 3) +
    shape('M46 13H56L55 27H47Z') +
    box(28, 20, 8, 8, INK, 2) +
    line('M16 33H70C77 33 80 39 80 47V58', 4, 'ink', cut(0)) +
    shape('M74 46H86L80 62Z', EMBER, cut(2)) +
    line('M84 30C89 32 91 36 91 41', 2.8),

  'balloon-over-flame':
    floor() +
    shape(balloonShape(48, 22, 19, 20)) +
    shape(
      'M33 27C37 24 41 30 45 27S53 24 57 27S62 29.500 64 27.500C62 34 55 39 50 41.500H46C41 39 35 34 33 27Z',
      GROUND,
    ) +
    shape(
      'M36 30.500C40 28.500 44 33 48 30.500S57 28.500 60 31C57 35.500 52.500 38.500 49.500 40H46.500C43 38.500 38.500 35.500 36 30.500Z',
    ) +
    line('M34 19C35 11 39 7 44 6', 2.8, 'ground') +
    shape(flame(48, 60, 16, 6), EMBER, cut(2)) +
    shape('M37 59H59V64H37Z') +
    line('M24 52C21 48 27 45 24 41M72 52C69 48 75 45 72 41', 2.8),

  'rainbow-tray':
    floor() +
    line('M14 58A34 34 0 0 1 82 58', 5) +
    line('M22.500 58A25.500 25.500 0 0 1 73.500 58', 5, 'ember') +
    line('M31 58A17 17 0 0 1 65 58', 5) +
    shape('M48 44 58 62H38Z', INK, cut(2.6)) +
    line('M2 30 34 50', 2.8) +
    shape('M30 43 38 53 26 52Z'),

  'light-in-the-stream':
    floor() +
    shape('M14 12H34V18H32V24C38 27 40 31 40 36V56H10V36C10 31 12 27 18 24V18H14Z') +
    shape('M14 38C18 35.500 22 40.500 26 38S33 35.500 36 37.500V52H14Z', GROUND) +
    line('M39 46C58 46 66 52 68 64', 9) +
    line('M20 46H39C58 46 66 52 68 64', 3, 'ember') +
    shape(burst(20, 46, 7, 3, 7), EMBER) +
    line('M78 56 84 53M80 63H87M56 60 52 57', 2.8),

  'hoot-tube':
    floor() +
    disc(28, 24, 6.6) +
    shape('M18 46V38C18 33 21 31.500 28 31.500S38 33 38 38V46L35 64H21Z') +
    line('M34 34 45 24', 5) +
    line('M45 24C58 10 78 14 82 30', 7) +
    line(
      'M50 15 55 22M58 11 61 19M68 10.500 68 18.500M76 14.500 73 21.500M82 22 76 26',
      2,
      'ground',
    ) +
    line('M72 40C78 40 84 44 86 50M70 48C74 48 77.500 50.500 79 54', 3.2, 'ember'),

  'dancing-salt':
    floor() +
    bowl(40, 22, 74) +
    box(19, 36, 58, 5, INK, 2, cut(2)) +
    [30, 40, 52, 63]
      .map((x, i) => box(x, [22, 12, 17, 26][i] ?? 20, 4.4, 4.4, EMBER, 0.6))
      .join('') +
    [35, 46, 58, 69].map((x, i) => box(x, [29, 24, 28, 19][i] ?? 20, 3.6, 3.6, INK, 0.6)).join('') +
    line(
      'M12 24A16 16 0 0 0 12 44M5 19A25 25 0 0 0 5 49M84 24A16 16 0 0 1 84 44M91 19A25 25 0 0 1 91 49',
      2.8,
    ),

  'pot-pop':
    floor() +
    turned(
      shape('M36 6H60V30A3 3 0 0 1 57 33H39A3 3 0 0 1 36 30Z') +
        box(33, 2, 30, 6, INK, 1.5, cut(2)) +
        line('M41 13V26', 2.6, 'ground'),
      12,
      48,
      18,
    ) +
    shape('M44 62 30 64 24 60.500C24 56 36 54 44 58Z') +
    shape(burst(50, 50, 15, 6, 9, 0.2), EMBER, cut(2)) +
    line('M22 40 29 45M76 40 69 45M18 52H26M80 54H72', 2.8),

  'wheel-on-a-cord':
    floor() +
    shape(tape(30, 1, 36, 6)) +
    line('M48 7V34', 2.6) +
    oval(60, 38, 9, 24) +
    oval(60, 38, 5.5, 19.5, GROUND) +
    line('M60 18V58M55 28 65 48M65 28 55 48', 2) +
    box(46, 35.5, 34, 5, INK, 2, cut(2)) +
    line('M30 50C16 46 16 34 34 31', 3.4, 'ember') +
    shape('M31 25 40.500 30 33 37.500Z', EMBER),

  'pulse-on-a-straw':
    floor() +
    shape(
      'M4 46C16 44 28 45 40 45L70 43C76 43 80 46 84 46C88 46 91 48 91 51S88 56 83 56H50C36 58 18 60 4 58Z',
    ) +
    disc(38, 44, 5, INK, cut(2.2)) +
    line('M38 42 48 8', 4.2) +
    line('M38 42 30 9', 2.4, 'ink', dashes('4 3')) +
    shape(
      'M67 34C60 28 56 24.500 56 19.500C56 15.500 59 13 62 13C64.500 13 66 14.500 67 16.500C68 14.500 69.500 13 72 13C75 13 78 15.500 78 19.500C78 24.500 74 28 67 34Z',
      EMBER,
    ),

  'falling-ruler':
    floor() +
    box(43, 2, 12, 50) +
    line('M43 9H49M43 15H52M43 21H49M43 27H52M43 33H49M43 39H52M43 45H49', 2, 'ground') +
    shape('M4 40C14 38 26 37 38 40C42 41 42 46 38 46.500L24 47V52C16 54 10 54 4 53Z', INK, cut(2)) +
    shape(
      'M92 40C82 38 72 37 60 40C56 41 56 46 60 46.500L74 47V52C82 54 86 54 92 53Z',
      INK,
      cut(2),
    ) +
    shape('M57 24 68 18.500V29.500Z', EMBER) +
    line('M30 8V20M24 12V20', 2.8),
};
