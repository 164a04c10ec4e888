/** What a trial asks, in sentences. */
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { levelWords } from '../../core/trials/claim';
import type { TrialSeries } from '../../core/trials/series';
import { sayDuration } from '../../core/time/clock';
import { formatAmount } from '../../core/units/format';
import { counted, listInWords } from '../../core/words';
import { useDemos } from '../app/data';
import { dayWords } from '../brief/dates';
import { useMethods } from './MethodFields';

interface Props {
  trial: TrialSeries;
}

const Line = ({ children }: { children: ReactNode }) => (
  <Box sx={{ fontSize: 16, lineHeight: '24px', maxWidth: 640 }}>{children}</Box>
);
/** What nobody has said yet. */
const Open = ({ children }: { children: ReactNode }) => (
  <Box component="span" sx={{ color: 'var(--muted)' }}>
    {children}
  </Box>
);

export function QuestionRead({ trial: { name, demoId, methodId, place, date } }: Props) {
  const { data: demos = [] } = useDemos();
  const methods = useMethods();
  const demo = demos.find(({ id }) => id === demoId);
  const method = methods?.find(({ id }) => id === methodId);
  return (
    <Line>
      <b>{name}</b>
      {demo && ` Of ${demo.name}${method ? `, ${method.name}` : ''}.`}
      {(place || date) &&
        ` Tried ${[place && `at ${place}`, date && dayWords(date)].filter(Boolean).join(', ')}.`}
    </Line>
  );
}

export function ChangedRead({ trial }: Props) {
  const { variable, levels, referenceId } = trial;
  const reference = levels.find(({ id }) => id === referenceId);
  return (
    <Line>
      <b>{variable.name}:</b>{' '}
      {levels.length === 0 ? (
        <Open>no levels yet</Open>
      ) : (
        `${listInWords(levels.map(({ label }) => label))} ${variable.unit}`.trim()
      )}
      {reference &&
        `, held against ${levelWords(reference, { factor: '', levelUnit: variable.unit })}`}
      .
    </Line>
  );
}

export function HeldRead({ trial: { held, conditions } }: Props) {
  const said = held.filter(({ value }) => value !== '');
  const unsaid = held.filter(({ value }) => value === '');
  return (
    <>
      {said.map(({ id, name, value, drifted }) => (
        <Line key={id}>
          <b>{name}:</b> {drifted ? <s>{value}</s> : value} {drifted && `△ ${drifted}`}
        </Line>
      ))}
      {unsaid.length > 0 && (
        <Line>
          <Open>Not said yet: {listInWords(unsaid.map(({ name }) => name.toLowerCase()))}.</Open>
        </Line>
      )}
      {conditions.length > 0 && (
        <Line>
          Taken down beside each reading:{' '}
          {listInWords(conditions.map(({ name, unit }) => (unit ? `${name} (${unit})` : name)))}.
        </Line>
      )}
    </>
  );
}

export function MeasureRead({ trial, reader }: Props & { reader: string | null }) {
  const { measure, matters, blind } = trial;
  const { name, unit, resolution, instrument, how, readFrom, readUntil } = measure;
  const inUnit = unit && ` ${unit}`;
  const details = [
    instrument,
    how,
    resolution !== null && `to the nearest ${resolution}${inUnit}`,
    readFrom !== null && readUntil !== null && `${readFrom} to ${readUntil} s after it begins`,
    reader && `by ${reader}`,
    blind && 'without knowing the level',
  ].filter(Boolean);
  return (
    <>
      <Line>
        <b>{unit ? `${name}, ${unit}` : name}</b>
        {details.length > 0 && `: ${details.join(', ')}`}.
      </Line>
      {matters !== null && (
        <Line>
          A difference of {matters}
          {inUnit} would matter.
        </Line>
      )}
    </>
  );
}

export function GuessRead({
  trial,
  expected,
  guesser,
}: Props & { expected: string; guesser: string | null }) {
  const { hypothesis, predicted, levels } = trial;
  const name = (id: string): string => levels.find((one) => one.id === id)?.label ?? '';
  return (
    <Line>
      {hypothesis ? `“${hypothesis}” ${expected}.` : `${expected}.`}
      {guesser && ` ${guesser}’s guess.`}
      {predicted.length > 0 && ` In the order ${listInWords(predicted.map(name))}.`}
    </Line>
  );
}

export const PlanRead = ({
  trial: { rounds, stations, secondsPerGo },
  order,
}: Props & { order: string }) => (
  <Line>
    {counted(rounds, 'round')}. {order},{' '}
    {stations === 1 ? 'one at a time' : `${stations} stations side by side`},{' '}
    {sayDuration(secondsPerGo)} from one go to the next.
  </Line>
);

export const KitRead = ({
  trial: { kit, variable },
  items,
}: Props & { items: readonly { id: string; name: string }[] }) =>
  kit.length === 0 ? (
    <Line>
      <Open>Nothing is said yet: what it takes, and a finale from it, follow from this.</Open>
    </Line>
  ) : (
    kit.map(({ id, itemId, unit, perGo, perAmount }) => (
      <Line key={id}>
        <b>{items.find((one) => one.id === itemId)?.name ?? '…'}:</b>{' '}
        {[
          perGo > 0 && `${formatAmount(perGo, unit)} each go`,
          perAmount > 0 &&
            `${formatAmount(perAmount, unit)} for each ${variable.unit.replace(/s$/, '') || 'one'}`,
        ]
          .filter(Boolean)
          .join(' and ') || 'none'}
      </Line>
    ))
  );
