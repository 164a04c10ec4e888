/** A show’s line-up as faces on tape, one after another, up to its hard finish. */
import Box from '@mui/material/Box';
import type { ShowSummary } from '../../contract/api';
import { counted } from '../../core/words';
import { useDemos } from '../app/data';
import { TapedFace } from '../faces/Face';

const HEIGHT = 46;
const PIECE = 50;
const TALK = 26;
/** A line-up that is longer than this goes on in smaller pieces. */
const WIDTH = 400;

interface TapeProps {
  order: readonly Omit<ShowSummary['order'][number], 'performerId'>[];
  /** Said in the place of what is not filled yet: “12:55 to fill”; nothing where it is full. */
  free?: string | null;
}

export function ShowTape({ order, free = null }: TapeProps) {
  const { data: demos = [] } = useDemos();
  const whole = order.reduce((sum, { demoId }) => sum + (demoId === null ? TALK : PIECE), 0);
  const scale = Math.min(1, (WIDTH - (free ? 110 : 6)) / Math.max(1, whole));
  let x = 0;
  const pieces = order.map(({ demoId, mark }, i) => {
    const width = (demoId === null ? TALK : PIECE) * scale;
    const at = x;
    x += width;
    return { key: i, demo: demos.find(({ id }) => id === demoId), mark, at, width };
  });
  const names = pieces.map(({ demo }) => demo?.name ?? 'a talk');
  const end = free ? Math.max(x + 100, WIDTH * 0.6) : x + 6;
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${end + 2} ${HEIGHT}`}
      role="img"
      aria-label={
        order.length === 0
          ? 'Nothing in the line-up'
          : `${counted(order.length, 'slot')}: ${names.join(', ')}`
      }
      sx={{ display: 'block', width: '100%', maxWidth: end + 2, height: 'auto', my: 0.75 }}
    >
      {pieces.map(({ key, demo, mark, at, width }) => (
        <TapedFace
          key={key}
          face={demo?.face ?? null}
          words={demo ? `${demo.name} ${demo.hook}` : 'a person speaks'}
          x={at}
          y={0}
          width={Math.max(4, width - 2)}
          height={HEIGHT}
          mark={mark}
        />
      ))}
      {free && (
        <>
          <rect
            x={x + 2}
            y={1}
            width={end - x - 6}
            height={HEIGHT - 2}
            rx={4}
            fill="none"
            stroke="var(--chore)"
            strokeWidth={1.5}
            strokeDasharray="4 3"
          />
          <text
            x={(x + end) / 2}
            y={HEIGHT / 2 + 5}
            textAnchor="middle"
            style={{ font: '600 14px Bricolage', fontStretch: '85%' }}
            fill="var(--ink)"
          >
            {free}
          </text>
        </>
      )}
      <path d={`M${end} 0V${HEIGHT}`} stroke="var(--ink)" strokeWidth={2} />
    </Box>
  );
}
