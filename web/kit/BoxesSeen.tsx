/** All of a kit in its boxes, seen from above, in the order to load them; a thing that is pressed says how it came about. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { weightWords } from '../../core/kit/labels';
import { notBeside } from '../../core/kit/loading';
import { columnsOf, drawnPieces, outlineOf } from '../../core/kit/outline';
import { type PackLine, type PackedBox, packKey } from '../../core/kit/packing';
import { counted } from '../../core/words';
import { Pictograms } from '../parts/Pictograms';
import { EntryDetails, type EntryProps } from './KitEntryRow';
import { H, Piece } from './pack/Piece';

const SHADED = 'var(--line-strong)';

/** Round things and leads are drawn, their words beneath. */
function Drawn({ line: { entry, item } }: { line: PackLine }) {
  const outline = outlineOf(item, entry);
  const { drawn } = drawnPieces(entry.dimension === 'count' ? entry.total : 1, 0);
  const isLead = outline === 'cord';
  const width = isLead ? 200 : 52 + (drawn - 1) * 30;
  return (
    <svg
      viewBox={`0 0 ${width} ${H}`}
      aria-hidden="true"
      style={{ display: 'block', height: 34, maxWidth: '100%' }}
    >
      {Array.from({ length: isLead ? 1 : drawn }, (_, i) => (
        <g
          key={i}
          fill={item.functionTest === '' ? 'var(--card)' : SHADED}
          stroke="var(--ink)"
          strokeWidth={2}
        >
          <Piece outline={outline} x={i * 30} width={isLead ? width : 52} />
        </g>
      ))}
    </svg>
  );
}

const ROUND: ReadonlySet<string> = new Set(['round', 'bottle', 'cord']);

/** What has corners has its words inside; several lie on each other. */
const cornered = ({ entry, item }: PackLine): object => {
  const several = entry.dimension === 'count' && entry.total > 1;
  return {
    border: '1.75px solid var(--ink)',
    borderRadius: outlineOf(item, entry) === 'long' ? 3 : 0.75,
    background: item.functionTest === '' ? 'var(--card)' : SHADED,
    px: 0.75,
    py: 0.5,
    width: '100%',
    minHeight: 34,
    alignContent: 'center',
    ...(several && {
      boxShadow: '3px 3px 0 -1.5px var(--card), 3px 3px 0 0 var(--ink)',
      mb: '3px',
    }),
  };
};

interface ThingProps {
  line: PackLine;
  told: EntryProps;
  /** It stands above the boxes already, with all that is said of it. */
  above: boolean;
  isOpen: boolean;
  onPress: () => void;
}

function Seen({ line, told, above, isOpen, onPress }: ThingProps) {
  const { entry, item } = line;
  const { stock } = told;
  const amount = `${entry.approximate ? 'about ' : ''}${entry.text}`;
  const isRound = ROUND.has(outlineOf(item, entry));
  const look = {
    display: 'block',
    width: '100%',
    minHeight: 48,
    p: 0.25,
    textAlign: 'left',
    borderRadius: 1,
    verticalAlign: 'top',
    background: isOpen ? 'var(--ember-wash)' : 'none',
  } as const;
  const words = (
    <>
      {isRound && <Drawn line={line} />}
      <Box
        component="span"
        sx={{
          display: isRound ? 'block' : 'grid',
          font: '600 14px/17px Bricolage',
          overflowWrap: 'anywhere',
          ...(isRound ? {} : cornered(line)),
        }}
      >
        <span>
          {entry.text === '1' ? '' : `${amount} `}
          {entry.name} <Pictograms hazards={item.label.hazards} size={20} />
        </span>
      </Box>
    </>
  );
  if (above)
    return (
      <Box sx={look} data-above>
        {words}
      </Box>
    );
  return (
    <ButtonBase
      aria-expanded={isOpen}
      aria-label={[
        amount,
        entry.name,
        [...new Set(entry.parts.map(({ demoName }) => demoName))].join(', '),
        stock.words,
      ].join(' ')}
      onClick={onPress}
      sx={look}
    >
      {words}
    </ButtonBase>
  );
}

const nameOf = ({ box }: PackedBox): string =>
  box ? `${box.number} · ${box.name}` : 'By hand, in no box';

