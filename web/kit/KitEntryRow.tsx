import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import type { KitEntry } from '../../core/kit/kit';
import { type Mix, mixesFor } from '../../core/kit/mixes';
import type { StockContext } from '../../core/kit/stockContext';
import type { StockView } from '../../core/kit/stockWords';
import { today } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { Pictograms } from '../parts/Pictograms';
import { Instead } from './Instead';

/** Amount, thing, what it is for, and what the store has: the columns of every row of the list. */
export const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'baseline',
  width: '100%',
  gridTemplateColumns: {
    xs: '96px 1fr',
    md: '112px minmax(0, 1.1fr) minmax(0, 1fr) 112px',
  },
} as const;

/** As it is written, and below it what that comes to: “2 tbsp (29.6 mL)” in two lines. */
export function Amount({ text }: { text: string }) {
  const [written, comesTo] = text.split(/ (?=\()/);
  return (
    <Box component="b" sx={{ textAlign: 'right', font: '600 17px/22px Bricolage' }}>
      {written}
      {comesTo && (
        <Box
          component="span"
          sx={{ display: 'block', font: '400 13px/16px Bricolage', color: 'var(--muted)' }}
        >
          {comesTo}
        </Box>
      )}
    </Box>
  );
}

const LEVEL_GLYPH: Record<StockView['level'], string> = {
  there: '✓ ',
  short: '△ ',
  venue: '',
  untold: '',
};

const aside = { color: 'var(--muted)', fontSize: 13, gridColumn: { xs: 2, md: 'auto' } } as const;

function MixLine({ mix, showId }: { mix: Mix; showId: string }) {
  const { dilution, from, wanted, demoName, there } = mix;
  const label = `/api/shows/${showId}/labels.pdf?item=${from.id}&strength=${wanted.value}&as=${wanted.kind}&mixed=${today()}`;
  return (
    <Box sx={{ borderLeft: '3px solid var(--line-strong)', pl: 1.5, my: 1 }}>
      <b>
        {dilution.is === 'refused' || dilution.is === 'unknown' ? '△ ' : ''}For {demoName}, from{' '}
        {from.name}:
      </b>{' '}
      {dilution.words}
      {dilution.is === 'mix' && (
        <Typography variant="body2" color="textSecondary">
          {there} {dilution.working}.{' '}
          <a href={label} download>
            Label for the bottle
          </a>
        </Typography>
      )}
    </Box>
  );
}

export interface EntryProps {
  entry: KitEntry;
  stock: StockView;
  store: StockContext;
  showId: string;
  clock: (seconds: number) => string;
}

/** How a line came about, what may be used instead, what to mix, and what the store says of it. */
export function EntryDetails({ entry, stock, store, showId, clock }: EntryProps) {
  const open = useOpenShow();
  const mixes = mixesFor(entry, store);
  return (
    <>
      <Typography>{entry.how}</Typography>
      {entry.clash && <Typography color="error">△ {entry.clash}</Typography>}
      <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, fontSize: 14 }}>
        {entry.parts.map((part) => (
          <li key={`${part.slotId}/${part.sum}`}>
            <b>{part.demoName}</b>, {part.methodName}: {part.sum}
            {part.sets && part.sets.spare > 0 && `. ${part.sets.words}`}
            {entry.kind !== 'consumable' && `; in use ${clock(part.from)} to ${clock(part.until)}`}
            {part.note && <>. {part.note}</>}
          </li>
        ))}
      </Box>
      <Instead open={open} entry={entry} />
      {mixes.map((mix) => (
        <MixLine key={`${mix.demoName}/${mix.from.id}`} mix={mix} showId={showId} />
      ))}
      {stock.more.map((words) => (
        <Typography key={words} variant="body2">
          {words}
        </Typography>
      ))}
    </>
  );
}

interface RowProps extends EntryProps {
  /** In the place of the demonstrations that it is for. */
  why?: ReactNode;
}

export function KitEntryRow({ why, ...told }: RowProps) {
  const { entry, stock, store } = told;
  const short = stock.level === 'short';
  const hazards = store.items.find(({ id }) => id === entry.itemId)?.label.hazards ?? [];
  return (
    <Accordion
      disableGutters
      square
      slotProps={{ transition: { unmountOnExit: true } }}
      sx={{
        background: 'none',
        border: 0,
        borderBottom: '1px solid var(--line)',
        '&::before': { display: 'none' },
      }}
    >
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 44, px: 0.5 }}>
        <Box sx={columns}>
          <Amount text={`${entry.approximate ? 'about ' : ''}${entry.text}`} />
          <Box sx={{ fontWeight: 600 }}>
            {entry.name} <Pictograms hazards={hazards} size={24} />
            {entry.clash && (
              <Box component="span" sx={{ color: 'var(--ember)' }}>
                {' '}
                △
              </Box>
            )}
          </Box>
          <Box sx={aside}>
            {why ?? [...new Set(entry.parts.map((part) => part.demoName))].join(', ')}
          </Box>
          <Box
            sx={{
              ...aside,
              color: short ? 'var(--ember)' : 'var(--muted)',
              fontWeight: short ? 700 : 400,
            }}
          >
            {LEVEL_GLYPH[stock.level]}
            {stock.words}
          </Box>
        </Box>
      </AccordionSummary>
      <AccordionDetails sx={{ pl: { xs: 1, md: '132px' }, pt: 0 }}>
        <EntryDetails {...told} />
      </AccordionDetails>
    </Accordion>
  );
}
