/** What is wished of the order: its arc, pairs, and how much each part of it weighs. */
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { WeightsBody } from '../../contract/slot';
import { check } from '../../contract/validate';
import {
  ARCS,
  type Arc,
  type SlotPair,
  WEIGHTS,
  type Weights,
  type Wishes,
} from '../../core/brief/wishes';
import { type Option, Pick } from '../parts/Pick';

const ARC: Record<Arc, string> = {
  none: 'As it comes',
  climb: 'A steady climb',
  twoPeaks: 'Two peaks',
  wave: 'A wave',
};

const WEIGHT: Record<keyof Weights, string> = {
  conflict: 'A conflict',
  late: 'A second after the hard finish',
  deadAir: 'A second of dead air',
  arc: 'A point of energy off the arc, squared',
  repeat: 'Two alike side by side',
};

interface PairsProps {
  title: string;
  between: string;
  pairs: readonly SlotPair[];
  slots: readonly Option[];
  onChange: (pairs: SlotPair[]) => void;
}

function Pairs({ title, between, pairs, slots, onChange }: PairsProps) {
  const set = (i: number, change: Partial<SlotPair>): void =>
    onChange(pairs.map((pair, k) => (k === i ? { ...pair, ...change } : pair)));
  const [first, second] = slots;
  return (
    <Box role="group" aria-label={title} sx={{ display: 'grid', gap: 1 }}>
      {pairs.map((pair, i) => (
        <Box
          key={`${pair.first}/${pair.second}/${i}`}
          sx={{ display: 'flex', gap: 1, alignItems: 'center' }}
        >
          <Pick
            label="This"
            value={pair.first}
            options={slots.filter((option) => option.value !== pair.second)}
            onChange={(value) => value && set(i, { first: value })}
            sx={{ flex: 1, minWidth: 0 }}
          />
          <span>{between}</span>
          <Pick
            label="that"
            value={pair.second}
            options={slots.filter((option) => option.value !== pair.first)}
            onChange={(value) => value && set(i, { second: value })}
            sx={{ flex: 1, minWidth: 0 }}
          />
          <IconButton
            aria-label={`Remove the wish ${i + 1}: ${title.toLowerCase()}`}
            onClick={() => onChange(pairs.filter((_, k) => k !== i))}
          >
            <DeleteIcon />
          </IconButton>
        </Box>
      ))}
      {first && second && (
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => onChange([...pairs, { first: first.value, second: second.value }])}
        >
          {title}
        </Button>
      )}
    </Box>
  );
}

function WeightFields({ weights, onChange }: { weights: Weights; onChange: (w: Weights) => void }) {
  const texts = (from: Weights): Record<keyof Weights, string> => ({
    conflict: String(from.conflict),
    late: String(from.late),
    deadAir: String(from.deadAir),
    arc: String(from.arc),
    repeat: String(from.repeat),
  });
  const [draft, setDraft] = useState(texts(weights));
  const weightsOf = (from: typeof draft): Record<string, number> =>
    Object.fromEntries(
      Object.entries(from).map(([key, text]) => [key, text.trim() === '' ? NaN : Number(text)]),
    );
  const checked = check(WeightsBody, weightsOf(draft));
  return (
    <Box
      component="details"
      sx={{ '& summary': { cursor: 'pointer', minHeight: 32, lineHeight: '32px' } }}
    >
      <summary>What each part weighs</summary>
      <Box sx={{ display: 'grid', gap: 1.5, my: 1 }}>
        {(Object.keys(WEIGHT) as (keyof Weights)[]).map((key) => {
          const fault = checked.ok ? null : checked.faults.find((f) => f.path === key);
          return (
            <TextField
              key={key}
              label={WEIGHT[key]}
              value={draft[key]}
              error={Boolean(fault)}
              helperText={fault && `It ${fault.message}`}
              slotProps={{ htmlInput: { inputMode: 'decimal' } }}
              onChange={(event) => {
                const next = { ...draft, [key]: event.target.value };
                setDraft(next);
                const now = check(WeightsBody, weightsOf(next));
                if (now.ok) onChange({ ...now.value });
              }}
            />
          );
        })}
        <Button
          size="small"
          sx={{ justifySelf: 'start' }}
          onClick={() => {
            setDraft(texts(WEIGHTS));
            onChange(WEIGHTS);
          }}
        >
          The usual weights
        </Button>
      </Box>
    </Box>
  );
}

interface WishFieldsProps {
  wishes: Wishes;
  slots: readonly Option[];
  onChange: (wishes: Wishes) => void;
}

export function WishFields({ wishes, slots, onChange }: WishFieldsProps) {
  return (
    <Box sx={{ display: 'grid', gap: 1, mt: 1, mb: 2 }}>
      <Pick
        label="Energy over the show"
        value={wishes.arc}
        options={ARCS.map((value) => ({ value, label: ARC[value] }))}
        onChange={(arc) => arc && onChange({ ...wishes, arc })}
        sx={{ maxWidth: 260 }}
      />
      <Pairs
        title="One before another"
        between="before"
        pairs={wishes.before}
        slots={slots}
        onChange={(before) => onChange({ ...wishes, before })}
      />
      <Pairs
        title="Two not side by side"
        between="not next to"
        pairs={wishes.apart}
        slots={slots}
        onChange={(apart) => onChange({ ...wishes, apart })}
      />
      <WeightFields
        weights={wishes.weights}
        onChange={(weights) => onChange({ ...wishes, weights })}
      />
      <Typography variant="body2" color="textSecondary">
        Pinned cards keep their numbers.
      </Typography>
    </Box>
  );
}
