/** A place as it looks from the front row: dashed until it has been looked at, ember where something is wrong. */
import Box from '@mui/material/Box';
import type { NumberedThing, Seen, StandGroup } from '../../../core/ready/walk/things';
import type { MarkShape } from '../../../core/brief/types';
import { Tape } from '../../parts/tape';
import { tapeFill } from '../../parts/tapeShape';
import { thingShape } from '../../parts/thingShapes';

interface ElevationProps {
  label: string;
  groups: readonly StandGroup[];
  mark: MarkShape | null;
  /** Of a thing: looked at, not yet, or not as it should be. */
  seenOf: (thing: NumberedThing) => Seen;
}

/** Pixels to a unit of a shape: of what stands here, and of what waits in the wings. */
const SCALE = { stands: 2.1, waits: 1.1 } as const;
/** More than these side by side, and their names would run into each other; the rows beneath have them. */
const NAMED = 9;
/** Copies that are drawn of what is counted. */
const MOST = 3;
const STEP = 0.55;

function Figure({ thing, seen, scale }: { thing: NumberedThing; seen: Seen; scale: number }) {
  const shape = thingShape(thing.name);
  const copies = Math.min(MOST, thing.count);
  const width = shape.width * (1 + (copies - 1) * STEP) + 2;
  const stroke = seen === 'wrong' ? 'var(--ember)' : 'var(--ink)';
  const dashed = seen === 'seen' ? undefined : '3 2.5';
  return (
    <svg
      width={width * scale}
      height={(shape.height + 2) * scale}
      viewBox={`-1 ${-shape.height - 1} ${width} ${shape.height + 1.5}`}
      aria-hidden="true"
      style={{ display: 'block', maxWidth: '100%' }}
    >
      {Array.from({ length: copies }, (_, i) => (
        <g key={i} transform={`translate(${i * shape.width * STEP} 0)`}>
          <path
            d={shape.body}
            fill={seen === 'seen' ? 'var(--person-on-stage)' : 'var(--card)'}
            stroke={stroke}
            strokeWidth={1.4}
            strokeDasharray={dashed}
            strokeLinejoin="round"
            vectorEffect="non-scaling-stroke"
          />
          {shape.lines && (
            <path
              d={shape.lines}
              fill="none"
              stroke={stroke}
              strokeWidth={1.2}
              vectorEffect="non-scaling-stroke"
            />
          )}
        </g>
      ))}
    </svg>
  );
}

const Number = ({ n, seen }: { n: number; seen: Seen }) => (
  <Box
    component="span"
    sx={{
      display: 'grid',
      placeItems: 'center',
      minWidth: 24,
      height: 24,
      borderRadius: 12,
      font: '700 14px Bricolage',
      border: `1.5px solid ${seen === 'wrong' ? 'var(--ember)' : 'var(--ink)'}`,
      ...(seen === 'seen'
        ? { background: 'var(--ink)', color: 'var(--ground)' }
        : { color: seen === 'wrong' ? 'var(--ember)' : 'var(--ink)' }),
    }}
  >
    {n}
  </Box>
);

interface GroupProps {
  group: StandGroup;
  mark: MarkShape | null;
  seenOf: ElevationProps['seenOf'];
}

/** What one demonstration has here, under a brace with its number; on the table, or smaller and dashed in the wings. */
function Group({ group, mark, seenOf }: GroupProps) {
  const { laidReady, things } = group;
  const isNamed = !laidReady && things.length <= NAMED;
  return (
    <Box sx={{ flex: `${things.length} 1 0`, minWidth: laidReady ? 130 : 'min(100%, 200px)' }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, px: 1, minHeight: 22 }}>
        <Tape width={24} height={18} fill={tapeFill(mark)} size={12}>
          {group.number}
        </Tape>
        <Box
          component="b"
          sx={{ font: '600 13px/16px Bricolage', fontStretch: '85%', minWidth: 0 }}
        >
          {group.demoName}
          {laidReady && (
            <Box component="span" sx={{ fontWeight: 400, color: 'var(--muted)' }}>
              , in the wings
            </Box>
          )}
        </Box>
      </Box>
      <Box
        sx={{
          height: 5,
          mx: 1,
          mb: 0.5,
          border: '1px solid var(--line-strong)',
          borderBottom: 0,
        }}
      />
      <Box
        sx={{
          display: 'flex',
          flexWrap: { xs: 'wrap', sm: laidReady ? 'wrap' : 'nowrap' },
          alignItems: 'flex-end',
          justifyContent: 'space-around',
          gap: 0.5,
          px: 0.5,
          borderBottom: `${laidReady ? '2px dashed' : '3px solid'} var(--ink)`,
        }}
      >
        {things.map((thing) => {
          const seen = seenOf(thing);
          return (
            <Box
              key={thing.itemId}
              sx={{
                display: 'flex',
                flexDirection: 'column',
                alignItems: 'center',
                gap: 0.5,
                minWidth: 26,
                maxWidth: 96,
              }}
            >
              {isNamed && (
                <Box
                  component="span"
                  sx={{
                    display: { xs: 'none', sm: 'block' },
                    font: '500 12px/13px Bricolage',
                    fontStretch: '75%',
                    textAlign: 'center',
                  }}
                >
                  {thing.name}
                </Box>
              )}
              <Number n={thing.n} seen={seen} />
              <Figure thing={thing} seen={seen} scale={laidReady ? SCALE.waits : SCALE.stands} />
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}

/** What stands here in one row, what is laid ready in another. */
export function Elevation({ label, groups, mark, seenOf }: ElevationProps) {
  const drawn = groups.filter(({ things }) => things.length > 0);
  const rows = [drawn.filter((one) => !one.laidReady), drawn.filter((one) => one.laidReady)];
  if (drawn.length === 0) return null;
  return (
    <Box component="figure" aria-label={label} sx={{ m: 0, display: 'grid', rowGap: 1.5 }}>
      {rows.map(
        (row, i) =>
          row.length > 0 && (
            <Box
              key={i}
              sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'flex-end', rowGap: 1.5 }}
            >
              {row.map((group) => (
                <Group key={group.slotId} group={group} mark={mark} seenOf={seenOf} />
              ))}
            </Box>
          ),
      )}
    </Box>
  );
}
