import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';
import {
  type NumberInput,
  type Calculator,
  toThreeFigures,
  type Values,
} from '../../core/calculators/calculator';
import type { Ranges } from '../../core/calculators/range';
import { parseRange } from '../../core/units/range';
import { UNITS } from '../../core/units/units';
import { useSettings } from '../app/data';
import { Pick } from '../parts/Pick';

interface CalculatorInputsProps {
  calculator: Calculator;
  values: Values;
  /** Inputs that were given as “40 to 60”. */
  ranges: Ranges;
  faults: Readonly<Record<string, string>>;
  onChange: (id: string, value: number | string, most?: number) => void;
}

interface NumberFieldProps {
  input: NumberInput;
  value: number;
  range: readonly [number, number] | undefined;
  fault: string | undefined;
  onChange: (value: number, most?: number) => void;
}

/** A figure to type or to slide. What is typed may go beyond the slider’s ends. */
function NumberField({ input, value, range, fault, onChange }: NumberFieldProps) {
  const sizes = useSettings().data?.household;
  const [text, setText] = useState(toThreeFigures(value));
  useEffect(() => {
    if (range) return;
    if (parseRange(text, input.unit, sizes)?.least !== value && !Number.isNaN(value))
      setText(toThreeFigures(value));
  }, [value, range]);
  const unit = input.unit === 'piece' ? '' : UNITS[input.unit].label;
  const [from, to] = input.slide;
  return (
    <Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 130px', gap: 2, alignItems: 'center' }}>
        <Slider
          value={Number.isNaN(value) ? from : Math.min(to, Math.max(from, value))}
          min={from}
          max={to}
          step={(to - from) / 100}
          onChange={(_event, moved) => onChange(Number(moved.toPrecision(4)))}
          aria-label={`${input.label}, slider`}
          getAriaValueText={(shown) => `${toThreeFigures(shown)} ${unit}`}
          size="small"
        />
        <TextField
          size="small"
          label={input.label}
          value={text}
          error={fault !== undefined}
          onChange={(event) => {
            setText(event.target.value);
            const typed = parseRange(event.target.value, input.unit, sizes);
            onChange(typed?.least ?? NaN, typed?.most ?? undefined);
          }}
          slotProps={{
            htmlInput: { inputMode: 'decimal' },
            input: {
              endAdornment: unit && (
                <Box sx={{ color: 'var(--muted)', fontSize: 13, whiteSpace: 'nowrap' }}>{unit}</Box>
              ),
            },
          }}
        />
      </Box>
      {fault && (
        <Box role="alert" sx={{ color: 'var(--ember)', fontSize: 13, textAlign: 'right' }}>
          {fault}
        </Box>
      )}
    </Box>
  );
}

export function CalculatorInputs({
  calculator,
  values,
  ranges,
  faults,
  onChange,
}: CalculatorInputsProps) {
  // What does not count with the rest is not asked for.
  const unused = (calculator.unused?.(values) ?? []).map(String);
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {Object.entries(calculator.inputs)
        .filter(([id]) => !unused.includes(id))
        .map(([id, input]) =>
          input.kind === 'choice' ? (
            <Pick
              key={id}
              label={input.label}
              value={String(values[id])}
              options={Object.entries(input.options).map(([value, label]) => ({ value, label }))}
              onChange={(value) => onChange(id, value ?? input.usual)}
            />
          ) : (
            <NumberField
              key={id}
              input={input}
              value={Number(values[id])}
              range={ranges[id]}
              fault={faults[id]}
              onChange={(value, most) => onChange(id, value, most)}
            />
          ),
        )}
    </Box>
  );
}
