import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Theme } from '@mui/material/styles';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useMemo, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { learnedOfSlot } from '../../core/after/learned';
import { bestToLeaveOut } from '../../core/lineup/forecast/words';
import { changeShow, inOrder, withLead, withoutSlots } from '../../core/lineup/change';
import type { Fix } from '../../core/lineup/suggestFixes';
import { namesOf } from '../../core/lineup/names';
import type { PlacedTask } from '../../core/lineup/types';
import { formatDuration, parseClock } from '../../core/time/clock';
import { counted, listInWords, lowerFirst } from '../../core/words';
import { newId } from '../app/api';
import { withPositionFor } from '../../core/brief/positions';
import { useOpenShow } from '../brief/useShow';
import { Empty } from '../parts/page';
import { useLatest } from '../parts/stable';
import { useUndoable } from '../parts/undoable';
import { AddDemo } from './AddDemo';
import { Conflicts } from './Conflicts';
import { Advice, ForecastHead } from './ForecastHead';
import { ProposeShow } from './ProposeShow';
import { RunningOrder } from './RunningOrder';
import { type Selection, showCard } from './selection';
import { TypeOrderDialog } from './TypeOrderDialog';
import { PositionsWanted } from './PositionsWanted';
import { StageStrip } from './StageStrip';
import { SuggestOrder } from './SuggestOrder';
import { TakeAway } from './TakeAway';
import { TaskPanel } from './TaskPanel';
import { useForecast, useLeaveOut } from './useForecast';
import { useFixes } from './useFixes';
import { useShown } from './useShown';
import { WhatCouldGo } from './WhatCouldGo';

