/** The shot list of a show: what each camera sees when, who films it, what is in the way; to be printed. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { Filming } from '../../core/brief/filming';
import { type CameraShots, freeToFilm, type Shot, shotsOf } from '../../core/ready/shots/shots';
import { CAMERA_WORDS, shotFaultWords, slowInWords } from '../../core/ready/shots/words';
import type { Camera } from '../../core/repertoire/pictures';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { counted, listInWords } from '../../core/words';
import { usePersonName } from '../app/data';
import { type OpenShow, useOpenShow } from '../brief/useShow';
import { Empty } from '../parts/page';
import { Pick } from '../parts/Pick';
import { ReadOnly } from '../parts/ReadOnly';
import { Tape } from '../parts/tape';
import { tapeFill } from '../parts/tapeShape';
import { FrameSketch } from '../pictures/FrameSketch';

const STAND = 'stand';

function ShotRow({ open, shot }: { open: OpenShow; shot: Shot }) {
  const { show } = open;
  const nameOf = usePersonName();
  const slot = show.slots.find(({ id }) => id === shot.slotId);
  const mark = show.positions.find(({ id }) => id === slot?.positionId)?.mark ?? null;
  const start = parseClock(show.start);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '104px minmax(0, 1fr)', sm: '76px 120px minmax(0, 1fr)' },
        columnGap: 2,
        py: 1,
        borderTop: '1px solid var(--line)',
        breakInside: 'avoid',
      }}
    >
      <Box sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}>
        <Box component="time" sx={{ font: '600 16px/22px Bricolage' }}>
          {formatClock(start + shot.start)}
        </Box>
        <Box sx={{ fontSize: 14, color: 'var(--muted)' }}>
          for {formatDuration(shot.end - shot.start)}
        </Box>
      </Box>
      <FrameSketch camera={shot.view.camera} sees={shot.view.sees} />
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ font: '600 17px/23px Bricolage' }}>
          {shot.view.sees || 'What is in the picture?'}
        </Box>
        <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'center', fontSize: 15 }}>
          <Tape width={24} height={18} fill={tapeFill(mark)} size={12}>
            {shot.number}
          </Tape>
          <span>
            <Link to={`/demos/${slot?.demoId}/words?method=${slot?.methodId}`}>{shot.demo}</Link>:{' '}
            {shot.step}
          </span>
        </Box>
        {shot.view.slow && <Box sx={{ fontSize: 15 }}>{slowInWords(shot.view.slow)}</Box>}
        {shot.faults
          // Said once, above all that the camera sees.
          .filter((fault) => fault !== 'nobody' && fault !== 'gone')
          .map((fault) => (
            <Box key={fault} sx={{ fontSize: 15, fontWeight: 600, color: 'var(--ember)' }}>
              △ {shotFaultWords(shot, fault, (id) => nameOf(id))}
            </Box>
          ))}
      </Box>
    </Box>
  );
}

/** Who could hold the camera through all of it; said where whoever is named can’t, or nobody is. */
function whoCould({ timeline, show }: OpenShow, { shots, filming }: CameraShots): string[] {
  const fits =
    filming !== null &&
    shots.every(({ faults }) => !faults.some((one) => ['gone', 'busy', 'both'].includes(one)));
  return fits ? [] : freeToFilm(shots, show.crew, timeline);
}

function CameraList({ open, of }: { open: OpenShow; of: CameraShots }) {
  const { show, store, bundle } = open;
  const nameOf = usePersonName();
  const { camera, filming, shots } = of;
  const put = (value: string | null): void =>
    store.change((now) => ({
      ...now,
      filming: [
        ...now.filming.filter((one) => one.camera !== camera),
        ...(value === null
          ? []
          : [{ camera, personId: value === STAND ? null : value } satisfies Filming]),
      ],
    }));
  const could = whoCould(open, of);
  const isGone = shots.some(({ faults }) => faults.includes('gone'));
  return (
    <Box component="section" aria-label={CAMERA_WORDS[camera]} sx={{ mt: 3 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 1 }}>
        <Box component="h3" sx={{ font: '700 20px/26px Bricolage', m: 0 }}>
          {CAMERA_WORDS[camera]}
        </Box>
        <Box sx={{ width: 190 }}>
          <ReadOnly quiet>
            <Pick
              label={`Who films, ${CAMERA_WORDS[camera].toLowerCase()}`}
              value={isGone || !filming ? null : (filming.personId ?? STAND)}
              none="Nobody yet"
              options={[
                { value: STAND, label: 'On a stand' },
                ...bundle.people
                  .filter(({ id }) => show.crew.includes(id))
                  .map(({ id, name }) => ({ value: id, label: name })),
              ]}
              onChange={put}
            />
          </ReadOnly>
        </Box>
        {isGone && <b>Whoever was named is not of the show any more.</b>}
        {could.length > 0 && (
          <Box sx={{ color: 'var(--muted)', fontSize: 15 }}>
            {listInWords(could.map((id) => nameOf(id)))} {could.length === 1 ? 'has' : 'have'}{' '}
            nothing else to do then.
          </Box>
        )}
        {could.length === 0 && filming === null && (
          <Box sx={{ color: 'var(--muted)', fontSize: 15 }}>
            Nobody of the crew is free for all of it: a stand, or one more person.
          </Box>
        )}
      </Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {shots.map((shot) => (
          <ShotRow key={`${shot.slotId} ${shot.taskId} ${shot.view.id}`} open={open} shot={shot} />
        ))}
      </Box>
    </Box>
  );
}

/** How many shots are not as they should be, in words. */
function standing(cameras: readonly CameraShots[]): string {
  const shots = cameras.flatMap((one) => one.shots);
  const wrong = shots.filter(({ faults }) => faults.length > 0).length;
  const slow = shots.filter(({ view }) => view.slow !== null).length;
  return [
    `${counted(shots.length, 'shot')}, ${counted(cameras.length, 'camera')}`,
    ...(slow > 0 ? [`${slow} in slow motion`] : []),
    ...(wrong > 0 ? [`${wrong} not filmed yet, or not as planned`] : []),
  ].join(' · ');
}

export default function ShotsPage() {
  const open = useOpenShow();
  const { show, bundle, timeline } = open;
  const cameras = useMemo(() => shotsOf(bundle, timeline), [bundle, timeline]);
  const unseen: Camera[] = show.filming
    .map(({ camera }) => camera)
    .filter((camera) => !cameras.some((one) => one.camera === camera));
  if (cameras.length === 0)
    return (
      <Empty title="No camera sees anything yet">
        What a camera sees goes with the steps of each demo: open one in the{' '}
        <Link to="../line-up">line-up</Link>, then its words, and add a camera.
      </Empty>
    );
  return (
    <Box sx={{ maxWidth: 860 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
        <Box sx={{ flex: '1 1 300px' }}>
          <Box component="h2" sx={{ font: '700 26px/32px Bricolage', m: 0 }}>
            Shot list
          </Box>
          <Box sx={{ color: 'var(--muted)' }}>{standing(cameras)}</Box>
        </Box>
        <Button variant="outlined" component="a" href={`/api/shows/${show.id}/shots.pdf`} download>
          Print it (PDF)
        </Button>
      </Box>
      {cameras.map((of) => (
        <CameraList key={of.camera} open={open} of={of} />
      ))}
      {unseen.length > 0 && (
        <Box sx={{ mt: 3, color: 'var(--muted)' }}>
          {listInWords(unseen.map((camera) => CAMERA_WORDS[camera]))}: named, and sees nothing in
          this show.
        </Box>
      )}
    </Box>
  );
}
