/** What is to be done next: when, what, where, with what on, and what it needs. */
import Box from '@mui/material/Box';
import type { CrewView, Duty } from '../../core/stage/crew';
import { urgencyOf } from '../../core/stage/crew';
import { resolveSlots } from '../../core/lineup/fromBundle';
import type { Task } from '../../core/repertoire/types';
import { formatDuration } from '../../core/time/clock';
import { timeOf } from '../brief/dates';
import type { OpenShow } from '../brief/useShow';
import { PositionMark } from '../parts/tape';
import { pinked } from '../parts/tapeShape';

const HOUR = 3_600_000;

/** “in 0:40”, “now”, “2:10 late”, or the clock where it is far off. */
function whenWords(duty: Duty, now: number): { words: string; pressing: boolean } {
  const wait = (duty.from - now) / 1000;
  if (duty.state === 'underWay') {
    const left = (duty.to - now) / 1000;
    return left >= 0
      ? { words: `${formatDuration(left)} left`, pressing: false }
      : { words: `${formatDuration(-left)} over`, pressing: true };
  }
  const urgency = urgencyOf(duty, now);
  if (urgency === 'now') return { words: 'now', pressing: true };
  if (urgency === 'late') return { words: `${formatDuration(-wait)} late`, pressing: true };
  if (duty.from - now > HOUR) return { words: `at ${timeOf(duty.from)}`, pressing: false };
  return { words: `in ${formatDuration(wait)}`, pressing: urgency === 'soon' };
}

interface Details {
  task: Task | null;
  place: { name: string; mark: Parameters<typeof PositionMark>[0]['shape'] | null };
  needs: string[];
}

function detailsOf(open: OpenShow, duty: Duty): Details {
  const found = resolveSlots(open.bundle).find(({ slot }) => slot.id === duty.slot);
  const task = open.input.slots
    .find(({ id }) => id === duty.slot)
    ?.tasks.find(({ id }) => id === duty.task);
  const onStage = duty.kind === 'present' || task?.place === 'stage';
  const position = found?.position;
  const needs =
    task?.phase === 'reset' || duty.kind === 'present'
      ? []
      : (found?.method.kit ?? []).flatMap(({ itemId }) => {
          const item = open.bundle.items.find(({ id }) => id === itemId);
          return item && item.kind !== 'gear' ? [item.name] : [];
        });
  return {
    task: task ?? null,
    place:
      onStage && position
        ? { name: position.name, mark: position.mark }
        : { name: onStage ? 'On stage' : 'In the wings', mark: null },
    needs,
  };
}

const line = { display: 'flex', alignItems: 'center', gap: 1.25, mt: 1, fontSize: 20 } as const;

/** Goggles, as one sees that something is to be put on. */
const GearGlyph = () => (
  <svg width="28" height="20" viewBox="0 0 28 20" aria-hidden="true" style={{ flex: 'none' }}>
    <path
      d="M3 4h22a1.500 1.500 0 0 1 1.500 1.500V12a4 4 0 0 1-4 4h-3.500a3 3 0 0 1-2.600-1.500L14 10.500l-2.400 4A3 3 0 0 1 9 16H5.500a4 4 0 0 1-4-4V5.500A1.500 1.500 0 0 1 3 4z"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.500"
    />
  </svg>
);

const KIND_WORDS = { task: 'Your next', present: 'You are on next' } as const;

function headWords(duty: Duty): string {
  if (duty.state === 'blocked') return 'Can’t be done now';
  if (duty.state === 'underWay')
    return duty.kind === 'present' ? 'You are on' : duty.said ? 'You are at it' : 'By the plan';
  return KIND_WORDS[duty.kind];
}

interface Props {
  open: OpenShow;
  view: CrewView;
  now: number;
  missed: boolean;
}

export function DutyCard({ open, view: { duty, then }, now, missed }: Props) {
  if (!duty)
    return (
      <Box sx={{ mt: 3, font: '700 34px/38px Bricolage' }}>
        {missed
          ? 'This show was not begun'
          : open.show.slots.length === 0
            ? 'Nothing in this show yet'
            : 'Nothing more for you'}
        <Box sx={{ font: '400 19px/26px Atkinson', color: 'var(--muted)', mt: 1 }}>
          What changes on stage comes here by itself.
        </Box>
      </Box>
    );
  const { task, place, needs } = detailsOf(open, duty);
  const { words, pressing } = whenWords(duty, now);
  const text = task?.do && task.do !== duty.name ? task.do : '';
  return (
    <Box component="section" aria-label="Your next">
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          justifyContent: 'space-between',
          gap: 1,
          mt: 1.5,
        }}
      >
        <Box sx={{ fontSize: 19, color: 'var(--muted)' }}>{headWords(duty)}</Box>
        <Box
          sx={{
            font: '800 50px/54px Bricolage',
            letterSpacing: '-1px',
            whiteSpace: 'nowrap',
            color: pressing ? 'var(--ember)' : 'var(--ink)',
          }}
        >
          {words}
        </Box>
      </Box>
      <Box
        component="h1"
        sx={{
          m: 0,
          mt: 0.5,
          font: duty.name.length > 34 ? '700 32px/36px Bricolage' : '700 40px/44px Bricolage',
          letterSpacing: '-0.5px',
          textWrap: 'balance',
        }}
      >
        {duty.name}
      </Box>
      {duty.of !== duty.name && (
        <Box sx={{ fontSize: 18, color: 'var(--muted)' }}>for {duty.of}</Box>
      )}
      {text && <Box sx={{ fontSize: 20, lineHeight: '27px', mt: 1 }}>{text}</Box>}
      <Box sx={line}>
        {place.mark ? (
          <PositionMark shape={place.mark} size={28} />
        ) : (
          <Box aria-hidden sx={{ width: 28, textAlign: 'center' }}>
            ◦
          </Box>
        )}
        <b>{place.name}</b>
      </Box>
      {task && task.gearOn.length > 0 && (
        <Box sx={line}>
          <GearGlyph />
          <span>
            <b>{task.gearOn.join(', ')}</b> on
          </span>
        </Box>
      )}
      {task?.careful && (
        <Box
          sx={{
            mt: 1,
            px: 1.5,
            py: 0.75,
            background: 'var(--cue-tape)',
            clipPath: pinked(4, 4),
            fontSize: 19,
          }}
        >
          △ {task.careful}
        </Box>
      )}
      {needs.length > 0 && (
        <Box sx={{ fontSize: 17, lineHeight: '23px', color: 'var(--muted)', mt: 1 }}>
          Needs {needs.slice(0, 5).join(', ')}
          {needs.length > 5 && ` and ${needs.length - 5} more`}
        </Box>
      )}
      {then && (
        <Box sx={{ fontSize: 19, mt: 1, color: 'var(--muted)' }}>
          <b>Then</b> {then.name}
          {then.of !== then.name && ` for ${then.of}`}, at{' '}
          <Box component="span" sx={{ color: 'var(--ink)' }}>
            {timeOf(then.from)}
          </Box>
        </Box>
      )}
    </Box>
  );
}
