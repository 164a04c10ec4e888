/** A helper’s phone: my next, its countdown, what I have in the background, and three big buttons. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { deviceName } from '../../contract/share';
import { peopleIn } from '../../core/ready/facts';
import { urgencyOf, whoHasWhat } from '../../core/stage/crew';
import { counted } from '../../core/words';
import { usePeople } from '../app/data';
import { useLine } from '../app/live';
import { chooseMe, useMe } from '../app/me';
import { usePreferences } from '../app/preferences';
import { dayWords, timeOf } from '../brief/dates';
import { useAtHand } from '../brief/useAtHand';
import { type OpenShow, useShow } from '../brief/useShow';
import { NightPage } from '../parts/NightPage';
import { Loading, Trouble, useTitle } from '../parts/page';
import { pinked } from '../parts/tapeShape';
import { useAction } from '../parts/useAction';
import type { JobKind } from '../stage/Beside';
import { useAwake, useUrgency } from '../stage/device';
import { HandCount } from '../stage/HandCount';
import { usePlaying, useWord } from '../cues/usePlaying';
import { DutyCard } from './DutyCard';
import { MyLines } from './MyLines';
import { MyShots } from './MyShots';
import { OnStageNow } from './OnStageNow';
import { TroubleDialog } from './TroubleDialog';
import { type Duties, useDuties } from './useDuties';
import { Windows } from './Windows';

const outlined = {
  flex: 1,
  minHeight: 60,
  border: '2px solid var(--control)',
  borderRadius: 1.5,
  font: '600 24px Bricolage',
} as const;

const link = {
  display: 'inline-flex',
  alignItems: 'center',
  minHeight: 48,
  fontSize: 18,
  textUnderlineOffset: 4,
} as const;

/** Whose phone it is, asked once. */
function WhoseIsIt({ open }: { open: OpenShow }) {
  const act = useAction();
  const { data: people = [] } = usePeople();
  const crew = people.filter(({ id }) => open.show.crew.includes(id));
  return (
    <Box sx={{ p: 2.5 }}>
      <Box component="h1" sx={{ font: '800 34px/38px Bricolage', m: 0, mb: 2 }}>
        Whose device is this?
      </Box>
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        {(crew.length > 0 ? crew : people).map(({ id, name }) => (
          <ButtonBase key={id} onClick={() => void act(() => chooseMe(id))} sx={outlined}>
            {name}
          </ButtonBase>
        ))}
      </Box>
      {people.length === 0 && <p>There is nobody under People yet. Add the crew on the laptop.</p>}
      <Box sx={{ mt: 2 }}>
        <Link to={`/shows/${open.show.id}/ready`}>To the checks</Link>
      </Box>
    </Box>
  );
}

function TopLine({ live, now, name }: { live: Duties['live']; now: number; name: string }) {
  const up = useLine((state) => state.up);
  const { pending, error } = live;
  const waiting = pending > 0 ? `, ${counted(pending, 'press', 'presses')} on this device` : '';
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 52 }}>
      <Box
        role="status"
        sx={{ flex: 1, fontSize: 17, color: up ? 'var(--muted)' : 'var(--ember)' }}
      >
        <Box component="b" sx={{ color: 'var(--ink)' }}>
          {name}
        </Box>
        {error ? `: ${error}` : `, ${up ? 'joined' : '△ cut off'}${waiting}`}
      </Box>
      <Box component="time" sx={{ font: '700 30px Bricolage' }}>
        {timeOf(now)}
      </Box>
    </Box>
  );
}

/** Who else is at what, so that nobody has to ask. */
function Others({ duties, open }: { duties: Duties; open: OpenShow }) {
  const { told, presents, now } = duties;
  if (!told) return null;
  const has = whoHasWhat(told, presents, open.input.crew);
  if (has.length === 0) return null;
  return (
    <Box component="section" aria-label="Who has what" sx={{ mt: 2 }}>
      <Box sx={{ color: 'var(--muted)', fontSize: 17 }}>Who has what</Box>
      {has.map(({ id, name, duty }) => (
        <Box key={id} sx={{ fontSize: 18, lineHeight: '26px' }}>
          <b>{name}</b>{' '}
          {duty
            ? `${duty.state === 'underWay' ? '' : duty.from - now > 60_000 ? `${timeOf(duty.from)}: ` : 'next: '}${duty.kind === 'present' ? `presents ${duty.name}` : duty.name}`
            : 'free'}
        </Box>
      ))}
    </Box>
  );
}

/** Hands for the question on the audience’s screen, while it is asked. */
function Count({ live: { run, live, press }, people }: { live: Duties['live']; people: number }) {
  const slot = run?.plan.slots.find(({ id }) => id === live?.slot);
  if (!live || !slot?.prediction || live.screen.mode !== 'question') return null;
  return (
    <Box sx={{ mt: 2 }}>
      <Box sx={{ color: 'var(--muted)', fontSize: 17 }}>“{slot.prediction.ask}”</Box>
      <HandCount slot={slot} live={live} people={people} press={press} />
    </Box>
  );
}

