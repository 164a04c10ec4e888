/** One check of the day: a tick big enough for a thumb, what is looked at, and the rest on demand. */
import ExpandMore from '@mui/icons-material/ExpandMore';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { MarkShape } from '../../../core/brief/types';
import type { Check } from '../../../core/ready/checks';
import { type Mark, readingFault, settles, wrongWith } from '../../../core/ready/go';
import { numbersOf, type StandGroup } from '../../../core/ready/walk/things';
import { formatClock } from '../../../core/time/clock';
import { parseAmount } from '../../../core/units/parse';
import { dimensionOf, fromBase, toBase, UNITS } from '../../../core/units/units';
import { timeOf } from '../../brief/dates';
import { Gauge } from '../../parts/Gauge';
import { HoldsGlyph } from '../../parts/HoldsGlyph';
import { Tape } from '../../parts/tape';
import { tapeFill } from '../../parts/tapeShape';
import { CHECK } from '../../parts/words';
import { PhotoButton, PhotoStrip } from '../PhotoStrip';
import type { Said } from '../useMarks';
import type { Photos } from '../usePhotos';

export interface CheckRowProps {
  check: Check;
  mark: Mark | undefined;
  /** What stands here, by number. */
  groups: readonly StandGroup[];
  /** Of the place; null where there is none. */
  tape: MarkShape | null;
  /** Seconds of the day at which the show starts. */
  startOfDay: number;
  /** Who is said once for the stop need not be said again. */
  host: string | null;
  nameOf: (id: string | null) => string;
  photos: Photos;
  onMark: (key: string, said: Said | null) => void;
  onWaive: (check: Check) => void;
}

/** A figure that is read off: judged against its limits as it is typed, and kept when the field is left. */
function Reading({ check, mark, onMark }: Pick<CheckRowProps, 'check' | 'mark' | 'onMark'>) {
  const [text, setText] = useState(mark?.value == null ? '' : String(mark.value));
  const { measures } = check;
  if (!measures) return null;
  const unit = UNITS[measures.unit].label;
  const read = (): number | null => {
    const parsed = parseAmount(text, { kind: dimensionOf(measures.unit), bare: measures.unit });
    return parsed.ok
      ? fromBase(toBase(parsed.value.amount, parsed.value.unit), measures.unit)
      : null;
  };
  const value = text.trim() === '' ? null : read();
  const fault =
    text.trim() === ''
      ? null
      : value === null
        ? `Give a number of ${unit}`
        : readingFault(check, value);
  return (
    <Box sx={{ mt: 1, maxWidth: 240 }}>
      <Gauge gauge={{ ...measures, value: value ?? mark?.value ?? null }} />
      <TextField
        size="small"
        label={`Read off (${unit})`}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => {
          if (value !== null && value !== mark?.value)
            onMark(check.key, { state: 'done', reason: '', value });
        }}
        error={fault !== null}
        helperText={fault ?? (value === null ? limitWords(check) : 'Within its limits')}
        slotProps={{
          htmlInput: { inputMode: 'decimal', 'aria-label': `${check.title}, read off` },
        }}
        fullWidth
        sx={{ mt: 0.5 }}
      />
    </Box>
  );
}

function limitWords({ measures }: Check): string {
  if (!measures) return '';
  const unit = UNITS[measures.unit].label;
  const { least, most } = measures;
  if (least !== null && most !== null) return `${least} to ${most} ${unit}`;
  return least !== null ? `${least} ${unit} or more` : `${most} ${unit} or less`;
}

/** What is looked at: things by their numbers in the drawing, or what the check says. */
function What({ check, groups }: Pick<CheckRowProps, 'check' | 'groups'>) {
  const named = check.kind === 'place' || check.kind === 'fill' ? numbersOf(groups, check) : [];
  if (named.length === 0) return check.title;
  return named.map(({ n, thing }, i) => (
    <Box component="span" key={thing.itemId} sx={{ mr: 1 }}>
      <b>{n}</b> {thing.name}
      {thing.amount && (
        <Box component="span" sx={{ color: 'var(--muted)' }}>
          {thing.count > 1 ? ` ×${thing.count}` : ` ${thing.amount}`}
        </Box>
      )}
      {i < named.length - 1 && ','}
    </Box>
  ));
}

