/** A show, drawn to time: a piece of tape for each demonstration, ten evenings like it as dots, the hard finish. */
import Box from '@mui/material/Box';
import type { ShowBundle } from '../../core/brief/types';
import { evenings, stackDots } from '../../core/lineup/forecast/dots';
import { type ResolvedSlot, resolveSlots } from '../../core/lineup/fromBundle';
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

/** A name beneath its tape has at least this much room, else all of them are listed. */
const NAME = 92;
/** Seconds between two that are told. */
const TOLD_GAP = 10;

/** Where the next one begins; the last one has its own length, and what is behind it. */
const roomOf = (blocks: Timeline['blocks'], i: number): number =>
  blocks[i + 1]?.start ?? blocks[i]?.end ?? 0;

interface NamesProps {
  slots: readonly ResolvedSlot[];
  timeline: Timeline;
  x: (seconds: number) => number;
  isRoomy: boolean;
}

/** What each piece of tape is: beneath it where there is room, else one after another. */
function SlotNames({ slots, timeline, x, isRoomy }: NamesProps) {
  return (
    <Box
      component="ol"
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        mt: isRoomy ? 0 : 1,
        ...(isRoomy
          ? { position: 'relative', height: 56, mt: -1.5 }
          : {
              display: 'grid',
              gap: 0.75,
              gridTemplateColumns: 'repeat(auto-fill, minmax(90px, 1fr))',
            }),
      }}
    >
      {slots.map(({ slot, demo, position }, i) => {
        const block = timeline.blocks.find((one) => one.slot === slot.id);
        const next = timeline.blocks.find((one) => one.slot === slots[i + 1]?.slot.id);
        return (
          <Box
            component="li"
            key={slot.id}
            sx={{
              fontSize: 13,
              lineHeight: '17px',
              ...(isRoomy &&
                block && {
                  position: 'absolute',
                  left: x(block.start),
                  width: x((next?.start ?? block.end) - block.start) - 6,
                }),
            }}
          >
            <Box component="b" sx={{ fontFamily: 'Bricolage', fontStretch: '85%' }}>
              {i + 1} {demo.name}
            </Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, color: 'var(--muted)' }}>
              {position && <PositionMark shape={position.mark} size={14} />}
              {block && formatDuration(block.end - block.start)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}

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
  /** Of what was asked before: another one is on its way. */
  isOld?: boolean;
}

export function ProposedStrip({
  bundle,
  timeline,
  foreseen,
  label = 'Proposed order',
  named = true,
  finish,
  isOld = false,
}: StripProps) {
  const [box, width] = useWidth();
  const slots = resolveSlots(bundle);
  const { hardFinish } = timeline;
  const drawn = evenings(foreseen?.forecast?.dots ?? [], EVENINGS);
  const longest = Math.max(hardFinish, timeline.end, ...drawn) * 1.03;
  const x = (seconds: number): number => (seconds / longest) * Math.max(0, width - 2);
  const dots = stackDots(drawn, hardFinish, (DOT * 2.6) / Math.max(1e-9, x(1)));
  const names = slots.map(({ demo }) => demo.name);
  const blocks = timeline.blocks.toSorted((a, b) => a.start - b.start);
  const isRoomy = named && blocks.every((block, i) => x(roomOf(blocks, i) - block.start) >= NAME);
  return (
    <Box ref={box} sx={{ width: '100%', minHeight: TOP + HEIGHT }}>
      <svg
        width={width}
        height={TOP + HEIGHT + 22}
        role="img"
        aria-label={`${label}: ${names.join(', ')}`}
        style={{ display: 'block', opacity: isOld ? 0.5 : 1 }}
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
        {isRoomy &&
          blocks.slice(1).map(({ slot, start }, i) => {
            const gap = start - (blocks[i]?.end ?? start);
            return gap < TOLD_GAP ? null : (
              <text
                key={slot}
                x={x(start - gap / 2)}
                y={TOP - 8}
                textAnchor="middle"
                fontSize={13}
                fill="var(--muted)"
              >
                {formatDuration(gap)}
              </text>
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
      {named && <SlotNames slots={slots} timeline={timeline} x={x} isRoomy={isRoomy} />}
    </Box>
  );
}
