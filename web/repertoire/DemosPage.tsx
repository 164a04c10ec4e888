/** One’s own demonstrations, and beneath them the library: found by words, length, energy, age and hazards; taken one by one or many. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DemoSummary, Versioned } from '../../contract/api';
import { recordWords } from '../../core/after/review';
import {
  browsable,
  type Browsable,
  type BrowseWishes,
  isWanted,
  type Length,
  LONG_FROM,
  SHORT_MOST,
} from '../../core/library/browse';
import { hasIt } from '../../core/library/take';
import { FAMILIES, FAMILY_WORDS } from '../../core/repertoire/families';
import type { Demo } from '../../core/repertoire/types';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { useDemos, useLibrary } from '../app/data';
import { useMay } from '../app/me';
import { Pick } from '../parts/Pick';
import { ListState, Page, Section } from '../parts/page';
import { useAction } from '../parts/useAction';
import { DemoCard } from './DemoCard';
import { madeHere } from '../documents/ghosts';
import { freshDemo } from './fresh';
import { takeAll } from './takeAll';

const LENGTH_WORDS: Readonly<Record<Length, string>> = {
  short: `up to ${SHORT_MOST / 60} min`,
  middle: `${SHORT_MOST / 60} to ${LONG_FROM / 60} min`,
  long: `over ${LONG_FROM / 60} min`,
};
const WITHOUT_WORDS = {
  openFlame: 'without flame',
  cryogen: 'without cold liquids',
  loud: 'nothing loud',
} as const;

/** What is wished, as it is typed. */
interface Wanted extends Omit<BrowseWishes, 'youngest' | 'without'> {
  without: keyof typeof WITHOUT_WORDS | null;
  age: string;
}

const ANYTHING: Wanted = { words: '', length: null, family: null, without: null, age: '' };

const wishesOf = ({ age, ...wanted }: Wanted): BrowseWishes => ({
  ...wanted,
  youngest: /^\d{1,3}$/.test(age.trim()) ? Number(age) : null,
});

const ofSummary = ({ showSeconds, ...of }: DemoSummary): Browsable => ({
  ...of,
  seconds: showSeconds,
});

const optionsOf = <K extends string>(words: Readonly<Record<K, string>>) =>
  (Object.keys(words) as K[]).map((value) => ({ value, label: words[value] }));

const FAMILY_OPTIONS = FAMILIES.map((value) => ({ value, label: FAMILY_WORDS[value] }));

const grid = {
  listStyle: 'none',
  p: 0,
  m: 0,
  mt: 1,
  display: 'grid',
  gap: 1.75,
  gridTemplateColumns: 'repeat(auto-fill, minmax(258px, 1fr))',
} as const;

function Filters({ wanted, onChange }: { wanted: Wanted; onChange: (wanted: Wanted) => void }) {
  const set = (more: Partial<Wanted>): void => onChange({ ...wanted, ...more });
  return (
    <Box
      role="search"
      sx={{
        display: 'grid',
        gap: 1.5,
        gridTemplateColumns: { xs: '1fr 1fr', md: '1.4fr 1fr 1fr 1fr 110px auto' },
        mb: 2,
        alignItems: 'center',
      }}
    >
      <TextField
        label="Search"
        type="search"
        value={wanted.words}
        onChange={(e) => set({ words: e.target.value })}
      />
      <Pick
        label="Length"
        value={wanted.length}
        none="any length"
        options={optionsOf(LENGTH_WORDS)}
        onChange={(length) => set({ length })}
      />
      <Pick
        label="Of what"
        value={wanted.family}
        none="anything"
        options={FAMILY_OPTIONS}
        onChange={(family) => set({ family })}
      />
      <Pick
        label="Hazards"
        value={wanted.without}
        none="any"
        options={optionsOf(WITHOUT_WORDS)}
        onChange={(without) => set({ without })}
      />
      <TextField
        label="Youngest"
        value={wanted.age}
        onChange={(e) => set({ age: e.target.value })}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
      />
      {wanted !== ANYTHING && <Button onClick={() => onChange(ANYTHING)}>All</Button>}
    </Box>
  );
}

