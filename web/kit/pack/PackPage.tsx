/** Packing by box, for a phone in one hand: out to the show, and home again. */
import ArrowBack from '@mui/icons-material/ArrowBack';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Theme } from '@mui/material/styles';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { shortages } from '../../../core/ready/stock';
import { kitList } from '../../../core/kit/kit';
import { weightWords } from '../../../core/kit/labels';
import { labelledOf } from '../../../core/kit/codes';
import { notBeside } from '../../../core/kit/loading';
import { type LineState, mostOf, packState, pressed, type Way } from '../../../core/kit/packed';
import { type PackedBox, packingOf, partsOfKey, weightOf } from '../../../core/kit/packing';
import { overloaded } from '../../../core/ready/load';
import { counted, listInWords } from '../../../core/words';
import { useBoxes, useItemNames, useUsed } from '../../app/data';
import { usePreferences } from '../../app/preferences';
import { type OpenShow, useShow } from '../../brief/useShow';
import { Empty, Loading, Page, Trouble, useTitle } from '../../parts/page';
import { ScanButton } from '../../scan/ScanButton';
import { BoxChips } from './BoxChips';
import { HowMuch } from './HowMuch';
import { boxId, PackBox } from './PackBox';
import { usePackMarks } from './usePackMarks';

/** What of a box there is on this way: nothing where all of it was used up. */
interface Shown {
  packed: PackedBox;
  states: LineState[];
  load: number;
  /** What it is kept apart from in the box loaded before it; empty for none. */
  apart: string;
}

function useShown(open: OpenShow, way: Way): { state: ReturnType<typeof packState>; all: Shown[] } {
  const { show, bundle, timeline, answer } = open;
  const { data: boxes = [] } = useBoxes();
  const { data: used } = useUsed(show.id);
  const system = usePreferences((preferences) => preferences.system);
  const { records, packing: marks } = answer;
  const packed = useMemo(
    () => packingOf(kitList(bundle, timeline, { records, system }), bundle.items, boxes),
    [bundle, timeline, records, system, boxes],
  );
  const state = useMemo(
    () => packState(packed, marks, way, { system, used: used?.used ?? null }),
    [packed, marks, way, system, used],
  );
  const boxed = packed.filter(({ box }) => box !== null);
  const all = packed.flatMap((one): Shown[] => {
    const states = state.lines.filter(({ line }) => one.lines.includes(line));
    const load = boxed.indexOf(one);
    const before = boxed[load - 1];
    const apart = way === 'out' && before ? notBeside(one, before) : null;
    return states.length === 0 ? [] : [{ packed: one, states, load, apart: apart ?? '' }];
  });
  return { state, all };
}

/** There can be some of it, and not all. */
const inParts = ({ line, want }: LineState): boolean =>
  line.entry.dimension !== 'count' || want > 1;

interface StrayProps {
  keys: readonly string[];
  way: Way;
  onTakeOut: () => void;
}

/** What is packed, and not in the kit any more: it is taken out again, or came along for nothing and goes home. */
function Stray({ keys, way, onTakeOut }: StrayProps) {
  const { data: items = [] } = useItemNames();
  const names = keys.map((key) => items.find(({ id }) => id === partsOfKey(key).itemId)?.name);
  return (
    <Alert
      severity="warning"
      sx={{ mt: 1.5 }}
      action={
        <Button onClick={onTakeOut}>{way === 'out' ? 'It is out again' : 'It is back'}</Button>
      }
    >
      {way === 'out' ? 'Packed, and not needed any more' : 'Went along though it was not needed'}:{' '}
      {listInWords(names.map((name) => name ?? 'something'))}
    </Alert>
  );
}

