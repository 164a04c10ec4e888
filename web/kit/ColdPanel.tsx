/** A cold liquid over the day: whether it lasts, how it is fetched, and the same sum from a measured level. */
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense, useMemo } from 'react';
import { ShowBody } from '../../contract/brief';
import type { MethodRecord } from '../../core/after/review';
import {
  type ColdBudget,
  coldBudget,
  coldText,
  coldVerdict,
  leaveWords,
} from '../../core/kit/cold/budget';
import { measuredOutlook } from '../../core/kit/cold/outlook';
import { coldPlanOf } from '../../core/kit/cold/plan';
import type { Item } from '../../core/repertoire/types';
import { formatClock, parseClock } from '../../core/time/clock';
import { dimensionOf } from '../../core/units/units';
import { usePreferences } from '../app/preferences';
import { timeOf } from '../brief/dates';
import { useOpenShow } from '../brief/useShow';
import { BaseAmountField } from '../parts/AmountField';
import { AutoForm, Choice, Figure, Words, YesNoField } from '../parts/form';
import { Section } from '../parts/page';
import { grid } from '../repertoire/grid';

const ColdChart = lazy(() => import('./ColdChart'));

const cell = { padding: '6px 12px 6px 0', textAlign: 'right' } as const;

function Draws({ budget, start }: { budget: ColdBudget; start: number }) {
  const system = usePreferences((state) => state.system);
  const text = (base: number): string => coldText(budget.item, base, system);
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box component="table" sx={{ borderCollapse: 'collapse', fontSize: 14, mt: 1 }}>
        <thead>
          <Box component="tr" sx={{ color: 'var(--muted)', '& th': { ...cell, fontWeight: 400 } }}>
            <Box component="th" style={{ textAlign: 'left' }}>
              Drawn
            </Box>
            <th>used</th>
            <th>to cool things</th>
            <th>stands</th>
            <th>poured away</th>
            <th>in all</th>
          </Box>
        </thead>
        <tbody>
          {budget.draws.map((draw) => (
            <Box
              component="tr"
              key={draw.slotId}
              sx={{ borderTop: '1px solid var(--line)', '& td': cell }}
            >
              <Box component="td" style={{ textAlign: 'left' }}>
                <b>{formatClock(start + draw.at)}</b> {draw.demoName}
              </Box>
              <td>{text(draw.used)}</td>
              <td>{text(draw.cooling)}</td>
              <td>{text(draw.standing)}</td>
              <td>{text(draw.poured)}</td>
              <td>
                <b>{text(draw.total)}</b>
              </td>
            </Box>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function PlanFields({ at, item }: { at: string; item: Item }) {
  const { bundle } = useOpenShow();
  const kind = dimensionOf(item.unit);
  const vessels = bundle.items
    .filter((candidate) => candidate.holds !== null)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Box sx={{ ...grid(150), mt: 1.5 }}>
      <Words name={`${at}.collected`} label="At the counter" help="Such as 11:10" />
      <Figure name={`${at}.daysBefore`} label="Days before" />
      <BaseAmountField
        name={`${at}.ordered`}
        label="Ordered"
        kind={kind}
        optional
        help="Empty: as much as it takes"
      />
      <Choice name={`${at}.vesselId`} label="Carried in" options={vessels} none="Not chosen" />
      <Figure name={`${at}.pourLoss`} label="Lost in pouring" unit="%" />
      <Figure name={`${at}.reserve`} label="Kept back" unit="%" />
      <YesNoField name={`${at}.vesselWarm`} label="The vessel comes warm" />
    </Box>
  );
}

function Measured({ at, item, budget }: { at: string; item: Item; budget: ColdBudget }) {
  const { show, editing } = useOpenShow();
  const system = usePreferences((state) => state.system);
  const outlook = measuredOutlook(budget, show.start, system);
  const set = (measured: ColdBudget['plan']['measured']): void =>
    editing.store.change({
      ...show,
      cold: show.cold.map((plan) => (plan.itemId === item.id ? { ...plan, measured } : plan)),
    });
  if (!budget.plan.measured)
    return (
      <Button
        variant="outlined"
        sx={{ mt: 1.5 }}
        onClick={() => set({ at: timeOf(Date.now()), amount: budget.fetched })}
      >
        I have measured what is left
      </Button>
    );
  return (
    <Box sx={{ mt: 2 }}>
      <Box
        aria-live="polite"
        sx={{
          font: '600 20px/26px Bricolage',
          color: outlook?.enough === false ? 'var(--ember)' : 'inherit',
        }}
      >
        {outlook?.enough === false && '△ '}
        {outlook?.words}
      </Box>
      <Box sx={{ ...grid(140), mt: 1.5, maxWidth: 520 }}>
        <BaseAmountField
          name={`${at}.measured.amount`}
          label="Left"
          kind={dimensionOf(item.unit)}
        />
        <Words name={`${at}.measured.at`} label="Measured at" help="Such as 14:12" />
        <Button onClick={() => set(null)}>Not measured</Button>
      </Box>
    </Box>
  );
}

export function ColdPanel({ item, records }: { item: Item; records: readonly MethodRecord[] }) {
  const { show, bundle, timeline, editing } = useOpenShow();
  const system = usePreferences((state) => state.system);
  const i = show.cold.findIndex((plan) => plan.itemId === item.id);
  const budget = useMemo(
    () => coldBudget(bundle, timeline, coldPlanOf(bundle.show, item), { records, system }),
    [bundle, timeline, item, records, system],
  );
  if (!budget) return null;
  const at = `cold.${i}`;
  const start = parseClock(show.start);
  const trouble = budget.short !== null;
  return (
    <Section title={item.name}>
      <Box
        aria-live="polite"
        sx={{
          font: { xs: '800 22px/28px Bricolage', md: '800 28px/34px Bricolage' },
          letterSpacing: '-0.4px',
          color: trouble ? 'var(--ember)' : 'inherit',
        }}
      >
        {trouble && '△ '}
        {coldVerdict(budget, system)}
      </Box>
      <Typography color="textSecondary">{budget.how}</Typography>
      <Suspense fallback={<Box aria-busy sx={{ height: 230 }} />}>
        <ColdChart budget={budget} start={show.start} />
      </Suspense>
      <Draws budget={budget} start={start} />
      {i < 0 ? (
        <Button
          variant="outlined"
          sx={{ mt: 1.5 }}
          onClick={() =>
            editing.store.change({ ...show, cold: [...show.cold, coldPlanOf(show, item)] })
          }
        >
          Say how it is fetched
        </Button>
      ) : (
        <AutoForm editing={editing} type={ShowBody}>
          <PlanFields at={at} item={item} />
          <Measured at={at} item={item} budget={budget} />
        </AutoForm>
      )}
      {budget.warnings.map((words) => (
        <Alert key={words} severity="warning" variant="outlined" icon={false} sx={{ mt: 1, py: 0 }}>
          △ {words}
        </Alert>
      ))}
      <Typography variant="body2" color="textSecondary" sx={{ mt: 1 }}>
        {leaveWords(budget, system)} The supplier’s data sheet, the venue and local rules come
        first.
      </Typography>
    </Section>
  );
}
