/** What stands under a piece of the night: only what is worth a word. */
import { formatDuration } from '../time/clock';
import { upperFirst } from '../words';
import type { Piece } from './performed';

const ORDINALS = ['', 'first', 'second', 'third', 'fourth', 'fifth', 'sixth'];

/** “hold 0:40”, “dead air 1:15”, “second go”; empty for a first go that worked. */
export function pieceWords(piece: Piece): { head: string; below: string } {
  if (piece.kind !== 'go') {
    const length = formatDuration(Math.round((piece.until - piece.from) / 1000));
    return {
      head: `${piece.kind === 'hold' ? 'hold' : 'dead air'} ${length}`,
      below: piece.because,
    };
  }
  const which = piece.go > 1 ? `${ORDINALS[piece.go] ?? `${piece.go}th`} go` : '';
  if (piece.outcome === 'failed')
    return { head: which ? `${which}: no` : 'didn’t work', below: piece.cause ?? '' };
  if (piece.outcome === 'partly')
    return { head: which ? `${which}: partly` : 'partly', below: piece.cause ?? '' };
  return { head: which, below: piece.first || piece.go > 1 ? '' : 'come back to' };
}

/** Of all of it in one line, for those who can’t see it. */
export const piecesInWords = (
  pieces: readonly Piece[],
  nameOf: (slot: string) => string,
  clock: (ms: number) => string,
): string =>
  pieces
    .map((piece) => {
      const { head, below } = pieceWords(piece);
      const name = piece.kind === 'go' ? nameOf(piece.slot) : '';
      return [clock(piece.from), upperFirst([name, head, below].filter(Boolean).join(', '))].join(
        ' ',
      );
    })
    .join('; ');
