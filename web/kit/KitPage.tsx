import ExpandMore from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { type KitEntry, kitList } from '../../core/kit/kit';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { formatClock, parseClock } from '../../core/time/clock';
import { ITEM_KINDS } from '../../core/repertoire/types';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { Tape } from '../parts/tape';
import { ITEM_KIND } from '../parts/words';

/** Amount, thing, and what it is for: the columns of every row of the list. */
const columns = {
  display: 'grid',
  columnGap: 2,
  alignItems: 'baseline',
  width: '100%',
  gridTemplateColumns: { xs: '96px 1fr', md: '150px minmax(0, 1.2fr) minmax(0, 1fr)' },
} as const;

const Amount = ({ children }: { children: React.ReactNode }) => (
  <Box component="b" sx={{ textAlign: 'right', font: '600 17px/22px Bricolage' }}>
    {children}
  </Box>
);

function Entry({ entry, clock }: { entry: KitEntry; clock: (seconds: number) => string }) {
  return (
    <Accordion
      disableGutters
      square
      sx={{
        background: 'none',
        border: 0,
        borderBottom: '1px solid var(--line)',
        '&::before': { display: 'none' },
      }}
    >
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 44, px: 0.5 }}>
        <Box sx={columns}>
          <Amount>
            {entry.approximate ? 'about ' : ''}
            {entry.text}
          </Amount>
          <Box sx={{ fontWeight: 600 }}>
            {entry.name}
            {entry.clash && (
              <Box component="span" sx={{ color: 'var(--ember)' }}>
                {' '}
                △
              </Box>
            )}
          </Box>
          <Box sx={{ color: 'var(--muted)', fontSize: 13, gridColumn: { xs: 2, md: 'auto' } }}>
            {[...new Set(entry.parts.map((part) => part.demoName))].join(', ')}
          </Box>
        </Box>
      </AccordionSummary>
      <AccordionDetails sx={{ pl: { xs: 1, md: '170px' }, pt: 0 }}>
        <Typography>{entry.how}</Typography>
        {entry.clash && <Typography color="error">△ {entry.clash}</Typography>}
        <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, fontSize: 14 }}>
          {entry.parts.map((part) => (
            <li key={part.slotId}>
              <b>{part.demoName}</b>, {part.methodName}: {part.sum}
              {entry.kind !== 'consumable' &&
                `; in use ${clock(part.from)} to ${clock(part.until)}`}
              {part.note && <>. {part.note}</>}
            </li>
          ))}
        </Box>
      </AccordionDetails>
    </Accordion>
  );
}

/** What one demonstration takes with it, in running order: for laying out table by table. */
function ByDemo({ entries }: { entries: readonly KitEntry[] }) {
  const { bundle } = useOpenShow();
  return resolveSlots(bundle).map(({ slot, demo, method }, i) => {
    if (slot.talk) return null;
    const position = bundle.show.positions.find((p) => p.id === slot.positionId);
    const mine = entries.flatMap((entry) =>
      entry.parts.filter((part) => part.slotId === slot.id).map((part) => ({ entry, part })),
    );
    return (
      <Box component="section" key={slot.id} sx={{ mt: 3 }}>
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 0.5 }}>
          <Tape
            width={32}
            height={22}
            fill={position ? `var(--tape-${position.mark})` : 'var(--muted)'}
          >
            {i + 1}
          </Tape>
          <Typography variant="h2">{demo.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {method.name}
          </Typography>
        </Box>
        {mine.length === 0 && <Typography color="textSecondary">Nothing of its own.</Typography>}
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {mine.map(({ entry, part }) => (
            <Box
              component="li"
              key={`${entry.itemId}/${entry.dimension}/${part.sum}`}
              sx={{ ...columns, borderBottom: '1px solid var(--line)', py: 1, px: 0.5 }}
            >
              <Amount>{part.text}</Amount>
              <span>{entry.name}</span>
              <Box sx={{ color: 'var(--muted)', fontSize: 13, gridColumn: { xs: 2, md: 'auto' } }}>
                {part.note || ITEM_KIND[entry.kind]}
              </Box>
            </Box>
          ))}
        </Box>
      </Box>
    );
  });
}

export default function KitPage() {
  const { show, bundle, timeline } = useOpenShow();
  const entries = useMemo(() => kitList(bundle, timeline), [bundle, timeline]);
  const [by, setBy] = useState<'kind' | 'demo'>('kind');
  const startOfDay = parseClock(show.start);
  if (entries.length === 0)
    return (
      <Empty title="Nothing to bring yet">
        The list follows from the line-up: add demos there, and kit lines to their methods.
      </Empty>
    );
  return (
    <Box sx={{ maxWidth: 960 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Typography sx={{ flex: '1 1 260px' }}>
          <b>{counted(entries.length, 'thing')}</b> for {show.audience} people. Open a line to see
          how it came about.
        </Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={by}
          onChange={(_event, value: typeof by | null) => value && setBy(value)}
          aria-label="Listed by"
        >
          <ToggleButton value="kind">By kind</ToggleButton>
          <ToggleButton value="demo">By demo</ToggleButton>
        </ToggleButtonGroup>
        <Button variant="outlined" href={`/api/shows/${show.id}/kit.csv`} download>
          Save as CSV
        </Button>
      </Box>
      {by === 'demo' ? (
        <ByDemo entries={entries} />
      ) : (
        ITEM_KINDS.map((kind) => {
          const mine = entries.filter((entry) => entry.kind === kind);
          return mine.length === 0 ? null : (
            <Section key={kind} title={ITEM_KIND[kind]}>
              {mine.map((entry) => (
                <Entry
                  key={`${entry.itemId}/${entry.dimension}`}
                  entry={entry}
                  clock={(seconds) => formatClock(startOfDay + seconds)}
                />
              ))}
            </Section>
          );
        })
      )}
    </Box>
  );
}
