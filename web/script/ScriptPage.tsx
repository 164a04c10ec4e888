/** The script of a show: who says what when, against time; one’s own lines with their cues; to be printed. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { scriptOf } from '../../core/ready/script/script';
import { formatClock, formatDuration, parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { usePersonName } from '../app/data';
import { usePreferences } from '../app/preferences';
import { useOpenShow } from '../brief/useShow';
import { Empty } from '../parts/page';
import { Pick } from '../parts/Pick';
import { PositionMark, Tape } from '../parts/tape';
import { tapeFill } from '../parts/tapeShape';
import { ScriptSteps, scriptWords } from './ScriptSteps';

export default function ScriptPage() {
  const { show, bundle, timeline } = useOpenShow();
  const me = usePreferences((state) => state.me);
  const nameOf = usePersonName();
  const script = useMemo(() => scriptOf(bundle, timeline), [bundle, timeline]);
  const voices = bundle.people.filter(({ id }) =>
    script.some(({ steps }) => steps.some(({ lines }) => lines.some((one) => one.personId === id))),
  );
  const [who, setWho] = useState<string | null>(voices.some(({ id }) => id === me) ? me : null);
  const start = parseClock(show.start);
  const long = script.flatMap(({ steps }) => steps).filter(({ over }) => over > 0.5);
  const words = script.reduce((sum, one) => sum + one.words, 0);
  if (words === 0)
    return (
      <Empty title="Nobody says anything yet">
        Words go with the steps of each demo: open one in the <Link to="../line-up">line-up</Link>{' '}
        and write what is said. “Helper:” begins what somebody else says.
      </Empty>
    );
  return (
    <Box sx={{ maxWidth: 1000 }}>
      <Box
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          columnGap: 3,
          rowGap: 1,
          mb: 1,
          '@media print': { display: 'none' },
        }}
      >
        <Box sx={{ flex: '1 1 300px' }}>
          <Box component="h2" sx={{ font: '700 26px/32px Bricolage', m: 0 }}>
            Script
          </Box>
          <Box sx={{ color: 'var(--muted)' }}>
            {counted(words, 'word')},{' '}
            {formatDuration(Math.round(script.reduce((sum, one) => sum + one.speech, 0)))} of speech
            {long.length > 0 && (
              <Box component="b" sx={{ color: 'var(--ember)' }}>
                {' '}
                · {counted(long.length, 'step')} too short for its words
              </Box>
            )}
          </Box>
        </Box>
        <Box sx={{ width: 170 }}>
          <Pick
            label="Whose lines"
            value={who}
            none="Everybody’s"
            options={voices.map(({ id, name }) => ({ value: id, label: name }))}
            onChange={setWho}
          />
        </Box>
        <Button component={Link} to="../shots">
          Shot list
        </Button>
        <Button
          component="a"
          href={`/api/shows/${show.id}/script.pdf?as=cards${who === null ? '' : `&for=${who}`}`}
          download
        >
          Cards, one a step (PDF)
        </Button>
        <Button
          variant="outlined"
          component="a"
          href={`/api/shows/${show.id}/script.pdf${who === null ? '' : `?for=${who}`}`}
          download
        >
          Print it (PDF)
        </Button>
      </Box>
      {script
        .filter((one) => one.words > 0)
        .map((one) => {
          const slot = show.slots.find(({ id }) => id === one.slotId);
          const position = show.positions.find(({ id }) => id === one.positionId);
          return (
            <Box component="section" key={one.slotId} aria-label={one.name} sx={{ mt: 3 }}>
              <Box
                sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', gap: 1.25, mb: 1 }}
              >
                <Tape width={34} height={26} fill={tapeFill(position?.mark ?? null)} size={16}>
                  {one.number}
                </Tape>
                <Box component="h3" sx={{ font: '700 20px/26px Bricolage', m: 0 }}>
                  {one.name}
                </Box>
                {position && <PositionMark shape={position.mark} label={position.name} />}
                <Box sx={{ color: 'var(--muted)', fontSize: 14, flex: { xs: '1 1 100%', sm: 1 } }}>
                  {formatClock(start + (one.steps[0]?.at ?? 0))} · {scriptWords(one)}
                </Box>
                {slot && slot.talk === null && (
                  <Button
                    size="small"
                    component={Link}
                    to={`/demos/${slot.demoId}/words?method=${slot.methodId}`}
                    aria-label={`To the words of ${one.name}`}
                  >
                    To its words
                  </Button>
                )}
              </Box>
              <ScriptSteps script={one} nameOf={nameOf} who={who} onlySpoken />
            </Box>
          );
        })}
    </Box>
  );
}
