/** What is read at each go of a method, with what, and what figure it stands for. */
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { type ConversionKind, conversionOf, conversionsFor } from '../../core/readings/conversions';
import { BLANK_MEASURE, type ConversionId, type MethodResult } from '../../core/repertoire/measure';
import { readingInFull } from '../../core/readings/words';
import { counted } from '../../core/words';
import type { Task } from '../../core/repertoire/types';
import { newId } from '../app/api';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice, Figure } from '../parts/form';
import { MeasureFields } from '../parts/MeasureFields';
import { Pick } from '../parts/Pick';
import { grid } from './grid';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';

const usualGiven = (kind: ConversionKind): NonNullable<MethodResult['becomes']>['given'] =>
  kind.given.map(({ id, usual, within }) => ({ id, value: usual, within }));

/** The unit that its readings are usually in. */
const usualUnit = ({ reads, id }: ConversionKind): string =>
  'unit' in reads
    ? reads.unit
    : reads.dimension === 'mass'
      ? 'g'
      : reads.dimension === 'time'
        ? 's'
        : id === 'levelLost' || id === 'bore'
          ? 'cm'
          : 'm';

/** What the reading is turned into, and what has to be known for that. */
function Becomes({ at }: { at: string }) {
  const { setValue } = useFormContext();
  const { fieldState } = useController({ name: `${at}.becomes` });
  const result = useWatch({ name: at }) as MethodResult | undefined;
  if (!result) return null;
  const { becomes, quantity } = result;
  const offered = conversionsFor(quantity);
  if (offered.length === 0 && !becomes) return null;
  const choose = (id: ConversionId | null): void => {
    const kind = id && conversionOf(id);
    const change = { shouldDirty: true, shouldValidate: true };
    setValue(`${at}.becomes`, kind && { id: kind.id, given: usualGiven(kind) }, change);
    if (kind) setValue(`${at}.unit`, usualUnit(kind), change);
  };
  const kind = becomes && conversionOf(becomes.id);
  const fault = fieldState.error?.message;
  return (
    <>
      <Pick
        label="It stands for"
        value={becomes?.id ?? null}
        none="What was read, as it is"
        options={offered.map(({ id, label }) => ({ value: id, label }))}
        onChange={choose}
        error={fault !== undefined}
        helperText={fault && `A reading in ${result.unit || 'no unit'} won’t do: it ${fault}`}
      />
      {kind?.given.flatMap((given, i) => [
        <Figure
          key={`${kind.id} ${given.id}`}
          name={`${at}.becomes.given.${i}.value`}
          label={given.label}
          unit={given.unit}
        />,
        <Figure
          key={`${kind.id} ${given.id} within`}
          name={`${at}.becomes.given.${i}.within`}
          label="Give or take"
          unit={given.unit}
        />,
      ])}
    </>
  );
}

export function ResultsPart({ at, method }: PartProps) {
  const tasks = ((useWatch({ name: `${at}.tasks` }) ?? []) as Task[]).filter(
    ({ phase }) => phase === 'perform',
  );
  const calculators = (useWatch({ name: `${at}.calculators` }) ?? []) as typeof method.calculators;
  const results = (useWatch({ name: `${at}.results` }) ?? []) as MethodResult[];
  /** Calculators that take it. */
  const usedBy = (i: number): number =>
    calculators.filter(({ inputs }) =>
      inputs.some(({ from, ref }) => from === 'measured' && ref === results[i]?.id),
    ).length;
  return (
    <EditInPlace
      what="what is read"
      part="results"
      names={[`${at}.results`]}
      read={
        <>
          <Heading>Read at each go</Heading>
          {method.results.length === 0 && <Nothing>Nothing: it works or it does not.</Nothing>}
          <Box component="ul" sx={list}>
            {method.results.map((result) => (
              <Box component="li" key={result.id} sx={line}>
                <b>{result.name}</b>
                {result.unit && ` in ${result.unit}`}
                {result.instrument && `, with ${result.instrument}`}
                <Box
                  component="span"
                  sx={{ display: 'block', fontSize: 14, color: 'var(--muted)' }}
                >
                  {[
                    result.how,
                    result.resolution !== null &&
                      `to the nearest ${result.resolution}${result.unit && ` ${result.unit}`}`,
                    result.becomes && conversionOf(result.becomes.id).label.toLowerCase(),
                  ]
                    .filter(Boolean)
                    .join('; ')}
                </Box>
              </Box>
            ))}
          </Box>
        </>
      }
      edit={
        <>
          <Heading>Read at each go</Heading>
          <Rows
            name={`${at}.results`}
            add="Add something to read"
            fresh={(): MethodResult => ({
              ...BLANK_MEASURE,
              id: newId(),
              task: null,
              within: null,
              becomes: null,
            })}
            held={(i) =>
              usedBy(i) === 0
                ? null
                : `${counted(usedBy(i), 'calculation')} goes by it: take it out there first.`
            }
            row={(row, i) => (
              <Box sx={{ ...grid(150), gridColumn: '1 / -1' }}>
                <MeasureFields at={row} />
                <Figure
                  name={`${row}.within`}
                  label="Give or take, by hand"
                  help="Beyond the marks: 0.2 s for a thumb on a stopwatch"
                  optional
                />
                <Choice
                  name={`${row}.task`}
                  label="Read in"
                  none="the last step of the go"
                  options={tasks.map(({ id, name }) => ({ value: id, label: name }))}
                />
                <Becomes at={row} />
                <Example result={results[i]} />
              </Box>
            )}
          />
        </>
      }
    />
  );
}

/** What a reading would stand for, as it is set up now. */
function Example({ result }: { result: MethodResult | undefined }) {
  if (!result?.becomes) return null;
  const value = { height: 100, level: 10, time: 2, mass: 500, angle: 45, count: 120 }[
    result.quantity as string
  ];
  const words = value === undefined ? '' : readingInFull(result, value);
  if (!words.includes(':')) return null;
  return (
    <Typography variant="body2" sx={{ gridColumn: '1 / -1', color: 'var(--muted)' }}>
      For example {words}
    </Typography>
  );
}
