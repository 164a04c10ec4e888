/** Planned over performed on one axis, joined by cords: second goes, holds and dead air each with its word. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { RunRecord } from '../../contract/stage';
import { type Piece, performedPieces, type WaitPiece } from '../../core/after/performed';
import { piecesInWords, pieceWords } from '../../core/after/pieceWords';
import type { Review } from '../../core/after/review';
import type { Live } from '../../core/stage/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import { NumberedTape } from '../parts/tape';
import { tapePath } from '../parts/tapeShape';
import { InlineForm } from './InlineForm';
import type { Tell } from './tell';

const WIDTH = 980;
const LEFT = 78;
const RIGHT = 12;
const PLANNED = 24;
const PLANNED_HIGH = 24;
const PERFORMED = 84;
const HIGH = 40;
const WORDS = PERFORMED + HIGH + 16;
/** Rows of words, one below the other where they would run into each other. */
const ROWS = 3;
const ROW = 32;
/** About how wide a letter is. */
const LETTER = 6.6;
/** Begun later than this it is said, in milliseconds. */
const LATE = 15_000;
/** Every five minutes a mark on the axis, in milliseconds. */
const MARK_EVERY = 300_000;

interface TwoStripsProps {
  review: Review;
  run: RunRecord;
  live: Live;
  tell: Tell;
}

interface Placed {
  key: string;
  x: number;
  row: number;
  head: string;
  below: string;
  bad: boolean;
}

/** Words under what they are about; the first row that has room for them. */
function placedWords(pieces: readonly Piece[], x: (ms: number) => number): Placed[] {
  const taken = Array.from({ length: ROWS }, () => -Infinity);
  return pieces.flatMap((piece, i): Placed[] => {
    const { head, below } = pieceWords(piece);
    if (!head && !below) return [];
    const middle = (x(piece.from) + x(piece.until)) / 2;
    const half = (Math.max(head.length, below.length * 0.92) * LETTER) / 2;
    const at = Math.min(WIDTH - half, Math.max(LEFT + half - 40, middle));
    const free = taken.findIndex((until) => at - half > until + 6);
    const row = free < 0 ? ROWS - 1 : free;
    taken[row] = at + half;
    const bad = piece.kind === 'wait' || (piece.kind === 'go' && piece.outcome === 'failed');
    return [{ key: `${piece.from}/${i}`, x: at, row, head, below, bad }];
  });
}

