/** One’s own demonstrations, and beneath them the library: found by words, length, energy, age and hazards; taken one by one or many. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { DemoSummary, Versioned } from '../../contract/api';
import { recordWords } from '../../core/after/review';
import { browsable, type Browsable, isAtHand, isWanted } from '../../core/library/browse';
import { hasIt } from '../../core/library/take';
import type { Demo } from '../../core/repertoire/types';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { useDemos, useLibrary } from '../app/data';
import { useMay } from '../app/me';
import { ListState, Page, Section } from '../parts/page';
import { useAction } from '../parts/useAction';
import { DemoCard } from './DemoCard';
import { madeHere } from '../documents/ghosts';
import { useStockOfDemos } from '../start/useProposed';
import { ANYTHING, DemoFilters, type Wanted, wishesOf } from './DemoFilters';
import { freshDemo } from './fresh';
import { takeAll } from './takeAll';

const ofSummary = ({ showSeconds, ...of }: DemoSummary): Browsable => ({
  ...of,
  seconds: showSeconds,
});

const grid = {
  listStyle: 'none',
  p: 0,
  m: 0,
  mt: 1,
  display: 'grid',
  gap: 1.75,
  gridTemplateColumns: 'repeat(auto-fill, minmax(258px, 1fr))',
} as const;

/** What of the library one doesn’t have yet. */
function Library({
  demos,
  wanted,
  atHand,
}: {
  demos: readonly Demo[];
  wanted: Wanted;
  /** Ids of those that can be done with what is there; null for all. */
  atHand: ReadonlySet<string> | null;
}) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const mayTake = useMay('presenter');
  const act = useAction();
  const { enqueueSnackbar } = useSnackbar();
  const shown = demos
    .map((demo) => ({ demo, of: browsable(demo) }))
    .filter(({ demo, of }) => isWanted(of, wishesOf(wanted)) && atHand?.has(demo.id) !== false);
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

/** Ids of demonstrations that can be done with what lies in the store; null where that is not asked, or not known yet. */
function useAtHand(asked: boolean): ReadonlySet<string> | null {
  const stock = useStockOfDemos(asked);
  return useMemo(
    () =>
      asked && stock
        ? new Set(stock.demos.flatMap((demo) => (isAtHand(demo, stock.atHand) ? demo.id : [])))
        : null,
    [asked, stock],
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
  const atHand = useAtHand(wanted.inHouse);
  const own =
    data?.filter(
      (demo) => isWanted(ofSummary(demo), wishesOf(wanted)) && atHand?.has(demo.id) !== false,
    ) ?? [];
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
      <DemoFilters wanted={wanted} onChange={setWanted} />
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
      {others.length > 0 && <Library demos={others} wanted={wanted} atHand={atHand} />}
      {library && others.length === 0 && data && data.length > 0 && (
        <Typography color="textSecondary" sx={{ mt: 3 }}>
          You have everything of the starter library.{' '}
          <Link to="/demos/write">Write one of your own.</Link>
        </Typography>
      )}
    </Page>
  );
}
