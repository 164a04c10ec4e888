import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Theme } from '@mui/material/styles';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { kitList } from '../../core/kit/kit';
import { bookedPeople } from '../../core/ready/facts';
import { gearPlans } from '../../core/ready/gear';
import { loadsOf } from '../../core/ready/power';
import { fetchings } from '../../core/ready/volunteers';
import { type Stop, tickedTogether } from '../../core/ready/walk/stops';
import { parseClock, sayDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { useMay } from '../app/me';
import { usePreferences } from '../app/preferences';
import { useNowOf } from '../brief/useNowOf';
import { type OpenShow, useOpenShow } from '../brief/useShow';
import { Instead } from '../kit/Instead';
import { Empty } from '../parts/page';
import { Pick } from '../parts/Pick';
import { ReadOnly } from '../parts/ReadOnly';
import { useAskedFor } from '../parts/useAskedFor';
import { useSayUndoable } from '../parts/undoable';
import { DayFigures } from './DayFigures';
import { GearPart } from './GearPart';
import { PowerPart } from './PowerPart';
import { SensorLine } from './SensorLine';
import { StagePlan } from './StagePlan';
import { useMarks } from './useMarks';
import { usePhotos } from './usePhotos';
import { VerdictList } from './VerdictList';
import { VolunteerPart } from './VolunteerPart';
import { WaiveDialog } from './WaiveDialog';
import { stopName } from './walk/names';
import { StopCard } from './walk/StopCard';
import { Troubles } from './walk/Troubles';
import { useWalk } from './walk/useWalk';
import { useWalkKeys } from './walk/useWalkKeys';
import { toStart, WalkCord, WalkLine } from './walk/WalkCord';
import { WrongDialog } from './walk/WrongDialog';

/** Shown when asked for, beneath what is looked at. */
const OnDemand = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <Box component="details" sx={{ borderTop: '1px solid var(--line)' }}>
    <Box component="summary" sx={{ py: 1.5, font: '600 16px/22px Bricolage', cursor: 'pointer' }}>
      {title}
    </Box>
    <Box sx={{ pb: 1.5 }}>{children}</Box>
  </Box>
);

/** What belongs to a stop besides its checks: the figures of the day, who wears what, who is asked up. */
function StopExtras({ open, stop, isLast }: { open: OpenShow; stop: Stop; isLast: boolean }) {
  const { store, show, bundle, timeline } = open;
  const figures = useAskedFor('see', 'figures').place;
  const { fetched, gear, loads } = useMemo(
    () => ({
      fetched: fetchings(bundle, timeline),
      gear: gearPlans(bundle, timeline),
      loads: loadsOf(bundle, timeline).filter((load) => load.peak > 0),
    }),
    [bundle, timeline],
  );
  const startOfDay = parseClock(show.start);
  const nameOf = (id: string): string => bundle.people.find((p) => p.id === id)?.name ?? 'Somebody';
  return (
    <>
      {stop.kind === 'arrival' && (
        <>
          <Box
            ref={figures}
            component="section"
            aria-label="Measured"
            sx={{ borderTop: '1px solid var(--line)', pt: 1.25, pb: 2 }}
          >
            <Box component="h3" sx={{ font: '600 16px/22px Bricolage', m: 0, mb: 1.5 }}>
              Measured
            </Box>
            <ReadOnly quiet>
              <DayFigures outdoors={bundle.venue?.outdoors ?? false} booked={bookedPeople(show)} />
              <SensorLine store={store} />
            </ReadOnly>
          </Box>
          {loads.length > 0 && (
            <OnDemand title="Power over the show">
              <PowerPart loads={loads} startOfDay={startOfDay} />
            </OnDemand>
          )}
        </>
      )}
      {stop.kind === 'crew' && gear.length > 0 && (
        <OnDemand title="Who wears what, and when">
          <GearPart plans={gear} startOfDay={startOfDay} nameOf={nameOf} />
        </OnDemand>
      )}
      {isLast && fetched.length > 0 && (
        <OnDemand title="Volunteers: who to ask, and what to say">
          <VolunteerPart fetched={fetched} startOfDay={startOfDay} />
        </OnDemand>
      )}
    </>
  );
}

