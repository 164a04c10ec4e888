import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { type KitEntry, kitList } from '../../core/kit/kit';
import { mindedKit } from '../../core/kit/foremost';
import { atVenueOf, packKey, packingOf } from '../../core/kit/packing';
import { stockView } from '../../core/kit/stockWords';
import { classDemands, isOfClass } from '../../core/kit/classKit';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { changesOfKit } from '../../core/ready/judge';
import { ITEM_KINDS } from '../../core/repertoire/item';
import { kitIsWhole } from '../../core/ready/lost';
import { formatClock, parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { useBoxes, useStock } from '../app/data';
import { usePresent } from '../app/live';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { SaveAs } from '../parts/SaveAs';
import { Tape } from '../parts/tape';
import { VerdictLines } from '../parts/VerdictMark';
import { ITEM_KIND } from '../parts/words';
import { CostPanel } from './CostPanel';
import { Basis } from './Basis';
import { ColdPanel, ColdVerdict } from './ColdPanel';
import { BoxesSeen } from './BoxesSeen';
import { Foremost } from './Foremost';
import { IfMissing } from './IfMissing';
import { Amount, columns, type EntryProps, KitEntryRow } from './KitEntryRow';
import { OrderThem, ShortHead } from './ShortHead';

/** What one demonstration takes with it, in running order: for laying out table by table. */
function ByDemo({ entries }: { entries: readonly KitEntry[] }) {
  const { bundle, answer } = useOpenShow();
  const all = [
    ...resolveSlots(bundle),
    ...classDemands(bundle, answer.records).map(({ resolved }) => resolved),
  ];
  return all.map(({ slot, demo, method, position }, i) => {
    if (slot.talk) return null;
    const inClass = isOfClass(slot.id);
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
            {inClass ? '' : i + 1}
          </Tape>
          <Typography variant="h2">{demo.name}</Typography>
          <Typography variant="body2" color="textSecondary">
            {inClass ? 'in class' : method.name}
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
              <Amount text={part.text} />
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

/** What the day's figures change about what is packed: more, less, another vessel, plugs. */
function Changes() {
  const { ready } = useOpenShow();
  const told = changesOfKit(ready.verdicts);
  if (told.length === 0) return null;
  return (
    <Section title="What the day changes">
      <VerdictLines
        opens
        size={15}
        verdicts={told.map((one) => ({
          ...one,
          message: `${one.title}: ${one.message} ${one.remedy}`,
        }))}
      />
    </Section>
  );
}

export default function KitPage() {
  const { show, bundle, timeline, answer } = useOpenShow();
  const { data: stock } = useStock(show.id);
  const system = usePreferences((state) => state.system);
  const { lots, records } = answer;
  const shared = usePresent((state) => state.shared);
  const entries = useMemo(
    () => kitList(bundle, timeline, { records, system }),
    [bundle, timeline, records, system],
  );
  const store = useMemo(
    () => ({ items: bundle.items, lots, day: show.date, system }),
    [bundle.items, lots, show.date, system],
  );
  const views = useMemo(
    () =>
      new Map(
        entries.map((entry) => [
          entry,
          stockView(
            entry,
            stock?.shares.find((share) => share.itemId === entry.itemId),
            store,
          ),
        ]),
      ),
    [entries, stock, store],
  );
  const { data: boxes } = useBoxes();
  const packed = useMemo(
    () => packingOf(entries, bundle.items, boxes ?? []),
    [entries, bundle.items, boxes],
  );
  const minded = useMemo(
    () => mindedKit(entries, (entry) => views.get(entry)?.level, store),
    [entries, views, store],
  );
  const [by, setBy] = useState<'box' | 'kind' | 'demo'>('box');
  const startOfDay = parseClock(show.start);
  if (entries.length === 0)
    return (
      <Empty title="Nothing to bring yet">
        The list follows from the <Link to="../line-up">line-up</Link>: add demos there, and kit
        lines to their methods.
      </Empty>
    );
  const rowOf = (entry: KitEntry): EntryProps => ({
    entry,
    stock: views.get(entry) ?? { level: 'untold', words: '', more: [] },
    store,
    showId: show.id,
    clock: (seconds) => formatClock(startOfDay + seconds),
  });
  const short = entries.flatMap((entry) => {
    const view = views.get(entry);
    return view?.level === 'short' ? [{ entry, stock: view }] : [];
  });
  const there = entries.filter((entry) => views.get(entry)?.level === 'there').length;
  const cost = stock?.cost ?? null;
  const cold = bundle.items.filter(
    (item) => item.cold !== null && entries.some((entry) => entry.itemId === item.id),
  );
  return (
    <Box sx={{ maxWidth: 1400 }}>
      <Box
        sx={{
          display: 'grid',
          columnGap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 340px' },
          alignItems: 'start',
        }}
      >
        <Box>
          <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1.5, flexWrap: 'wrap' }}>
            <Box sx={{ flex: '1 1 320px' }}>
              <ShortHead showId={show.id} short={short} whole={kitIsWhole(bundle)} />
              <Typography color="textSecondary">
                {counted(entries.length, 'thing')} for {show.audience} people.
                {there > 0 && ` ${there} ${there === 1 ? 'is' : 'are'} in the store.`}
              </Typography>
              {cold.map((item) => (
                <ColdVerdict key={item.id} item={item} records={records} />
              ))}
            </Box>
            {short.length > 0 && <OrderThem showId={show.id} count={short.length} />}
          </Box>
          <Basis />
          <Changes />
          {by === 'box' && <Foremost minded={minded} packed={packed} store={store} rowOf={rowOf} />}
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mt: 2 }}>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={by}
              onChange={(_event, value: typeof by | null) => value && setBy(value)}
              aria-label="Listed by"
            >
              <ToggleButton value="box">By box</ToggleButton>
              <ToggleButton value="kind">By kind</ToggleButton>
              <ToggleButton value="demo">By demo</ToggleButton>
            </ToggleButtonGroup>
            <Box sx={{ flex: 1 }} />
            <SaveAs
              label="Print or save"
              files={[
                [`/api/shows/${show.id}/packing.pdf`, 'Packing list on one page (PDF)'],
                [
                  `/api/shows/${show.id}/labels.pdf`,
                  shared
                    ? 'Labels for boxes and bottles (PDF)'
                    : 'Labels for boxes and bottles (PDF); share first, so that phones can follow their codes',
                ],
                [
                  `/api/shows/${show.id}/labels.pdf?form=small`,
                  'Labels for containers of up to 125 mL (PDF)',
                ],
                [`/api/shows/${show.id}/kit.xlsx`, 'Kit list as a spreadsheet (xlsx)'],
                [`/api/shows/${show.id}/kit.csv`, 'Kit list as CSV'],
              ]}
            />
            <Button variant="contained" component={Link} to={`/shows/${show.id}/pack`}>
              Pack
            </Button>
          </Box>
          {by === 'box' && boxes && (
            <BoxesSeen
              packed={packed}
              venue={atVenueOf(entries, bundle.items)}
              above={
                new Set(
                  minded.flatMap(({ mind, entry }) => (mind === 'rest' ? [] : [packKey(entry)])),
                )
              }
              rowOf={rowOf}
            />
          )}
          {by === 'demo' && <ByDemo entries={entries} />}
          {by === 'kind' &&
            ITEM_KINDS.map((kind) => {
              const mine = entries.filter((entry) => entry.kind === kind);
              return mine.length === 0 ? null : (
                <Section key={kind} title={ITEM_KIND[kind]}>
                  {mine.map((entry) => (
                    <KitEntryRow key={`${entry.itemId}/${entry.dimension}`} {...rowOf(entry)} />
                  ))}
                </Section>
              );
            })}
        </Box>
        <Box component="aside">
          {cold.map((item) => (
            <ColdPanel key={item.id} item={item} records={records} />
          ))}
          {cost && <CostPanel cost={cost} audience={show.audience} />}
          <IfMissing entries={entries} />
        </Box>
      </Box>
    </Box>
  );
}
