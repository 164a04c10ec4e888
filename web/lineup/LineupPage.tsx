import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { Fragment, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Slot } from '../../core/brief/types';
import { finishOf } from '../../core/lineup/finish';
import { lineupInput, resolveSlots } from '../../core/lineup/fromBundle';
import { type Join, joinsOf } from '../../core/lineup/joins';
import { schedule } from '../../core/lineup/schedule';
import { formatDuration, parseClock } from '../../core/time/clock';
import { counted } from '../../core/words';
import { newId } from '../app/api';
import { useDemos } from '../app/data';
import { useOpenShow } from '../brief/useShow';
import { Empty } from '../parts/page';
import { SlotCard } from './SlotCard';
import { StageStrip } from './StageStrip';

function JoinRow({ join }: { join: Join }) {
  if (!join.gap)
    return (
      <Box
        sx={{
          minHeight: 20,
          pl: 6,
          fontSize: 12.5,
          lineHeight: '20px',
          color: 'var(--muted)',
          borderLeft: '1.5px solid var(--line-strong)',
          ml: 3,
        }}
      >
        <Box component="b" sx={{ color: 'var(--ink)', mr: 1, ml: -3 }}>
          {formatDuration(join.seconds)}
        </Box>
        {join.words || 'Straight on'}
      </Box>
    );
  return (
    <Box
      sx={{
        ml: 2.5,
        pl: 2,
        py: 0.5,
        background: 'var(--ember-wash)',
        borderLeft: '9px solid transparent',
        borderImage: 'repeating-linear-gradient(135deg, var(--ember) 0 2px, transparent 2px 5px) 9',
        fontSize: 12.5,
      }}
    >
      <Box component="b" sx={{ color: 'var(--ember)', font: '700 14px/18px Bricolage' }}>
        Dead air {formatDuration(join.seconds)}
      </Box>
      <Box>{join.words}</Box>
    </Box>
  );
}

