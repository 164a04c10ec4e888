/** Packing by box, for a phone in one hand: out to the show, and home again. */
import ArrowBack from '@mui/icons-material/ArrowBack';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { shortages } from '../../core/ready/stock';
import { kitList } from '../../core/kit/kit';
import { weightWords } from '../../core/kit/labels';
import {
  type PackLine,
  type PackMark,
  type PackedBox,
  packingOf,
  packState,
} from '../../core/kit/packing';
import { counted } from '../../core/words';
import { useBoxes } from '../app/data';
import { usePreferences } from '../app/preferences';
import { type OpenShow, useShow } from '../brief/useShow';
import { Empty, Loading, Page, Trouble, useTitle } from '../parts/page';
import { Instead } from './Instead';
import { usePackMarks } from './usePackMarks';

type Way = 'out' | 'home';

interface TickProps {
  on: boolean;
  label: string;
  onPress: () => void;
  children: React.ReactNode;
  quiet?: boolean;
}

/** A row that is one big tick. */
const Tick = ({ on, label, onPress, children, quiet }: TickProps) => (
  <ButtonBase
    role="checkbox"
    aria-checked={on}
    aria-label={label}
    onClick={onPress}
    sx={{
      display: 'flex',
      width: '100%',
      minHeight: quiet ? 48 : 60,
      gap: 1.5,
      px: 1,
      pl: quiet ? 7 : 1,
      textAlign: 'left',
      justifyContent: 'flex-start',
      alignItems: 'center',
      color: 'inherit',
    }}
  >
    <Box
      aria-hidden
      sx={{
        flex: 'none',
        display: 'grid',
        placeItems: 'center',
        width: quiet ? 26 : 36,
        height: quiet ? 26 : 36,
        border: '2px solid',
        borderColor: on ? 'var(--ink)' : 'var(--control)',
        borderRadius: 1,
        background: on ? 'var(--ink)' : 'none',
        color: 'var(--ground)',
        font: `800 ${quiet ? 18 : 26}px/1 Bricolage`,
      }}
    >
      {on ? '✓' : ''}
    </Box>
    {children}
  </ButtonBase>
);

interface LineProps {
  open: OpenShow;
  line: PackLine;
  /** “2 short”; empty where all of it is there. */
  short: string;
  marks: readonly PackMark[];
  way: Way;
  nameOf: (id: string | null) => string;
  press: (kind: PackMark['kind'], on: boolean) => void;
}

function Line({ open, line, short, marks, way, nameOf, press }: LineProps) {
  const { entry, item } = line;
  const kind = way === 'out' ? 'packed' : 'home';
  const mine = marks.filter((mark) => mark.key === line.key);
  const done = mine.find((mark) => mark.kind === kind);
  const tested = mine.find((mark) => mark.kind === 'tested');
  const by = done && nameOf(done.by);
  return (
    <Box component="li" sx={{ borderBottom: '1px solid var(--line)' }}>
      <Tick
        on={Boolean(done)}
        label={`${way === 'out' ? 'Packed' : 'Home'}: ${entry.text} ${entry.name}`}
        onPress={() => press(kind, !done)}
      >
        <Box sx={{ flex: 1, minWidth: 0, py: 1, color: done ? 'var(--muted)' : 'inherit' }}>
          <Box sx={{ font: '600 18px/22px Bricolage' }}>
            {entry.approximate ? 'about ' : ''}
            {entry.text} <Box component="span">{entry.name}</Box>
          </Box>
          <Typography variant="body2" color="textSecondary">
            {[...new Set(entry.parts.map((part) => part.demoName))].join(', ')}
            {by && ` · ${by}`}
          </Typography>
          {short !== '' && <Box sx={{ color: 'var(--ember)', fontWeight: 700 }}>△ {short}</Box>}
        </Box>
      </Tick>
      {way === 'out' && !done && (
        <Box sx={{ pl: 7 }}>
          <Instead open={open} entry={entry} />
        </Box>
      )}
      {way === 'out' && item.functionTest !== '' && (
        <Tick
          quiet
          on={Boolean(tested)}
          label={`Tested: ${item.name}: ${item.functionTest}`}
          onPress={() => press('tested', !tested)}
        >
          <Box sx={{ py: 0.5, fontSize: 15, color: tested ? 'var(--muted)' : 'inherit' }}>
            Test: {item.functionTest}
          </Box>
        </Tick>
      )}
    </Box>
  );
}