/** The slot that it is for, as it is numbered in the show. */
function SlotTape({
  check,
  groups,
  mark,
}: Pick<CheckRowProps, 'check' | 'groups'> & { mark: MarkShape | null }) {
  const group = groups.find(({ slotId }) => slotId === check.slotIds[0]);
  return group && check.slotIds.length === 1 ? (
    <Box component="span" sx={{ mr: 0.75, display: 'inline-block', verticalAlign: '-3px' }}>
      <Tape width={24} height={17} fill={tapeFill(mark)} size={12}>
        {group.number}
      </Tape>
    </Box>
  ) : null;
}

export function CheckRow(props: CheckRowProps) {
  const { check, mark, groups, tape, startOfDay, host, nameOf, photos, onMark, onWaive } = props;
  const [isOpen, setOpen] = useState(false);
  const at = (seconds: number): string => formatClock(startOfDay + seconds);
  const settled = mark !== undefined && settles(check, mark);
  const wrong = mark === undefined ? null : wrongWith(check, mark);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        alignItems: 'start',
        columnGap: 0.5,
        gridTemplateColumns: 'auto minmax(0, 1fr) auto',
        py: 0.25,
      }}
    >
      <Checkbox
        checked={settled}
        disabled={check.measures !== null && !settled}
        onChange={(_event, on) =>
          onMark(check.key, on ? { state: 'done', reason: '', value: null } : null)
        }
        slotProps={{ input: { 'aria-label': check.title } }}
        sx={{ p: 1, ml: -1, '& svg': { fontSize: { xs: 32, sm: 28 } } }}
      />
      <Box sx={{ minWidth: 0, py: 1.25, lineHeight: '20px' }}>
        <Box sx={{ color: settled ? 'var(--muted)' : 'inherit' }}>
          <SlotTape check={check} groups={groups} mark={tape} />
          <What check={check} groups={groups} />
        </Box>
        {wrong !== null && <Box sx={{ color: 'var(--ember)', fontWeight: 600 }}>△ {wrong}</Box>}
        {check.holds && !settled && (
          <Box
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 0.75,
              font: '700 13px/18px Bricolage',
            }}
          >
            <HoldsGlyph /> must be done before the start
          </Box>
        )}
        {check.from !== null && !settled && (
          <Box sx={{ fontSize: 14, fontWeight: 700 }}>
            between {at(check.from)} and {at(check.due)}
          </Box>
        )}
        {check.personId !== host && (
          <Box sx={{ fontSize: 13, color: 'var(--muted)' }}>{nameOf(check.personId)}</Box>
        )}
        <Reading check={check} mark={mark} onMark={onMark} />
        {mark?.state === 'waived' && <Box sx={{ fontSize: 14 }}>Waived: {mark.reason}</Box>}
        {isOpen && (
          <Box sx={{ fontSize: 14, color: 'var(--muted)', mt: 0.5 }}>
            {CHECK[check.kind]} · {nameOf(check.personId)}, by {at(check.due)}
            {check.detail && <Box>{check.detail}</Box>}
            {mark && (
              <Box>
                {mark.state === 'done' ? 'Done' : mark.state === 'wrong' ? 'Found wrong' : 'Waived'}
                , {nameOf(mark.by)} at {timeOf(mark.at)}
              </Box>
            )}
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
              <PhotoButton checkKey={check.key} title={check.title} photos={photos} />
              {(check.holds || wrong !== null) && !settled && (
                <Button
                  onClick={() => onWaive(check)}
                  aria-label={`Waive: ${check.title}`}
                  sx={{ minHeight: 44 }}
                >
                  Waive
                </Button>
              )}
            </Box>
          </Box>
        )}
        <PhotoStrip checkKey={check.key} title={check.title} photos={photos} nameOf={nameOf} />
      </Box>
      <IconButton
        aria-label={`More about ${check.title}`}
        aria-expanded={isOpen}
        onClick={() => setOpen(!isOpen)}
        sx={{ width: 44, height: 44 }}
      >
        <ExpandMore sx={{ transform: isOpen ? 'rotate(180deg)' : 'none' }} />
      </IconButton>
    </Box>
  );
}
