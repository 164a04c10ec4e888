/** At the foot of the stage: what whoever presents has on the laptop, in larger words, and nothing to press. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { useParams } from 'react-router';
import { verdictsOf } from '../../core/ready/judge';
import { situationOf } from '../../core/stage/situation';
import { comingUp } from '../../core/stage/steps';
import { formatDuration } from '../../core/time/clock';
import { useLine } from '../app/live';
import { timeOf } from '../brief/dates';
import { type OpenShow, useShow } from '../brief/useShow';
import { usePlaying } from '../cues/usePlaying';
import { NightPage } from '../parts/NightPage';
import { Loading, Trouble, useTitle } from '../parts/page';
import { closingWindow } from '../stage/Band';
import { useAwake } from '../stage/device';
import { useClock } from '../stage/clock';
import { useLiveRun, useNow } from '../stage/liveRun';
import { Now } from '../stage/Now';
import { endWords } from '../stage/TopLine';
import { useCaller } from '../stage/useCaller';
import { useOpenRunId } from '../stage/useOpenRun';
import { Waiting } from '../stage/Waiting';

/** By so much larger than on the laptop. */
const LARGER = 1.35;

function Mirror({ open }: { open: OpenShow }) {
  const runId = useOpenRunId(open.show.id);
  const { run, live, events } = useLiveRun(runId);
  const { telling, fresh } = useCaller(open, true, run, events);
  const now = useNow(useClock());
  const up = useLine((state) => state.up);
  // Read off a glass in front of it, words have to be the other way round.
  const [flipped, setFlipped] = useState(false);
  useAwake(true);
  usePlaying();
  const plan = run?.plan;
  const situation = plan && live ? situationOf(plan, live, telling, fresh, now) : null;
  const [next] = plan && live ? comingUp(plan, live) : [];
  const closing = closingWindow(telling, now);
  const gap = telling?.gaps.find(({ slot }) => slot === live?.slot);
  const words = !run
    ? 'The stage is not open yet'
    : situation?.kind === 'before'
      ? 'It has not begun yet'
      : situation?.kind === 'held'
        ? `Held for ${formatDuration((now - (live?.heldFrom ?? now)) / 1000)}`
        : situation?.kind === 'failed'
          ? 'It didn’t work: again, or move on?'
          : situation?.kind === 'curtain'
            ? 'That was the last'
            : situation?.kind === 'finished'
              ? 'It is over'
              : null;
  return (
    <Box
      sx={{
        height: `calc(100dvh / ${LARGER})`,
        display: 'flex',
        flexDirection: 'column',
        px: { xs: 2, md: 3 },
        transform: flipped ? 'scaleX(-1)' : undefined,
      }}
      style={{ zoom: LARGER }}
    >
      <Box
        sx={{
          display: 'flex',
          alignItems: 'center',
          gap: 2,
          minHeight: 44,
          fontSize: { xs: 15, md: 20 },
          whiteSpace: 'nowrap',
        }}
      >
        <Box sx={{ flex: 1, overflow: 'hidden', textOverflow: 'ellipsis' }}>
          {telling && <b>{telling.paceWords} </b>}
          {telling && (
            <>
              {endWords(telling.end)},{' '}
              <Box component="b" sx={{ color: telling.end.over > 0 ? 'var(--ember)' : 'inherit' }}>
                {telling.end.overWords}
              </Box>
            </>
          )}
        </Box>
        <Box role="status" sx={{ color: 'var(--ember)' }}>
          {up ? '' : '△ Cut off'}
        </Box>
        <ButtonBase
          onClick={() => setFlipped(!flipped)}
          aria-pressed={flipped}
          aria-label="Mirror writing, for a glass"
          sx={{ minWidth: 44, minHeight: 44, color: 'var(--muted)' }}
        >
          ⇋
        </ButtonBase>
        <Box component="time" sx={{ font: '700 32px Bricolage' }}>
          {timeOf(now)}
        </Box>
      </Box>
      {closing && (
        <Box role="alert" sx={{ color: 'var(--ember)', fontSize: { xs: 16, md: 22 } }}>
          △ {closing.of}: {closing.name} keeps {formatDuration((closing.until - now) / 1000)} more
        </Box>
      )}
      <Box sx={{ flex: 1, minHeight: 0, overflow: 'hidden', display: 'flex', pt: 1 }}>
        {words !== null && (
          <Box
            component="h1"
            sx={{ m: 'auto', font: '800 64px/1.1 Bricolage', textAlign: 'center' }}
          >
            {words}
            {live?.slot && plan && (
              <Box sx={{ font: '400 32px Atkinson', color: 'var(--muted)', mt: 2 }}>
                {plan.slots.find(({ id }) => id === live.slot)?.name}
              </Box>
            )}
          </Box>
        )}
        {plan && live && situation?.kind === 'on' && (
          <Now
            plan={plan}
            live={live}
            slot={situation.slot}
            now={now}
            verdicts={verdictsOf(open.ready.verdicts, situation.slot.id)}
            narrow={false}
            onSign={() => undefined}
            onCues={null}
          />
        )}
        {plan && live && situation?.kind === 'waiting' && (
          <Waiting
            plan={plan}
            situation={situation}
            reason={gap?.reason ?? ''}
            now={now}
            narrow={false}
          />
        )}
      </Box>
      <Box
        sx={{
          display: 'flex',
          gap: 1.5,
          alignItems: 'baseline',
          minHeight: 44,
          borderTop: '1.5px solid var(--line)',
          fontSize: { xs: 18, md: 26 },
        }}
      >
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          Next
        </Box>
        <b>{next && plan ? `${plan.slots.indexOf(next) + 1} ${next.name}` : 'The end'}</b>
        {next?.performer && <span>{next.performer}</span>}
      </Box>
    </Box>
  );
}

export default function ConfidencePage() {
  const { showId = '' } = useParams();
  const { open, error } = useShow(showId);
  useTitle(open ? `Foot of the stage · ${open.show.title}` : 'Foot of the stage');
  return (
    <NightPage>
      {open ? (
        <Mirror open={open} />
      ) : (
        <Box sx={{ p: 2 }}>
          <Trouble error={error} />
          {!error && <Loading />}
        </Box>
      )}
    </NightPage>
  );
}
