/** The calculators that judge a method: picked from a list, their inputs bound to settings and the day. */
import Box from '@mui/material/Box';
import Link from '@mui/material/Link';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useRef, useState } from 'react';
import { useController, useWatch } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import { FACT_NAMES } from '../../core/ready/facts';
import type { BoundInput, CalculatorBinding } from '../../core/repertoire/care';
import { figureUnit } from '../../core/readings/conversions';
import type { MethodResult } from '../../core/repertoire/measure';
import type { Method, Setting } from '../../core/repertoire/types';
import { unitFor } from '../../core/calculators/bind';
import { findCalculator, CALCULATORS } from '../../core/calculators/catalogue';
import { numberFault } from '../../core/calculators/inputs';
import {
  type NumberInput,
  type CalculatorInput,
  toThreeFigures,
} from '../../core/calculators/calculator';
import { UNITS } from '../../core/units/units';
import { lowerFirst } from '../../core/words';
import { newId } from '../app/api';
import { EditInPlace } from '../parts/EditInPlace';
import { Choice } from '../parts/form';
import { type Option, Pick } from '../parts/Pick';
import { grid } from './grid';
import { Heading, line, list, Nothing, type PartProps } from './partLayout';
import { Rows } from './Rows';

const unitText = (input: NumberInput): string =>
  input.unit === 'piece' ? '' : ` ${UNITS[input.unit].label}`;

/** The default of an input that is not bound. */
const unbound = (input: NumberInput): string =>
  input.fact ? `the day: ${FACT_NAMES[input.fact]}` : 'not said';

function boundWords(
  bound: BoundInput,
  input: CalculatorInput,
  { settings, results }: Pick<Method, 'settings' | 'results'>,
): string {
  if (input.kind === 'choice') return input.options[bound.ref] ?? '';
  if (bound.from === 'setting')
    return `from “${settings.find((setting) => setting.id === bound.ref)?.name ?? ''}”`;
  if (bound.from === 'measured') {
    const name = results.find(({ id }) => id === bound.ref)?.name ?? '';
    const until =
      bound.value === null ? '' : `, ${toThreeFigures(bound.value)}${unitText(input)} until then`;
    return `as measured: ${lowerFirst(name)}${until}`;
  }
  if (bound.from === 'fixed') return `${toThreeFigures(bound.value ?? 0)}${unitText(input)}`;
  return bound.from === 'day'
    ? `the day’s ${FACT_NAMES[bound.ref as keyof typeof FACT_NAMES]}`
    : '';
}

function Read({ method }: { method: Method }) {
  return (
    <>
      <Heading>Calculations</Heading>
      {method.calculators.length === 0 && (
        <Nothing>No calculator: nothing of it depends on the day’s figures.</Nothing>
      )}
      <Box component="ul" sx={list}>
        {method.calculators.map((binding) => {
          const calculator = findCalculator(binding.calculator);
          return (
            calculator && (
              <Box component="li" key={binding.id} sx={line}>
                <Link
                  component={RouterLink}
                  to={`/bench/calculators/${calculator.id}`}
                  color="inherit"
                >
                  <b>{calculator.title}</b>
                </Link>{' '}
                {binding.inputs
                  .flatMap((bound) => {
                    const input = calculator.inputs[bound.input];
                    return input
                      ? `${lowerFirst(input.label)} ${boundWords(bound, input, method)}`
                      : [];
                  })
                  .join(', ')}
              </Box>
            )
          );
        })}
      </Box>
    </>
  );
}

interface InputFieldProps {
  input: CalculatorInput;
  bound: BoundInput | undefined;
  settings: readonly Setting[];
  results: readonly MethodResult[];
  onBind: (bound: Omit<BoundInput, 'input'> | null) => void;
}

/** A figure of its own, told at once when it won’t do and kept until it does. */
function FixedField({ input, bound, onBind }: InputFieldProps & { input: NumberInput }) {
  const [text, setText] = useState(String(bound?.value ?? input.usual));
  const value = Number(text.replace(',', '.'));
  const fault = text.trim() === '' ? `${input.label} is missing` : numberFault(input, value);
  return (
    <TextField
      label={`${bound?.from === 'measured' ? 'Until it is measured' : input.label}${unitText(input) && ` (${unitText(input).trim()})`}`}
      value={text}
      onChange={(event) => {
        setText(event.target.value);
        const typed = Number(event.target.value.replace(',', '.'));
        if (event.target.value.trim() !== '' && numberFault(input, typed) === null)
          onBind({ from: bound?.from ?? 'fixed', ref: bound?.ref ?? '', value: typed });
      }}
      error={fault !== null}
      helperText={fault ?? undefined}
      slotProps={{ htmlInput: { inputMode: 'decimal' } }}
    />
  );
}

