/** A thing in its box, seen from above: pressed, it is in. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useCallback } from 'react';
import { columnsOf, drawnPieces, outlineOf } from '../../../core/kit/outline';
import type { LineState } from '../../../core/kit/packed';
import type { Outline } from '../../../core/repertoire/item';
import { Pictograms } from '../../parts/Pictograms';
import { timeOf } from '../../brief/dates';
import { H, Piece } from './Piece';

/** Its pieces, the ones that are in filled. */
function Pieces({ state, outline }: { state: LineState; outline: Outline }) {
  const many = state.line.entry.dimension === 'count' ? state.want : 1;
  const { drawn, filled } = drawnPieces(many, (state.have / state.want) * many);
  const across = outline === 'long' || outline === 'cord';
  const W = across ? 340 : Math.max(52, 52 + (drawn - 1) * 30);
  const step = across ? 0 : 30;
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      width={W}
      height={H}
      aria-hidden="true"
      preserveAspectRatio={across ? 'none' : 'xMidYMid meet'}
      style={{ display: 'block', maxWidth: '100%', width: across ? '100%' : W }}
    >
      {Array.from({ length: across ? 1 : drawn }, (_, i) => (
        <g
          key={i}
          fill={i < filled ? 'var(--ink)' : 'var(--card)'}
          // A lead is nothing but its line.
          stroke={i < filled && outline !== 'cord' ? 'var(--ground)' : 'var(--ink)'}
          strokeDasharray={i < filled ? undefined : '5 4'}
          strokeWidth={1.75}
          vectorEffect="non-scaling-stroke"
        >
          <Piece outline={outline} x={i * step} width={across ? W : 52} />
        </g>
      ))}
      {state.is !== 'all' && !across && (
        <path
          d={`M${W - 26} 17v18M${W - 35} 26h18`}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={2.5}
        />
      )}
      {state.is === 'all' && !across && (
        <path
          d={`M${W - 36} 26l8 8 16-17`}
          fill="none"
          stroke="var(--ground)"
          strokeWidth={5}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
    </svg>
  );
}

interface Props {
  state: LineState;
  label: string;
  /** “2 short”; empty where all of it is there. */
  short: string;
  upright: boolean;
  /** Its label was read: it is the one that is looked for. */
  found: boolean;
  nameOf: (id: string | null) => string;
  onPress: () => void;
}

export function Thing({ state, label, short, upright, found, nameOf, onPress }: Props) {
  const { line, is, words, mark } = state;
  const { entry, item } = line;
  const outline = outlineOf(item, entry);
  const seen = useCallback(
    (element: HTMLElement | null) => {
      if (found) element?.scrollIntoView({ block: 'center' });
    },
    [found],
  );
  const across = columnsOf(outline, entry.total) === 6;
  const who = mark && is !== 'none' ? [nameOf(mark.by), timeOf(mark.at)].filter(Boolean) : [];
  return (
    <ButtonBase
      role="checkbox"
      aria-checked={is === 'all' ? true : is === 'part' ? 'mixed' : false}
      aria-label={label}
      onClick={onPress}
      ref={seen}
      sx={{
        display: 'grid',
        gap: 0.5,
        width: '100%',
        minHeight: 60,
        p: 0.5,
        alignContent: 'start',
        justifyItems: across ? 'stretch' : 'start',
        justifyContent: across ? 'stretch' : 'start',
        position: 'relative',
        textAlign: 'left',
        borderRadius: 1,
        ...(found && { outline: '3px solid var(--ember)', background: 'var(--ember-wash)' }),
      }}
    >
      <Pieces state={state} outline={outline} />
      <Box
        component="span"
        sx={{
          display: 'block',
          minWidth: 0,
          maxWidth: '100%',
          // There is room in what is long.
          ...(outline === 'long' && {
            position: 'absolute',
            top: 4,
            left: 20,
            right: 12,
            height: H,
            display: 'grid',
            alignContent: 'center',
            color: is === 'all' ? 'var(--ground)' : 'inherit',
            '& *': { color: is === 'all' ? 'inherit !important' : undefined },
          }),
        }}
      >
        <Box
          component="span"
          sx={{ font: '600 16px/20px Bricolage', overflowWrap: 'anywhere', display: 'block' }}
        >
          {entry.approximate ? 'about ' : ''}
          {entry.text === '1' ? '' : `${entry.text} `}
          {entry.name} <Pictograms hazards={item.label.hazards} size={26} />
          {words !== '' && (
            <Box component="span" sx={{ color: is === 'all' ? 'var(--muted)' : 'var(--ember)' }}>
              {' '}
              {words}
            </Box>
          )}
        </Box>
        <Box component="span" sx={{ fontSize: 13, lineHeight: '17px', color: 'var(--muted)' }}>
          {[who.join(' '), upright && is !== 'all' ? 'upright' : ''].filter(Boolean).join(' · ')}
        </Box>
        {short !== '' && (
          <Box component="span" sx={{ display: 'block', color: 'var(--ember)', fontWeight: 700 }}>
            △ {short}
          </Box>
        )}
      </Box>
    </ButtonBase>
  );
}
