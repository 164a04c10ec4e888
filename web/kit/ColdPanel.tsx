/** A cold liquid over the day: whether it lasts, how it is fetched, and the same calculation from a measured level. */
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
import type { Item } from '../../core/repertoire/item';
import { formatClock, parseClock } from '../../core/time/clock';
import { dimensionOf } from '../../core/units/units';
import { useItemNames } from '../app/data';
import { usePreferences } from '../app/preferences';
import { timeOf } from '../brief/dates';
import { useOpenShow, useShowEditing, withKept } from '../brief/useShow';
import { BaseAmountField } from '../parts/AmountField';
import { AutoForm, Choice, Figure, Words, YesNoField } from '../parts/form';
import { Section } from '../parts/page';
import { grid } from '../repertoire/grid';

const ColdChart = lazy(() => import('./ColdChart'));

/** What each demo draws, and what that is made of. */
function Draws({ budget, start }: { budget: ColdBudget; start: number }) {
  const system = usePreferences((state) => state.system);
  const text = (base: number): string => coldText(budget.item, base, system);
  return (
    <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {budget.draws.map((draw) => (
        <Box
          component="li"
          key={draw.slotId}
          sx={{ borderTop: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1.5 }}
        >
          <Box component="b" sx={{ width: 46, fontFamily: 'Bricolage' }}>
            {formatClock(start + draw.at)}
          </Box>
          <Box sx={{ flex: 1 }}>
            {draw.demoName}
            <Typography variant="body2" color="textSecondary">
              {text(draw.used)} used, {text(draw.cooling)} to cool things, {text(draw.standing)}{' '}
              while it stands, {text(draw.poured)} lost in pouring
            </Typography>
          </Box>
          <Box component="b" sx={{ fontFamily: 'Bricolage' }}>
            {text(draw.total)}
          </Box>
        </Box>
      ))}
    </Box>
  );
}

function PlanFields({ at, item }: { at: string; item: Item }) {
  const { bundle } = useOpenShow();
  const { data: items = [] } = useItemNames();
  const kind = dimensionOf(item.unit);
  const vessels = withKept<Pick<Item, 'id' | 'name' | 'holds'>>(items, bundle.items)
    .filter((candidate) => candidate.holds !== null)
    .map(({ id, name }) => ({ value: id, label: name }));
  return (
    <Box sx={{ ...grid(125), mt: 1.5 }}>
      <Words name={`${at}.collected`} label="Collected at" help="Such as 11:10" />
      <Figure name={`${at}.daysBefore`} label="Days before" />
      <BaseAmountField
        name={`${at}.ordered`}
        label="Ordered"
        kind={kind}
        bare={item.unit}
        optional
        help="Empty: calculated"
      />
      <Choice name={`${at}.vesselId`} label="Carried in" options={vessels} none="Not chosen" />
      <Figure name={`${at}.pourLoss`} label="Lost in pouring" unit="%" />
      <Figure name={`${at}.reserve`} label="Kept back" unit="%" />
      <YesNoField name={`${at}.vesselWarm`} label="The vessel comes warm" />
    </Box>
  );
}

function Measured({ at, item, budget }: { at: string; item: Item; budget: ColdBudget }) {
  const { show, store } = useOpenShow();
  const system = usePreferences((state) => state.system);
  const outlook = measuredOutlook(budget, show.start, system);
  const set = (measured: ColdBudget['plan']['measured']): void =>
    store.change({
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
        Enter what is left
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
          bare={item.unit}
        />
        <Words name={`${at}.measured.at`} label="Measured at" help="Such as 14:12" />
        <Button onClick={() => set(null)}>Delete measurement</Button>
      </Box>
    </Box>
  );
}

interface ColdProps {
  item: Item;
  records: readonly MethodRecord[];
}

function useColdBudget({ item, records }: ColdProps): ColdBudget | null {
  const { bundle, timeline } = useOpenShow();
  const system = usePreferences((state) => state.system);
  return useMemo(
    () => coldBudget(bundle, timeline, coldPlanOf(bundle.show, item), { records, system }),
    [bundle, timeline, item, records, system],
  );
}

/** Whether it lasts, in one sentence. */
export function ColdVerdict(props: ColdProps) {
  const system = usePreferences((state) => state.system);
  const budget = useColdBudget(props);
  if (!budget) return null;
  const trouble = budget.short !== null;
  return (
    <Typography
      aria-live="polite"
      sx={{ color: trouble ? 'var(--ember)' : 'inherit', fontWeight: trouble ? 700 : 400 }}
    >
      {trouble && '△ '}
      {props.item.name}: {coldVerdict(budget, system)}
    </Typography>
  );
}

export function ColdPanel(props: ColdProps) {
  const { show, store } = useOpenShow();
  const editing = useShowEditing();
  const { item } = props;
  const system = usePreferences((state) => state.system);
  const budget = useColdBudget(props);
  if (!budget) return null;
  const i = show.cold.findIndex((plan) => plan.itemId === item.id);
  const at = `cold.${i}`;
  return (
    <Section title={`${item.name} over the day`}>
      <Suspense fallback={<Box aria-busy sx={{ height: 220 }} />}>
        <ColdChart budget={budget} start={show.start} />
      </Suspense>
      <Draws budget={budget} start={parseClock(show.start)} />
      <Typography
        variant="body2"
        color="textSecondary"
        sx={{ borderTop: '1px solid var(--line)', pt: 0.75 }}
      >
        {budget.how}
      </Typography>
      {i < 0 ? (
        <Button
          variant="outlined"
          sx={{ mt: 1.5 }}
          onClick={() => store.change({ ...show, cold: [...show.cold, coldPlanOf(show, item)] })}
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
