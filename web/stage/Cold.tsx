/** Cold liquid at the show: what was measured, and whether it lasts to the last demo that draws it. */
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Dialog from '@mui/material/Dialog';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { type ColdBudget, coldBudget } from '../../core/kit/cold/budget';
import { measuredOutlook } from '../../core/kit/cold/outlook';
import { coldPlanOf } from '../../core/kit/cold/plan';
import { comingUp } from '../../core/stage/steps';
import type { Live, RunPlan } from '../../core/stage/types';
import { parseAmount } from '../../core/units/parse';
import { dimensionOf, toBase } from '../../core/units/units';
import { serverNow } from '../app/live';
import { usePreferences } from '../app/preferences';
import { timeOf } from '../brief/dates';
import type { OpenShow } from '../brief/useShow';

/** A budget for each cold liquid that the show draws. */
export function useColdBudgets(open: OpenShow | null): ColdBudget[] {
  return useMemo(() => {
    if (!open) return [];
    const { show, bundle, timeline, answer } = open;
    return bundle.items
      .filter((item) => item.cold !== null)
      .flatMap(
        (item) =>
          coldBudget(bundle, timeline, coldPlanOf(show, item), { records: answer.records }) ?? [],
      );
  }, [open]);
}

interface LinesProps {
  budgets: readonly ColdBudget[];
  start: string;
  plan: RunPlan;
  live: Live;
  onMeasure: (itemId: string) => void;
}

export function ColdLines({ budgets, start, plan, live, onMeasure }: LinesProps) {
  const system = usePreferences((state) => state.system);
  // What is on stage may have drawn its part already, or not: it counts until it is over.
  const toCome = new Set(comingUp(plan, live).map((slot) => slot.id));
  if (live.slot !== null) toCome.add(live.slot);
  return budgets.map((budget) => {
    const outlook = measuredOutlook(budget, start, system, toCome);
    return (
      <Box key={budget.item.id} sx={{ mt: 1, pt: 1, borderTop: '1.5px solid var(--line)' }}>
        <ButtonBase
          onClick={() => onMeasure(budget.item.id)}
          aria-label={`Measure what is left of ${budget.item.name}`}
          sx={{ fontSize: 22, lineHeight: '28px', minHeight: 48, textAlign: 'left' }}
        >
          {outlook ? (
            <Box component="span" sx={{ color: outlook.enough ? 'inherit' : 'var(--ember)' }}>
              {outlook.enough ? '' : '△ '}
              {outlook.words}
            </Box>
          ) : (
            <span>
              <Box component="span" sx={{ color: 'var(--muted)' }}>
                {budget.item.name}:
              </Box>{' '}
              measure what is left
            </span>
          )}
        </ButtonBase>
      </Box>
    );
  });
}

interface MeasureProps {
  open: OpenShow;
  budget: ColdBudget;
  onClose: () => void;
}

/** One field; what can't be read says so and stays. */
export function MeasureDialog({ open, budget, onClose }: MeasureProps) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const { item, plan } = budget;
  const keep = (): void => {
    const kind = dimensionOf(item.unit);
    const read = parseAmount(text, { kind, bare: item.unit });
    const wrong = !read.ok ? read.message : read.value.amount < 0 ? 'must not be negative' : null;
    setFault(wrong);
    if (!read.ok || wrong !== null) return;
    const amount = toBase(read.value.amount, read.value.unit, open.bundle.household);
    const measured = { at: timeOf(serverNow()), amount };
    const others = open.show.cold.filter((other) => other.itemId !== item.id);
    open.store.change({ ...open.show, cold: [...others, { ...plan, measured }] });
    onClose();
  };
  return (
    <Dialog transitionDuration={0} open onClose={onClose} aria-labelledby="measure-title">
      <DialogTitle id="measure-title" sx={{ fontSize: 28 }}>
        {item.name}: how much is left?
      </DialogTitle>
      <Box
        component="form"
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
        sx={{ display: 'grid', gap: 2, p: 3, pt: 1 }}
      >
        <TextField
          autoFocus
          label="Left now"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setFault(null);
          }}
          error={fault !== null}
          helperText={fault === null ? undefined : `Left now ${fault}`}
        />
        <Box sx={{ display: 'flex', gap: 2 }}>
          <Button type="submit" variant="contained" size="large">
            Save what is left
          </Button>
          <Button size="large" onClick={onClose}>
            Leave it
          </Button>
        </Box>
      </Box>
    </Dialog>
  );
}
