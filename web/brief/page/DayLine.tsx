/** The day as one line: pegs that are dragged, or whose times are typed; what is between them; what setting up takes. */
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import { useFormContext, useWatch } from 'react-hook-form';
import { spreadOut } from '../../../core/ready/dayCord';
import { setUpOf } from '../../../core/ready/setUp';
import { formatClock, parseClock, sayDuration } from '../../../core/time/clock';
import { WordsGap } from '../../parts/formGaps';
import { useWidth } from '../../parts/useWidth';
import { useOpenShow } from '../useShow';

const PEGS = [
  { name: 'arrival', label: 'Arrival', words: 'at the venue', drag: 'Drag when the crew comes' },
  { name: 'doors', label: 'Doors', words: 'let in', drag: 'Drag when people are let in' },
  { name: 'start', label: 'Start', words: 'it begins', drag: 'Drag when it begins' },
  {
    name: 'hardFinish',
    label: 'Hard finish',
    words: 'it must be over',
    drag: 'Drag when it must be over',
  },
] as const;
const BETWEEN = ['carry in, fill, check', 'people come in', 'the show'] as const;

/** Seconds that a peg moves by, and that are kept before the first and after the last. */
const STEP = 300;
const ROOM = 1800;
const LAST = 24 * 3600 - 60;

/** Between two pegs there is room for a time and the words beneath it, px. */
const LABEL = 124;

const isClock = (text: string): boolean => /^([01]\d|2[0-3]):[0-5]\d$/.test(text);

export function DayLine() {
  const { ready, show, foreseen } = useOpenShow();
  const { setValue } = useFormContext();
  const [ref, width] = useWidth();
  const clocks = useWatch({ name: PEGS.map(({ name }) => name) }) as string[];
  const times = clocks.every(isClock) ? clocks.map(parseClock) : null;
  const inOrder = times?.every((time, i) => i === 0 || time >= (times[i - 1] ?? 0)) ? times : null;
  const [first = 0] = inOrder ?? [];
  const last = inOrder?.at(-1) ?? 0;
  const from = Math.max(0, Math.floor((first - ROOM) / STEP) * STEP);
  const until = Math.min(LAST, Math.ceil((last + ROOM) / STEP) * STEP);
  const setUp = setUpOf(ready.checks, parseClock(show.arrival) - parseClock(show.start));
  const isWide = width >= 4 * LABEL;
  const roomy = (seconds: number, least: number): boolean =>
    (width * seconds) / (until - from) >= least;
  const places = spreadOut(
    (inOrder ?? [0, 1, 2, 3]).map((time) => (width * (time - from)) / (until - from)),
    LABEL,
    width - LABEL,
  );
  const share = (time: number): string => `${(100 * (time - from)) / (until - from)}%`;
  return (
    <Box component="section" aria-label="The day">
      <Box
        ref={ref}
        sx={{
          position: 'relative',
          ...(isWide
            ? { height: 52 }
            : { display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }),
        }}
      >
        {PEGS.map(({ name, label, words }, i) => (
          <Box
            key={name}
            sx={{
              font: '700 20px/28px Bricolage',
              ...(isWide && { position: 'absolute', left: places[i], width: LABEL }),
            }}
          >
            <WordsGap name={name} label={label} least={5} />
            <Box
              sx={{
                fontFamily: 'Atkinson',
                fontWeight: 400,
                fontSize: 14,
                lineHeight: '20px',
                color: 'var(--muted)',
              }}
            >
              {words}
            </Box>
          </Box>
        ))}
      </Box>
      {inOrder && isWide && (
        <Box sx={{ position: 'relative', height: 44, mt: 2 }}>
          {inOrder.slice(1).map((time, i) => {
            const begin = inOrder[i] ?? time;
            const isShow = i === 2;
            return (
              <Box
                key={BETWEEN[i]}
                sx={{
                  position: 'absolute',
                  left: share(begin),
                  width: `calc(${share(time)} - ${share(begin)})`,
                  top: 6,
                  height: 32,
                  overflow: 'hidden',
                  whiteSpace: 'nowrap',
                  textAlign: 'center',
                  font: '500 14px/32px Atkinson',
                  border: '1px solid var(--line-strong)',
                  ...(isShow
                    ? { background: 'var(--ink)', color: 'var(--ground)' }
                    : { background: 'var(--card)' }),
                }}
              >
                {roomy(time - begin, 40) && <b>{formatClock(time - begin).replace(/^0/, '')}</b>}{' '}
                {roomy(time - begin, 150) && BETWEEN[i]}
              </Box>
            );
          })}
          <Slider
            value={inOrder}
            min={from}
            max={until}
            step={STEP}
            disableSwap
            track={false}
            getAriaLabel={(i) => PEGS[i]?.drag ?? ''}
            getAriaValueText={(time) => formatClock(time)}
            onChange={(_event, to, moved) => {
              const name = PEGS[moved]?.name;
              const time = Array.isArray(to) ? to[moved] : undefined;
              if (name && time !== undefined)
                setValue(name, formatClock(time), { shouldValidate: true, shouldDirty: true });
            }}
            sx={{
              position: 'absolute',
              top: 0,
              left: 0,
              width: '100%',
              height: 44,
              p: '0 !important',
              '& .MuiSlider-rail': { opacity: 0 },
              '& .MuiSlider-thumb': {
                width: 10,
                height: 40,
                borderRadius: '4px',
                background: 'var(--card)',
                border: '2px solid var(--ink)',
                boxShadow: 'none',
                '&::after': { width: 44, height: 44 },
              },
            }}
          />
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, mt: 1, fontSize: 15 }}>
        {setUp && (
          <span>
            <Box component="b" sx={setUp.spare < 0 ? { color: 'var(--ember)' } : {}}>
              {sayDuration(Math.ceil(setUp.from / 60) * 60)} before the start
            </Box>{' '}
            setting up begins:{' '}
            {setUp.spare < 0
              ? `${sayDuration(Math.ceil(-setUp.spare / 60) * 60)} before the crew is there`
              : `${sayDuration(Math.floor(setUp.spare / 60) * 60)} to spare`}
            .
          </span>
        )}
        {foreseen.ending && <span>{foreseen.ending.headline}.</span>}
      </Box>
    </Box>
  );
}
