import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { Check } from '../../core/ready/checks';
import { type Mark, readingFault } from '../../core/ready/go';
import { formatClock } from '../../core/time/clock';
import { parseAmount } from '../../core/units/parse';
import { dimensionOf, fromBase, toBase, UNITS } from '../../core/units/units';
import { timeOf } from '../brief/dates';
import { CHECK } from '../parts/words';
import { PhotoButton, PhotoStrip } from './PhotoStrip';
import type { Said } from './useMarks';
import type { Photos } from './usePhotos';

interface CheckRowProps {
  check: Check;
  mark: Mark | undefined;
  /** Seconds of the day at which the show starts. */
  startOfDay: number;
  nameOf: (id: string | null) => string;
  photos: Photos;
  /** They stand under their place: it need not be said, but which hold the show must be. */
  underPlace: boolean;
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
      slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': `${check.title}, read off` } }}
      sx={{ width: 220, mt: 1 }}
    />
  );
}

function limitWords({ measures }: Check): string {
  if (!measures) return '';
  const unit = UNITS[measures.unit].label;
  const { least, most } = measures;
  if (least !== null && most !== null) return `${least} to ${most} ${unit}`;
  return least !== null ? `${least} ${unit} or more` : `${most} ${unit} or less`;
}

/** One check of the day, with a tick big enough for a thumb. */
export function CheckRow(props: CheckRowProps) {
  const { check, mark, startOfDay, nameOf, photos, underPlace, onMark, onWaive } = props;
  const at = (seconds: number): string => formatClock(startOfDay + seconds);
  const settled =
    mark !== undefined &&
    (mark.state === 'waived' ||
      check.measures === null ||
      (mark.value !== null && readingFault(check, mark.value) === null));
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        alignItems: 'start',
        columnGap: 1,
        // On a phone the words have the whole width between the tick and the camera.
        gridTemplateColumns: { xs: 'auto minmax(0, 1fr) auto', sm: 'auto 48px 1fr auto auto' },
        gridTemplateAreas: {
          xs: '"tick due photo" "tick what photo" "tick waive photo"',
          sm: '"tick due what photo waive"',
        },
        borderBottom: '1px solid var(--line)',
        py: 0.5,
      }}
    >
      <Checkbox
        checked={settled}
        disabled={check.measures !== null && !settled}
        onChange={(_event, on) =>
          onMark(check.key, on ? { state: 'done', reason: '', value: null } : null)
        }
        slotProps={{ input: { 'aria-label': check.title } }}
        sx={{ gridArea: 'tick', p: 1.5, '& svg': { fontSize: { xs: 36, sm: 24 } } }}
      />
      <Box component="b" sx={{ gridArea: 'due', pt: 1.4, font: '600 16px Bricolage' }}>
        {at(check.due)}
      </Box>
      <Box sx={{ gridArea: 'what', minWidth: 0, py: { xs: 0.5, sm: 1 } }}>
        <Box sx={{ fontWeight: check.holds && !settled ? 700 : 400 }}>{check.title}</Box>
        <Typography variant="body2" color="textSecondary">
          {underPlace && check.holds && <b>Must be done before the start · </b>}
          {CHECK[check.kind]} · {nameOf(check.personId)}
          {check.place && !underPlace && ` · ${check.place}`}
          {check.from !== null && (
            <b>
              {' '}
              · between {at(check.from)} and {at(check.due)}
            </b>
          )}
          {check.detail && ` · ${check.detail}`}
        </Typography>
        <Reading check={check} mark={mark} onMark={onMark} />
        {settled && (
          <Typography variant="body2">
            {mark.state === 'waived' ? `Waived: ${mark.reason}` : 'Done'}, {nameOf(mark.by)} at{' '}
            {timeOf(mark.at)}
          </Typography>
        )}
        <PhotoStrip checkKey={check.key} title={check.title} photos={photos} nameOf={nameOf} />
      </Box>
      <Box sx={{ gridArea: 'photo' }}>
        <PhotoButton checkKey={check.key} title={check.title} photos={photos} />
      </Box>
      {check.holds && !settled && (
        <Button
          size="small"
          sx={{ gridArea: 'waive', mt: { sm: 0.75 }, ml: { xs: -1, sm: 0 }, justifySelf: 'start' }}
          onClick={() => onWaive(check)}
        >
          Waive
        </Button>
      )}
    </Box>
  );
}
