/** The words of what is chosen on the strip, and what lies next to it in time. */
import CloseIcon from '@mui/icons-material/Close';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import IconButton from '@mui/material/IconButton';
import Typography from '@mui/material/Typography';
import type { LearnedFigure } from '../../core/after/learned';
import { leadRange } from '../../core/lineup/lead';
import { namesOf } from '../../core/lineup/names';
import { neighboursOf } from '../../core/lineup/neighbours';
import type { LineupInput, PlacedTask, Timeline } from '../../core/lineup/types';
import type { Task } from '../../core/repertoire/types';
import { formatClock, formatDuration } from '../../core/time/clock';
import { listInWords, thingsInWords } from '../../core/words';
import { LearnedLine } from '../after/LearnedLine';
import { PHASE } from '../parts/words';
import type { Selection } from './selection';

interface TaskPanelProps {
  input: LineupInput;
  timeline: Timeline;
  startOfDay: number;
  selected: Selection;
  onSelect: (chosen: Selection | null) => void;
  onLead: (placed: PlacedTask, seconds: number) => void;
  /** What the record says of the times of the chosen slot, for whoever does it. */
  learned: readonly LearnedFigure[];
}

function Words({ task }: { task: Task }) {
  const lines: [label: string, words: string][] = [
    ['Do', task.do === task.name ? '' : task.do],
    ['Say', task.say && `“${task.say}”`],
    ['Room', task.cue],
    [
      'Gear',
      [
        task.gearOn.length > 0 ? `${thingsInWords(task.gearOn)} on.` : '',
        task.gearOff.length > 0 ? `${thingsInWords(task.gearOff)} off.` : '',
      ]
        .join(' ')
        .trim(),
    ],
    ['Careful', task.careful],
  ];
  return (
    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '44px 1fr', m: 0, my: 0.5 }}>
      {lines
        .filter(([, words]) => words)
        .map(([label, words]) => (
          <Box key={label} sx={{ display: 'contents' }}>
            <Box component="dt" sx={{ color: 'var(--muted)', fontSize: 13, lineHeight: '22px' }}>
              {label}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {words}
            </Box>
          </Box>
        ))}
    </Box>
  );
}

export function TaskPanel(props: TaskPanelProps) {
  const { input, timeline, startOfDay, selected, onSelect, onLead, learned } = props;
  const names = namesOf(input);
  const slot = input.slots.find((s) => s.id === selected.slot);
  if (!slot) return null;
  const clock = (seconds: number): string => formatClock(startOfDay + seconds);
  const link = (task: PlacedTask) => (
    <ButtonBase
      key={`${task.slot}/${task.task}/${task.go}/${task.phase}`}
      onClick={() => onSelect({ slot: task.slot, task: task.task })}
      aria-current={selected.task === task.task && task.slot === slot.id}
      sx={{
        font: 'inherit',
        minHeight: 28,
        px: 1,
        border: '1px solid',
        borderColor:
          selected.task === task.task && task.slot === slot.id ? 'var(--ember)' : 'var(--line)',
        borderRadius: 1,
      }}
    >
      <b>{clock(task.start)}</b>&nbsp;{names.task(task)}
      {task.slot !== slot.id && ` (${names.slot(task.slot)})`}
    </ButtonBase>
  );
  const task = slot.tasks.find((t) => t.id === selected.task);
  const near =
    selected.task === null ? null : neighboursOf(timeline, { slot: slot.id, task: selected.task });
  const range = selected.task === null ? null : leadRange(input, timeline, slot.id, selected.task);
  const wanted = slot.leads.find((lead) => lead.task === selected.task);
  const figure = learned.find((one) => one.task.id === selected.task);
  return (
    <Box
      component="section"
      aria-label="Chosen"
      sx={{
        order: 4,
        // In sight however long the strip is.
        position: 'sticky',
        bottom: { xs: 64, md: 0 },
        zIndex: 2,
        maxHeight: 280,
        overflowY: 'auto',
        background: 'var(--ground)',
        borderTop: '2px solid var(--ember)',
        mt: 1,
        pt: 1,
        fontSize: 14,
      }}
    >
      <IconButton
        aria-label="Choose nothing"
        size="small"
        sx={{ position: 'absolute', right: 0, top: 4 }}
        onClick={() => onSelect(null)}
      >
        <CloseIcon fontSize="small" />
      </IconButton>
      <Typography variant="h3" component="h2" sx={{ pr: 5 }}>
        {task && near ? `${task.name} · ${slot.name}` : slot.name}
      </Typography>
      {task && near && (
        <>
          <Box sx={{ color: 'var(--muted)' }}>
            {PHASE[task.phase]}, {clock(near.placed.start)} to {clock(near.placed.end)},{' '}
            {formatDuration(near.placed.end - near.placed.start)}
            {near.placed.people.length > 0 &&
              ` · ${listInWords(near.placed.people.map((id) => names.person(id)))}`}
            {near.meanwhile.length > 0 &&
              ` · while ${listInWords(near.meanwhile.map((b) => names.slot(b.slot)))} ${near.meanwhile.length > 1 ? 'are' : 'is'} on`}
          </Box>
          <Words task={task} />
          {figure && <LearnedLine figure={figure} />}
          {near.placed.buffer > 0 && (
            <Box>
              {formatDuration(near.placed.buffer)} is kept free after it, should it take longer.
            </Box>
          )}
          {range && (
            <Box>
              Done {formatDuration(Math.max(0, range.now))} before its slot; it can be up to{' '}
              {formatDuration(range.most)} before. Drag its bar, or use the arrow keys on it.
              {wanted && (
                <Button size="small" onClick={() => onLead(near.placed, 0)}>
                  Move to latest time
                </Button>
              )}
            </Box>
          )}
          {(near.before.length > 0 || near.after.length > 0) && (
            <Box
              sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center', my: 0.5 }}
            >
              {near.before.length > 0 && <span>Before it</span>}
              {near.before.map(link)}
              {near.after.length > 0 && <span>then</span>}
              {near.after.map(link)}
            </Box>
          )}
        </>
      )}
      <Box
        role="group"
        aria-label={`All of ${slot.name}`}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, my: 0.75 }}
      >
        {timeline.tasks.filter((t) => t.slot === slot.id).map(link)}
      </Box>
    </Box>
  );
}
