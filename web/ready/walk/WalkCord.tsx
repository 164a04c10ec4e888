/** The walk as a cord true to time: a knot for each stop, an arc of what has been seen, and now. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { placeBetween, spreadOut } from '../../../core/ready/dayCord';
import type { GoNoGo } from '../../../core/ready/go';
import { stateOfStop, type Stop } from '../../../core/ready/walk/stops';
import { formatClock, sayDuration } from '../../../core/time/clock';
import { HoldsGlyph } from '../../parts/HoldsGlyph';
import { SeenArc } from '../../parts/SeenArc';
import { PositionMark } from '../../parts/tape';
import { pinked } from '../../parts/tapeShape';
import { useWidth } from '../../parts/useWidth';
import { stopName } from './names';

export interface CordProps {
  stops: readonly Stop[];
  here: Stop | undefined;
  state: GoNoGo;
  /** Seconds of the day at which the show starts, and now; null on another day. */
  start: number;
  now: number | null;
  onTo: (key: string) => void;
}

/** How it stands with a stop, in words. */
const stands = (stop: Stop, state: GoNoGo): string => {
  const { all, left } = stateOfStop(stop, state);
  return all === 0 ? 'the day’s figures' : left === 0 ? `all ${all} seen` : `${left} left`;
};

/** Between two stops there is room for a name and two lines beneath it, px. */
const GAP = 82;
const TOP = 12;

/** From top to bottom, beside the stop that is open. */
export function WalkCord({ stops, here, state, start, now, onTo }: CordProps) {
  const at = [...stops.map(({ from }) => from), 0];
  const [first = 0] = at;
  const height = (at.length - 1) * GAP + 8;
  const toY = (time: number): number => ((time - first) / Math.max(1, -first)) * height;
  const places = spreadOut(at.map(toY), GAP, height);
  const since = now === null ? null : now - start;
  const nowY = since === null ? null : placeBetween(at, places, since);
  const ends = places.at(-1) ?? height;
  return (
    <Box component="nav" aria-label="The walk" sx={{ position: 'relative', height: ends + 44 }}>
      <svg
        width={74}
        height={ends + TOP + 12}
        aria-hidden="true"
        style={{ position: 'absolute', left: 0, top: 0 }}
      >
        <path d={`M58 ${TOP}V${ends + TOP}`} stroke="var(--chore)" strokeWidth={1.5} />
        {nowY !== null && (
          <path d={`M58 ${TOP}V${nowY + TOP}`} stroke="var(--ink)" strokeWidth={2.5} />
        )}
        {stops.map((stop, i) => {
          const { all, left } = stateOfStop(stop, state);
          return <SeenArc key={stop.key} x={58} y={(places[i] ?? 0) + TOP} open={left} all={all} />;
        })}
        <path d={`M48 ${ends + TOP}H68`} stroke="var(--ink)" strokeWidth={4} />
        {nowY !== null && (
          <path d={`M44 ${nowY + TOP}H70`} stroke="var(--ember)" strokeWidth={2.5} />
        )}
      </svg>
      {stops.map((stop, i) => {
        const { holds, wrong } = stateOfStop(stop, state);
        const isHere = stop === here;
        return (
          <ButtonBase
            key={stop.key}
            aria-current={isHere ? 'step' : undefined}
            onClick={() => onTo(stop.key)}
            sx={{
              position: 'absolute',
              top: places[i],
              left: -8,
              right: 0,
              display: 'grid',
              gridTemplateColumns: '50px minmax(0, 1fr)',
              columnGap: '34px',
              pl: 1,
              pb: 0.5,
              textAlign: 'left',
              borderRadius: 1.5,
              alignItems: 'start',
            }}
          >
            <Box component="time" sx={{ font: '600 15px/24px Bricolage', whiteSpace: 'nowrap' }}>
              {formatClock(start + stop.from)}
            </Box>
            <Box sx={{ minWidth: 0 }}>
              <Box
                sx={{
                  display: 'inline-flex',
                  alignItems: 'center',
                  gap: 0.75,
                  font: '600 17px/24px Bricolage',
                  ...(isHere && {
                    background: 'var(--ember-area)',
                    color: 'var(--on-ember)',
                    clipPath: pinked(4, 3),
                    px: 1.25,
                    ml: -1.25,
                  }),
                }}
              >
                {stop.mark && !isHere && <PositionMark shape={stop.mark} size={16} />}
                {stopName(stop)}
              </Box>
              <Box sx={{ fontSize: 13, lineHeight: '18px', color: 'var(--muted)' }}>
                {stands(stop, state)}
                {holds > 0 && (
                  <Box
                    component="b"
                    sx={{
                      display: 'inline-flex',
                      alignItems: 'center',
                      gap: 0.5,
                      ml: 1,
                      color: 'var(--ink)',
                    }}
                  >
                    <HoldsGlyph size={13} label="must be done before the start:" /> {holds}
                  </Box>
                )}
              </Box>
              {wrong > 0 && (
                <Box
                  sx={{ fontSize: 13, lineHeight: '18px', color: 'var(--ember)', fontWeight: 600 }}
                >
                  △ {wrong} not as it should be
                </Box>
              )}
            </Box>
          </ButtonBase>
        );
      })}
      <Box
        sx={{
          position: 'absolute',
          top: ends,
          left: 0,
          display: 'grid',
          gridTemplateColumns: '50px 1fr',
          columnGap: '34px',
          font: '700 16px/24px Bricolage',
        }}
      >
        <time>{formatClock(start)}</time> Start
      </Box>
      {nowY !== null && now !== null && (
        <Box
          sx={{
            position: 'absolute',
            top: nowY + TOP - 10,
            left: 0,
            font: '700 14px/20px Bricolage',
            color: 'var(--ember)',
            background: 'var(--ground)',
            pr: 0.5,
          }}
        >
          {formatClock(now)}
        </Box>
      )}
    </Box>
  );
}