export function TwoStrips({ review, run, live, tell }: TwoStripsProps) {
  const { plan } = run;
  const start = live.startedAt ?? plan.startsAt;
  const pieces = performedPieces(plan, live);
  const planStart = plan.startsAt;
  const first = Math.min(planStart, start);
  const finish = planStart + plan.hardFinish * 1000;
  const last =
    Math.max(planStart + review.plannedEnd * 1000, pieces.at(-1)?.until ?? 0, finish) + 30_000;
  const x = (ms: number): number => LEFT + ((ms - first) / (last - first)) * (WIDTH - LEFT - RIGHT);
  const number = (slotId: string): number => plan.slots.findIndex(({ id }) => id === slotId) + 1;
  const nameOf = (slotId: string): string => plan.slots.find(({ id }) => id === slotId)?.name ?? '';
  const fill = (slotId: string): string =>
    `var(--tape-${plan.slots.find((slot) => slot.id === slotId)?.position?.mark ?? 'square'})`;
  const marks = Array.from(
    { length: Math.floor((last - first) / MARK_EVERY) + 1 },
    (_, i) => first + i * MARK_EVERY,
  );
  const late = live.startedAt !== null && start - planStart >= LATE ? start - planStart : 0;
  const words = placedWords(pieces, x);
  const height = WORDS + ROW * (Math.max(0, ...words.map(({ row }) => row)) + 1);
  const waits = pieces.filter((piece): piece is WaitPiece => piece.kind !== 'go');
  return (
    <Box component="section" aria-label="Planned and performed" sx={{ my: 2 }}>
      <Box sx={{ overflowX: 'auto' }}>
        <svg
          viewBox={`0 0 ${WIDTH} ${height}`}
          style={{ width: '100%', minWidth: 720, display: 'block' }}
          role="img"
          aria-label={`Performed: ${piecesInWords(pieces, nameOf, timeOf)}`}
          fill="var(--ink)"
          fontSize={13}
        >
          <defs>
            <pattern
              id="waits"
              width="6"
              height="6"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <path d="M0 0V6" stroke="var(--ember)" strokeWidth="2" />
            </pattern>
          </defs>
          {marks.map((ms) => (
            <g key={ms}>
              <path d={`M${x(ms)} 18V${PERFORMED + HIGH}`} stroke="var(--line)" />
              <text
                x={x(ms)}
                y={13}
                textAnchor={ms === first ? 'start' : 'middle'}
                style={{ font: '500 12px Bricolage' }}
                fill="var(--muted)"
              >
                {timeOf(ms)}
              </text>
            </g>
          ))}
          <text x={0} y={PLANNED + 16}>
            planned
          </text>
          {review.rows.map((row, i) => {
            const from = planStart + row.plannedStart * 1000;
            const width = Math.max(3, x(from + row.plannedSeconds * 1000) - x(from) - 1);
            const shown = pieces.some((piece) => piece.kind === 'go' && piece.slot === row.slotId);
            return shown ? (
              <NumberedTape
                key={row.slotId}
                x={x(from)}
                y={PLANNED}
                width={width}
                height={PLANNED_HIGH}
                fill={fill(row.slotId)}
                size={14}
              >
                {i + 1}
              </NumberedTape>
            ) : (
              <g key={row.slotId}>
                <path
                  d={tapePath(x(from), PLANNED, width, PLANNED_HIGH)}
                  fill="none"
                  stroke="var(--control)"
                  strokeDasharray="3 3"
                />
                <text
                  x={x(from) + width / 2}
                  y={PLANNED + 17}
                  textAnchor="middle"
                  fill="var(--muted)"
                  style={{ font: '700 14px Bricolage' }}
                >
                  {i + 1}
                </text>
              </g>
            );
          })}
          {pieces.map((piece) => {
            if (piece.kind !== 'go') return null;
            const row = review.rows.find(({ slotId }) => slotId === piece.slot);
            if (!row) return null;
            const from = x(planStart + (row.plannedStart + row.plannedSeconds / 2) * 1000);
            const to = (x(piece.from) + x(piece.until)) / 2;
            const [top, bottom] = [PLANNED + PLANNED_HIGH + 2, PERFORMED - 3];
            return (
              <path
                key={`${piece.slot}/${piece.from}`}
                d={`M${from} ${top}C${from} ${bottom - 8} ${to} ${top + 8} ${to} ${bottom}`}
                fill="none"
                stroke={piece.first ? 'var(--control)' : 'var(--ink)'}
                strokeWidth={piece.first ? 1.5 : 2}
              />
            );
          })}
          <text x={0} y={PERFORMED + 25} style={{ fontWeight: 700 }}>
            performed
          </text>
          {late > 0 && (
            <>
              <rect
                x={x(planStart)}
                y={PERFORMED}
                width={Math.max(2, x(start) - x(planStart) - 2)}
                height={HIGH}
                fill="none"
                stroke="var(--control)"
              />
              <text x={x(planStart)} y={WORDS} style={{ font: '600 13px Bricolage' }}>
                {`late ${formatDuration(Math.round(late / 1000))}`}
              </text>
            </>
          )}
          {pieces.map((piece, i) => {
            const left = x(piece.from);
            const width = Math.max(4, x(piece.until) - left - 1);
            const key = `${piece.kind}/${piece.from}/${i}`;
            if (piece.kind !== 'go')
              return piece.kind === 'wait' ? (
                <rect
                  key={key}
                  x={left}
                  y={PERFORMED}
                  width={width}
                  height={HIGH}
                  fill="url(#waits)"
                />
              ) : (
                <path
                  key={key}
                  d={`M${left} ${PERFORMED - 2}V${PERFORMED + HIGH + 2}M${left + width} ${PERFORMED - 2}V${PERFORMED + HIGH + 2}M${left} ${PERFORMED + HIGH / 2}H${left + width}`}
                  stroke="var(--ink)"
                  strokeWidth={2}
                  strokeDasharray="3 3"
                />
              );
            if (piece.outcome !== 'failed' && piece.outcome !== 'partly')
              return (
                <NumberedTape
                  key={key}
                  x={left}
                  y={PERFORMED}
                  width={width}
                  height={HIGH}
                  fill={fill(piece.slot)}
                  size={17}
                >
                  {number(piece.slot)}
                </NumberedTape>
              );
            return (
              <g key={key}>
                <path
                  d={tapePath(left, PERFORMED, width, HIGH)}
                  fill="var(--ground)"
                  stroke={fill(piece.slot)}
                  strokeWidth={2}
                />
                {piece.outcome === 'partly' && (
                  <path d={tapePath(left, PERFORMED, width / 2, HIGH)} fill={fill(piece.slot)} />
                )}
                <text
                  x={left + width / 2}
                  y={PERFORMED + 26}
                  textAnchor="middle"
                  style={{ font: '700 17px Bricolage' }}
                  fill={piece.outcome === 'failed' ? 'var(--ember)' : 'var(--ink)'}
                >
                  {width > 30
                    ? `${number(piece.slot)}${piece.outcome === 'failed' ? ' ×' : ''}`
                    : piece.outcome === 'failed'
                      ? '×'
                      : ''}
                </text>
              </g>
            );
          })}
          <path
            d={`M${x(finish)} 16V${PERFORMED + HIGH + 6}`}
            stroke="var(--ink)"
            strokeWidth={2}
          />
          <text
            x={x(finish) - 5}
            y={PERFORMED - 8}
            textAnchor="end"
            style={{ font: '600 12px Bricolage', paintOrder: 'stroke' }}
            stroke="var(--ground)"
            strokeWidth={5}
          >
            hard finish {timeOf(finish)}
          </text>
          {words.map(({ key, x: at, row, head, below, bad }) => (
            <g key={key}>
              <text
                x={at}
                y={WORDS + row * ROW}
                textAnchor="middle"
                style={{ font: '600 13px Bricolage' }}
                fill={bad ? 'var(--ember)' : 'var(--ink)'}
              >
                {head}
              </text>
              <text
                x={at}
                y={WORDS + 14 + row * ROW}
                textAnchor="middle"
                fontSize={12}
                fill="var(--muted)"
              >
                {below}
              </text>
            </g>
          ))}
        </svg>
      </Box>
      {waits.length > 0 && (
        <Box component="ul" aria-label="Holds and dead air" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {waits.map((piece) => (
            <WaitLine key={`${piece.kind}/${piece.from}`} piece={piece} tell={tell} />
          ))}
        </Box>
      )}
    </Box>
  );
}

/** When, how long and why; the why is put in here. */
function WaitLine({ piece, tell }: { piece: WaitPiece; tell: Tell }) {
  const [open, setOpen] = useState(false);
  const { head } = pieceWords(piece);
  const of = `${head} at ${timeOf(piece.from)}`;
  return (
    <Box
      component="li"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center', minHeight: 40 }}
    >
      <span>
        {timeOf(piece.from)} <b>{head}</b>
        {!open && piece.because && `: ${piece.because}`}
      </span>
      {!open ? (
        <Button size="small" aria-label={`Say why: ${of}`} onClick={() => setOpen(true)}>
          {piece.because ? 'Change' : 'Say why'}
        </Button>
      ) : (
        <InlineForm
          label={`Why: ${of}`}
          value={piece.because}
          longest={200}
          width={240}
          onSave={(text) => {
            void tell('because', { value: piece.from, text: text || null });
            return null;
          }}
          onClose={() => setOpen(false)}
        />
      )}
    </Box>
  );
}
