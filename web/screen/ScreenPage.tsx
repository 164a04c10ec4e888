/** For a projector: what the audience is to see, in letters for the last row; driven from the stage. */
import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Navigate, useParams } from 'react-router';
import type { PublicScreen, PublicWords } from '../../core/stage/screen';
import { formatDuration } from '../../core/time/clock';
import { send } from '../app/api';
import { serverNow } from '../app/live';
import { useMe } from '../app/me';
import { mediaUrl } from '../cues/useMedia';
import { useEachFired, usePlaying } from '../cues/usePlaying';
import { NightPage } from '../parts/NightPage';
import { useTitle } from '../parts/page';
import { pinked } from '../parts/tapeShape';
import { useAwake } from '../stage/device';
import { useNow } from '../stage/liveRun';
import { Claim } from './Claim';
import { Hand } from './Hand';
import { Pile } from './Pile';
import { ScreenControls, useTouched } from './ScreenControls';
import { Big, Head, HEIGHT, middle, tapeOf, WIDTH } from './ScreenParts';

/** What is chosen for the screen goes before a picture that a cue has put there. */
const GOES_BEFORE = new Set<PublicWords['kind']>(['blank', 'question', 'count', 'ears', 'claim']);

/**
 * The picture of a cue, as long as the demo is on that it was for; null for none. It is here before it is
 * known that its demo is on.
 */
function usePicture(screen: PublicScreen | null): string | null {
  const slot = screen?.slot?.id ?? null;
  const [shown, setShown] = useState<{ media: string; slot: string | null } | null>(null);
  useEachFired((cue) => {
    if (cue === null) setShown(null);
    else if (cue.kind === 'picture' && cue.media !== null)
      setShown({ media: cue.media, slot: cue.runId === null ? slot : cue.slot });
  });
  useEffect(() => {
    setShown((now) => (now?.slot === slot ? now : null));
  }, [slot]);
  const isCovered = !screen || GOES_BEFORE.has(screen.says.kind);
  return shown && !isCovered ? shown.media : null;
}

/** By how much the drawing fills the screen there is. */
function useScale(): number {
  const fit = (): number => Math.min(window.innerWidth / WIDTH, window.innerHeight / HEIGHT);
  const [scale, setScale] = useState(fit);
  useEffect(() => {
    const again = (): void => setScale(fit());
    window.addEventListener('resize', again);
    return () => window.removeEventListener('resize', again);
  }, []);
  return scale;
}

const Clock = ({ label, seconds }: { label: string; seconds: number }) => (
  <Box
    sx={{
      display: 'flex',
      alignItems: 'center',
      gap: 3,
      height: 88,
      px: 4,
      background: 'var(--cue-tape)',
      clipPath: pinked(5, 8),
      font: '600 42px Atkinson',
      whiteSpace: 'nowrap',
    }}
  >
    {label}
    <Box component="b" sx={{ font: '800 60px Bricolage' }}>
      {formatDuration(seconds)}
    </Box>
  </Box>
);

function Question({
  screen,
  says,
  now,
}: {
  screen: PublicScreen;
  says: Extract<PublicWords, { kind: 'question' }>;
  now: number;
}) {
  const { ask, options, until, from, reveal } = says;
  const left = until === null ? 0 : Math.max(0, (until - now) / 1000);
  const share = until === null ? 0 : Math.min(1, (now - from) / Math.max(1, until - from));
  const wide = Math.floor((WIDTH - 96 - 28 * (options.length - 1)) / options.length);
  const shown = reveal !== null;
  const longest = Math.max(...options.map(({ words }) => words.length));
  return (
    <>
      <Head screen={screen}>
        {until !== null && (
          <Clock label={left > 0 ? 'hands up' : 'hands down'} seconds={Math.ceil(left)} />
        )}
      </Head>
      <Box
        component="h1"
        sx={{
          m: 0,
          font: `800 ${ask.length > 34 ? 60 : 84}px/1.05 Bricolage`,
          letterSpacing: '-0.02em',
          mt: 2,
        }}
      >
        {ask}
      </Box>
      <Box sx={{ flex: 1, minHeight: 0, display: 'flex', gap: '28px', mt: 1.5 }}>
        {options.map(({ words, hands, comesTrue }, i) => (
          <Box
            key={words}
            sx={{
              flex: 1,
              minWidth: 0,
              display: 'flex',
              flexDirection: 'column',
              opacity: shown && !comesTrue && options.some((one) => one.comesTrue) ? 0.4 : 1,
            }}
          >
            <Box sx={{ font: `600 ${longest > 16 ? 34 : 48}px/1.1 Bricolage` }}>{words}</Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 2.5, mt: 1 }}>
              <Hand fingers={i + 1} size={88} />
              <Box component="b" sx={{ font: '800 84px/1 Bricolage' }}>
                {hands}
              </Box>
            </Box>
            <Box sx={{ flex: 1, minHeight: 0, display: 'flex', alignItems: 'flex-end' }}>
              <Pile
                hands={hands}
                fill={comesTrue ? 'var(--ember)' : tapeOf(screen)}
                width={wide}
                height={200}
              />
            </Box>
          </Box>
        ))}
      </Box>
      {shown ? (
        <Box
          sx={{
            height: 64,
            font: '600 40px/64px Bricolage',
            color: 'var(--ember)',
            overflow: 'hidden',
          }}
        >
          {reveal}
        </Box>
      ) : (
        <Box sx={{ height: 26, mt: 2, background: 'var(--card)' }}>
          {until !== null && (
            <Box sx={{ height: '100%', width: `${share * 100}%`, background: 'var(--ink)' }} />
          )}
        </Box>
      )}
    </>
  );
}