/** What of the library one doesn’t have yet. */
function Library({ demos, wanted }: { demos: readonly Demo[]; wanted: Wanted }) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const mayTake = useMay('presenter');
  const act = useAction();
  const { enqueueSnackbar } = useSnackbar();
  const shown = demos
    .map((demo) => ({ demo, of: browsable(demo) }))
    .filter(({ of }) => isWanted(of, wishesOf(wanted)));
  const toggle = (id: string): void => {
    const next = new Set(chosen);
    if (!next.delete(id)) next.add(id);
    setChosen(next);
  };
  const take = (): void =>
    void act(async () => {
      const { demos: taken, items } = await takeAll([...chosen]);
      setChosen(new Set());
      enqueueSnackbar(
        `${counted(taken.length, 'demo')} taken, with ${counted(items, 'thing')} for the store.`,
      );
    });
  return (
    <Section
      title={`Starter library, ${demos.length}`}
      actions={
        mayTake && chosen.size > 0 ? (
          <Button variant="contained" onClick={take}>
            Take {counted(chosen.size, 'demo')}
          </Button>
        ) : undefined
      }
    >
      <Typography color="textSecondary">
        Written out with steps, words, kit and hazards. Take one and it is yours to change; nobody’s
        record comes with it.
      </Typography>
      {shown.length === 0 && (
        <Typography sx={{ mt: 1 }}>None of the library is like that.</Typography>
      )}
      <Box component="ul" sx={grid}>
        {shown.map(({ demo, of }) => (
          <DemoCard
            key={demo.id}
            to={`/demos/library/${demo.id}`}
            name={demo.name}
            hook={demo.hook}
            face={demo.face}
            seconds={of.seconds}
            energy={demo.energy}
            hazards={of.hazards}
            record="not tried here"
            ours={false}
            methods={demo.methods.length}
          >
            {mayTake && (
              <FormControlLabel
                sx={{ ml: 0.5, mb: 0.5 }}
                control={
                  <Checkbox
                    size="small"
                    checked={chosen.has(demo.id)}
                    onChange={() => toggle(demo.id)}
                    slotProps={{ input: { 'aria-label': `Take ${demo.name}` } }}
                  />
                }
                label="Take"
              />
            )}
          </DemoCard>
        ))}
      </Box>
    </Section>
  );
}

export default function DemosPage() {
  const query = useDemos();
  const { data } = query;
  const { data: library } = useLibrary();
  const [wanted, setWanted] = useState(ANYTHING);
  const navigate = useNavigate();
  const mayChange = useMay('presenter');
  const act = useAction();
  const create = (): Promise<boolean> =>
    act(async () => {
      const demo = await send<Versioned<Demo>>('POST', '/demos', freshDemo());
      madeHere('/demos', demo);
      await navigate(`/demos/${demo.id}`);
    });
  const own = data?.filter((demo) => isWanted(ofSummary(demo), wishesOf(wanted))) ?? [];
  const others = useMemo(
    () => (data && library ? library.demos.filter(({ id }) => !hasIt(data, id)) : []),
    [data, library],
  );
  return (
    <Page
      title="Demos"
      below={data ? `${data.length} here, ${others.length} more in the starter library` : undefined}
      actions={
        mayChange && (
          <>
            <Button onClick={() => void create()}>New demo</Button>
            <Button variant="contained" onClick={() => void navigate('/demos/write')}>
              Write one as text
            </Button>
          </>
        )
      }
    >
      <Filters wanted={wanted} onChange={setWanted} />
      <ListState query={query} emptyTitle="None of your own yet">
        Write down the first thing you would show a friend, as you would tell it, or take some of
        the library below.
      </ListState>
      {data && data.length > 0 && own.length === 0 && (
        <Typography>
          {wanted.words.trim()
            ? `Nothing matches “${wanted.words.trim()}”.`
            : 'None of yours is like that.'}
        </Typography>
      )}
      <Box component="ul" aria-label="Your demonstrations" sx={grid}>
        {own.map((demo) => (
          <DemoCard
            key={demo.id}
            to={`/demos/${demo.id}`}
            name={demo.name}
            hook={demo.hook}
            face={demo.face}
            seconds={demo.showSeconds}
            energy={demo.energy}
            hazards={demo.hazards}
            record={recordWords(demo.record)}
            ours={demo.origin === null}
            methods={demo.methods.length}
          />
        ))}
      </Box>
      {others.length > 0 && <Library demos={others} wanted={wanted} />}
      {library && others.length === 0 && data && data.length > 0 && (
        <Typography color="textSecondary" sx={{ mt: 3 }}>
          You have everything of the starter library.{' '}
          <Link to="/demos/write">Write one of your own.</Link>
        </Typography>
      )}
    </Page>
  );
}