export default function LineupPage() {
  const open = useOpenShow();
  const { editing, bundle, answer } = open;
  const { data: listed = [] } = useDemos();
  const { enqueueSnackbar } = useSnackbar();
  const [selected, setSelected] = useState<string | null>(null);
  const [adding, setAdding] = useState<HTMLElement | null>(null);
  /** The order under the finger while a card is dragged: the clock follows before it is dropped. */
  const [dragged, setDragged] = useState<string[] | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const shown = useMemo(() => {
    if (!dragged) return { bundle, input: open.input, timeline: open.timeline };
    const slots = dragged.flatMap((id) => bundle.show.slots.find((slot) => slot.id === id) ?? []);
    const preview = { ...bundle, show: { ...bundle.show, slots } };
    const input = lineupInput(preview);
    return { bundle: preview, input, timeline: schedule(input) };
  }, [dragged, bundle, open.input, open.timeline]);

  const { show } = bundle;
  const startOfDay = parseClock(show.start);
  const finish = finishOf(shown.timeline, startOfDay);
  const joins = joinsOf(shown.input, shown.timeline);
  const resolved = resolveSlots(shown.bundle);
  // dnd-kit moves the cards itself while dragging, so the list keeps the stored order until the drop.
  const ids = show.slots.map((slot) => slot.id);
  const stored = resolveSlots(bundle);
  const setSlots = (slots: Slot[]): void => editing.store.change((value) => ({ ...value, slots }));

  const orderAfter = ({ active, over }: DragOverEvent | DragEndEvent): string[] =>
    over ? arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))) : ids;
  const drop = (event: DragEndEvent): void => {
    setDragged(null);
    const order = orderAfter(event);
    if (order.join() !== ids.join())
      setSlots(order.flatMap((id) => show.slots.find((slot) => slot.id === id) ?? []));
  };
  const add = (demoId: string): void => {
    setAdding(null);
    const demo = listed.find((d) => d.id === demoId);
    const method = demo?.methods[0];
    if (!demo || !method) return;
    const slot: Slot = {
      id: newId(),
      demoId,
      methodId: method.id,
      performerId: show.crew[0] ?? null,
      positionId:
        show.positions.find((p) => p.name.toLowerCase() === demo.usualPosition.toLowerCase())?.id ??
        show.positions[0]?.id ??
        null,
      goes: 1,
      pinned: false,
      mayLeaveOut: true,
      worth: 3,
    };
    setSlots([...show.slots, slot]);
    setSelected(slot.id);
  };
  const takeOut = (slot: Slot, name: string): void => {
    setSlots(show.slots.filter((other) => other.id !== slot.id));
    enqueueSnackbar(`${name} taken out`, {
      action: () => (
        <Button color="inherit" onClick={() => editing.store.undo()}>
          Undo
        </Button>
      ),
    });
  };
  const nameOf = (id: string | number): string =>
    stored.find(({ slot }) => slot.id === id)?.demo.name ?? '';
  const announcements: Announcements = {
    onDragStart: ({ active }) =>
      `Picked up ${nameOf(active.id)}, number ${ids.indexOf(String(active.id)) + 1}.`,
    onDragOver: ({ active, over }) =>
      over ? `${nameOf(active.id)} would be number ${ids.indexOf(String(over.id)) + 1}.` : '',
    onDragEnd: ({ active, over }) =>
      `${nameOf(active.id)} is number ${ids.indexOf(String(over?.id ?? active.id)) + 1}.`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
  };
  const trouble = finish.level === 'over' || finish.level === 'conflict';

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
          <Button
            size="small"
            onClick={(event) => setAdding(event.currentTarget)}
            aria-haspopup="menu"
          >
            Add a demo
          </Button>
          <Menu open={Boolean(adding)} anchorEl={adding} onClose={() => setAdding(null)}>
            {listed.length === 0 && (
              <MenuItem component={Link} to="/demos">
                No demos yet: write one first
              </MenuItem>
            )}
            {listed.map((demo) => (
              <MenuItem key={demo.id} onClick={() => add(demo.id)}>
                {demo.name}
              </MenuItem>
            ))}
          </Menu>
        </Box>
        {show.slots.length === 0 && (
          <Empty title="An empty stage">
            Add a demo to begin; then drag by the number to put it in its place.
          </Empty>
        )}
        <DndContext
          sensors={sensors}
          accessibility={{ announcements }}
          collisionDetection={closestCenter}
          onDragOver={(event) => setDragged(orderAfter(event))}
          onDragEnd={drop}
          onDragCancel={() => setDragged(null)}
        >
          <SortableContext items={ids} strategy={verticalListSortingStrategy}>
            <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {stored.map(({ slot, demo, method }, i) => {
                const join = joins.find((j) => j.after === slot.id);
                const people = new Set(
                  shown.timeline.tasks
                    .filter((task) => task.slot === slot.id && task.phase === 'perform')
                    .flatMap((task) => task.people),
                );
                const live = resolved.findIndex((r) => r.slot.id === slot.id);
                return (
                  <Fragment key={slot.id}>
                    {join && (i > 0 || join.gap) && (
                      <Box component="li" sx={{ visibility: dragged ? 'hidden' : 'visible' }}>
                        <JoinRow join={join} />
                      </Box>
                    )}
                    <Box component="li" sx={{ my: join ? 0 : 0.5 }}>
                      <SlotCard
                        number={(dragged ? live : i) + 1}
                        slot={slot}
                        demo={demo}
                        method={method}
                        block={shown.timeline.blocks.find((b) => b.slot === slot.id)}
                        startOfDay={startOfDay}
                        people={bundle.people.filter((p) => people.has(p.id)).map((p) => p.name)}
                        bundle={bundle}
                        record={answer.records.find(
                          (r) => r.demoId === demo.id && r.methodId === method.id,
                        )}
                        conflicts={shown.timeline.conflicts.filter((c) => c.slot === slot.id)}
                        selected={selected === slot.id}
                        onSelect={() => setSelected(selected === slot.id ? null : slot.id)}
                        onChange={(change) =>
                          setSlots(
                            show.slots.map((s) => (s.id === slot.id ? { ...s, ...change } : s)),
                          )
                        }
                        onRemove={() => takeOut(slot, demo.name)}
                      />
                    </Box>
                  </Fragment>
                );
              })}
            </Box>
          </SortableContext>
        </DndContext>
      </Box>
      {show.slots.length > 0 && (
        <>
          <Box
            component="section"
            aria-label="Clock"
            sx={{ order: { xs: 1, lg: 2 }, gridColumn: { lg: 2 }, minWidth: 0 }}
          >
            <Box aria-live="polite" sx={{ mb: 2 }}>
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
                {shown.timeline.deadAir > 0 && (
                  <>
                    {' '}
                    · <b>{formatDuration(shown.timeline.deadAir)} dead air</b>
                  </>
                )}
              </Typography>
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
