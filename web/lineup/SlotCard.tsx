import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import PushPin from '@mui/icons-material/PushPinOutlined';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { isUntried, type MethodRecord, recordWords } from '../../core/after/review';
import { besideWords } from '../../core/brief/stations';
import type { Position, ShowBundle, Slot } from '../../core/brief/types';
import type { Fix } from '../../core/lineup/suggestFixes';
import type { Block, Conflict } from '../../core/lineup/types';
import type { Demo, Method } from '../../core/repertoire/types';
import { formatClock, formatDuration } from '../../core/time/clock';
import { listInWords } from '../../core/words';
import type { Verdict } from '../../core/ready/verdict';
import { HazardGlyph } from '../parts/HazardGlyph';
import { PositionMark, Tape } from '../parts/tape';
import { VerdictLines, VerdictMark } from '../parts/VerdictMark';
import { ConflictLines } from './Conflicts';
import { cardId } from './selection';
import { SlotEditor } from './SlotEditor';

export interface CardProps {
  number: number;
  slot: Slot;
  demo: Demo;
  method: Method;
  position: Position | null;
  block: Block | undefined;
  startOfDay: number;
  people: string[];
  bundle: ShowBundle;
  record: MethodRecord | undefined;
  conflicts: Conflict[];
  /** What is judged of it. */
  verdicts: readonly Verdict[];
  /** Ways to fix conflicts, by their words. */
  fixes: Record<string, Fix[]>;
  onFix: (fix: Fix) => void;
  selected: boolean;
  onSelect: () => void;
  onChange: (change: Partial<Slot>) => void;
  onRemove: () => void;
}

/** A slot of the running order: its number is the handle to move it by; open, it can be changed. */
export function SlotCard(props: CardProps) {
  const { number, slot, demo, method, position, block, record, conflicts, selected } = props;
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({
    id: slot.id,
  });
  return (
    <Box
      ref={setNodeRef}
      id={cardId(slot.id)}
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
                {demo.methods.find(({ id }) => id === method.id)?.name ?? method.name}
                {slot.goes > 1 ? ` × ${slot.goes}` : ''}
              </Box>
            </Box>
            {slot.sideBySide && (
              <Box sx={{ fontSize: 13, lineHeight: '18px' }}>{besideWords(slot.sideBySide)}</Box>
            )}
            <Box
              sx={{
                display: 'flex',
                alignItems: 'center',
                // Where there are many hazards they go beneath; names stay whole.
                flexWrap: 'wrap',
                columnGap: 0.75,
                fontSize: 13,
                color: 'var(--muted)',
                '& > span': { whiteSpace: 'nowrap' },
              }}
            >
              {position && <PositionMark shape={position.mark} />}
              <span>{position?.name ?? (slot.talk ? 'anywhere' : 'no position')}</span>
              <span>· {listInWords(props.people) || 'nobody'}</span>
              <Box component="span" sx={{ display: 'flex', gap: 0.5, color: 'var(--ink)' }}>
                {method.hazards.map((hazard) => (
                  <HazardGlyph key={hazard.kind} kind={hazard.kind} control={hazard.control} />
                ))}
              </Box>
              <VerdictMark verdicts={props.verdicts} />
              {slot.pinned && <PushPin titleAccess="pinned" sx={{ fontSize: 15 }} />}
            </Box>
          </Box>
          <Box sx={{ textAlign: 'right', flex: 'none' }}>
            <Box sx={{ font: '600 17px/20px Bricolage' }}>
              {block ? formatDuration(block.end - block.start) : '–'}
            </Box>
            <Box sx={{ fontSize: 12, color: 'var(--muted)' }}>
              {/* What is known of one alone is not the record of several. */}
              {record && !slot.sideBySide ? recordWords(record) : ''}
              {record && !slot.sideBySide && isUntried(record) && ': times are guesses'}
            </Box>
          </Box>
        </ButtonBase>
      </Box>
      {conflicts.map((conflict) => (
        <ConflictLines
          key={conflict.message}
          conflict={conflict}
          fixes={props.fixes[conflict.message]}
          onFix={props.onFix}
        />
      ))}
      {selected && (
        <Box sx={{ px: 1.5 }}>
          <VerdictLines verdicts={props.verdicts} opens />
        </Box>
      )}
      {selected && <SlotEditor {...props} />}
    </Box>
  );
}