const boxTitle = ({ box }: PackedBox): string =>
  box ? `${box.number} · ${box.name}` : 'By hand, in no box';

function Packing({ open }: { open: OpenShow }) {
  const { show, bundle, timeline, answer } = open;
  const { data: boxes = [] } = useBoxes();
  const system = usePreferences((state) => state.system);
  const [search, setSearch] = useSearchParams();
  const way: Way = search.get('way') === 'home' ? 'home' : 'out';
  const only = search.get('box');
  const put = usePackMarks(show.id);
  const { records, packing: marks } = answer;
  const packed = useMemo(
    () => packingOf(kitList(bundle, timeline, { records, system }), bundle.items, boxes),
    [bundle, timeline, records, system, boxes],
  );
  const state = packState(packed, marks, way);
  const nameOf = (id: string | null): string =>
    bundle.people.find((person) => person.id === id)?.name ?? '';
  const set = (key: string, value: string | null): void => {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setSearch(next, { replace: true });
  };
  const shown = packed.filter((one) => only === null || one.box?.id === only);
  const boxed = packed.filter((one) => one.box !== null);
  const missing = way === 'home' ? state.open : [];
  const lacking = shortages(open.bundle, open.answer.shares);
  const shortOf = (itemId: string): string =>
    way === 'out' ? (lacking.find(({ item }) => item.id === itemId)?.text ?? '') : '';
  if (packed.length === 0)
    return <Empty title="Nothing to pack yet">The list follows from the line-up.</Empty>;
  return (
    <>
      <Box
        aria-live="polite"
        sx={{
          font: { xs: '800 30px/34px Bricolage', md: '800 40px/46px Bricolage' },
          letterSpacing: '-1px',
        }}
      >
        {state.done} of {state.all} {way === 'out' ? 'packed' : 'back'}
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
      {missing.length > 0 && state.done > 0 && (
        <Typography sx={{ color: 'var(--ember)', fontWeight: 700 }}>
          △ Missing:{' '}
          {missing
            .slice(0, 6)
            .map((line) => line.entry.name)
            .join(', ')}
          {missing.length > 6 && ` and ${missing.length - 6} more`}
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', mt: 1.5 }}>
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
        {only !== null && (
          <Button variant="outlined" onClick={() => set('box', null)}>
            All boxes
          </Button>
        )}
      </Box>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
        {way === 'out'
          ? 'Boxes in load order, things from the bottom up: what is set up first goes in last.'
          : 'What was used up does not come home.'}
      </Typography>
      {shown.map((one) => {
        const lines = one.lines.filter((line) => way === 'out' || !line.usedUp);
        if (lines.length === 0) return null;
        const load = boxed.indexOf(one);
        return (
          <Box component="section" key={one.box?.id ?? 'none'} sx={{ mt: 3 }}>
            <Box
              sx={{
                display: 'flex',
                gap: 2,
                alignItems: 'baseline',
                flexWrap: 'wrap',
                borderBottom: '2px solid var(--ink)',
                pb: 0.5,
              }}
            >
              <Typography variant="h2" sx={{ flex: '1 1 auto' }}>
                {boxTitle(one)}
              </Typography>
              <Typography variant="body2" color="textSecondary">
                {way === 'out' && load >= 0 && `load ${load + 1} of ${boxed.length} · `}
                {weightWords(one)}
              </Typography>
            </Box>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
              {lines.map((line) => (
                <Line
                  key={line.key}
                  open={open}
                  line={line}
                  short={shortOf(line.item.id)}
                  marks={marks}
                  way={way}
                  nameOf={nameOf}
                  press={(kind, on) => put(line.key, kind, on)}
                />
              ))}
            </Box>
          </Box>
        );
      })}
      {shown.length === 0 && (
        <Empty title="Nothing of this show is in that box">
          <Button onClick={() => set('box', null)}>All boxes</Button>
        </Empty>
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
    <Box component="main" sx={{ px: { xs: 2, md: 3 }, pb: 8, maxWidth: 760 }}>
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
