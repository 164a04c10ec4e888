/** A show, drawn to time: a piece of tape for each demonstration, ten evenings like it as dots, the hard finish. */
import Box from '@mui/material/Box';
import type { ShowBundle } from '../../core/brief/types';
import { evenings, stackDots } from '../../core/lineup/forecast/dots';
import { resolveSlots } from '../../core/lineup/fromBundle';
import type { Timeline } from '../../core/lineup/types';
import { formatDuration } from '../../core/time/clock';
import { TapedFace } from '../faces/Face';
import { useWidth } from '../parts/useWidth';
import { PositionMark } from '../parts/tape';
import type { Foreseen } from '../lineup/useForecast';

const HEIGHT = 64;
const TOP = 44;
const DOT = 3;
/** Evenings that are drawn. */
const EVENINGS = 10;

interface StripProps {
  bundle: ShowBundle;
  timeline: Timeline;
  foreseen: Foreseen | null;
  /** What it is, for who does not see it. */
  label?: string;
  /** Its slots by name beneath it. */
  named?: boolean;
  /** What stands at the hard finish. */
  finish?: string;
}

export function ProposedStrip({
  bundle,
  timeline,
  foreseen,
  label = 'Proposed order',
  named = true,
  finish,
}: StripProps) {
  const [box, width] = useWidth();
  const slots = resolveSlots(bundle);
  const { hardFinish } = timeline;
  const drawn = evenings(foreseen?.forecast?.dots ?? [], EVENINGS);
  const longest = Math.max(hardFinish, timeline.end, ...drawn) * 1.03;
  const x = (seconds: number): number => (seconds / longest) * Math.max(0, width - 2);
  const dots = stackDots(drawn, hardFinish, (DOT * 2.6) / Math.max(1e-9, x(1)));
  const names = slots.map(({ demo }) => demo.name);
  return (
    <Box ref={box} sx={{ width: '100%', minHeight: TOP + HEIGHT }}>
      <svg
        width={width}
        height={TOP + HEIGHT + 22}
        role="img"
        aria-label={`${label}: ${names.join(', ')}`}
        style={{ display: 'block' }}
      >
        <path
          d={`M0 ${TOP + HEIGHT / 2}H${x(hardFinish)}`}
          stroke="var(--line-strong)"
          strokeWidth={2}
        />
        {timeline.blocks.map(({ slot, start, end }) => {
          const found = slots.find((one) => one.slot.id === slot);
          if (!found) return null;
          return (
            <TapedFace
              key={slot}
              face={found.demo.face}
              words={`${found.demo.name} ${found.demo.hook}`}
              x={x(start)}
              y={TOP}
              width={Math.max(6, x(end) - x(start) - 2)}
              height={HEIGHT}
              mark={found.position?.mark ?? null}
            />
          );
        })}
        <path
          d={`M${x(hardFinish)} ${TOP - 14}V${TOP + HEIGHT + 4}`}
          stroke="var(--ink)"
          strokeWidth={2}
        />
        <text
          x={x(hardFinish)}
          y={TOP + HEIGHT + 18}
          textAnchor="end"
          fontSize={13}
          fill="var(--ink)"
        >
          {finish ?? formatDuration(hardFinish)}
        </text>
        {dots.map(({ at, level, late }, i) => (
          <circle
            key={i}
            cx={x(at)}
            cy={TOP - 8 - level * DOT * 2.6}
            r={late ? DOT - 0.4 : DOT}
            fill={late ? 'none' : 'var(--ink)'}
            stroke={late ? 'var(--ember)' : 'none'}
            strokeWidth={1.6}
          />
        ))}
      </svg>
      {named && (
        <Box
          component="ol"
          sx={{
            listStyle: 'none',
            p: 0,
            m: 0,
            mt: 1,
            display: 'grid',
            gap: 1,
            gridTemplateColumns: 'repeat(auto-fill, minmax(112px, 1fr))',
          }}
        >
          {slots.map(({ slot, demo, position }, i) => {
            const block = timeline.blocks.find((one) => one.slot === slot.id);
            return (
              <Box component="li" key={slot.id} sx={{ fontSize: 13, lineHeight: '17px' }}>
                <Box component="b" sx={{ fontFamily: 'Bricolage', fontStretch: '85%' }}>
                  {i + 1} {demo.name}
                </Box>
                <Box
                  sx={{ display: 'flex', alignItems: 'center', gap: 0.75, color: 'var(--muted)' }}
                >
                  {position && <PositionMark shape={position.mark} size={14} />}
                  {block && formatDuration(block.end - block.start)}
                </Box>
              </Box>
            );
          })}
        </Box>
      )}
    </Box>
  );
}
