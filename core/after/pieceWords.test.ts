import { expect, test } from '@jest/globals';
import type { GoPiece } from './performed';
import { piecesInWords, pieceWords } from './pieceWords';

const go = (more: Partial<GoPiece> = {}): GoPiece => ({
  kind: 'go',
  slot: 'drum',
  go: 1,
  outcome: 'worked',
  cause: null,
  first: true,
  from: 0,
  until: 60_000,
  ...more,
});

test.each([
  [go(), '', ''],
  [go({ outcome: 'failed', cause: 'too cold' }), 'didn’t work', 'too cold'],
  [go({ outcome: 'partly' }), 'partly', ''],
  [go({ go: 2, first: false }), 'second go', ''],
  [go({ go: 3, first: false, outcome: 'failed' }), 'third go: no', ''],
  [go({ first: false }), '', 'come back to'],
  [
    { kind: 'hold', slot: null, from: 0, until: 40_000, because: 'a child' } as const,
    'hold 0:40',
    'a child',
  ],
  [{ kind: 'wait', slot: null, from: 0, until: 75_400, because: '' } as const, 'dead air 1:15', ''],
])('%j: %s', (piece, head, below) => {
  expect(pieceWords(piece)).toEqual({ head, below });
});

test('the whole night in one line', () => {
  const pieces = [
    go(),
    go({ go: 2, outcome: 'failed', cause: 'damp', first: false, from: 60_000 }),
  ];
  expect(
    piecesInWords(
      pieces,
      () => 'Drum',
      (ms) => `${ms / 60_000} min`,
    ),
  ).toBe('0 min Drum; 1 min Drum, second go: no, damp');
});
