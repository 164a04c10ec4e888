import CssBaseline from '@mui/material/CssBaseline';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClientProvider } from '@tanstack/react-query';
import { SnackbarProvider, useSnackbar } from 'notistack';
import { lazy, type ReactNode, Suspense, useEffect, useMemo } from 'react';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import BenchLayout, { FormerAddress } from '../bench/BenchLayout';
import { LineDown } from './LineDown';
import { useNoGhosts } from '../documents/ghosts';
import { useLeaving } from '../documents/useLeaving';
import { Guarded } from '../parts/Guarded';
import { Loading, Page } from '../parts/page';
import { ReadOnlyPages } from '../parts/ReadOnly';
import { Shortcuts } from '../parts/Shortcuts';
import { queryClient, readAgain, useChanges } from './data';
import { keepLastKnown } from './lastKnown';
import { askWhoIAm, homeOf, useMe, useRole } from './me';
import { usePreferences } from './preferences';
import { Shell } from './Shell';
import { keepDelivering, onTickRefused } from './ticks';
import { THUMB, themeFor } from './theme';
import { cssVariables } from './tokens';

const TodayPage = lazy(() => import('../today/TodayPage'));
const ShowsPage = lazy(() => import('../brief/ShowsPage'));
const NewShowPage = lazy(() => import('../start/NewShowPage'));
const TourPage = lazy(() => import('../brief/TourPage'));
const ShowLayout = lazy(() => import('../brief/ShowLayout'));
const BriefPage = lazy(() => import('../brief/BriefPage'));
const LineupPage = lazy(() => import('../lineup/LineupPage'));
const KitPage = lazy(() => import('../kit/KitPage'));
const ReadyPage = lazy(() => import('../ready/ReadyPage'));
const ScriptPage = lazy(() => import('../script/ScriptPage'));
const ClassPage = lazy(() => import('../class/ClassPage'));
const HandOutPage = lazy(() => import('../handout/HandOutPage'));
const ShotsPage = lazy(() => import('../shots/ShotsPage'));
const WordsPage = lazy(() => import('../script/WordsPage'));
const RisksPage = lazy(() => import('../ready/RisksPage'));
const StagePage = lazy(() => import('../stage/StagePage'));
const AfterPage = lazy(() => import('../after/AfterPage'));
const LearnedPage = lazy(() => import('../after/LearnedPage'));
const DemosPage = lazy(() => import('../repertoire/DemosPage'));
const WritePage = lazy(() => import('../write/WritePage'));
const LibraryDemoPage = lazy(() => import('../repertoire/LibraryDemoPage'));
const DemoPage = lazy(() => import('../repertoire/DemoPage'));
const PackPage = lazy(() => import('../kit/pack/PackPage'));
const StoreLayout = lazy(() => import('../inventory/StoreLayout'));
const StockPage = lazy(() => import('../inventory/StockPage'));
const ItemPage = lazy(() => import('../inventory/ItemPage'));
const ShoppingPage = lazy(() => import('../inventory/shopping/ShoppingPage'));
const BoxesPage = lazy(() => import('../inventory/BoxesPage'));
const BringInPage = lazy(() => import('../inventory/bringIn/BringInPage'));
const UnitsPage = lazy(() => import('../inventory/UnitsPage'));
const BenchPage = lazy(() => import('../bench/BenchPage'));
const TrialsPage = lazy(() => import('../trials/TrialsPage'));
const TrialLayout = lazy(() => import('../trials/TrialLayout'));
const QuestionPage = lazy(() => import('../trials/QuestionPage'));
const GoesPage = lazy(() => import('../trials/GoesPage'));
const UsePage = lazy(() => import('../trials/UsePage'));
const AnswerPage = lazy(() => import('../trials/AnswerPage'));
const VenuesPage = lazy(() => import('../venues/VenuesPage'));
const BackupsPage = lazy(() => import('../house/BackupsPage'));
const JoinPage = lazy(() => import('../share/JoinPage'));
const SharePage = lazy(() => import('../share/SharePage'));
const NotSharedPage = lazy(() => import('../share/NotSharedPage'));
const CrewPage = lazy(() => import('../crew/CrewPage'));
const OrderPage = lazy(() => import('../crew/OrderPage'));
const ScreenPage = lazy(() => import('../screen/ScreenPage'));
const ConfidencePage = lazy(() => import('../screen/ConfidencePage'));
const CueListPage = lazy(() => import('../cues/CueListPage'));
const LightAndSoundPage = lazy(() => import('../cues/LightAndSoundPage'));
const CrewHome = lazy(() => import('../crew/CrewHome'));
const PeoplePage = lazy(() => import('../people/PeoplePage'));

const Nowhere = () => (
  <Page title="Nothing here">
    <p>This page is not there. It may have been removed, or the address has a slip in it.</p>
  </Page>
);

/** Where a device begins: the day, or its own work. */
function Home() {
  const me = useMe((state) => state.me);
  const home = me ? homeOf(me) : '/';
  const { pathname } = useLocation();
  return home === '/' && pathname === '/' ? <TodayPage /> : <Navigate to={home} replace />;
}

/** Asks who this device is, and shows where to come in to one that is not. */
function LetIn({ children }: { children: ReactNode }) {
  const out = useMe((state) => state.out);
  const role = useRole();
  useEffect(() => {
    void askWhoIAm();
    keepLastKnown(readAgain);
  }, []);
  if (out)
    return (
      <Suspense fallback={null}>
        <JoinPage />
      </Suspense>
    );
  return role === null ? null : children;
}

