/** Where signals go, what is on keys of the stage, and the house's sounds and pictures. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { Output, SignalName, StageSignals } from '../../contract/cues';
import { type Settings, SettingsBody } from '../../contract/inventory';
import { MEDIA_LIMIT, type MediaTold } from '../../contract/media';
import { newId, send } from '../app/api';
import { useMay } from '../app/me';
import { usePreferences } from '../app/preferences';
import { useDocument } from '../documents/useDocument';
import { EditingNotices, SaveBar } from '../parts/editing';
import { AutoForm, Choice, Words } from '../parts/form';
import { Empty, Loading, Page, Section, Trouble } from '../parts/page';
import { ReadOnly } from '../parts/ReadOnly';
import { useSayUndoable } from '../parts/undoable';
import { useAction } from '../parts/useAction';
import { grid } from '../repertoire/grid';
import { Rows } from '../repertoire/Rows';
import { useOutputStates } from './CueListPage';
import { addMedia, mediaUrl, removeMedia, restoreMedia, useMedia } from './useMedia';

const SIGNAL_WORDS: Record<SignalName, string> = {
  blackout: 'Blackout (K)',
  lightsBack: 'And back (K again)',
  houseUp: 'House lights up (U)',
  houseDown: 'House lights down (U again)',
};

function SignalRow({ name }: { name: SignalName }) {
  const act = useAction();
  const outputs = (useWatch({ name: 'outputs' }) ?? []) as Output[];
  const signal = useWatch({ name: `stageSignals.${name}` }) as StageSignals[SignalName];
  return (
    <Box>
      <Box sx={{ fontWeight: 600, mb: 0.5 }}>{SIGNAL_WORDS[name]}</Box>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}>
        <Box sx={{ ...grid(140), flex: 1 }}>
          <Choice
            name={`stageSignals.${name}.output`}
            label="Goes to"
            none="Nowhere"
            options={outputs.map(({ id, name: label }) => ({ value: id, label }))}
          />
          <Words name={`stageSignals.${name}.send`} label="Address" />
          <Words name={`stageSignals.${name}.args`} label="With" />
        </Box>
        <Button
          aria-label={`Try ${SIGNAL_WORDS[name]}`}
          disabled={!signal || signal.output === null}
          onClick={() => void act(() => send('POST', '/signals/try', signal))}
        >
          Try
        </Button>
      </Box>
    </Box>
  );
}

function Heard() {
  const states = useOutputStates();
  const words = { unknown: 'not heard of yet', answers: 'answers', quiet: 'quiet' };
  if (states.length === 0) return null;
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, mt: 1, fontSize: 15 }}>
      {states.map(({ id, name, state, trouble }) => (
        <Box
          component="li"
          key={id}
          sx={{ color: state === 'quiet' ? 'var(--ember)' : 'var(--muted)' }}
        >
          {name}: {state === 'quiet' ? `△ quiet, ${trouble}` : words[state]}
        </Box>
      ))}
    </Box>
  );
}

function MediaRow({ media }: { media: MediaTold }) {
  const act = useAction();
  const undoable = useSayUndoable();
  const may = useMay('presenter');
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2,
        flexWrap: 'wrap',
        py: 1,
        borderTop: '1px solid var(--line)',
      }}
    >
      <Box sx={{ flex: '1 1 180px' }}>
        <b>{media.name}</b>
        <Typography variant="body2" color="textSecondary">
          {media.kind}, {Math.max(1, Math.round(media.bytes / 1024))} kB
        </Typography>
      </Box>
      {media.kind === 'sound' ? (
        <audio controls preload="none" src={mediaUrl(media.id)} aria-label={`Play ${media.name}`} />
      ) : (
        <img src={mediaUrl(media.id)} alt={media.name} style={{ height: 64 }} />
      )}
      {may && (
        <Button
          aria-label={`Remove ${media.name}`}
          onClick={() =>
            void act(async () => {
              await removeMedia(media.id);
              undoable(`Removed ${media.name}`, () => void act(() => restoreMedia(media.id)));
            })
          }
        >
          Remove
        </Button>
      )}
    </Box>
  );
}

function MediaPart() {
  const { data, error } = useMedia();
  const act = useAction();
  const may = useMay('presenter');
  const picker = useRef<HTMLInputElement>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const add = async (file: File): Promise<void> => {
    setTrouble(null);
    if (file.size > MEDIA_LIMIT) {
      setTrouble(`${file.name} is larger than ${MEDIA_LIMIT / 1024 / 1024} MB. Make it shorter.`);
      return;
    }
    setBusy(true);
    await act(() => addMedia(file.name.replace(/\.[^.]+$/, '').slice(0, 60) || 'File', file));
    setBusy(false);
  };
  return (
    <Section
      title="Sounds and pictures"
      actions={
        may && (
          <Button variant="outlined" disabled={busy} onClick={() => picker.current?.click()}>
            {busy ? 'Taking it in …' : 'Add a file'}
          </Button>
        )
      }
    >
      <input
        ref={picker}
        type="file"
        hidden
        accept="audio/*,image/jpeg,image/png,image/webp"
        aria-label="A sound or a picture"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          event.target.value = '';
          if (file) void add(file);
        }}
      />
      <Trouble error={error} />
      {trouble && (
        <Box role="alert" sx={{ color: 'var(--ember)' }}>
          {trouble}
        </Box>
      )}
      {!data && !error && <Loading rows={2} />}
      {data?.length === 0 && (
        <Empty title="None yet">
          WAV, MP3, Ogg, FLAC and M4A are played, JPEG, PNG and WebP shown on the audience’s screen.
        </Empty>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0, maxWidth: 760 }}>
        {data?.map((media) => (
          <MediaRow key={media.id} media={media} />
        ))}
      </Box>
    </Section>
  );
}

export default function LightAndSoundPage() {
  const editing = useDocument<Settings>('/settings', 'own');
  const isOwner = useMay('owner');
  const plays = usePreferences((state) => state.stage.plays);
  const setStage = usePreferences((state) => state.setStage);
  return (
    <Page
      title="Light and sound"
      below="Where cues of steps go, and what they play."
      actions={editing.value && <SaveBar editing={editing} />}
    >
      <Section title="On this device">
        <FormControlLabel
          control={<Switch checked={plays} onChange={(_event, on) => setStage({ plays: on })} />}
          label="Play the sounds of cues here"
        />
      </Section>
      {editing.value ? (
        <ReadOnly quiet least="owner">
          <EditingNotices editing={editing} noun="settings" />
          <AutoForm editing={editing} type={SettingsBody}>
            <Section title="Outputs">
              <Typography color="textSecondary" sx={{ mb: 1.5, maxWidth: 760 }}>
                Devices outside that take OSC over UDP, or a request over HTTP. Signals go to these
                addresses and to no others. Flashing light: at most three flashes a second, as for
                any audience.
              </Typography>
              <Box sx={{ maxWidth: 860 }}>
                <Rows
                  name="outputs"
                  add="Add an output"
                  fresh={() => ({
                    id: newId(),
                    name: 'Desk',
                    kind: 'osc',
                    address: '127.0.0.1:4491',
                  })}
                  row={(row) => (
                    <>
                      <Words name={`${row}.name`} label="Called" />
                      <Choice
                        name={`${row}.kind`}
                        label="Speaks"
                        options={[
                          { value: 'osc', label: 'OSC over UDP' },
                          { value: 'http', label: 'HTTP' },
                        ]}
                      />
                      <Words name={`${row}.address`} label="Address" />
                    </>
                  )}
                />
              </Box>
              <Heard />
            </Section>
            <Section title="On keys of the stage">
              <Box sx={{ display: 'grid', gap: 2, maxWidth: 860 }}>
                {(Object.keys(SIGNAL_WORDS) as SignalName[]).map((name) => (
                  <SignalRow key={name} name={name} />
                ))}
              </Box>
            </Section>
          </AutoForm>
        </ReadOnly>
      ) : (
        <>
          <Trouble error={editing.loadError} />
          {!editing.loadError && <Loading />}
        </>
      )}
      <MediaPart />
      {!isOwner && (
        <Typography color="textSecondary" sx={{ mt: 2 }}>
          Outputs are set on the laptop itself.
        </Typography>
      )}
    </Page>
  );
}