interface BoxProps {
  name: string;
  box: PackedBox['box'];
  lines: readonly PackLine[];
  /** “12.1 kg”; empty for what is not carried. */
  weight: string;
  /** What it must not stand beside in the load, in words; empty for nothing. */
  apart: string;
  isAbove: (line: PackLine) => boolean;
  rowOf: (entry: PackLine['entry']) => EntryProps;
}

function SeenBox({ name, box, lines, weight, apart, isAbove, rowOf }: BoxProps) {
  const [open, setOpen] = useState<string | null>(null);
  const shown = lines.find(({ key }) => key === open);
  return (
    <Box component="section" aria-label={name} sx={{ minWidth: 0 }}>
      <Box sx={{ font: '700 17px/22px Bricolage' }}>{name}</Box>
      <Box sx={{ fontSize: 14, lineHeight: '20px', mb: 0.5 }}>
        <b>{weight}</b>{' '}
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {counted(lines.length, 'thing')}
        </Box>
        {apart !== '' && (
          <Box component="span" sx={{ color: 'var(--ember)', fontWeight: 700 }}>
            {' '}
            △ {apart}
          </Box>
        )}
      </Box>
      <Box
        sx={{
          p: 1,
          ...(box
            ? {
                border: '2px solid var(--ink)',
                borderRadius: 1.5,
                background: 'var(--sunk)',
                outline: '1px solid var(--line-strong)',
                outlineOffset: '-6px',
              }
            : { borderTop: '2px dashed var(--control)' }),
        }}
      >
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
          {lines.map((line) => (
            <Box
              key={line.key}
              sx={{
                flex: `1 1 calc(${(100 * columnsOf(outlineOf(line.item, line.entry), line.entry.total)) / 6}% - 4px)`,
                minWidth: 76,
              }}
            >
              <Seen
                line={line}
                told={rowOf(line.entry)}
                above={isAbove(line)}
                isOpen={open === line.key}
                onPress={() => setOpen(open === line.key ? null : line.key)}
              />
            </Box>
          ))}
        </Box>
      </Box>
      {shown && (
        <Box sx={{ borderLeft: '3px solid var(--ember)', pl: 1.5, my: 1 }}>
          <Box sx={{ font: '700 17px/22px Bricolage', mb: 0.5 }}>
            {shown.entry.text} {shown.entry.name}
          </Box>
          <EntryDetails {...rowOf(shown.entry)} />
        </Box>
      )}
    </Box>
  );
}

interface Props {
  packed: readonly PackedBox[];
  /** What is not carried there, since it is there. */
  venue: readonly PackLine[];
  /** Keys of lines that stand above. */
  above: ReadonlySet<string>;
  rowOf: (entry: PackLine['entry']) => EntryProps;
}

export function BoxesSeen({ packed, venue, above, rowOf }: Props) {
  const boxed = packed.filter(({ box }) => box !== null);
  const tested = packed
    .flatMap(({ lines }) => lines)
    .filter(({ item }) => item.functionTest !== '');
  return (
    <Box component="section" aria-label="Boxes" sx={{ mt: 3 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap', mb: 1.5 }}>
        <Box component="h2" sx={{ m: 0, font: '700 20px/26px Bricolage' }}>
          Boxes
        </Box>
        <Box sx={{ color: 'var(--muted)', fontSize: 15 }}>
          seen from above, in the order to load them.
          {tested.length > 0 && ` Shaded: ${tested.length} to test as you pack.`} Press a thing to
          see how it came about.
        </Box>
      </Box>
      <Box
        sx={{
          display: 'grid',
          columnGap: 2,
          rowGap: 3,
          alignItems: 'start',
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 240px), 1fr))',
        }}
      >
        {packed.map((one) => {
          const before = boxed[boxed.indexOf(one) - 1];
          return (
            <SeenBox
              key={one.box?.id ?? 'loose'}
              name={nameOf(one)}
              box={one.box}
              lines={one.lines}
              weight={weightWords(one)}
              apart={before ? (notBeside(one, before) ?? '') : ''}
              isAbove={({ entry }) => above.has(packKey(entry))}
              rowOf={rowOf}
            />
          );
        })}
        {venue.length > 0 && (
          <SeenBox
            name="Found at the venue"
            box={null}
            lines={venue}
            weight=""
            apart=""
            isAbove={({ entry }) => above.has(packKey(entry))}
            rowOf={rowOf}
          />
        )}
      </Box>
    </Box>
  );
}
