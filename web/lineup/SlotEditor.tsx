import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Link } from 'react-router';
import { formatDuration } from '../../core/time/clock';
import { counted } from '../../core/words';
import { type Option, Pick } from '../parts/Pick';
import { PositionMark } from '../parts/tape';
import type { CardProps } from './SlotCard';
import { Stations } from './Stations';
import { TalkFields } from './TalkFields';

const againUpTo = (n: number): Option[] =>
  Array.from({ length: n + 1 }, (_, i) => ({
    value: String(i),
    label: i === 0 ? 'move on' : counted(i, 'time'),
  }));

/** Seconds offered, and the one that is set. */
const fallbacks = (now: number): Option[] =>
  [...new Set([0, 10, 20, 30, 45, 60, 90, now])]
    .sort((a, b) => a - b)
    .map((seconds) => ({
      value: String(seconds),
      label: seconds === 0 ? 'no time' : formatDuration(seconds),
    }));

const named = ({ id, name }: { id: string; name: string }): Option => ({ value: id, label: name });
const upTo = (n: number): Option[] =>
  Array.from({ length: n }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }));

/** What of a slot can be set: who, where, how often, what if it fails, whether it may go. */
export function SlotEditor({ slot, demo, method, bundle, onChange, onRemove }: CardProps) {
  const { crew, positions } = bundle.show;
  // A person who has left the crew stays named until another is chosen.
  const performers = bundle.people.filter(
    (person) => crew.includes(person.id) || person.id === slot.performerId,
  );
  return (
    <Box sx={{ p: 1.5, borderTop: '1px solid var(--line)', display: 'grid', gap: 1.5 }}>
      {demo.pinnedNote && (
        <Box sx={{ fontSize: 14 }}>
          <b>From last time:</b> {demo.pinnedNote}
        </Box>
      )}
      {slot.sideBySide && (
        <Stations of={slot.sideBySide} onChange={(sideBySide) => onChange({ sideBySide })} />
      )}
      {slot.talk && <TalkFields talk={slot.talk} onChange={(talk) => onChange({ talk })} />}
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
        {!slot.talk && (
          <Pick
            label="Method"
            value={slot.methodId}
            options={demo.methods.map(named)}
            onChange={(methodId) => methodId && onChange({ methodId, leads: [] })}
          />
        )}
        <Pick
          label="Performer"
          value={slot.performerId}
          none="Nobody yet"
          options={performers.map(named)}
          onChange={(performerId) => onChange({ performerId })}
        />
        <Pick
          label="Position"
          value={slot.positionId}
          none="None yet"
          options={positions.map((p) => ({
            ...named(p),
            icon: <PositionMark shape={p.mark} />,
          }))}
          onChange={(positionId) => onChange({ positionId })}
        />
        {!slot.talk && (
          <>
            <Pick
              label="Goes"
              value={String(slot.goes)}
              options={upTo(Math.max(6, slot.goes))}
              onChange={(goes) => onChange({ goes: Number(goes), wantedGoes: null })}
            />
            <Pick
              label="Retries if it fails"
              value={String(slot.again)}
              options={againUpTo(Math.max(3, slot.again, method.goesAllowed - slot.goes))}
              onChange={(again) => onChange({ again: Number(again) })}
              {...(slot.goes + slot.again > method.goesAllowed && {
                helperText: `Its method allows ${counted(method.goesAllowed, 'go', 'goes')}`,
              })}
            />
            {slot.goes > 1 && (
              <Pick
                label="Seen to work"
                value={String(slot.wantedGoes ?? slot.goes)}
                options={upTo(slot.goes)}
                onChange={(often) =>
                  onChange({ wantedGoes: Number(often) === slot.goes ? null : Number(often) })
                }
              />
            )}
            <Pick
              label="If it still fails, talk for"
              value={String(slot.fallback)}
              options={fallbacks(slot.fallback)}
              onChange={(fallback) => onChange({ fallback: Number(fallback) })}
            />
          </>
        )}
        <Pick
          label="Keep: 1 (drop first) to 5"
          value={String(slot.worth)}
          options={upTo(5)}
          onChange={(worth) => onChange({ worth: Number(worth) })}
        />
        <Box>
          <FormControlLabel
            label="May be left out"
            control={
              <Switch
                size="small"
                checked={slot.mayLeaveOut}
                onChange={(_e, on) => onChange({ mayLeaveOut: on })}
              />
            }
          />
          <FormControlLabel
            label="Keep this place in the order"
            control={
              <Switch
                size="small"
                checked={slot.pinned}
                onChange={(_e, on) => onChange({ pinned: on })}
              />
            }
          />
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 1 }}>
        {!slot.talk && (
          <Button size="small" component={Link} to={`/demos/${demo.id}?method=${slot.methodId}`}>
            Open the demo
          </Button>
        )}
        <Button size="small" onClick={onRemove}>
          Remove from line-up
        </Button>
      </Box>
    </Box>
  );
}
