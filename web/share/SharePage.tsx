/** Letting the crew in: one code, who is here and as what, and who drives. On the laptop only. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import { DEVICE_ROLES, deviceName, type DeviceTold, type ShareAnswer } from '../../contract/share';
import { settle } from '../../core/stage/driving';
import { counted } from '../../core/words';
import { usePeople, useShows } from '../app/data';
import { serverNow } from '../app/live';
import { useMay, useThisDevice } from '../app/me';
import { dayWords, whenOf } from '../brief/dates';
import { Loading, Page, Section, Trouble } from '../parts/page';
import { Pick } from '../parts/Pick';
import { pinked } from '../parts/tapeShape';
import { useAction } from '../parts/useAction';
import { useNow } from '../stage/liveRun';
import { useOpenRun } from '../stage/useOpenRun';
import { DeviceDialog } from './DeviceDialog';
import { DeviceRow } from './DeviceRow';
import { QrCode } from './qr';
import { ROLE_WORDS } from './roles';
import { anotherCode, setDevice, setShare, throwOut, useDevices, useShare } from './useShare';
import { useWheel } from './useDriving';
import { WhoDrove } from './WhoDrove';

const CODE_BOX = {
  display: 'grid',
  placeItems: 'center',
  width: 46,
  height: 50,
  border: '1.5px solid var(--ink)',
  borderRadius: 1,
  font: '700 28px Bricolage',
} as const;

/** What is scanned, and what is typed. */
function ComeIn({
  share,
  now,
  onNewCode,
}: {
  share: ShareAnswer;
  now: number;
  onNewCode: () => void;
}) {
  const [origin] = share.origins;
  if (!origin)
    return (
      <Box sx={{ border: '1px dashed var(--line-strong)', borderRadius: 1.5, p: 2 }}>
        {share.faults.map((fault) => (
          <p key={fault}>{fault}</p>
        ))}
        {share.faults.length === 0 && <p>Opening …</p>}
      </Box>
    );
  return (
    <Box>
      <Box
        sx={{
          position: 'relative',
          border: '1px solid var(--line)',
          background: '#FFFFFF',
          width: 'fit-content',
          mt: 1.5,
        }}
      >
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            top: -12,
            left: '36%',
            width: 84,
            height: 22,
            background: 'var(--background-job)',
            clipPath: pinked(4, 4),
          }}
        />
        <QrCode
          text={`${origin}/join#${share.code}`}
          size={296}
          label={`Code to scan: ${origin}, ${share.code}`}
        />
      </Box>
      <Box sx={{ color: 'var(--muted)', mt: 1.5 }}>Point a camera at it, or open</Box>
      <Box sx={{ font: '800 28px/34px Bricolage', overflowWrap: 'anywhere' }}>
        {origin.replace('http://', '')}
      </Box>
      <Box sx={{ color: 'var(--muted)', mt: 0.5 }}>and type</Box>
      <Box
        role="img"
        aria-label={`Code ${[...share.code].join(' ')}`}
        sx={{ display: 'flex', gap: 0.75, mt: 0.5 }}
      >
        {[...share.code].map((letter, i) => (
          <Box key={`${letter}${i}`} aria-hidden sx={{ ...CODE_BOX, ml: i === 3 ? 1.5 : 0 }}>
            {letter}
          </Box>
        ))}
      </Box>
      <Box sx={{ mt: 1, color: 'var(--muted)', display: 'flex', alignItems: 'center', gap: 1 }}>
        {share.codeUntil > now
          ? `Good until ${whenOf(share.codeUntil)}.`
          : 'This code has run out.'}
        <Button onClick={onNewCode}>New code</Button>
      </Box>
      {share.certificate && (
        <Box sx={{ mt: 2, display: 'flex', gap: 2, alignItems: 'center' }}>
          <QrCode
            text={share.certificate.replace('/authority.crt', '/')}
            size={112}
            label="Code to scan first, for the certificate"
          />
          <Box sx={{ fontSize: 15, maxWidth: 200 }}>
            A phone that warns: scan this first and install the certificate, then the one above.
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** What the hall’s network means. */
const Network = ({ https }: { https: boolean }) => (
  <Section title="The hall’s network">
    <Box sx={{ columns: { md: 2 }, columnGap: 4, fontSize: 15, maxWidth: 800, '& p': { mt: 0 } }}>
      <p>
        All have to be on the same network as this laptop. It needs no internet.{' '}
        {https
          ? 'What goes over it can’t be read by others.'
          : 'Others on it could read along: write nothing private. Started with --https, they can’t.'}
      </p>
      <p>
        A phone finds nothing? Some halls keep devices apart, and some phones leave a network
        without internet. Let the laptop or a phone of yours make the network, then all join that.
      </p>
    </Box>
  </Section>
);

export default function SharePage() {
  const may = useMay('owner');
  const { share, error } = useShare();
  const devices = useDevices();
  const me = useThisDevice();
  const act = useAction();
  const { data: people = [] } = usePeople();
  const { data: shows = [] } = useShows();
  const [search] = useSearchParams();
  // Whoever comes from a show shares that one.
  const asked = search.get('show');
  const other = share !== undefined && asked !== null && share.showId !== asked;
  useEffect(() => {
    if (other && share) void act(() => setShare(share, { showId: asked }));
  }, [other, asked]);
  const [opened, setOpened] = useState<DeviceTold | null>(null);
  const [removing, setRemoving] = useState<string | null>(null);
  const now = useNow(serverNow, 1000);
  const run = useOpenRun(share?.showId ?? null);
  const wheel = useWheel(run?.id ?? null);
  const driving = run ? settle(run.events) : null;
  const show = shows.find(({ id }) => id === share?.showId);
  const nameOf = (device: DeviceTold): string => deviceName(device, people);
  // A browser of the laptop that nobody drives with is in nobody’s way here.
  const shown = devices.filter(
    ({ id, role, connected }) => role !== 'owner' || connected || id === me,
  );
  const here = shown.filter(({ connected }) => connected);
  const slowest = Math.max(0, ...here.map(({ trip }) => trip ?? 0));

  if (!may)
    return (
      <Page title="Let the crew in">
        <Typography>This is done on the laptop itself.</Typography>
      </Page>
    );
  if (!share)
    return (
      <Page title="Let the crew in">
        <Trouble error={error} />
        {!error && <Loading />}
      </Page>
    );
  const change = (more: Parameters<typeof setShare>[1]): void =>
    void act(() => setShare(share, more));
  return (
    <Page
      title="Let the crew in"
      below={
        show
          ? `${show.title} · ${show.venueName ?? 'no venue yet'}, ${dayWords(show.date)} ${show.start}`
          : 'Phones and a projector join this laptop over the hall’s network.'
      }
      actions={
        share.on ? (
          <>
            {here.length > 0 && (
              <Typography component="div">
                <b>{here.length} here</b>
                {slowest > 0 &&
                  `, all answered within ${Math.max(0.1, Math.ceil(slowest / 100) / 10)} s`}
              </Typography>
            )}
            <Button variant="outlined" onClick={() => change({ on: false })}>
              End sharing
            </Button>
          </>
        ) : null
      }
    >
      {share.faults.length > 0 && share.origins.length > 0 && (
        <Alert severity="warning" variant="outlined" sx={{ mb: 2 }}>
          {share.faults.join(' ')}
        </Alert>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: { xs: 3, md: 5 },
          gridTemplateColumns: share.on ? { md: '318px minmax(0,1fr)' } : '1fr',
        }}
      >
        {share.on ? (
          <ComeIn share={share} now={now} onNewCode={() => void act(anotherCode)} />
        ) : (
          <Box sx={{ maxWidth: 620 }}>
            <Typography sx={{ fontSize: 18, lineHeight: '28px' }}>
              Nobody but this laptop can reach Hearty Stage now. Shared, phones on the same network
              come in by a code: presenters, crew with their own tasks, a screen for the audience.
            </Typography>
            <Button
              variant="contained"
              size="large"
              sx={{ mt: 2, minHeight: 56, fontSize: 20, px: 4 }}
              onClick={() => change({ on: true })}
            >
              Share with the crew
            </Button>
          </Box>
        )}
        <Box sx={{ minWidth: 0 }}>
          {wheel.asking.map((id) => {
            const device = devices.find((one) => one.id === id);
            if (!device || driving?.driver !== me) return null;
            const name = nameOf(device);
            return (
              <Box
                key={id}
                role="status"
                sx={{
                  display: 'flex',
                  alignItems: 'center',
                  flexWrap: 'wrap',
                  gap: 1.5,
                  background: 'var(--ember-wash)',
                  borderRadius: 1.5,
                  px: 1.5,
                  mb: 1,
                }}
              >
                <Box component="b" sx={{ color: 'var(--ember)', font: '600 17px Bricolage' }}>
                  {name} asks to drive.
                </Box>
                <Box sx={{ flex: 1 }}>It then moves the show on, yours follows.</Box>
                <Button onClick={() => void act(() => wheel.give(id))}>Hand over</Button>
                <Button onClick={() => void act(() => wheel.keep(id))}>Keep driving</Button>
              </Box>
            );
          })}
          <Section
            title="Who is here"
            actions={
              <Typography variant="body2" color="textSecondary">
                and as what; choose a role to change it
              </Typography>
            }
          >
            <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {shown.map((device) => (
                <DeviceRow
                  key={device.id}
                  device={device}
                  name={nameOf(device)}
                  here={device.id === me}
                  drives={driving?.driver === device.id}
                  asks={wheel.asking.includes(device.id)}
                  onHand={
                    driving?.driver === me &&
                    device.connected &&
                    ['owner', 'presenter', 'crew'].includes(device.role)
                      ? () => void act(() => wheel.give(device.id))
                      : null
                  }
                  onRole={(role) => void act(() => setDevice(device, { role }))}
                  onOpen={() => setOpened(device)}
                  onRemove={() =>
                    removing === device.id
                      ? void act(() => throwOut(device.id))
                      : setRemoving(device.id)
                  }
                  removing={removing === device.id}
                  now={now}
                />
              ))}
            </Box>
            {shown.filter(({ role }) => role !== 'owner').length === 0 && (
              <Typography color="textSecondary" sx={{ mt: 1 }}>
                {share.on ? 'Nobody else yet: scan the code with a phone.' : 'Nobody else.'}
              </Typography>
            )}
          </Section>
          {run && driving && driving.stints.length > 0 && (
            <WhoDrove
              stints={driving.stints}
              until={now}
              nameOf={(id) => {
                const device = devices.find((one) => one.id === id);
                return device ? nameOf(device) : 'a device that is gone';
              }}
            />
          )}
          <Section title="For the next that comes in">
            <Box
              sx={{
                display: 'grid',
                gap: 2,
                gridTemplateColumns: { md: '150px 1fr 320px' },
                maxWidth: 800,
              }}
            >
              <Pick
                label="Comes in as"
                value={share.joinAs}
                options={DEVICE_ROLES.map((value) => ({ value, label: ROLE_WORDS[value].name }))}
                onChange={(joinAs) => joinAs && change({ joinAs })}
              />
              <Pick
                label="And opens"
                value={share.showId}
                none="The next show"
                options={shows.map(({ id, title }) => ({ value: id, label: title }))}
                onChange={(showId) => change({ showId })}
              />
              <Pick
                label="Driving can be taken when its device is gone for"
                value={String(share.goneAfter)}
                options={[...new Set([10, 20, 30, 60, 120, share.goneAfter])]
                  .sort((a, b) => a - b)
                  .map((seconds) => ({
                    value: String(seconds),
                    label: counted(seconds, 'second'),
                  }))}
                onChange={(seconds) => seconds && change({ goneAfter: Number(seconds) })}
              />
            </Box>
          </Section>
          <Network https={share.https} />
        </Box>
      </Box>
      {opened && (
        <DeviceDialog
          device={opened}
          usual={deviceName({ ...opened, name: '' }, people)}
          onClose={() => setOpened(null)}
          onSave={(saved) => {
            setOpened(null);
            void act(() => setDevice(opened, saved));
          }}
        />
      )}
    </Page>
  );
}