const LINE = { height: 78, y: 30, edge: 16, gap: 40 } as const;

/** From left to right, above it, on a phone: every knot is big enough for a thumb. */
export function WalkLine({ stops, here, state, start, now, onTo }: CordProps) {
  const [box, width] = useWidth();
  const at = [...stops.map(({ from }) => from), 0];
  const [first = 0] = at;
  const room = Math.max(0, width - 2 * LINE.edge);
  const places = spreadOut(
    at.map((time) => ((time - first) / Math.max(1, -first)) * room),
    LINE.gap,
    room,
  ).map((x) => x + LINE.edge);
  const since = now === null ? null : now - start;
  const nowX = since === null ? null : placeBetween(at, places, since);
  const ends = places.at(-1) ?? 0;
  return (
    <Box
      ref={box}
      component="nav"
      aria-label="The walk"
      sx={{ position: 'relative', height: LINE.height }}
    >
      <svg width={width} height={LINE.height} aria-hidden="true" style={{ position: 'absolute' }}>
        <path d={`M${LINE.edge} ${LINE.y}H${ends}`} stroke="var(--chore)" strokeWidth={1.5} />
        {nowX !== null && (
          <path d={`M${LINE.edge} ${LINE.y}H${nowX}`} stroke="var(--ink)" strokeWidth={2.5} />
        )}
        {stops.map((stop, i) => {
          const { all, left } = stateOfStop(stop, state);
          return <SeenArc key={stop.key} x={places[i] ?? 0} y={LINE.y} open={left} all={all} />;
        })}
        <path d={`M${ends} ${LINE.y - 9}v18`} stroke="var(--ink)" strokeWidth={4} />
        {nowX !== null && (
          <path d={`M${nowX} ${LINE.y - 16}v32`} stroke="var(--ember)" strokeWidth={2.5} />
        )}
      </svg>
      {stops.map((stop, i) => {
        const isHere = stop === here;
        const { left, holds } = stateOfStop(stop, state);
        const half = Math.min(22, (places[1] ?? LINE.gap) / 2);
        return (
          <ButtonBase
            key={stop.key}
            aria-current={isHere ? 'step' : undefined}
            aria-label={`${stopName(stop)}, ${formatClock(start + stop.from)}, ${stands(stop, state)}${left > 0 && holds > 0 ? `, ${holds} must be done before the start` : ''}`}
            onClick={() => onTo(stop.key)}
            sx={{
              position: 'absolute',
              left: (places[i] ?? 0) - half,
              width: half * 2,
              top: LINE.y - 22,
              height: LINE.height - LINE.y + 18,
              flexDirection: 'column',
              justifyContent: 'flex-end',
              font: '600 12px/16px Bricolage',
              fontStretch: '80%',
              pb: 0.5,
            }}
          >
            {stop.mark ? (
              <PositionMark shape={stop.mark} size={16} />
            ) : (
              <span>{SHORT[stop.kind]}</span>
            )}
            <Box
              sx={{
                mt: 0.5,
                height: 5,
                width: 26,
                background: isHere ? 'var(--ember-area)' : 'transparent',
                clipPath: pinked(1, 2),
              }}
            />
          </ButtonBase>
        );
      })}
      {nowX !== null && now !== null && (
        <Box
          sx={{
            position: 'absolute',
            left: Math.max(0, nowX - 22),
            top: -4,
            font: '700 13px/16px Bricolage',
            color: 'var(--ember)',
          }}
        >
          {formatClock(now)}
        </Box>
      )}
    </Box>
  );
}

const SHORT: Readonly<Record<Stop['kind'], string>> = {
  arrival: 'Arrive',
  place: 'Place',
  crew: 'Crew',
  doors: 'Doors',
  last: '5 min',
};

/** “49 min to the start”; nothing on another day, and once it has begun. */
export const toStart = (now: number | null, start: number): string | null =>
  now === null || now >= start
    ? null
    : `${sayDuration(Math.round((start - now) / 60) * 60)} to the start`;
