/** One stop of the walk: how it looks, what is looked at in turn, one press for all that is as it should be. */
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import type { Check } from '../../../core/ready/checks';
import type { GoNoGo } from '../../../core/ready/go';
import {
  checksOf,
  hostOf,
  stateOfStop,
  type Stop,
  tickedTogether,
} from '../../../core/ready/walk/stops';
import { seenOf, standGroups } from '../../../core/ready/walk/things';
import { resolveSlots } from '../../../core/lineup/fromBundle';
import { sayDuration } from '../../../core/time/clock';
import { listInWords } from '../../../core/words';
import type { OpenShow } from '../../brief/useShow';
import { PositionMark } from '../../parts/tape';
import { TapeButton } from '../../parts/TapeButton';
import { Shown } from '../../pictures/Shown';
import { CheckRow, type CheckRowProps } from './CheckRow';
import { Elevation } from './Elevation';
import { partName, stopName } from './names';

type RowOnly = Pick<CheckRowProps, 'nameOf' | 'photos' | 'onMark' | 'onWaive'>;

interface StopCardProps extends RowOnly {
  open: OpenShow;
  stop: Stop;
  next: Stop | null;
  start: number;
  /** Of a stop: the day’s figures, who wears what; beneath what is looked at. */
  children?: ReactNode;
  onAll: () => void;
  onWrong: () => void;
}

/** What one press does, and what it leaves. */
function pressWords(
  stop: Stop,
  state: GoNoGo,
  next: Stop | null,
): { title: string; below: string; ticks: number } {
  const ticks = tickedTogether(stop, state).length;
  const { left } = stateOfStop(stop, state);
  const own = left - ticks;
  const onward = next ? `then ${stopName(next)}` : 'that is the last';
  const keep =
    own > 0
      ? `; ${own} ${own === 1 ? 'keeps' : 'keep'} a tick of ${own === 1 ? 'its' : 'their'} own`
      : '';
  if (ticks > 0)
    return {
      title: 'All as it should be',
      below: `ticks ${ticks === left ? (ticks === 1 ? 'the last one' : `the last ${ticks}`) : ticks}${own > 0 ? keep : `, ${onward}`}`,
      ticks,
    };
  return {
    title: next
      ? `On to ${stopName(next)}`
      : left > 0
        ? 'Nothing more to tick at once'
        : 'All seen',
    below:
      own > 0 ? `${own} left here: tick ${own === 1 ? 'it' : 'each'} by itself` : 'all seen here',
    ticks,
  };
}

function Parts({ stop, row }: { stop: Stop; row: (check: Check) => ReactNode }) {
  return stop.parts.map(({ part, checks }) => (
    <Box
      key={part}
      component="section"
      aria-label={partName(part, stop.kind)}
      sx={{
        borderTop: '1px solid var(--line)',
        py: 1,
        display: 'grid',
        columnGap: 2,
        gridTemplateColumns: { sm: '92px minmax(0, 1fr)' },
      }}
    >
      <Box component="h3" sx={{ font: '600 16px/22px Bricolage', m: 0, pt: 1.25 }}>
        {partName(part, stop.kind)}
      </Box>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          columnGap: 2,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(100%, 270px), 1fr))',
        }}
      >
        {checks.map(row)}
      </Box>
    </Box>
  ));
}