/** May it begin? A walk through what is looked at, in the order one does it; what is in the way; the stage at a moment. */
export default function ReadyPage() {
  const open = useOpenShow();
  const { show, bundle, answer, ready } = open;
  const { me } = usePreferences();
  const plan = useAskedFor('see', 'plan').place;
  const phone = useMediaQuery<Theme>((theme) => theme.breakpoints.down('md'), { noSsr: true });
  // Whose phone it is has their own walk on it; the stage manager's table has everybody's.
  const mine = phone && ready.checks.some((check) => check.personId === me) ? me : null;
  const [who, setWho] = useState<string | null>(mine);
  const [waiving, setWaiving] = useState<{ key: string; title: string } | null>(null);
  const [isWrong, setWrong] = useState(false);
  const put = useMarks(show.id);
  const photos = usePhotos(show.id, answer.photos);
  const sayUndoable = useSayUndoable();
  const walk = useWalk(open, who);
  const now = useNowOf(show);
  const { checks, shortBy, state } = ready;
  const { here, next } = walk;
  const start = parseClock(show.start);
  const nameOf = (id: string | null): string =>
    bundle.people.find((p) => p.id === id)?.name ?? 'Somebody';
  const crew = bundle.people.filter((person) =>
    checks.some((check) => check.personId === person.id),
  );
  const mayWaive = bundle.people.find((person) => person.id === me)?.mayWaive;
  const presents = useMay('presenter');
  const barred = !presents
    ? 'Only a presenter passes over a check.'
    : mayWaive === undefined
      ? 'Say first who you are, at the bottom of the navigation: a waiver carries a name.'
      : mayWaive
        ? null
        : `${nameOf(me)} may not waive a check. Ask somebody who may.`;

  const all = (): void => {
    if (!here) return;
    const together = tickedTogether(here, state);
    for (const { key } of together) put(key, { state: 'done', reason: '', value: null });
    if (together.length > 0)
      sayUndoable(`${counted(together.length, 'check')} ticked at ${stopName(here)}`, () => {
        for (const { key } of together) put(key, null);
      });
    const left = here.parts
      .flatMap((part) => part.checks)
      .filter((one) => state.open.includes(one));
    if (left.length === together.length || together.length === 0) {
      if (next) walk.to(next.key);
    }
  };
  useWalkKeys({ all, wrong: () => here && setWrong(true), step: walk.step });

  if (checks.length === 0)
    return (
      <Empty title="Nothing to check yet">
        The checks follow from the <Link to="../line-up">line-up</Link>.
      </Empty>
    );
  const judged = {
    marks: answer.marks,
    nameOf,
    onWaive: setWaiving,
    onTakeBack: (key: string) => put(key, null),
  };
  const cord = { stops: walk.stops, here, state, start, now, onTo: walk.to };
  const away = toStart(now, start);
  const left = state.open.filter((check) => who === null || check.personId === who).length;
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          columnGap: 3,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            md: '220px minmax(0, 1fr)',
            lg: '220px minmax(0, 1fr) 340px',
            xl: '240px minmax(0, 1fr) 420px',
          },
          gridTemplateAreas: {
            xs: '"walk" "stop" "whole"',
            md: '"walk stop" "whole whole"',
            lg: '"walk stop whole"',
          },
        }}
      >
        <Box sx={{ gridArea: 'walk', position: { lg: 'sticky' }, top: 8 }}>
          <Box
            sx={{
              display: 'flex',
              flexWrap: { xs: 'nowrap', md: 'wrap' },
              alignItems: { xs: 'center', md: 'baseline' },
              columnGap: 1.5,
              mb: 1,
            }}
          >
            <Box
              component="h2"
              sx={{ font: '600 19px/26px Bricolage', m: 0, whiteSpace: 'nowrap' }}
            >
              The walk
            </Box>
            <Box sx={{ fontSize: 14, color: 'var(--muted)', minWidth: 0 }}>
              {left} of{' '}
              {counted(
                who === null ? checks.length : checks.filter((c) => c.personId === who).length,
                'check',
              )}{' '}
              left
            </Box>
            <Box
              sx={{
                ml: { xs: 'auto', md: 0 },
                flex: 'none',
                width: { xs: 130, md: '100%' },
                mt: { md: 1 },
              }}
            >
              <Pick
                label="Whose walk"
                value={who}
                none="Everybody’s"
                options={crew.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={setWho}
              />
            </Box>
          </Box>
          {phone ? <WalkLine {...cord} /> : <WalkCord {...cord} />}
        </Box>
        <Box sx={{ gridArea: 'stop', minWidth: 0 }}>
          {shortBy > 0 && (
            <Alert severity="warning" variant="outlined" sx={{ mb: 1 }}>
              Setting up would have to begin {sayDuration(shortBy)} before the crew arrives. Come
              earlier, or bring one more pair of hands.
            </Alert>
          )}
          {here ? (
            <StopCard
              key={here.key}
              open={open}
              stop={here}
              next={next}
              start={start}
              nameOf={nameOf}
              photos={photos}
              onMark={put}
              onWaive={setWaiving}
              onAll={all}
              onWrong={() => setWrong(true)}
            >
              <StopExtras open={open} stop={here} isLast={here === walk.stops.at(-1)} />
            </StopCard>
          ) : (
            <p>Nothing of this is {nameOf(who)}’s.</p>
          )}
        </Box>
        <Box sx={{ gridArea: 'whole', minWidth: 0, mt: { xs: 3, lg: 0 } }}>
          <Troubles
            readiness={ready}
            show={show}
            stops={walk.all}
            away={away}
            onTo={walk.to}
            {...judged}
          />
          <Box sx={{ mt: 2.5 }} ref={plan}>
            <ReadOnly quiet>
              <StagePlan />
            </ReadOnly>
          </Box>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 3 }}>
        <Button variant="outlined" component={Link} to={`/shows/${show.id}/ready/risks`}>
          Risk assessment
        </Button>
        <Button component={Link} to={`/shows/${show.id}/script`}>
          Script
        </Button>
        <Button component={Link} to={`/shows/${show.id}/shots`}>
          Shot list
        </Button>
        <Button component={Link} to={`/shows/${show.id}/cues`}>
          Cues
        </Button>
      </Box>
      {state.watch.length > 0 && (
        <OnDemand title={`To watch: ${state.watch.length}`}>
          <VerdictList title="To watch" verdicts={state.watch} {...judged} />
        </OnDemand>
      )}
      {state.ok.length > 0 && (
        <OnDemand title={`Looked into, and within its limits: ${state.ok.length}`}>
          <VerdictList title="OK" verdicts={state.ok} {...judged} />
        </OnDemand>
      )}
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1.5 }}>
        Times are counted back from the start at {show.start}. Local rules, the venue and the
        supplier’s safety data sheet come first.
      </Typography>
      {isWrong && here && (
        <WrongDialog
          stop={here}
          onClose={() => setWrong(false)}
          instead={(itemId) =>
            kitList(bundle, open.timeline)
              .filter((entry) => entry.itemId === itemId)
              .map((entry) => (
                <Instead
                  key={entry.dimension}
                  open={open}
                  entry={entry}
                  onDone={() => setWrong(false)}
                />
              ))
          }
          onSay={(key, reason) => {
            put(key, { state: 'wrong', reason, value: null });
            setWrong(false);
          }}
        />
      )}
      {waiving && (
        <WaiveDialog
          title={waiving.title}
          barred={barred}
          onClose={() => setWaiving(null)}
          onWaive={(reason) => {
            put(waiving.key, { state: 'waived', reason, value: null });
            setWaiving(null);
          }}
        />
      )}
    </>
  );
}
