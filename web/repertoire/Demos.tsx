/** The page of demonstrations for a setting: the sentence that says it, what they make, those that do and those that don’t. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { ShowSummary, Versioned } from '../../contract/api';
import { isWanted } from '../../core/library/browse';
import { fitting } from '../../core/proposal/letIn';
import type { Demo } from '../../core/repertoire/types';
import { counted } from '../../core/words';
import { send } from '../app/api';
import { useDemos, useLibrary } from '../app/data';
import { useMay } from '../app/me';
import type { OpenShow } from '../brief/useShow';
import { madeHere } from '../documents/ghosts';
import { Loading, Trouble, useTitle } from '../parts/page';
import { useAction } from '../parts/useAction';
import { useStockOfDemos } from '../start/useProposed';
import { useBrowsing } from './browsing';
import { DemoFilters } from './DemoFilters';
import { FitList, UnfitList } from './DemoLists';
import { freshDemo } from './fresh';
import { inListOrder, listedOf } from './listed';
import { NOWHERE, type Places, SettingBand } from './SettingBand';
import { SettingColumn } from './SettingColumn';
import { takeAll } from './takeAll';
import { useAsked, useFits } from './useFits';

const NOTHING: ReadonlySet<string> = new Set();

interface DemosProps {
  coming: readonly ShowSummary[];
  /** A show’s id. */
  about: string | null;
  /** Null for none, and while it is on its way. */
  open: OpenShow | null;
  /** What one has is not known yet. */
  isLoading: boolean;
}

/** Makes a demonstration, and takes what was chosen of the library. */
function useMaking() {
  const navigate = useNavigate();
  const act = useAction();
  const { enqueueSnackbar } = useSnackbar();
  const [chosen, setChosen] = useState(NOTHING);
  return {
    chosen,
    toggle: (id: string): void => {
      const next = new Set(chosen);
      if (!next.delete(id)) next.add(id);
      setChosen(next);
    },
    take: (): void =>
      void act(async () => {
        const { demos: taken, items } = await takeAll([...chosen]);
        setChosen(NOTHING);
        enqueueSnackbar(
          `${counted(taken.length, 'demo')} taken, with ${counted(items, 'thing')} for the store.`,
        );
      }),
    create: (): void =>
      void act(async () => {
        const demo = await send<Versioned<Demo>>('POST', '/demos', freshDemo());
        madeHere('/demos', demo);
        await navigate(`/demos/${demo.id}`);
      }),
  };
}