function Shown({ screen, now }: { screen: PublicScreen; now: number }) {
  const { says, slot, title, phase } = screen;
  if (says.kind === 'blank') return null;
  if (says.kind === 'ears')
    return (
      <>
        <Head screen={screen} />
        <Box sx={middle}>
          <Big words="Cover your ears" most={170} />
        </Box>
      </>
    );
  if (says.kind === 'count') {
    const seconds = says.to === null ? (now - says.from) / 1000 : Math.ceil((says.to - now) / 1000);
    return (
      <>
        <Head screen={screen} />
        <Box sx={{ ...middle, font: '800 420px/1 Bricolage', letterSpacing: '-0.03em' }}>
          {says.to !== null && seconds <= 60
            ? Math.max(0, seconds)
            : formatDuration(Math.max(0, Math.floor(seconds)))}
        </Box>
      </>
    );
  }
  if (says.kind === 'claim') return <Claim screen={screen} says={says} />;
  if (says.kind === 'question') return <Question screen={screen} says={says} now={now} />;
  if (!slot || phase === 'finished')
    return (
      <Box sx={middle}>
        <Big words={title} />
      </Box>
    );
  return (
    <>
      <Head screen={screen} named={says.kind === 'cue'} />
      <Box sx={middle}>
        <Big words={says.kind === 'cue' ? says.words : slot.name} />
      </Box>
    </>
  );
}

export default function ScreenPage() {
  const { showId } = useParams();
  const opened = useMe((state) => state.me?.showId ?? null);
  const { data } = useQuery({
    queryKey: ['/screens', showId],
    queryFn: () => send<PublicScreen>('GET', `/screens/${showId}`),
    enabled: showId !== undefined,
  });
  const now = useNow(serverNow, 200);
  const scale = useScale();
  const picture = usePicture(data ?? null);
  const touched = useTouched();
  useAwake(true);
  usePlaying();
  useTitle(data?.title ?? 'Screen');
  if (showId === undefined && opened) return <Navigate to={`/screen/${opened}`} replace />;
  return (
    <NightPage
      sx={{
        width: '100vw',
        height: '100dvh',
        overflow: 'hidden',
        display: 'grid',
        placeItems: 'center',
        ...(data?.says.kind === 'blank' && { background: '#000' }),
        cursor: touched ? 'default' : 'none',
      }}
    >
      <Box
        aria-live="polite"
        sx={{
          width: WIDTH,
          height: HEIGHT,
          flex: 'none',
          boxSizing: 'border-box',
          px: 6,
          py: 4,
          display: 'flex',
          flexDirection: 'column',
          // Whatever the projector has, the whole of it is seen.
          transform: `scale(${scale})`,
        }}
      >
        {picture ? (
          <img
            src={mediaUrl(picture)}
            alt=""
            style={{ width: '100%', height: '100%', objectFit: 'contain' }}
          />
        ) : data ? (
          <Shown screen={data} now={now} />
        ) : (
          <Box sx={middle}>
            <Big
              words={showId ? '' : 'Choose on the laptop, under Share, which show this is for.'}
              most={90}
            />
          </Box>
        )}
      </Box>
      {touched && <ScreenControls />}
    </NightPage>
  );
}
