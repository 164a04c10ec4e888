import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import PushPin from '@mui/icons-material/PushPinOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Link } from 'react-router';
import { type MethodRecord, recordWords } from '../../core/after/review';
import type { ShowBundle, Slot } from '../../core/brief/types';
import type { Block, Conflict } from '../../core/lineup/types';
import type { Demo, Method } from '../../core/repertoire/types';
import { formatClock, formatDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import { HazardGlyph } from '../parts/HazardGlyph';
import { type Option, Pick } from '../parts/Pick';
import { PositionMark, Tape } from '../parts/tape';

interface CardProps {
  number: number;
  slot: Slot;
  demo: Demo;
  method: Method;
  block: Block | undefined;
  startOfDay: number;
  people: string[];
  bundle: ShowBundle;
  record: MethodRecord | undefined;
  conflicts: Conflict[];
  selected: boolean;
  onSelect: () => void;
  onChange: (change: Partial<Slot>) => void;
  onRemove: () => void;
}

/** A slot of the running order: its number is the handle to move it by; open, it can be changed. */
export function SlotCard(props: CardProps) {
  const { number, slot, demo, method, block, bundle, record, conflicts, selected } = props;
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: slot.id,
  });
  const position = bundle.show.positions.find((p) => p.id === slot.positionId);
  return (
    <Box
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      sx={{
        position: 'relative',
        zIndex: isDragging ? 5 : 'auto',
        background: 'var(--card)',
        border: '1px solid',
        borderColor: conflicts.length || selected ? 'var(--ember)' : 'var(--line)',
        borderRadius: 1.5,
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'stretch', minHeight: 52 }}>
        <ButtonBase
          {...attributes}
          {...listeners}
          aria-label={`Move ${demo.name}, number ${number}`}
          sx={{
            width: 48,
            flexDirection: 'column',
            touchAction: 'none',
            cursor: 'grab',
            borderRadius: 1.5,
          }}
        >
          <Tape
            width={32}
            height={22}
            fill={position ? `var(--tape-${position.mark})` : 'var(--muted)'}
          >
            {number}
          </Tape>
          <Box component="span" sx={{ fontSize: 12, color: 'var(--muted)' }}>
            {block ? formatClock(props.startOfDay + block.start) : '–'}
          </Box>
        </ButtonBase>
        <ButtonBase
          onClick={props.onSelect}
          aria-expanded={selected}
          sx={{
            flex: 1,
            minWidth: 0,
            justifyContent: 'space-between',
            textAlign: 'left',
            pr: 1.5,
            gap: 1,
            borderRadius: 1.5,
          }}
        >
          <Box sx={{ minWidth: 0, overflow: 'hidden' }}>
            <Box sx={{ whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis' }}>
              <Box component="strong" sx={{ font: '600 16px/22px Bricolage' }}>
                {demo.name}
              </Box>{' '}
              <Box component="span" sx={{ fontSize: 13, color: 'var(--muted)' }}>
                {method.name}
                {slot.goes > 1 ? ` × ${slot.goes}` : ''}
              </Box>
            </Box>
            <Box
              sx={{
                display: 'flex',
                alignItems: 'center',
                gap: 0.75,
                fontSize: 13,
                color: 'var(--muted)',
              }}
            >
              {position && <PositionMark shape={position.mark} />}
              <span>{position?.name ?? 'no position'}</span>
              <span>· {listInWords(props.people) || 'nobody'}</span>
              <Box component="span" sx={{ display: 'flex', gap: 0.5, color: 'var(--ink)' }}>
                {method.hazards.map((hazard) => (
                  <HazardGlyph key={hazard.kind} kind={hazard.kind} control={hazard.control} />
                ))}
              </Box>
              {slot.pinned && <PushPin titleAccess="pinned" sx={{ fontSize: 15 }} />}
            </Box>
          </Box>
          <Box sx={{ textAlign: 'right', flex: 'none' }}>
            <Box sx={{ font: '600 17px/20px Bricolage' }}>
              {block ? formatDuration(block.end - block.start) : '–'}
            </Box>
            <Box sx={{ fontSize: 12, color: 'var(--muted)' }}>
              {record ? recordWords(record) : ''}
            </Box>
          </Box>
        </ButtonBase>
      </Box>
      {conflicts.map((conflict) => (
        <Box key={conflict.words} sx={{ px: 1.5, pb: 1, fontSize: 13, color: 'var(--ember)' }}>
          △ {conflict.words}. {conflict.mend}.
        </Box>
      ))}
      {selected && <SlotEditor {...props} />}
    </Box>
  );
}

const named = ({ id, name }: { id: string; name: string }): Option => ({ value: id, label: name });
const upTo = (n: number): Option[] =>
  Array.from({ length: n }, (_, i) => ({ value: String(i + 1), label: String(i + 1) }));

function SlotEditor({ slot, demo, bundle, onChange, onRemove }: CardProps) {
  const { crew, positions } = bundle.show;
  // Somebody who has left the crew stays named until another is chosen.
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
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
        <Pick
          label="Method"
          value={slot.methodId}
          options={demo.methods.map(named)}
          onChange={(methodId) => methodId && onChange({ methodId })}
        />
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
        <Pick
          label="Goes"
          value={String(slot.goes)}
          options={upTo(Math.max(6, slot.goes))}
          onChange={(goes) => onChange({ goes: Number(goes) })}
        />
        <Pick
          label="Worth, 1 to 5"
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
            label="Pinned here"
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
        <Button size="small" component={Link} to={`/demos/${demo.id}?method=${slot.methodId}`}>
          Open the demo
        </Button>
        <Button size="small" onClick={onRemove}>
          Take it out
        </Button>
      </Box>
    </Box>
  );
}
