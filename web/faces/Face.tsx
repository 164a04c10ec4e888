/** The look of a demonstration. On tape its ember takes the figure’s colour, since there hue is the position. */
import { memo, useMemo } from 'react';
import type { MarkShape } from '../../core/brief/types';
import { type Face as Look, guessFace } from '../../core/repertoire/face';
import { tapePath, tapeFill } from '../parts/tapeShape';
import { composed } from './composed';
import { FIGURES } from './figures';
import { MORE_FIGURES } from './moreFigures';

const figureOf = (id: string): string | null => FIGURES[id] ?? MORE_FIGURES[id] ?? null;

interface Looks {
  face: Look | null;
  /** What it is guessed from, where nobody has chosen. */
  words: string;
}

function drawn({ face, words }: Looks): string {
  const look = face ?? guessFace(words);
  return (
    (look.figure === null ? null : figureOf(look.figure)) ?? composed(look.vessel, look.happening)
  );
}

interface FaceProps extends Looks {
  width: number;
  /** Said of it; nothing where its name stands beside it. */
  label?: string;
  /** What can’t be done here is pale. */
  dim?: boolean;
}

/** By itself, on the page’s ground. */
export const Face = memo(function Face({ face, words, width, label, dim = false }: FaceProps) {
  const inside = useMemo(() => drawn({ face, words }), [face, words]);
  return (
    <svg
      width={width}
      height={width * 0.75}
      viewBox="0 0 96 72"
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      style={{
        flex: 'none',
        display: 'block',
        color: dim ? 'var(--chore)' : 'var(--ink)',
        ['--face-ember' as string]: dim ? 'var(--chore)' : 'var(--ember)',
        ['--face-ground' as string]: 'var(--face-on, var(--ground))',
      }}
      dangerouslySetInnerHTML={{ __html: inside }}
    />
  );
});

interface TapedProps extends Looks {
  x: number;
  y: number;
  width: number;
  height: number;
  mark: MarkShape | null;
}

/** On a piece of tape inside a drawing, in the colour of its position. */
export function TapedFace({ face, words, x, y, width, height, mark }: TapedProps) {
  const inside = useMemo(() => drawn({ face, words }), [face, words]);
  const size = Math.min(width - 8, ((height - 8) * 96) / 72, 84);
  const fill = tapeFill(mark);
  return (
    <g>
      <path d={tapePath(x, y, width, height)} fill={fill} />
      {size > 12 && (
        <g
          transform={`translate(${x + width / 2 - size / 2} ${y + height / 2 - (size * 0.75) / 2}) scale(${size / 96})`}
          style={{
            color: 'var(--on-tape)',
            ['--face-ember' as string]: 'var(--on-tape)',
            ['--face-ground' as string]: fill,
          }}
          dangerouslySetInnerHTML={{ __html: inside }}
        />
      )}
    </g>
  );
}