/** What is ticked on this device gets to the server, now or later; what it won’t have is told. */
function useTicking(): void {
  const { enqueueSnackbar } = useSnackbar();
  useEffect(() => {
    onTickRefused((message) => enqueueSnackbar(message, { variant: 'error' }));
    return keepDelivering();
  }, [enqueueSnackbar]);
}

function Content() {
  useChanges();
  useLeaving();
  useTicking();
  useNoGhosts();
  return (
    <>
      <Shortcuts />
      <LineDown />
      <Suspense
        fallback={
          <Page title="…">
            <Loading />
          </Page>
        }
      >
        <Routes>
          <Route
            path="/shows/:showId/crew"
            element={
              <Guarded>
                <CrewPage />
              </Guarded>
            }
          />
          <Route
            path="/shows/:showId/confidence"
            element={
              <Guarded>
                <ConfidencePage />
              </Guarded>
            }
          />
          <Route path="/screen/:showId?" element={<ScreenPage />} />
          <Route
            path="/shows/:showId/on-stage"
            element={
              <Guarded>
                <StagePage />
              </Guarded>
            }
          />
          <Route element={<Shell />}>
            <Route index element={<Home />} />
            <Route path="join" element={<Home />} />
            <Route path="share" element={<SharePage />} />
            <Route path="light-and-sound" element={<LightAndSoundPage />} />
            <Route path="not-shared" element={<NotSharedPage />} />
            <Route path="crew" element={<CrewHome />} />
            <Route path="shows" element={<ShowsPage />} />
            <Route path="shows/new" element={<NewShowPage />} />
            <Route path="tour" element={<TourPage />} />
            <Route path="shows/:showId/pack" element={<PackPage />} />
            <Route path="shows/:showId/order" element={<OrderPage />} />
            <Route path="shows/:showId" element={<ShowLayout />}>
              <Route index element={<Navigate to="brief" replace />} />
              <Route path="ready" element={<ReadyPage />} />
              <Route path="cues" element={<CueListPage />} />
              <Route path="script" element={<ScriptPage />} />
              <Route path="shots" element={<ShotsPage />} />
              <Route path="hand-out" element={<HandOutPage />} />
              <Route path="class" element={<ClassPage />} />
              <Route element={<ReadOnlyPages />}>
                <Route path="brief" element={<BriefPage />} />
                <Route path="line-up" element={<LineupPage />} />
                <Route path="kit" element={<KitPage />} />
                <Route path="ready/risks" element={<RisksPage />} />
                <Route path="after" element={<AfterPage />} />
                <Route path="after/learned" element={<LearnedPage />} />
              </Route>
            </Route>
            <Route element={<ReadOnlyPages />}>
              <Route path="demos" element={<DemosPage />} />
              <Route path="demos/write" element={<WritePage />} />
              <Route path="demos/library/:libraryId" element={<LibraryDemoPage />} />
              <Route path="demos/:demoId/write" element={<WritePage />} />
              <Route path="demos/:demoId/words" element={<WordsPage />} />
              <Route path="demos/:demoId" element={<DemoPage />} />
              <Route path="store" element={<StoreLayout />}>
                <Route index element={<StockPage />} />
                <Route path="items/:itemId" element={<ItemPage />} />
                <Route path="shopping" element={<ShoppingPage />} />
                <Route path="boxes" element={<BoxesPage />} />
                <Route path="bring-in" element={<BringInPage />} />
                <Route path="units" element={<UnitsPage />} />
              </Route>
              <Route path="venues" element={<VenuesPage />} />
              <Route path="people" element={<PeoplePage />} />
            </Route>
            <Route path="bench" element={<BenchLayout />}>
              <Route index element={<Navigate to="calculators" replace />} />
              <Route path="calculators/:calculatorId?" element={<BenchPage />} />
              <Route path="trials" element={<TrialsPage />} />
              <Route path=":calculatorId" element={<FormerAddress />} />
            </Route>
            <Route path="bench/trials/:trialId" element={<TrialLayout />}>
              <Route index element={<Navigate to="answer" replace />} />
              <Route path="question" element={<QuestionPage />} />
              <Route path="goes" element={<GoesPage />} />
              <Route path="answer" element={<AnswerPage />} />
              <Route path="use" element={<UsePage />} />
            </Route>
            <Route path="backups" element={<BackupsPage />} />
            <Route path="*" element={<Nowhere />} />
          </Route>
        </Routes>
      </Suspense>
    </>
  );
}

export function App() {
  const mode = usePreferences((state) => state.mode);
  const theme = useMemo(() => themeFor(mode), [mode]);
  return (
    <ThemeProvider theme={theme}>
      <CssBaseline />
      <GlobalStyles
        styles={{
          ':root': { ...cssVariables(mode), colorScheme: mode === 'day' ? 'light' : 'dark' },
          body: { fontVariantNumeric: 'tabular-nums' },
          'a:not([class])': { color: 'var(--ember)' },
          ':focus-visible': { outline: '2px solid var(--ember) !important', outlineOffset: '2px' },
          [THUMB]: { 'details > summary': { minHeight: 44, alignContent: 'center' } },
          '@media (prefers-reduced-motion: reduce)': {
            '*': { animation: 'none !important', transition: 'none !important' },
          },
        }}
      />
      <QueryClientProvider client={queryClient}>
        <SnackbarProvider maxSnack={3} anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}>
          <BrowserRouter>
            <LetIn>
              <Content />
            </LetIn>
          </BrowserRouter>
        </SnackbarProvider>
      </QueryClientProvider>
    </ThemeProvider>
  );
}