function InputField(props: InputFieldProps) {
  const { input, bound, settings, results, onBind } = props;
  if (input.kind === 'choice')
    return (
      <Pick
        label={input.label}
        value={bound?.ref ?? null}
        none="not said"
        options={Object.entries(input.options).map(([value, label]) => ({ value, label }))}
        onChange={(ref) => onBind(ref === null ? null : { from: 'choice', ref, value: null })}
      />
    );
  const fitting = settings.filter((setting) => unitFor(input, setting.unit) !== null);
  const readable = results.filter((result) => {
    const { unitId } = figureUnit(result);
    return result.quantity !== 'yesNo' && unitId !== null && unitFor(input, unitId) !== null;
  });
  const options: Option[] = [
    { value: 'unbound', label: unbound(input) },
    { value: 'fixed', label: 'a figure' },
    ...fitting.map((setting) => ({
      value: `setting:${setting.id}`,
      label: `setting: ${setting.name}`,
    })),
    ...readable.map(({ id, name }) => ({ value: `measured:${id}`, label: `as measured: ${name}` })),
  ];
  const now =
    bound?.from === 'fixed'
      ? 'fixed'
      : bound?.from === 'setting' || bound?.from === 'measured'
        ? `${bound.from}:${bound.ref}`
        : 'unbound';
  const bind = (picked: string | null): void => {
    const [from, ref = ''] = picked?.split(/:(.*)/) ?? [];
    if (from === 'fixed') onBind({ from, ref: '', value: input.usual });
    else if (from === 'setting') onBind({ from, ref, value: null });
    // What was given counts until it is measured.
    else if (from === 'measured') onBind({ from, ref, value: bound?.value ?? input.usual });
    else onBind(null);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1 }}>
      <Pick label={input.label} value={now} options={options} onChange={bind} />
      {(now === 'fixed' || bound?.from === 'measured') && (
        <FixedField key={now} {...props} input={input} />
      )}
    </Box>
  );
}

/** The inputs of one binding, each with what it may be bound to; units are checked by what is offered. */
function Inputs({ row, at }: { row: string; at: string }) {
  const id = useWatch({ name: `${row}.calculator` }) as string;
  const settings = (useWatch({ name: `${at}.settings` }) ?? []) as Setting[];
  const results = (useWatch({ name: `${at}.results` }) ?? []) as MethodResult[];
  const { field, fieldState } = useController({ name: `${row}.inputs` });
  const inputs = (field.value ?? []) as CalculatorBinding['inputs'];
  const calculator = findCalculator(id);
  // Another calculator was picked: what was bound of the one before has no place in it.
  const before = useRef(id);
  useEffect(() => {
    if (before.current !== id) field.onChange([]);
    before.current = id;
  }, [id]);
  if (!calculator) return null;
  const fault = fieldState.error?.message ?? fieldState.error?.root?.message;
  return (
    <Box sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="body2" color="textSecondary" sx={{ mb: 1 }}>
        {calculator.question}
      </Typography>
      <Box sx={grid(170)}>
        {Object.entries(calculator.inputs).map(([name, input]) => (
          <InputField
            key={`${id}-${name}`}
            input={input}
            bound={inputs.find((bound) => bound.input === name)}
            settings={settings}
            results={results}
            onBind={(bound) =>
              field.onChange([
                ...inputs.filter((other) => other.input !== name),
                ...(bound ? [{ input: name, ...bound }] : []),
              ])
            }
          />
        ))}
      </Box>
      {fault && <Typography color="error">Inputs {fault}</Typography>}
    </Box>
  );
}

export function CalculationsPart({ at, method }: PartProps) {
  return (
    <EditInPlace
      what="the calculators that judge it"
      part="calculations"
      names={[`${at}.calculators`]}
      read={<Read method={method} />}
      edit={
        <>
          <Heading>Calculations</Heading>
          <Rows
            name={`${at}.calculators`}
            add="Add a calculator"
            fresh={() => ({ id: newId(), calculator: CALCULATORS[0]?.id ?? '', inputs: [] })}
            row={(row) => (
              <>
                <Choice
                  name={`${row}.calculator`}
                  label="Calculator"
                  options={CALCULATORS.map((calculator) => ({
                    value: calculator.id,
                    label: calculator.title,
                  }))}
                />
                <Inputs row={row} at={at} />
              </>
            )}
          />
        </>
      }
    />
  );
}
