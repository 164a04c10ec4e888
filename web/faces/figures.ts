/** Figures of demonstrations, each by the id that the library knows it by. */
import {
  balloonShape,
  box,
  burst,
  cut,
  disc,
  discs,
  EMBER,
  floor,
  GROUND,
  INK,
  line,
  moved,
  pinkedDisc,
  shape,
  stemGlass,
  tape,
  turned,
} from './draw';

const fork = shape(
  'M-1-7.200H19V-4.800H5V-1.200H19V1.200H5V4.800H19V7.200H-1C-8 7.200-10 3-14 2.100L-36 3.600C-40.500 3.600-40.500-3.600-36-3.600L-14-2.100C-10-3-8-7.200-1-7.200Z',
);

export const FIGURES: Readonly<Record<string, string>> = {
  'balancing-forks':
    floor() +
    stemGlass(48, 36, 13, 15, 64) +
    shape('M38 40H58L57 43.500H39.500Z', GROUND) +
    moved(fork, 33, 19.5, 'rotate(-40)') +
    moved(fork, 63, 19.5, 'scale(-1 1) rotate(-40)') +
    shape('M48 20.500 56 34H40Z', EMBER, cut(3.5)),
  'floating-ball':
    floor() +
    shape('M25 42 36 64H24L13.500 45Z') +
    turned(
      shape('M8 31H34L46 34.500V46.500L34 50H12C4 50 2 31 8 31Z') +
        shape('M38 32V49', '', 'stroke="var(--face-ground)" stroke-width="2.4"') +
        shape('M14 36V45M19 36V45', '', 'stroke="var(--face-ground)" stroke-width="2.4"'),
      -30,
      26,
      42,
    ) +
    line(
      'M48 24C55 20 60 19 66 21M50.500 29.500C57 26 62 26 67 29M45 18C51 13.500 56 12 61.500 13',
      2.8,
      'ink',
      'transform="translate(1 1)"',
    ) +
    disc(78, 18, 12) +
    line(
      'M63.800 13A15.500 15.500 0 0 0 71.500 32',
      3.2,
      'ember',
      'transform="translate(-.5 -.5)"',
    ),
  'filling-balloon':
    floor() +
    shape('M42 38H54V44C63 47 65 52 65 58V64H31V58C31 52 33 47 42 44Z') +
    shape('M35 56C40 53.500 44 58 48 56S57 53.500 61 56V60.500H35Z', GROUND) +
    disc(42, 50, 2, EMBER) +
    disc(50, 47.5, 2.4, EMBER) +
    disc(55, 51.5, 1.8, EMBER) +
    shape(balloonShape(48, 19, 19, 17)) +
    shape('M40.500 34.500H55.500V39.500H40.500Z', INK, cut(2.2)) +
    line('M37 20C37 12.500 41 8.500 46 8', 3, 'ground') +
    line('M22 9 27.500 13M19 22H26M74 9 68.500 13M77 22H70', 2.8),
  'blue-ghost':
    floor() +
    shape(
      'M37.500 1H58.500V5.500H56V17C66 20 71 26 71 33V60A4 4 0 0 1 67 64H29A4 4 0 0 1 25 60V33C25 26 30 20 40 17V5.500H37.500Z',
    ) +
    shape('M44 5.500H52V20C62 22.500 67 28 67 34V60H29V34C29 28 34 22.500 44 20Z', GROUND) +
    shape(
      'M29 37C32 36 34 33 35 28C38 30 39.500 32 40 35C43.500 31 46 25 45.500 16C50 20 52.500 27 53.500 34C55 32 57 30 57.500 26.500C61 30 64 36 67 37V40C63 45.500 56 48 48 48S33 45.500 29 40Z',
      EMBER,
    ) +
    shape(
      'M37 40C41 39.500 43.500 37 44.500 33.500C47 36 48 37.500 48.500 40C50.500 39 52 38 53 36C54.500 39 57 40 59 40.200C56 42.500 52 43.500 48 43.500S40 42.500 37 40Z',
      GROUND,
    ) +
    shape('M46.300 50.500H49.700V53.500H53L48 59 43 53.500H46.300Z'),
  'bottle-launch':
    floor() +
    shape('M20 64 31 50 42 64H36L31 57.500 26 64Z') +
    turned(
      shape(
        'M25 5C25-1 28-4 31-3C33-5 37-5 39-3C42-4 45-1 45 5V23C45 28 39 30 38.500 35V38H31.500V35C31 30 25 28 25 23Z',
      ) +
        shape('M24 8H46V17.500H24Z', GROUND) +
        shape('M25 10H45V15.500H25Z') +
        shape('M24 21 16 33V38L26 32.500ZM46 21 54 33V38L44 32.500Z', INK, cut(2)) +
        shape('M30 40.500H40L42.500 57 37.500 52 35 62 31.500 52.500 27 57.500Z', EMBER),
      32,
      31,
      60,
    ) +
    line('M66 44 71 51M73 38 80 44M18 44 12 41M56 54 58 60', 2.8),
  'cabbage-colours':
    floor() +
    [16, 39, 62]
      .map((x) => shape(`M${x} 30H${x + 18}V60A4 4 0 0 1 ${x + 14} 64H${x + 4}A4 4 0 0 1 ${x} 60Z`))
      .join('') +
    [16, 39, 62].map((x) => box(x + 3, 30, 12, 8, GROUND)).join('') +
    line('M42 57 54 45M42 49 50 41M46 61 54 53', 2.6, 'ground') +
    discs(
      [
        [67, 44, 1.9],
        [74, 44, 1.9],
        [70.5, 50, 1.9],
        [67, 56, 1.9],
        [74, 56, 1.9],
      ],
      GROUND,
    ) +
    shape(
      'M48 8C51.500 13.500 54 16.500 54 20A6 6 0 0 1 42 20C42 16.500 44.500 13.500 48 8Z',
      EMBER,
    ) +
    shape(
      'M25 12C27.500 16 29 18 29 20.500A4 4 0 0 1 21 20.500C21 18 22.500 16 25 12ZM71 12C73.500 16 75 18 75 20.500A4 4 0 0 1 67 20.500C67 18 68.500 16 71 12Z',
    ),
  'rolling-can':
    floor() +
    shape('M17 36H44A8 14 0 0 1 44 64H17A8 14 0 0 1 17 36Z') +
    `<ellipse cx="43" cy="50" rx="8" ry="14" ${INK} ${cut(2.5)}/><ellipse cx="43" cy="50" rx="4" ry="8.500" fill="none" stroke="var(--face-ground)" stroke-width="2.4"/>` +
    shape(balloonShape(74, 32, 13, 15)) +
    shape('M71.500 46H76.500L79 51H69Z') +
    line('M66.500 32C66.500 26 69 23 72.500 22', 2.6, 'ground') +
    line('M74 51C74 56 70 58 71 63', 2.2) +
    shape(
      'M53 31H57.500V26.500H60.500V31H65V34H60.500V38.500H57.500V34H53Z',
      EMBER,
      'transform="translate(-3.500 -7)"',
    ) +
    line('M14 26C21 21 29 20 37 22', 3) +
    shape('M35 16.500 43.500 24 33.500 27.500Z'),
  'cloud-burst':
    floor() +
    shape(
      'M40 25H56V31C65 34 69 39 69 45V60A4 4 0 0 1 65 64H31A4 4 0 0 1 27 60V45C27 39 31 34 40 31Z',
    ) +
    shape(
      'M35 57A6 6 0 0 1 34.500 46A8 8 0 0 1 46 39.500A9 9 0 0 1 59.500 45A6 6 0 0 1 60.500 57Z',
      GROUND,
    ) +
    shape('M41.500 4H54.500L52.500 13H43.500Z', INK) +
    shape('M48 15.500 51 21.500 60 16 56.500 23.500H39.500L36 16 45 21.500Z', EMBER) +
    shape(
      'M29 22.500 22 18.500M67 22.500 74 18.500',
      '',
      'stroke="var(--face-ember)" stroke-width="3"',
    ),
  'cold-flower':
    floor() +
    [-92, -137, -182, -227, -268]
      .map(
        (a) =>
          `<ellipse cx="15" cy="0" rx="9.500" ry="6.200" ${INK} ${cut(2.6)} transform="translate(38 26) rotate(${a})"/>`,
      )
      .join('') +
    shape('M40 1V48H64V1Z', GROUND) +
    disc(38, 26, 6.8, INK, cut(2.6)) +
    shape('M40.800 17V35H50V17Z', GROUND) +
    shape(
      'M52 4 64 2 63 15.500 53 17Z M69 9 81 4.500 83 15.500 70 19Z M54 23 67 23.500 64.500 35 55 33.500Z M74 25 85.500 24.500 82.500 35 73.500 33Z M56 40 66 41 62.500 50 55.500 48Z M71 42 80 41 80 51 71.500 52.500Z M58 56 66 55.500 65 62 58.500 62.500Z M76 58 84 57.500 83.500 63H77Z',
    ) +
    line('M36.500 51C36.500 56 37.500 60 37.500 64', 4) +
    shape('M36.500 63C26 63 20 57 18.500 49.500C28 49.500 34.500 54 36.500 63Z') +
    line('M44.500 1 41.500 9.500 48.500 16 42.500 25 48.500 33 43 40 46.500 47', 3.2, 'ember'),
  'crushed-can':
    floor() +
    shape(
      'M36 8H60L63 12V17L58.500 20.500C61 27 52.500 30.500 55.500 35.500C58 40 62.500 42 58.500 47.500C57 50 60 54 60.500 56.500L63 60V64H33V60L36 56.500C37 52 42.500 51 39.500 45.500C37.500 42 42 38.500 38.500 34C35.500 30 40.500 26 37.500 20.500L33 17V12Z',
    ) +
    shape('M47 3.500H55.500A1.800 1.800 0 0 1 55.500 8H47Z') +
    line('M34 15.800H62M36 58H60', 2.4, 'ground') +
    line('M43.500 21 47.500 26 55 23.500M41.500 52.500 48 49 54.500 53.500', 2.6, 'ground') +
    shape(
      'M9 30.500H18.500V24L33 37.500 18.500 51V44.500H9Z M88 30.500H78V24L63 37.500 78 51V44.500H88Z',
      INK,
    ) +
    line('M38 33 43.500 38 47 32.500 51.500 41 55.500 35.500 58.500 42', 3.4, 'ember', cut(0)),
  'foam-fountain':
    floor() +
    shape('M41 44H55V48L66 61A2 2 0 0 1 64.500 64H31.500A2 2 0 0 1 30 61L41 48Z') +
    discs([
      [48, 16, 10],
      [38, 22, 8],
      [58, 22, 8],
      [48, 30, 12],
      [32, 32, 7.5],
      [64, 32, 7.5],
      [27, 42, 6.5],
      [69, 42, 6.5],
      [24.5, 51.5, 4.5],
      [71.5, 51.5, 4.5],
      [40, 36, 6],
      [56, 36, 6],
    ]) +
    box(39.5, 41.5, 17, 2.6, GROUND) +
    discs(
      [
        [44, 17, 2.6],
        [53, 22, 3.4],
        [39.5, 27, 2.8],
        [48.5, 31, 2.6],
        [60, 31, 2.4],
        [31.5, 36, 2.2],
        [67.5, 41, 2],
      ],
      GROUND,
    ) +
    disc(33, 8.5, 2.6, EMBER) +
    disc(64, 8, 3, EMBER) +
    disc(72, 17, 2.2, EMBER) +
    disc(25, 19, 2.2, EMBER) +
    disc(55, 2.8, 2, EMBER),
  'long-pendulum':
    floor() +
    shape(tape(22, 1, 56, 6)) +
    line('M50 7 29 42', 2.8) +
    disc(25.5, 47.5, 10.5) +
    line('M21 44C21.500 42 23 41 25 40.800', 2.4, 'ground') +
    line('M50 9V48', 2.2, 'ink', 'stroke-dasharray="3 4"') +
    line('M52 10 71 38', 2.2, 'ink', 'stroke-dasharray="3 4"') +
    moved(
      disc(0, 0, 7.5) +
        shape('M-9 27V17C-9 12 -6 10 0 10S11 12 11 17V27Z') +
        shape('M-10.500 1.500-6.500-2V4.500Z'),
      79,
      37,
    ) +
    shape(burst(64.5, 38.5, 6, 2.2, 4), EMBER),
  'sheet-race':
    floor(10, 76) +
    [0, 1, 2]
      .map(
        (i) =>
          turned(shape(tape(9, 17 + i * 17, 80, 5)), 11, 48, 20 + i * 17) +
          turned(
            moved(
              box(0, 0, 14, 9.5, i === 2 ? EMBER : INK, 1.5) + box(5.8, 0, 2.4, 9.5, GROUND),
              [16, 38, 66][i] ?? 0,
              17 + i * 17 - 11,
            ),
            11,
            48,
            20 + i * 17,
          ),
      )
      .join(''),
  'relit-candle':
    floor() +
    shape('M27 40C31 37.500 35 42 39 39S45 40 47 40V64H27Z') +
    line('M37 41V34', 3) +
    shape('M32.500 45V55', '', 'stroke="var(--face-ground)" stroke-width="2.6"') +
    line('M37 31.500C30 27 45 24.500 38 18.500', 3, 'ink', 'stroke-dasharray="5 2.600"') +
    shape(
      'M45.500 0C46.500 6 51.500 8 51 13C50.700 16.500 47.500 18.500 44.500 18.200C41 18 38.500 15.500 39 11.500C39.300 8.500 41.500 8 41.500 4.500C43 5.500 43.500 6.500 43.800 8C45 6 45.800 3 45.500 0Z',
      EMBER,
    ) +
    shape('M49.500 20.500 54 14.500 88 33.500 85 39.500Z', INK, cut(2.5)) +
    shape('M21.500 18H26.500V27.500H31L24 35.500 17 27.500H21.500Z', INK),
  'shrinking-balloon':
    floor() +
    shape('M24 52H72L69 61.500A4 4 0 0 1 65 64H31A4 4 0 0 1 27 61.500Z') +
    line('M31 58C35 55 39 61 43 58S51 55 55 58S62 61 66 57.500', 2.4, 'ground') +
    `<path d="M40 46.500C22 41 18 2 48 2S74 41 56 46.500" fill="none" stroke="currentColor" stroke-width="2.8" stroke-dasharray="5.200 3.800"/>` +
    shape(pinkedDisc(48, 31, 9.5, 10, 1.6)) +
    shape('M46 39H50L52.500 48H43.500Z') +
    shape(
      'M31 25.500 37.500 31 31 36.500ZM65 25.500 58.500 31 65 36.500ZM42.500 11.500 48 18 53.500 11.500Z',
      EMBER,
    ),
  'singing-glasses':
    floor() +
    stemGlass(34, 26, 15, 22, 64) +
    stemGlass(69, 34, 11, 17, 64) +
    shape(
      'M22.500 29.500H45.500C45.200 32 44.800 34 43.800 36H24.200C23.200 34 22.800 32 22.500 29.500Z',
      GROUND,
    ) +
    shape('M60.500 37H77.500L76.500 42.500H61.500Z', GROUND) +
    shape(
      'M45.500 23.500C42 23.500 41 19.500 44.500 17.500L66 5.500H84V16H66L50.500 22.500C48.500 23.300 47 23.500 45.500 23.500Z',
      INK,
      cut(2),
    ) +
    line('M76 5V16.500', 2.4, 'ground') +
    line('M14.500 20A15 15 0 0 0 14.500 37M8 16A23 23 0 0 0 8 41', 3, 'ember'),
  'slow-falling-magnet':
    floor() +
    box(20, 4, 6.5, 60) +
    box(47.5, 4, 6.5, 60) +
    box(30, 30, 14, 15, INK, 2) +
    box(30, 36, 14, 3, GROUND) +
    line('M37 6V12M37 17V24', 3) +
    line('M15 29C10 34.500 10 40.500 15 46M59 29C64 34.500 64 40.500 59 46', 3.4, 'ember') +
    box(71, 49, 14, 15, INK, 2) +
    box(71, 55, 14, 3, GROUND) +
    line('M78 4V22M78 27V36M78 40V45', 3),
  'smoke-ring-drum':
    floor() +
    shape('M20 20 42 16V62L20 58Z') +
    `<ellipse cx="42" cy="39" rx="8" ry="23" ${INK} ${cut(2.5)}/><ellipse cx="42.500" cy="39" rx="3.200" ry="8" ${GROUND}/>` +
    shape('M22 60 18 66H26L28 61ZM36 62.500 38 66H46L44 63.500Z') +
    shape(burst(12, 39, 9.5, 4, 6, 0.3), EMBER, cut(2)) +
    `<ellipse cx="63" cy="34" rx="6" ry="15" fill="none" stroke="currentColor" stroke-width="5.500"/><ellipse cx="83" cy="30" rx="4.500" ry="11" fill="none" stroke="currentColor" stroke-width="3.600"/>`,
  'spinning-stool':
    floor() +
    shape('M33 42H63V47H33Z') +
    box(45.5, 47, 5, 12) +
    shape('M45.500 57H50.500L66 62V64H30V62Z') +
    disc(48, 9, 7.2) +
    shape('M38 40.500V26C38 20.500 41.500 18 48 18S58 20.500 58 26V40.500Z') +
    box(35.5, 27.5, 25, 6.6, INK, 3.3, cut(2.4)) +
    line('M30 27C17 30 16 37 27 40.500', 3.4, 'ember') +
    shape('M24.500 35.500 34.500 42 24.500 46.500Z', EMBER) +
    line('M66 41C79 38 80 31 69 27.500', 3.4, 'ember') +
    shape('M71.500 32.500 61.500 26 71.500 21.500Z', EMBER),
  'static-dome':
    floor() +
    disc(36, 22, 19.5) +
    box(31.5, 43.8, 9, 13) +
    shape('M24 64V60A5 5 0 0 1 29 55.800H43A5 5 0 0 1 48 60V64Z') +
    box(22, 21, 28, 2.4, GROUND, 0, 'opacity="0"') +
    line('M24 22C24 15 28.500 10.500 34 10', 3, 'ground') +
    box(15, 27.5, 42, 2.2, GROUND) +
    shape('M58 19 64 14.500 66 19 75 15.500 68 24.500 65.500 20.800Z', EMBER) +
    disc(81, 15, 6.5) +
    line('M81 21V64', 3.6) +
    shape('M73 64H89V61H73Z'),
};
