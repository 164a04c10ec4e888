import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { finishOf } from '../../core/lineup/finish';
import { lineupInput } from '../../core/lineup/fromBundle';
import { schedule } from '../../core/lineup/schedule';
import type { Timeline } from '../../core/lineup/types';
import { formatDuration, parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { useOpenShow } from '../brief/useShow';
import { Empty } from '../parts/page';
import { useUndoable } from '../parts/undoable';
import { AddDemo } from './AddDemo';
import { RunningOrder } from './RunningOrder';
import { StageStrip } from './StageStrip';
import { SuggestOrder } from './SuggestOrder';

/** When it ends, against the hard finish. */
function End({ timeline, startOfDay }: { timeline: Timeline; startOfDay: number }) {
  const finish = finishOf(timeline, startOfDay);
  const trouble = finish.level === 'over' || finish.level === 'conflict';
  return (
    <Box aria-live="polite" sx={{ mb: 1, flex: '1 1 300px' }}>
      <Box
        sx={{
          font: { xs: '800 36px/40px Bricolage', md: '800 44px/48px Bricolage' },
          letterSpacing: '-1.2px',
          color: trouble ? 'var(--ember)' : 'inherit',
        }}
      >
        {trouble && '△ '}
        {finish.headline}
      </Box>
      <Typography>
        {finish.words}
        {timeline.deadAir > 0 && (
          <>
            {' '}
            · <b>{formatDuration(timeline.deadAir)} dead air</b>,{' '}
            {timeline.proven ? 'the least this order has' : 'the least found'}
          </>
        )}
      </Typography>
    </Box>
  );
}

/** The running order at the left; the end and the strip, which follow every change, at the right. */
export default function LineupPage() {
  const open = useOpenShow();
  const { editing, bundle } = open;
  const { show } = bundle;
  const undoable = useUndoable(editing.store);
  const [selected, setSelected] = useState<string | null>(null);
  /** The order under the finger while a card is dragged: the clock follows before it is dropped. */
  const [dragged, setDragged] = useState<string[] | null>(null);
  const shown = useMemo(() => {
    if (!dragged) return { bundle, input: open.input, timeline: open.timeline };
    const slots = dragged.flatMap((id) => bundle.show.slots.find((slot) => slot.id === id) ?? []);
    const preview = { ...bundle, show: { ...bundle.show, slots } };
    const input = lineupInput(preview);
    return { bundle: preview, input, timeline: schedule(input) };
  }, [dragged, bundle, open.input, open.timeline]);

  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 4,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '400px minmax(0, 1fr)' },
        gridTemplateRows: { lg: 'auto 1fr' },
        alignItems: 'start',
      }}
    >
      <Box
        component="section"
        aria-label="Running order"
        sx={{ order: { xs: 2, lg: 1 }, gridRow: { lg: '1 / span 2' }, minWidth: 0 }}
      >
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, mb: 0.5 }}>
          <Typography variant="h3" component="h2">
            Running order
          </Typography>
          <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
            {counted(show.slots.length, 'demo')} · {formatDuration(shown.timeline.end)} of{' '}
            {formatDuration(shown.timeline.hardFinish)}
          </Typography>
          <AddDemo
            show={show}
            onAdd={(slot) => {
              editing.store.change((value) => ({ ...value, slots: [...value.slots, slot] }));
              setSelected(slot.id);
            }}
          />
        </Box>
        {show.slots.length === 0 && (
          <Empty title="An empty stage">
            Add a demo to begin; then drag by the number to put it in its place.
          </Empty>
        )}
        <RunningOrder
          dragged={dragged}
          onDrag={setDragged}
          shown={shown}
          selected={selected}
          onSelect={setSelected}
        />
      </Box>
      {show.slots.length > 0 && (
        <>
          <Box
            component="section"
            aria-label="Clock"
            sx={{ order: { xs: 1, lg: 2 }, gridColumn: { lg: 2 }, minWidth: 0 }}
          >
            <Box
              sx={{
                display: 'flex',
                columnGap: 2,
                flexWrap: 'wrap',
                alignItems: 'flex-start',
                mb: 2,
              }}
            >
              <End timeline={shown.timeline} startOfDay={parseClock(show.start)} />
              {show.slots.length > 1 && (
                <SuggestOrder
                  onTake={(order) => {
                    editing.store.change((value) => ({
                      ...value,
                      slots: order.flatMap((id) => value.slots.find((s) => s.id === id) ?? []),
                    }));
                    undoable('The proposed order taken');
                  }}
                />
              )}
            </Box>
          </Box>
          <Box
            component="section"
            aria-label="Strip"
            sx={{ order: 3, gridColumn: { lg: 2 }, minWidth: 0, mt: { xs: 3, lg: 0 } }}
          >
            <StageStrip
              bundle={shown.bundle}
              input={shown.input}
              timeline={shown.timeline}
              selected={selected}
              onSelect={setSelected}
            />
          </Box>
        </>
      )}
    </Box>
  );
}
