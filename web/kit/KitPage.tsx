import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import ExpandMore from '@mui/icons-material/ExpandMore';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { type KitEntry, kitList } from '../../core/kit/kit';
import { formatClock, parseClock } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { ITEM_KIND } from '../parts/words';

function Entry({ entry, startOfDay }: { entry: KitEntry; startOfDay: number }) {
  return (
    <Accordion disableGutters sx={{ '&::before': { display: 'none' }, mb: 0.5 }}>
      <AccordionSummary expandIcon={<ExpandMore />} sx={{ minHeight: 48 }}>
        <Box
          sx={{ display: 'flex', gap: 2, width: '100%', alignItems: 'baseline', flexWrap: 'wrap' }}
        >
          <Box component="b" sx={{ width: 150, textAlign: 'right', font: '600 16px Bricolage' }}>
            {entry.approximate ? 'about ' : ''}
            {entry.text}
          </Box>
          <Box sx={{ flex: '1 1 200px', fontWeight: 600 }}>{entry.name}</Box>
          <Box sx={{ color: 'var(--muted)', fontSize: 13 }}>
            {[...new Set(entry.parts.map((part) => part.demoName))].join(', ')}
          </Box>
        </Box>
      </AccordionSummary>
      <AccordionDetails>
        <Typography>{entry.how}</Typography>
        {entry.clash && <Typography color="error">△ {entry.clash}</Typography>}
        <Box component="ul" sx={{ m: 0, mt: 1, pl: 2.5, fontSize: 14 }}>
          {entry.parts.map((part) => (
            <li key={part.slotId}>
              <b>{part.demoName}</b>, {part.methodName}: {part.sum}
              {entry.kind !== 'consumable' &&
                `; in use ${formatClock(startOfDay + part.from)} to ${formatClock(startOfDay + part.until)}`}
              {part.note && <>. {part.note}</>}
            </li>
          ))}
        </Box>
      </AccordionDetails>
    </Accordion>
  );
}

export default function KitPage() {
  const { show, bundle, timeline } = useOpenShow();
  const entries = kitList(bundle, timeline);
  if (entries.length === 0)
    return (
      <Empty title="Nothing to bring yet">
        The list follows from the line-up: add demos there, and kit lines to their methods.
      </Empty>
    );
  return (
    <Box sx={{ maxWidth: 900 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 2, flexWrap: 'wrap' }}>
        <Typography sx={{ flex: 1 }}>
          <b>{entries.length} things</b> for {show.audience} people. Open a line to see how it came
          about.
        </Typography>
        <Button variant="outlined" href={`/api/shows/${show.id}/kit.csv`} download>
          Save as CSV
        </Button>
      </Box>
      {(['equipment', 'consumable', 'gear'] as const).map((kind) => {
        const mine = entries.filter((entry) => entry.kind === kind);
        return mine.length === 0 ? null : (
          <Section key={kind} title={ITEM_KIND[kind]}>
            {mine.map((entry) => (
              <Entry
                key={`${entry.itemId}/${entry.dimension}`}
                entry={entry}
                startOfDay={parseClock(show.start)}
              />
            ))}
          </Section>
        );
      })}
    </Box>
  );
}
