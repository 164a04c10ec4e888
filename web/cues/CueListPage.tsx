/** Every cue of a show in the order in which it goes off: to be looked through, tried, and printed. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { OutputTold } from '../../contract/api';
import { signalFault } from '../../contract/cues';
import { cueMoment } from '../../core/repertoire/cueWords';
import type { StepCue } from '../../core/repertoire/cues';
import { cueList } from '../../core/stage/cues';
import { runPlanOf } from '../../core/stage/plan';
import { formatClock, parseClock } from '../../core/time/clock';
import { send } from '../app/api';
import { usePeople, useSettings } from '../app/data';
import { useOutputs } from '../app/live';
import { useMay } from '../app/me';
import { useOpenShow } from '../brief/useShow';
import { Empty, Section } from '../parts/page';
import { useAction } from '../parts/useAction';
import { CUE_KIND } from '../parts/words';
import { useMedia } from './useMedia';

const cell = {
  p: 1,
  borderBottom: '1px solid var(--line)',
  textAlign: 'left',
  verticalAlign: 'top',
} as const;

/** Devices outside that have gone quiet, as they were told of last. */
export function useOutputStates(): readonly OutputTold[] {
  const told = useOutputs((state) => state.outputs);
  const { data = [] } = useQuery({
    queryKey: ['/outputs'],
    queryFn: () => send<OutputTold[]>('GET', '/outputs'),
    enabled: told.length === 0,
  });
  return told.length > 0 ? told : data;
}

/** Where a cue goes, and why it can't. */
function useWhere(): (cue: StepCue) => { to: string; fault: string | null } {
  const { data: settings } = useSettings();
  const { data: media = [] } = useMedia();
  const { data: people = [] } = usePeople();
  return (cue) => {
    switch (cue.kind) {
      case 'light': {
        const output = settings?.outputs.find(({ id }) => id === cue.output);
        return {
          to: [output?.name ?? '', cue.send, cue.args].filter(Boolean).join(' '),
          fault: signalFault(output?.kind ?? null, cue),
        };
      }
      case 'message': {
        const who = people.find(({ id }) => id === cue.to)?.name ?? 'everybody';
        return {
          to: `to ${who}: ${cue.words}`,
          fault: cue.words === '' ? 'says nothing yet' : null,
        };
      }
      default: {
        const file = media.find(({ id }) => id === cue.media);
        return {
          to: file?.name ?? '',
          fault: file ? null : cue.media === null ? 'has no file yet' : 'has lost its file',
        };
      }
    }
  };
}

export default function CueListPage() {
  const { show, bundle, timeline } = useOpenShow();
  const where = useWhere();
  const act = useAction();
  const may = useMay('presenter');
  const states = useOutputStates();
  const plan = runPlanOf(bundle, timeline, 0);
  const cues = cueList(plan);
  const start = parseClock(show.start);
  const quiet = states.filter(({ state }) => state === 'quiet');
  if (cues.length === 0)
    return (
      <Empty title="No cues yet">
        Light, sound, pictures and words to helpers go with the steps of a demo: open one under{' '}
        <Link to="/demos">Demos</Link>, and a step in it.
      </Empty>
    );
  return (
    <Section
      title="Cues"
      actions={
        <Box sx={{ display: 'flex', gap: 1, '@media print': { display: 'none' } }}>
          <Button onClick={() => window.print()}>Print</Button>
          {may && (
            <Button onClick={() => void act(() => send('POST', '/cues/stop'))}>Stop all</Button>
          )}
          <Button component={Link} to="/light-and-sound">
            Light and sound
          </Button>
        </Box>
      }
    >
      {quiet.map(({ id, name, trouble }) => (
        <Box key={id} role="status" sx={{ color: 'var(--ember)', mb: 1 }}>
          △ {name} is quiet: {trouble}.
        </Box>
      ))}
      <Box sx={{ overflowX: 'auto' }}>
        <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', maxWidth: 1080 }}>
          <thead>
            <tr>
              {['Number', 'About', 'Demo and step', 'When', 'Cue', 'Goes to'].map((name) => (
                <Box component="th" scope="col" key={name} sx={cell}>
                  {name}
                </Box>
              ))}
              <Box component="td" sx={{ ...cell, '@media print': { display: 'none' } }} />
            </tr>
          </thead>
          <tbody>
            {cues.map(({ slot, task, step, cue }, i) => {
              const of = plan.slots.find(({ id }) => id === slot);
              const { to, fault } = where(cue);
              return (
                <tr key={`${slot}/${task}/${cue.id}`}>
                  <Box component="th" scope="row" sx={{ ...cell, font: '700 18px Bricolage' }}>
                    {i + 1}
                  </Box>
                  <Box component="td" sx={cell}>
                    {of && formatClock(start + of.start)}
                  </Box>
                  <Box component="td" sx={cell}>
                    <b>{of?.name}</b>
                    <div>{step.do}</div>
                  </Box>
                  <Box component="td" sx={cell}>
                    {cueMoment(cue)}
                  </Box>
                  <Box component="td" sx={cell}>
                    {CUE_KIND[cue.kind]} <b>{cue.name}</b>
                  </Box>
                  <Box component="td" sx={cell}>
                    {to}
                    {fault && <Box sx={{ color: 'var(--ember)' }}>△ It {fault}.</Box>}
                  </Box>
                  <Box component="td" sx={{ ...cell, '@media print': { display: 'none' } }}>
                    {may && (
                      <Button
                        size="small"
                        disabled={fault !== null}
                        aria-label={`Try ${cue.name}`}
                        onClick={() =>
                          void act(() =>
                            send('POST', `/shows/${show.id}/cues/fire`, {
                              slot,
                              task,
                              cue: cue.id,
                            }),
                          )
                        }
                      >
                        Try
                      </Button>
                    )}
                  </Box>
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Box>
    </Section>
  );
}
