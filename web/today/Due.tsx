/** What is due, each with whoever does it, each done there. */
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import { Link } from 'react-router';
import type { Versioned } from '../../contract/api';
import type { FollowUp } from '../../contract/day';
import type { MarkShape, Person } from '../../core/brief/types';
import type { Check } from '../../core/ready/checks';
import type { DueOf } from '../../core/ready/whose';
import { formatClock } from '../../core/time/clock';
import { send } from '../app/api';
import { PositionMark } from '../parts/tape';
import { useAction } from '../parts/useAction';
import { dayWords, today } from '../brief/dates';
import { useMarks } from '../ready/useMarks';

/** Of one person’s; the rest is one press away. */
const MOST = 5;

interface RowProps {
  label: string;
  words: string;
  /** By when on the day of the show. */
  clock?: string;
  /** By which day. */
  day?: string;
  late?: boolean;
  mark: MarkShape | null;
  disabled?: boolean;
  onDone: () => void;
}

const Row = ({
  label,
  words,
  clock,
  day,
  late = false,
  mark,
  disabled = false,
  onDone,
}: RowProps) => (
  <Box component="li" sx={{ display: 'flex', alignItems: 'center', gap: 0.5, minWidth: 0 }}>
    <Checkbox
      checked={false}
      disabled={disabled}
      onChange={onDone}
      sx={{ p: 0.75 }}
      slotProps={{ input: { 'aria-label': label } }}
    />
    <Box sx={{ flex: 1, minWidth: 0, lineHeight: '20px', py: 0.25 }}>
      {words}
      {day && <Box sx={{ fontSize: 14, color: late ? 'var(--ember)' : 'var(--muted)' }}>{day}</Box>}
    </Box>
    {mark && <PositionMark shape={mark} size={15} />}
    {clock && (
      <Box component="b" sx={{ fontFamily: 'Bricolage', whiteSpace: 'nowrap' }}>
        {clock}
      </Box>
    )}
  </Box>
);

interface DueProps {
  /** Null while no show is coming. */
  showId: string | null;
  /** Seconds of the day at which it starts. */
  start: number;
  due: readonly DueOf<Pick<Person, 'id' | 'name'>, Versioned<FollowUp>>[];
  markOf: (place: string) => MarkShape | null;
}

function Ticks({
  showId,
  checks,
  start,
  markOf,
}: { showId: string; checks: readonly Check[] } & Pick<DueProps, 'start' | 'markOf'>) {
  const mark = useMarks(showId);
  return checks
    .slice(0, MOST)
    .map((check) => (
      <Row
        key={check.key}
        label={check.title}
        words={check.title}
        clock={formatClock(start + check.due)}
        late={false}
        mark={markOf(check.place)}
        disabled={check.measures !== null}
        onDone={() => mark(check.key, { state: 'done', reason: '', value: null })}
      />
    ));
}

export function Due({ showId, start, due, markOf }: DueProps) {
  const act = useAction();
  const day = today();
  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 4,
        rowGap: 2,
        gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 260px), 1fr))',
      }}
    >
      {due.map(({ person, checks, followUps }) => (
        <Box
          component="section"
          key={person?.id ?? 'nobody'}
          aria-label={person?.name ?? 'Nobody’s yet'}
        >
          <Box
            component="h3"
            sx={{
              font: '600 17px Bricolage',
              m: 0,
              pb: 0.5,
              borderBottom: '1px solid var(--line)',
            }}
          >
            {person?.name ?? 'Nobody’s yet'}
          </Box>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {showId !== null && (
              <Ticks showId={showId} checks={checks} start={start} markOf={markOf} />
            )}
            {checks.length > MOST && showId !== null && (
              <Box component="li" sx={{ pl: 5 }}>
                <Link to={`/shows/${showId}/ready`}>and {checks.length - MOST} more</Link>
              </Box>
            )}
            {followUps.map((followUp) => (
              <Row
                key={followUp.id}
                label={`Done: ${followUp.words}`}
                words={followUp.words}
                day={
                  followUp.due
                    ? `${followUp.due < day ? 'was due' : 'due'} ${dayWords(followUp.due)}`
                    : ''
                }
                late={followUp.due !== null && followUp.due < day}
                mark={null}
                onDone={() =>
                  void act(() =>
                    send('PUT', `/follow-ups/${followUp.id}`, { ...followUp, done: true }),
                  )
                }
              />
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