function Work({ open, person }: { open: OpenShow; person: string }) {
  const { data: people = [] } = usePeople();
  const device = useMe((state) => state.me?.device ?? null);
  const duties = useDuties(open, person);
  const [trouble, setTrouble] = useState(false);
  const { live, isLive, missed, view, now, faceOf } = duties;
  const { duty, called } = view;
  useAwake(true);
  usePlaying();
  const word = useWord(person, now);
  const urgency = duty ? urgencyOf(duty, now) : 'later';
  useUrgency(
    word
      ? `word ${word.at}`
      : called
        ? `call ${called.at}`
        : duty && urgency !== 'later'
          ? `${duty.slot}/${duty.task}/${urgency}`
          : null,
  );
  const mine = open.ready.state.open.filter((check) => check.personId === person);
  const nameOf = (id: string | null): string =>
    people.find((one) => one.id === id)?.name.split(' ')[0] ?? 'Somebody';
  const say = (kind: JobKind): void => {
    if (duty?.task) live.press(kind, { slot: duty.slot, step: duty.task, go: null });
  };
  const task = duty?.kind === 'task' ? duty : null;
  const begun = task?.state === 'underWay';
  const face = duty && faceOf(duty.slot);
  return (
    <Box
      sx={{
        height: '100dvh',
        display: 'flex',
        flexDirection: 'column',
        maxWidth: 520,
        m: '0 auto',
        px: 2,
      }}
    >
      <TopLine
        live={live}
        now={now}
        name={device?.name || nameOf(person) || (device ? deviceName(device, people) : '')}
      />
      <OnStageNow duties={duties} open={open} />
      {word || called ? (
        <Box
          role="alert"
          sx={{
            mt: 1,
            px: 2,
            py: 1,
            background: 'var(--ember-area)',
            color: 'var(--on-ember)',
            clipPath: pinked(5, 6),
            font: '700 24px/28px Bricolage',
          }}
        >
          {word
            ? word.words || word.name
            : `${nameOf(called?.by ?? null)} calls: ${called?.duty.name ?? ''}`}
        </Box>
      ) : (
        task &&
        urgency === 'soon' && (
          <Box role="status" sx={{ mt: 1, font: '700 22px/28px Bricolage' }}>
            {face ? `${face.number} is coming: ` : ''}get ready
          </Box>
        )
      )}
      <Box sx={{ flex: 1, minHeight: 0, overflowY: 'auto', pb: 1 }}>
        <MyLines duties={duties} person={person} />
        <MyShots open={open} duties={duties} person={person} />
        <DutyCard open={open} view={view} now={now} missed={missed} />
        <Box sx={{ borderTop: '1px solid var(--line)', mt: 2 }} />
        <Windows windows={view.background} faceOf={faceOf} now={now} />
        {!isLive && (
          <Box sx={{ mt: 2, fontSize: 18, lineHeight: '25px', color: 'var(--muted)' }}>
            By the plan of {dayWords(open.show.date)}, start {open.show.start}. Once the stage is
            open on the laptop, what you press here counts.
          </Box>
        )}
        <Count live={live} people={peopleIn(open.show)} />
        <Others duties={duties} open={open} />
        <Box
          component="nav"
          aria-label="Also yours"
          sx={{ display: 'flex', gap: 2.5, flexWrap: 'wrap', mt: 1.5 }}
        >
          <Box component={Link} to={`/shows/${open.show.id}/ready`} sx={link}>
            {mine.length > 0 ? `${counted(mine.length, 'check')} of yours open` : 'Checks'}
          </Box>
          <Box component={Link} to={`/shows/${open.show.id}/pack`} sx={link}>
            Packing
          </Box>
          <Box component={Link} to={`/shows/${open.show.id}/order`} sx={link}>
            Running order
          </Box>
        </Box>
      </Box>
      {task && isLive && (
        <Box sx={{ pb: 2, pt: 1, display: 'grid', gap: 1.5 }}>
          <ButtonBase
            onClick={() => say(begun ? 'ready' : 'begin')}
            sx={{
              minHeight: 84,
              background: 'var(--ember-area)',
              color: 'var(--on-ember)',
              clipPath: pinked(5, 8),
              font: '700 34px Bricolage',
            }}
          >
            {begun ? 'Done' : 'Started'}
          </ButtonBase>
          <Box sx={{ display: 'flex', gap: 1.5 }}>
            <ButtonBase
              onClick={() => say(begun ? (task.said ? 'unmark' : 'late') : 'ready')}
              sx={outlined}
            >
              {begun ? 'Not begun' : 'Done'}
            </ButtonBase>
            <ButtonBase onClick={() => setTrouble(true)} sx={outlined}>
              <Box component="span" aria-hidden sx={{ color: 'var(--ember)', mr: 1 }}>
                △
              </Box>
              Trouble
            </ButtonBase>
          </Box>
        </Box>
      )}
      {trouble && task && (
        <TroubleDialog
          duty={task}
          onClose={() => setTrouble(false)}
          onSay={(kind, words) => {
            setTrouble(false);
            if (kind) say(kind);
            if (words)
              live.press('note', { slot: task.slot, step: task.task, go: null, text: words });
          }}
        />
      )}
    </Box>
  );
}

export default function CrewPage() {
  const { showId = '' } = useParams();
  const { open, error } = useShow(showId);
  useAtHand(showId);
  const person = usePreferences((state) => state.me);
  useTitle(open ? `Your work · ${open.show.title}` : 'Your work');
  return (
    <NightPage>
      {open ? (
        person === null ? (
          <WhoseIsIt open={open} />
        ) : (
          <Work open={open} person={person} />
        )
      ) : (
        <Box sx={{ p: 2 }}>
          <Trouble error={error} />
          {!error && <Loading />}
        </Box>
      )}
    </NightPage>
  );
}
