/** What each camera sees in each step: a frame for every view, edited where it stands. */
import AddIcon from '@mui/icons-material/Add';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import { useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { needsOfSlow } from '../../core/ready/shots/shots';
import { CAMERA_WORDS, darkerInWords, slowInWords } from '../../core/ready/shots/words';
import {
  blankView,
  type Camera,
  CAMERAS,
  type CameraView,
  USUAL_SLOW,
} from '../../core/repertoire/pictures';
import type { Method, Task } from '../../core/repertoire/types';
import { newId } from '../app/api';
import { Figure, Words } from '../parts/form';
import { FrameSketch } from '../pictures/FrameSketch';
import { grid } from '../repertoire/grid';
import { Heading, Nothing } from '../repertoire/partLayout';

/** So many views has a step at the most. */
const VIEWS_MOST = 8;

/** What a slow shot asks for, besides time. */
function SlowWords({ view }: { view: CameraView }) {
  const needs = needsOfSlow(view);
  if (!view.slow || !needs || !(view.slow.rate >= view.slow.shownAt)) return null;
  const darker = darkerInWords(view.slow);
  return (
    <Box sx={{ fontSize: 14 }}>
      {slowInWords(view.slow)}.{' '}
      {darker && <>Each frame gets {darker}: more lamps, or a wider lens. </>}
      {needs.flickers && 'Lamps on the mains may flicker at that rate: try them first.'}
    </Box>
  );
}

interface EditViewProps {
  at: string;
  view: CameraView;
  of: string;
  onDone: () => void;
  onRemove: () => void;
}

function EditView({ at, view, of, onDone, onRemove }: EditViewProps) {
  const { setValue, trigger } = useFormContext();
  const set = (slow: CameraView['slow']): void =>
    setValue(`${at}.slow`, slow, { shouldValidate: true });
  const done = async (): Promise<void> => {
    if (await trigger(at, { shouldFocus: true })) onDone();
  };
  return (
    <Box
      role="group"
      aria-label={`Editing ${CAMERA_WORDS[view.camera].toLowerCase()} in ${of}`}
      sx={{
        gridColumn: '1 / -1',
        border: '1px solid var(--line-strong)',
        borderRadius: 1.5,
        p: 1.5,
        display: 'grid',
        gap: 1.5,
      }}
    >
      <Words name={`${at}.sees`} label="What is in the picture" />
      {view.slow ? (
        <>
          <Box sx={grid(104)}>
            <Figure name={`${at}.slow.seconds`} label="Filmed" unit="s" />
            <Figure name={`${at}.slow.rate`} label="Frames a second" />
            <Figure name={`${at}.slow.shownAt`} label="Shown at" />
          </Box>
          <SlowWords view={view} />
        </>
      ) : null}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => void done()}>
          Done
        </Button>
        <Button onClick={() => set(view.slow ? null : USUAL_SLOW)}>
          {view.slow ? 'As it happens' : 'Slow motion'}
        </Button>
        <Button onClick={onRemove}>Remove this view</Button>
      </Box>
    </Box>
  );
}

interface FrameProps {
  view: CameraView | undefined;
  number: number;
  camera: Camera;
  step: string;
  onPress: () => void;
}

/** A view as its frame; a dashed one where the camera has nothing to see yet. */
function Frame({ view, number, camera, step, onPress }: FrameProps) {
  const said = view
    ? `${CAMERA_WORDS[camera]} in step ${number}: ${view.sees || 'what is in the picture?'}`
    : `${CAMERA_WORDS[camera]} in step ${number}, ${step}: nothing yet`;
  return (
    <ButtonBase
      aria-label={said}
      onClick={onPress}
      sx={{ display: 'block', textAlign: 'left', alignSelf: 'start', borderRadius: 0.5 }}
    >
      <Box component="span" sx={{ font: '600 13px/18px Bricolage', color: 'var(--ember)' }}>
        {number}
      </Box>
      {view ? (
        <FrameSketch camera={camera} sees={view.sees} />
      ) : (
        <Box
          sx={{
            aspectRatio: '16 / 9',
            border: '1.5px dashed var(--line-strong)',
            display: 'grid',
            placeItems: 'center',
            color: 'var(--muted)',
          }}
        >
          <AddIcon fontSize="small" />
        </Box>
      )}
      <Box sx={{ fontSize: 13, lineHeight: '17px', minHeight: 17, overflowWrap: 'anywhere' }}>
        {view?.sees}
        {view?.slow && (
          <Box component="b" sx={{ display: 'block' }}>
            {slowInWords(view.slow).split(': ')[1]}
          </Box>
        )}
      </Box>
    </ButtonBase>
  );
}

export function CameraPart({ at, method }: { at: string; method: Method }) {
  const { setValue } = useFormContext();
  const steps = method.tasks
    .map((task, index) => ({ task, index }))
    .filter(({ task }) => task.phase === 'perform');
  const used = CAMERAS.filter((camera) =>
    steps.some(({ task }) => task.views.some((view) => view.camera === camera)),
  );
  const [added, setAdded] = useState<readonly Camera[]>([]);
  const [openId, setOpen] = useState<string | null>(null);
  const rows = CAMERAS.filter((camera) => used.includes(camera) || added.includes(camera));
  const put = (index: number, views: readonly CameraView[]): void =>
    setValue(`${at}.tasks.${index}.views`, views, { shouldValidate: true });
  const press = (task: Task, index: number, camera: Camera, view: CameraView | undefined): void => {
    if (view) {
      setOpen(openId === view.id ? null : view.id);
      return;
    }
    if (task.views.length >= VIEWS_MOST) return;
    const fresh = blankView(newId(), camera);
    put(index, [...task.views, fresh]);
    setOpen(fresh.id);
  };
  return (
    <section aria-label="Camera">
      <Heading>Camera</Heading>
      {steps.length === 0 && <Nothing>Nothing is performed in this method yet.</Nothing>}
      {rows.map((camera) => (
        <Box key={camera} sx={{ mb: 1.5 }}>
          <Box component="b" sx={{ font: '600 15px/22px Bricolage' }}>
            {CAMERA_WORDS[camera]}
          </Box>
          <Box
            sx={{
              display: 'grid',
              gap: 1,
              gridTemplateColumns: 'repeat(auto-fill, minmax(70px, 1fr))',
            }}
          >
            {steps.map(({ task, index }, i) => {
              const view = task.views.find((one) => one.camera === camera);
              return (
                <Box key={task.id} sx={{ display: 'contents' }}>
                  <Frame
                    view={view}
                    number={i + 1}
                    camera={camera}
                    step={task.name}
                    onPress={() => press(task, index, camera, view)}
                  />
                  {view && view.id === openId && (
                    <EditView
                      at={`${at}.tasks.${index}.views.${task.views.indexOf(view)}`}
                      view={view}
                      of={`step ${i + 1}`}
                      onDone={() => setOpen(null)}
                      onRemove={() => {
                        setOpen(null);
                        put(
                          index,
                          task.views.filter((one) => one !== view),
                        );
                      }}
                    />
                  )}
                </Box>
              );
            })}
          </Box>
        </Box>
      ))}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1 }}>
        {steps.length > 0 &&
          CAMERAS.filter((camera) => !rows.includes(camera)).map((camera) => (
            <Button
              key={camera}
              size="small"
              startIcon={<AddIcon />}
              onClick={() => setAdded([...added, camera])}
              sx={{ minHeight: { xs: 44, md: 32 } }}
            >
              {CAMERA_WORDS[camera]}
            </Button>
          ))}
      </Box>
    </section>
  );
}
