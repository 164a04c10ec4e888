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
import { Fragment, memo } from 'react';
import type { Slot } from '../../core/brief/types';
import { resolveSlots } from '../../core/lineup/fromBundle';
import { inOrder, withoutSlots } from '../../core/lineup/change';
import { joinsOf } from '../../core/lineup/joins';
import type { Fix } from '../../core/lineup/suggestFixes';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { verdictsOf } from '../../core/ready/judge';
import { parseClock } from '../../core/time/clock';
import { useOpenShow } from '../brief/useShow';
import { useUndoable } from '../parts/undoable';
import { JoinRow } from './JoinRow';
import { SlotCard } from './SlotCard';

interface RunningOrderProps {
  /** The order under the finger while a card is dragged; else null. */
  dragged: string[] | null;
  onDrag: (order: string[] | null) => void;
  /** What follows from that order. */
  shown: { input: LineupInput; timeline: Timeline };
  /** What the joins between the cards are of. */
  between: { input: LineupInput; timeline: Timeline };
  /** Ways to fix, by the slot that waits or the conflict's words. */
  fixes: Record<string, Fix[]>;
  apply: (fix: Fix) => void;
  selected: string | null;
  onSelect: (slot: string | null) => void;
}

/** The cards with their joins, moved by mouse, touch or keyboard. */
export const RunningOrder = memo(function RunningOrder(props: RunningOrderProps) {
  const { dragged, onDrag, shown, between, fixes, apply, selected, onSelect } = props;
  const { store, latest: bundle, answer, ready } = useOpenShow();
  const undoable = useUndoable(store);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const { show } = bundle;
  const startOfDay = parseClock(show.start);
  const joins = joinsOf(between.input, between.timeline);
  // dnd-kit moves the cards itself while dragging, so the list keeps the stored order until the drop.
  const ids = show.slots.map((slot) => slot.id);
  const stored = resolveSlots(bundle);
  const setSlots = (slots: Slot[]): void => store.change((value) => ({ ...value, slots }));

  const orderAfter = ({ active, over }: DragOverEvent | DragEndEvent): string[] =>
    over ? arrayMove(ids, ids.indexOf(String(active.id)), ids.indexOf(String(over.id))) : ids;
  const drop = (event: DragEndEvent): void => {
    onDrag(null);
    const order = orderAfter(event);
    if (order.join() !== ids.join()) store.change((value) => inOrder(value, order));
  };
  const takeOut = (slot: Slot, name: string): void => {
    store.change((value) => withoutSlots(value, [slot.id]));
    undoable(`${name} removed from the line-up`);
  };
  const nameOf = (id: string | number): string =>
    stored.find(({ slot }) => slot.id === id)?.demo.name ?? '';
  const numberOf = (id: string | number): number => ids.indexOf(String(id)) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Picked up ${nameOf(active.id)}, number ${numberOf(active.id)}.`,
    onDragOver: ({ active, over }) =>
      over ? `${nameOf(active.id)} would be number ${numberOf(over.id)}.` : '',
    onDragEnd: ({ active, over }) =>
      `${nameOf(active.id)} is number ${numberOf(over?.id ?? active.id)}.`,
    onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
  };

  return (
    <DndContext
      sensors={sensors}
      accessibility={{ announcements }}
      collisionDetection={closestCenter}
      onDragOver={(event) => onDrag(orderAfter(event))}
      onDragEnd={drop}
      onDragCancel={() => onDrag(null)}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {stored.map(({ slot, demo, method, position }, i) => {
            const join = joins.find((j) => j.after === slot.id);
            const onStage = new Set(
              shown.timeline.tasks
                .filter((task) => task.slot === slot.id && task.phase === 'perform')
                .flatMap((task) => task.people),
            );
            return (
              <Fragment key={slot.id}>
                {join && (i > 0 || join.gap) && (
                  <Box component="li" sx={{ visibility: dragged ? 'hidden' : 'visible' }}>
                    <JoinRow join={join} fixes={fixes[slot.id] ?? []} onFix={apply} />
                  </Box>
                )}
                <Box component="li" sx={{ my: join ? 0 : 0.5 }}>
                  <SlotCard
                    number={(dragged ?? ids).indexOf(slot.id) + 1}
                    slot={slot}
                    demo={demo}
                    method={method}
                    position={position}
                    block={shown.timeline.blocks.find((b) => b.slot === slot.id)}
                    startOfDay={startOfDay}
                    people={bundle.people.filter((p) => onStage.has(p.id)).map((p) => p.name)}
                    bundle={bundle}
                    record={answer.records.find(
                      (r) => r.demoId === demo.id && r.methodId === method.id,
                    )}
                    conflicts={shown.timeline.conflicts.filter((c) => c.slot === slot.id)}
                    verdicts={verdictsOf(ready.verdicts, slot.id)}
                    fixes={fixes}
                    onFix={apply}
                    selected={selected === slot.id}
                    onSelect={() => onSelect(selected === slot.id ? null : slot.id)}
                    onChange={(change) =>
                      setSlots(show.slots.map((s) => (s.id === slot.id ? { ...s, ...change } : s)))
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
  );
});