function Packing({ open }: { open: OpenShow }) {
  const { show, bundle, answer } = open;
  const [search, setSearch] = useSearchParams();
  const [howMuch, setHowMuch] = useState<string | null>(null);
  const [refused, setRefused] = useState('');
  const phone = useMediaQuery<Theme>((theme) => theme.breakpoints.down('md'));
  const way: Way = search.get('way') === 'home' ? 'home' : 'out';
  const mark = usePackMarks(show.id);
  const { state, all } = useShown(open, way);
  const asked = search.get('box');
  const firstOpen = all.find(({ states }) => states.some(({ is }) => is !== 'all')) ?? all[0];
  // On a phone one box at a time: the first that something is to be done with.
  const chosen =
    asked === 'all' ? null : (asked ?? (phone && firstOpen ? boxId(firstOpen.packed) : null));
  const set = (key: string, value: string | null): void => {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setSearch(next, { replace: true });
  };
  /** What another show’s label names is looked for in this one, as long as it is packed. */
  const onScanned = (page: string): void => {
    const { boxId: box, itemId } = labelledOf(page);
    const next = new URLSearchParams(search);
    next.delete('item');
    if (itemId !== null) next.set('item', itemId);
    const holds = all.find(({ states }) => states.some(({ line }) => line.item.id === itemId));
    next.set('box', holds ? boxId(holds.packed) : (box ?? 'all'));
    setSearch(next, { replace: true });
  };
  const nameOf = (id: string | null): string =>
    bundle.people.find((person) => person.id === id)?.name ?? '';
  const lacking = shortages(bundle, answer.shares);
  const shortOf = (itemId: string): string =>
    way === 'out' ? (lacking.find(({ item }) => item.id === itemId)?.text ?? '') : '';
  const most = (one: LineState): number => mostOf(one, way, answer.shares);
  const kind = way === 'out' ? 'packed' : 'home';
  /** The box stays before one’s eyes though all of it is in now. */
  const stay = (): void => {
    if (asked === null && chosen !== null) set('box', chosen);
  };
  const put = (one: LineState, amount: number): void => {
    stay();
    mark(one.line.key, kind, amount > 0 ? { amount, of: one.want } : null);
  };
  const press = (one: LineState): void => {
    const none = one.is === 'none' && most(one) <= 0;
    setRefused(none ? `${one.line.entry.name}: the store has none that counts. Count it.` : '');
    if (!none) put(one, pressed(one, most(one)));
  };
  const stray = state.stray.length > 0 && (
    <Stray
      keys={state.stray.map(({ key }) => key)}
      way={way}
      onTakeOut={() => state.stray.forEach(({ key }) => mark(key, 'packed', null))}
    />
  );
  if (all.length === 0)
    return (
      <>
        {stray}
        <Empty title={way === 'out' ? 'Nothing to pack yet' : 'Nothing to bring home'}>
          {way === 'out' ? (
            'The list follows from the line-up.'
          ) : (
            <Button onClick={() => set('way', null)}>To the show</Button>
          )}
        </Empty>
      </>
    );
  const weight = weightOf(all.map(({ packed }) => packed));
  const [heavy] = overloaded(show.journeys, weight.grams);
  const shown = all.filter(({ packed }) => chosen === null || boxId(packed) === chosen);
  const at = all.findIndex(({ packed }) => boxId(packed) === chosen);
  const next = at < 0 ? undefined : all[at + 1];
  const weighed = shown.find(({ packed }) => boxId(packed) === howMuch);
  return (
    <>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap' }}>
        <Box
          aria-live="polite"
          sx={{
            flex: '1 1 auto',
            font: { xs: '800 28px/34px Bricolage', md: '800 40px/46px Bricolage' },
            letterSpacing: '-1px',
          }}
        >
          {state.done} of {state.all} {way === 'out' ? 'packed' : 'back'}
        </Box>
        <ScanButton onPage={onScanned} />
        <ToggleButtonGroup
          exclusive
          value={way}
          onChange={(_event, value: Way | null) =>
            value && set('way', value === 'home' ? 'home' : null)
          }
          aria-label="Which way"
        >
          <ToggleButton value="out">To the show</ToggleButton>
          <ToggleButton value="home">Home again</ToggleButton>
        </ToggleButtonGroup>
      </Box>
      {way === 'out' && lacking.length > 0 && (
        <Typography sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ {counted(lacking.length, 'thing')} short in the store: a tick does not make up for it
        </Typography>
      )}
      {state.untested.length > 0 && (
        <Typography sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ {counted(state.untested.length, 'function test')} open
        </Typography>
      )}
      {way === 'home' && state.open.length > 0 && state.done > 0 && (
        <Typography sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ Missing:{' '}
          {state.open
            .slice(0, 6)
            .map(({ line }) => line.entry.name)
            .join(', ')}
          {state.open.length > 6 && ` and ${state.open.length - 6} more`}
        </Typography>
      )}
      {refused !== '' && (
        <Typography role="alert" sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ {refused}
        </Typography>
      )}
      {stray}
      {way === 'out' && heavy && (
        <Typography sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ {weightWords(weight)} in all; {heavy.name} may carry {heavy.mostKg} kg
        </Typography>
      )}
      <BoxChips
        chips={all.map(({ packed, states }) => ({
          id: boxId(packed),
          packed,
          done: states.filter(({ is }) => is === 'all').length,
          all: states.length,
        }))}
        chosen={chosen}
        onChoose={(id) => set('box', id)}
      />
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1.5 }}>
        {way === 'out'
          ? `In the order to load them, in all ${weightWords(weight)}. From the bottom up: heavy things, bottles upright, then what is needed last.`
          : 'What was used up does not come home; what is left of it does. What was never packed is not looked for.'}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: chosen === null ? 'repeat(auto-fill, minmax(360px, 1fr))' : 'minmax(0, 560px)',
          },
        }}
      >
        {shown.map(({ packed, states, load, apart }) => (
          <PackBox
            key={boxId(packed)}
            open={open}
            packed={packed}
            load={load}
            states={states}
            way={way}
            apart={apart}
            shortOf={shortOf}
            nameOf={nameOf}
            found={search.get('item')}
            onPress={press}
            onTest={({ line, tested }) => {
              stay();
              mark(line.key, 'tested', tested ? null : { amount: null, of: null });
            }}
            onHowMuch={states.some(inParts) ? () => setHowMuch(boxId(packed)) : null}
          />
        ))}
      </Box>
      {shown.length === 0 && <Empty title="Nothing of this show is in that box">{''}</Empty>}
      {chosen !== null && (
        <Box sx={{ display: 'flex', gap: 1.5, mt: 2, flexWrap: 'wrap' }}>
          {next && (
            <Button
              variant="outlined"
              size="large"
              sx={{ flex: { xs: '1 1 100%', md: '0 1 300px' } }}
              onClick={() => set('box', boxId(next.packed))}
            >
              Next:{' '}
              {next.packed.box ? `${next.packed.box.number} ${next.packed.box.name}` : 'loose'}
            </Button>
          )}
          <Button onClick={() => set('box', 'all')}>All boxes</Button>
        </Box>
      )}
      {weighed && (
        <HowMuch
          way={way}
          states={weighed.states.filter(inParts)}
          mostOf={most}
          onAmount={put}
          onClose={() => setHowMuch(null)}
        />
      )}
    </>
  );
}

export default function PackPage() {
  const { showId = '' } = useParams();
  const { open, error } = useShow(showId);
  useTitle(open ? `Packing: ${open.show.title}` : 'Packing');
  if (!open) return <Page title="Packing">{error ? <Trouble error={error} /> : <Loading />}</Page>;
  return (
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 8 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, py: 1 }}>
        <Button component={Link} to={`/shows/${showId}/kit`} startIcon={<ArrowBack />}>
          Kit
        </Button>
        <Typography variant="h1" sx={{ fontSize: 18 }}>
          {open.show.title}
        </Typography>
      </Box>
      <Packing open={open} />
    </Box>
  );
}