/** The running order at the left; the end and the strip, which follow every change, at the right. */
export default function LineupPage() {
  const open = useOpenShow();
  const { store, answer } = open;
  const { show } = open.latest;
  const undoable = useUndoable(store);
  const [selected, setSelected] = useState<Selection | null>(null);
  const [search] = useSearchParams();
  // “?propose”, as the page of demos asks for it.
  const [proposing, setProposing] = useState(search.has('propose'));
  /** The order under the finger while a card is dragged: the clock follows before it is dropped. */
  const [dragged, setDragged] = useState<string[] | null>(null);
  const shown = useShown(dragged);
  const { input, timeline } = shown;
  const tried = useForecast(shown.bundle === open.bundle ? null : { ...shown, answer });
  const known = tried ?? open.foreseen;
  // What was changed a moment ago is still being timed.
  const pending = !dragged && open.bundle !== open.latest;
  const foreseen = useMemo(() => ({ ...known, fresh: known.fresh && !pending }), [known, pending]);
  const { forecast, fresh } = foreseen;
  const fixes = useFixes(input, timeline, foreseen);
  // What stands between the cards stays as it was while one is dragged: it would move them under the finger.
  const still = useRef({ shown, fixes });
  if (!dragged) still.current = { shown, fixes };
  const best = bestToLeaveOut(useLeaveOut(input, foreseen, 'single').rows);
  const wide = useMediaQuery<Theme>((theme) => theme.breakpoints.up('lg'));
  const names = namesOf(input);
  const startOfDay = parseClock(show.start);
  const filled = timeline.blocks.reduce((sum, block) => sum + block.end - block.start, 0);
  const nameOf = (id: string): string => names.slot(id);

  // Stable functions: the cards and the strip are drawn anew when something in them changes.
  const apply = useLatest((fix: Fix): void => {
    store.change((value) => changeShow(value, fix.change) ?? value);
    undoable(`Done: ${lowerFirst(fix.words)}`);
  });
  const leaveOut = (slots: string[]): void => {
    store.change((value) => withoutSlots(value, slots));
    undoable(`${listInWords(slots.map(nameOf))} left out`);
  };
  const lead = useLatest((placed: PlacedTask, seconds: number): void =>
    store.change((value) => withLead(value, placed.slot, placed.task, seconds)),
  );
  const choose = useLatest((chosen: Selection | null): void => {
    setSelected(chosen);
    if (chosen) showCard(chosen.slot);
  });
  const chooseCard = useLatest((slot: string | null): void =>
    setSelected(slot === null ? null : { slot, task: null }),
  );

  const chosen = show.slots.find(({ id }) => id === selected?.slot);
  const learned = useMemo(
    () => (chosen ? learnedOfSlot(open.bundle.demos, answer.records, chosen) : []),
    [chosen, open.bundle.demos, answer.records],
  );

  const head = { timeline, foreseen, best, startOfDay, nameOf, onLeaveOut: leaveOut };
  const propose = (
    <Button size="small" onClick={() => setProposing(true)}>
      Propose a show
    </Button>
  );
  const actions = (
    <>
      {show.slots.length > 1 && (
        <SuggestOrder
          onTake={(order) => {
            store.change((value) => inOrder(value, order));
            undoable('The proposed order taken');
          }}
        />
      )}
      <WhatCouldGo
        foreseen={foreseen}
        input={input}
        startOfDay={startOfDay}
        hardFinish={timeline.hardFinish}
        nameOf={nameOf}
        taskName={(slot, task) => names.task({ slot, task })}
        onLeaveOut={leaveOut}
      />
      <TakeAway showId={show.id} />
    </>
  );

  return (
    <Box
      sx={{
        display: 'grid',
        columnGap: 4,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '400px minmax(0, 1fr)' },
        alignItems: 'start',
      }}
    >
      <Box
        component="section"
        aria-label="Running order"
        sx={{ order: { xs: 2, lg: 1 }, minWidth: 0 }}
      >
        <Box
          sx={{ display: 'flex', alignItems: 'center', flexWrap: 'wrap', columnGap: 1, mb: 0.5 }}
        >
          <Typography variant="h3" component="h2" sx={{ flex: 1, whiteSpace: 'nowrap' }}>
            Running order
          </Typography>
          <Typography variant="body2" color="textSecondary" sx={{ order: 1, flex: '1 0 50%' }}>
            {counted(show.slots.length, 'slot')}, {formatDuration(filled)} of{' '}
            {formatDuration(timeline.hardFinish)} filled
          </Typography>
          <TypeOrderDialog
            show={show}
            onTake={({ slots, positions, crew }) => {
              store.change((value) => ({
                ...value,
                positions,
                crew,
                slots: [...value.slots, ...slots],
              }));
              undoable(`${counted(slots.length, 'slot')} added`);
            }}
          />
          <AddDemo
            show={show}
            onAdd={(slot) => {
              store.change((value) => ({ ...value, slots: [...value.slots, slot] }));
              setSelected({ slot: slot.id, task: null });
            }}
          />
          {show.slots.length > 0 && <Box sx={{ order: 1 }}>{propose}</Box>}
        </Box>
        {show.slots.length === 0 && (
          <Empty title="An empty stage">
            <p>
              Add a demo to begin, type the order as you have it, or have a whole show proposed;
              then drag by the number to put each in its place.
            </p>
            {propose}
          </Empty>
        )}
        <PositionsWanted
          bundle={open.latest}
          onMake={(wanted) => {
            store.change((value) => withPositionFor(value, wanted, newId()));
            undoable(`“${wanted.name}” made, with what is usually there`);
          }}
        />
        <RunningOrder
          dragged={dragged}
          onDrag={setDragged}
          shown={shown}
          between={still.current.shown}
          fixes={still.current.fixes}
          apply={apply}
          selected={selected?.slot ?? null}
          onSelect={chooseCard}
        />
      </Box>
      {show.slots.length > 0 && (
        <Box
          sx={{
            // On a phone: the end, the list, the strip. Beside each other, the end stays over the strip.
            display: { xs: 'contents', lg: 'block' },
            order: 2,
            minWidth: 0,
            // The list and the strip scroll apart, so that the forecast stays in sight.
            position: { lg: 'sticky' },
            top: 0,
            maxHeight: { lg: '100vh' },
            overflowY: { lg: 'auto' },
            pb: 1,
          }}
        >
          <Box
            component="section"
            aria-label="Clock"
            sx={{
              order: 1,
              minWidth: 0,
              display: 'flex',
              gap: 1,
              flexWrap: 'wrap',
              alignItems: 'flex-start',
              mb: 1,
            }}
          >
            <ForecastHead {...head} wide={wide} />
            {!wide && actions}
          </Box>
          <Conflicts
            conflicts={timeline.conflicts}
            fixes={fixes}
            onFix={apply}
            onGo={({ slot, tasks }) => choose({ slot, task: tasks.at(-1)?.task ?? null })}
          />
          <Box component="section" aria-label="Strip" sx={{ order: 3, minWidth: 0 }}>
            {!wide && <Advice {...head} />}
            <StageStrip
              bundle={shown.bundle}
              input={input}
              timeline={timeline}
              forecast={forecast}
              best={best}
              fresh={fresh}
              selected={selected}
              onSelect={choose}
              onLead={lead}
              actions={wide && actions}
            />
          </Box>
          {selected && (
            <TaskPanel
              input={input}
              timeline={timeline}
              startOfDay={startOfDay}
              selected={selected}
              onSelect={choose}
              onLead={lead}
              learned={learned}
            />
          )}
        </Box>
      )}
      <ProposeShow
        open={proposing}
        onClose={() => setProposing(false)}
        onTake={(slots) => {
          store.change((value) => ({ ...value, slots }));
          undoable('The proposed show taken');
        }}
      />
    </Box>
  );
}