export function Demos({ coming, about, open, isLoading }: DemosProps) {
  useTitle('Demos');
  const navigate = useNavigate();
  const query = useDemos();
  const { data: library } = useLibrary();
  const stock = useStockOfDemos();
  const mayChange = useMay('presenter');
  const making = useMaking();
  const wanted = useBrowsing((state) => state.wanted);
  const asked = useAsked(open?.bundle ?? null, stock);
  const { told, isLooking } = useFits(asked, stock);
  const [places, setPlaces] = useState<Places>(NOWHERE);

  const own = query.data;
  const all = useMemo(
    () => (own && library ? listedOf(own, stock?.demos ?? [], library.demos) : null),
    [own, library, stock],
  );
  const fit = useMemo(() => told && fitting(told.options), [told]);
  const listed = useMemo(
    () =>
      inListOrder(
        (all ?? []).filter((demo) => isWanted(demo, wanted)),
        (id) => places.get(id)?.number,
      ),
    [all, wanted, places],
  );
  // What has no way of doing it yet is nothing that would not fit.
  const judged = useMemo(() => new Set(told?.options.map(({ demoId }) => demoId)), [told]);
  const isOut = (id: string): boolean => fit !== null && judged.has(id) && !fit.has(id);
  const [fits, unfit] = [
    listed.filter(({ id }) => !isOut(id)),
    listed.filter(({ id }) => isOut(id)),
  ];
  const placeOf = (id: string) => places.get(id) ?? null;
  const words = wanted.words.trim();
  const mine = own?.length ?? 0;
  return (
    <Box
      component="main"
      sx={{
        display: 'grid',
        gridTemplateColumns: { lg: '268px minmax(0, 1fr)' },
        maxWidth: 1920,
      }}
    >
      <Box
        sx={{
          px: { xs: 2, md: 3 },
          py: 2,
          pr: { lg: 2 },
          alignSelf: 'start',
          position: { lg: 'sticky' },
          top: 0,
          maxHeight: { lg: '100vh' },
          overflowY: { lg: 'auto' },
        }}
      >
        <Typography variant="h1">Demos</Typography>
        <Typography variant="body2" color="textSecondary" sx={{ mb: 2 }}>
          {all && `${mine} here, ${all.length - mine} more in the starter library`}
        </Typography>
        <SettingColumn
          isLoading={isLoading}
          asked={asked}
          about={about}
          coming={coming}
          bundle={open?.bundle ?? null}
          atHand={stock?.atHand ?? NOTHING}
          fits={told}
        />
        {mayChange && (
          <Box sx={{ mt: 2, display: 'grid', gap: 1, justifyItems: 'start' }}>
            <Button variant="contained" onClick={() => void navigate('/demos/write')}>
              Write one as text
            </Button>
            <Button onClick={making.create}>New demo</Button>
          </Box>
        )}
      </Box>
      <Box sx={{ minWidth: 0, pb: 6 }}>
        <SettingBand
          isLoading={isLoading}
          asked={asked}
          stock={stock}
          open={open}
          onPlaces={setPlaces}
        />
        <Box sx={{ px: { xs: 2, lg: 2.5 }, pt: 2 }}>
          <DemoFilters />
          <Box
            sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', minHeight: 40 }}
          >
            <Box component="h2" sx={{ font: '700 17px Bricolage', m: 0 }}>
              {fit === null ? counted(fits.length, 'demo') : `${fits.length} fit`}
            </Box>
            <Box component="span" sx={{ color: 'var(--muted)', fontSize: 14, flex: 1 }}>
              {isLooking
                ? 'looking which fit …'
                : `${places.size > 0 ? 'those of the order, then ' : ''}yours first, by lift`}
            </Box>
            {mayChange && making.chosen.size > 0 && (
              <Button variant="contained" onClick={making.take}>
                Take {counted(making.chosen.size, 'demo')}
              </Button>
            )}
          </Box>
          <Trouble error={query.error} />
          {!all && !query.error && <Loading rows={3} />}
          {own && mine === 0 && (
            <Typography>
              None of your own yet: take some of these, or write down the first thing you would show
              a friend, as you would tell it.
            </Typography>
          )}
          {all && listed.length === 0 && (
            <Typography sx={{ mt: 1 }}>
              {words ? `Nothing matches “${words}”.` : 'None is like that.'}
            </Typography>
          )}
          <FitList
            label={fit === null ? 'Demonstrations' : 'Demonstrations that fit'}
            demos={fits}
            placeOf={placeOf}
            chosen={making.chosen}
            onChoose={mayChange ? making.toggle : null}
          />
          {told && unfit.length > 0 && (
            <>
              <Box component="h2" sx={{ font: '700 17px Bricolage', m: 0, mt: 3 }}>
                {unfit.length === 1 ? '1 doesn’t fit' : `${unfit.length} don’t fit`}{' '}
                <Box component="span" sx={{ font: '400 14px Atkinson', color: 'var(--muted)' }}>
                  and why
                </Box>
              </Box>
              <UnfitList demos={unfit} options={told.options} placeOf={placeOf} />
            </>
          )}
          {all && all.length === mine && mine > 0 && (
            <Typography color="textSecondary" sx={{ mt: 3 }}>
              You have everything of the starter library.{' '}
              <Link to="/demos/write">Write one of your own.</Link>
            </Typography>
          )}
        </Box>
      </Box>
    </Box>
  );
}
