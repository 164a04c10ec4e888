/** What is read at the go that is on, and what was not read yet: one press to a large pad. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { readingInFull } from '../../core/readings/words';
import { type Asked, readingsDue } from '../../core/stage/readings';
import type { Live, RunPlan } from '../../core/stage/types';
import { ReadingPad } from '../parts/ReadingPad';
import { Ask } from './Ask';
import { Labelled } from './StageParts';

/** At a station, where it stands: what is read is the same at all of them. */
const stationOf = ({ slot, result }: Asked): string | undefined =>
  slot.sideBySide?.stations.find(({ id }) => id === result.id)?.label;

const nameOf = (asked: Asked, now: boolean): string => {
  const { slot, result, go } = asked;
  return now
    ? (stationOf(asked) ?? result.name)
    : `${slot.name}${go > 1 ? `, go ${go}` : ''}: ${result.name}`;
};

interface Props {
  plan: RunPlan;
  live: Live;
  onRead: (asked: Asked) => void;
}

/** A line of what there is to read; nothing where there is none. */
export function ReadLine({ plan, live, onRead }: Props) {
  const due = readingsDue(plan, live);
  const { now } = due;
  const [missed, ...more] = due.missed;
  if (now.length === 0 && !missed) return null;
  const station = now[0] && stationOf(now[0]);
  const atEach =
    now[0] && station !== undefined && now[0].result.name.replace(`, ${station}`, ', at each:');
  const button = (asked: Asked, isNow: boolean) => (
    <ButtonBase
      key={`${asked.slot.id}/${asked.result.id}/${asked.go}`}
      onClick={() => onRead(asked)}
      sx={{
        minHeight: 48,
        px: 1.5,
        border: '2px solid',
        borderColor: isNow && !asked.taken ? 'var(--ember)' : 'var(--control)',
        borderRadius: 1.5,
        fontSize: { xs: 17, md: 22 },
        lineHeight: 1.2,
        textAlign: 'left',
        color: isNow ? 'inherit' : 'var(--muted)',
      }}
    >
      {nameOf(asked, isNow)}
      {asked.taken && (
        <Box component="b" sx={{ ml: 1 }}>
          {readingInFull(asked.result, asked.taken.value)}
        </Box>
      )}
    </ButtonBase>
  );
  return (
    <Labelled label="Read">
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        {atEach && (
          <Box component="span" sx={{ width: '100%', fontSize: { xs: 17, md: 22 } }}>
            {atEach}
          </Box>
        )}
        {now.map((asked) => button(asked, true))}
        {missed && button(missed, false)}
        {more.length > 0 && (
          <Box component="span" sx={{ color: 'var(--muted)', fontSize: { xs: 16, md: 20 } }}>
            {more.length} more not read
          </Box>
        )}
      </Box>
    </Labelled>
  );
}

export function ReadingDialog({
  asked,
  onClose,
  onKeep,
}: {
  asked: Asked;
  onClose: () => void;
  onKeep: (value: number | null) => void;
}) {
  const { slot, result, go, taken } = asked;
  return (
    <Ask title={`${result.name}${go > 1 ? `, go ${go}` : ''}`} onClose={onClose} narrow>
      <Box sx={{ width: { xs: 'auto', sm: 420 } }}>
        <Box sx={{ color: 'var(--muted)', fontSize: 18 }}>
          {slot.name}
          {result.instrument && `, with ${result.instrument}`}
          {taken && `; so far ${readingInFull(result, taken.value)}`}
        </Box>
        <ReadingPad measure={result} onKeep={onKeep} />
      </Box>
    </Ask>
  );
}