/** Pictures of what is set out here as it should look, of the demonstrations and of how they are prepared. */
function HowItLooks({ open, slotIds }: { open: OpenShow; slotIds: readonly string[] }) {
  const shown = resolveSlots(open.bundle).filter(({ slot }) => slotIds.includes(slot.id));
  const pictures = shown.flatMap(({ slot, demo, method }) => [
    ...(demo.picture ? [{ key: slot.id, of: demo.name, picture: demo.picture }] : []),
    ...method.tasks.flatMap(({ id, name, phase, picture }) =>
      phase === 'prepare' && picture ? [{ key: `${slot.id} ${id}`, of: name, picture }] : [],
    ),
  ]);
  if (pictures.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, mb: 1.5 }}>
      {pictures.map(({ key, of, picture }) => (
        <Box key={key} component="figure" sx={{ m: 0, width: 200, maxWidth: '100%' }}>
          <Shown picture={picture} of={of} width="100%" height={126} />
          <Box component="figcaption" sx={{ fontSize: 14 }}>
            {of}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

export function StopCard({
  open,
  stop,
  next,
  start,
  children,
  onAll,
  onWrong,
  ...row
}: StopCardProps) {
  const { show, answer, ready } = open;
  const checks = checksOf(stop);
  const marks = new Map(answer.marks.map((mark) => [mark.key, mark]));
  const groups = standGroups(stop, show);
  const { all, left } = stateOfStop(stop, ready.state);
  const host = hostOf(checks);
  const takes = checks.reduce((sum, check) => sum + check.takes, 0);
  const name = stopName(stop);
  const press = pressWords(stop, ready.state, next);
  const people = [...new Set(checks.flatMap(({ personId }) => personId ?? []))].map(row.nameOf);
  return (
    <Box
      component="section"
      aria-labelledby="stop-name"
      sx={{
        border: { md: '1px solid var(--line-strong)' },
        borderRadius: 1.5,
        background: { md: 'var(--card)' },
        px: { md: 2.5 },
        pt: { xs: 1, md: 2 },
        minWidth: 0,
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 1 }}>
        {stop.mark && <PositionMark shape={stop.mark} size={30} />}
        <Box
          component="h2"
          id="stop-name"
          sx={{ font: '700 26px/32px Bricolage', m: 0, flex: 1, minWidth: 0 }}
        >
          {name}
        </Box>
        <Box sx={{ textAlign: 'right', fontSize: 14, lineHeight: '19px', color: 'var(--muted)' }}>
          {people.length > 0 && (
            <div>
              {stop.kind === 'place' && people.length === 1
                ? `${people[0]} is there`
                : listInWords(people)}
            </div>
          )}
          <Box component="b" sx={{ color: 'var(--ink)' }}>
            {all === 0 ? '' : left === 0 ? `all ${all} seen` : `${all - left} of ${all} seen`}
          </Box>
          {takes > 0 && left > 0 && <span> · about {sayDuration(Math.ceil(takes / 60) * 60)}</span>}
        </Box>
      </Box>
      {stop.kind === 'place' && (
        <Box sx={{ mb: 2 }}>
          <Elevation
            label={`${name} as it should look when set, seen from the front row; dashed: not looked at yet`}
            groups={groups}
            mark={stop.mark}
            seenOf={(thing) => seenOf(thing, checks, marks)}
          />
        </Box>
      )}
      <HowItLooks open={open} slotIds={groups.map(({ slotId }) => slotId)} />
      <Parts
        stop={stop}
        row={(check) => (
          <CheckRow
            key={check.key}
            check={check}
            mark={marks.get(check.key)}
            groups={groups}
            tape={stop.mark}
            startOfDay={start}
            host={host}
            {...row}
          />
        )}
      />
      {children}
      {checks.length > 0 && (
        <Box
          sx={{
            display: 'flex',
            gap: 1.25,
            flexWrap: 'wrap',
            position: 'sticky',
            bottom: { xs: 57, md: 0 },
            background: { xs: 'var(--ground)', md: 'var(--card)' },
            py: 1.5,
            mt: 1,
            zIndex: 2,
          }}
        >
          <TapeButton
            onClick={onAll}
            disabled={press.ticks === 0 && !next}
            sx={{}}
            style={{ flex: '2 1 200px', height: 64, flexDirection: 'column' }}
          >
            <span style={{ fontSize: 20, lineHeight: '25px' }}>{press.title}</span>
            <span style={{ font: '500 13px/17px Figures, Atkinson' }}>{press.below}</span>
          </TapeButton>
          <ButtonBase
            onClick={onWrong}
            sx={{
              flex: '1 1 110px',
              minHeight: 64,
              border: '2px solid var(--control)',
              borderRadius: 1.5,
              font: '600 18px/24px Bricolage',
            }}
          >
            Something isn’t
          </ButtonBase>
        </Box>
      )}
    </Box>
  );
}
