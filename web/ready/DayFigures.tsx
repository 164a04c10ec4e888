import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import dayjs from 'dayjs';
import type { ReactNode } from 'react';
import { useController, useFormContext, useWatch } from 'react-hook-form';
import { ShowBody } from '../../contract/brief';
import { CONDITION_FIGURES, type ConditionFigure, type Show } from '../../core/brief/types';
import { useShowEditing } from '../brief/useShow';
import { BaseAmountField } from '../parts/AmountField';
import { AutoForm, Figure, Words } from '../parts/form';

interface DayFiguresProps {
  outdoors: boolean;
  /** Audience and crew as booked. */
  booked: number;
}

/** A figure of the day, and beneath it whether it was measured or is only expected. */
function DayFigure({ of, children }: { of: ConditionFigure; children: ReactNode }) {
  const value = useWatch<Show>({ name: `conditions.${of}` }) as number | null;
  const { field } = useController<Show, 'conditions.measured'>({ name: 'conditions.measured' });
  const measured = field.value.includes(of);
  return (
    <Box sx={{ display: 'grid' }}>
      {children}
      {value !== null && (
        <Button
          size="small"
          aria-pressed={measured}
          onClick={() =>
            field.onChange(
              CONDITION_FIGURES.filter((name) =>
                name === of ? !measured : field.value.includes(name),
              ),
            )
          }
          sx={{
            justifySelf: 'start',
            minWidth: 0,
            px: 0.5,
            color: measured ? 'inherit' : 'var(--ember)',
            fontWeight: measured ? 400 : 600,
            textTransform: 'none',
          }}
        >
          {measured ? '✓ measured' : '≈ only expected'}
        </Button>
      )}
    </Box>
  );
}

/** Everything that is filled in was measured, and now. */
function AllMeasured() {
  const { setValue } = useFormContext<Show>();
  const conditions = useWatch<Show, 'conditions'>({ name: 'conditions' });
  const filled = CONDITION_FIGURES.filter((name) => typeof conditions[name] === 'number');
  const open = filled.some((name) => !conditions.measured.includes(name));
  if (!open) return null;
  return (
    <Button
      variant="outlined"
      size="small"
      sx={{ mt: 1 }}
      onClick={() => {
        setValue('conditions.measured', filled, { shouldDirty: true });
        setValue('conditions.takenAt', dayjs().format('HH:mm'), { shouldDirty: true });
      }}
    >
      All measured just now
    </Button>
  );
}

/** The few numbers of the day. Every verdict follows as they are typed; what is only expected holds. */
export function DayFigures({ outdoors, booked }: DayFiguresProps) {
  const editing = useShowEditing();
  return (
    <AutoForm<ShowBody> editing={editing} type={ShowBody}>
      <Box
        sx={{
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: {
            xs: 'repeat(2, minmax(0, 1fr))',
            sm: 'repeat(auto-fit, minmax(108px, 1fr))',
          },
          alignItems: 'start',
        }}
      >
        <DayFigure of="temperature">
          <BaseAmountField
            name="conditions.temperature"
            label="Temperature"
            kind="temperature"
            help="°C or °F"
            optional
          />
        </DayFigure>
        <DayFigure of="humidity">
          <Figure name="conditions.humidity" label="Humidity" unit="%" optional />
        </DayFigure>
        <Figure name="conditions.people" label="People" help={`${booked} as booked`} optional />
        <DayFigure of="wind">
          <BaseAmountField
            name="conditions.wind"
            label="Wind"
            kind="speed"
            help={outdoors ? 'm/s, km/h or mph' : 'none indoors'}
            optional
          />
        </DayFigure>
        <DayFigure of="sound">
          <Figure
            name="conditions.sound"
            label="Sound"
            unit="dB(A)"
            help="the room by itself"
            optional
          />
        </DayFigure>
        <DayFigure of="pressure">
          <Figure name="conditions.pressure" label="Air pressure" help="hPa" optional />
        </DayFigure>
        <Words name="conditions.takenAt" label="Taken at" help="Such as 13:05" emptyIsNull />
      </Box>
      <AllMeasured />
    </AutoForm>
  );
}
