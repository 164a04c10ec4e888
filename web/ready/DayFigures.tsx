import Box from '@mui/material/Box';
import { ShowBody } from '../../contract/brief';
import { useShowEditing } from '../brief/useShow';
import { BaseAmountField } from '../parts/AmountField';
import { AutoForm, Figure, Words } from '../parts/form';

interface DayFiguresProps {
  outdoors: boolean;
  /** Audience and crew as booked. */
  booked: number;
}

/** The few numbers of the day. Every verdict follows as they are typed. */
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
        <BaseAmountField
          name="conditions.temperature"
          label="Temperature"
          kind="temperature"
          help="°C or °F"
          optional
        />
        <Figure name="conditions.humidity" label="Humidity" unit="%" optional />
        <Figure name="conditions.people" label="People" help={`${booked} as booked`} optional />
        <BaseAmountField
          name="conditions.wind"
          label="Wind"
          kind="speed"
          help={outdoors ? 'm/s, km/h or mph' : 'none indoors'}
          optional
        />
        <Figure
          name="conditions.sound"
          label="Sound"
          unit="dB(A)"
          help="the room by itself"
          optional
        />
        <Figure name="conditions.pressure" label="Air pressure" help="hPa, else 1013" optional />
        <Words name="conditions.takenAt" label="Taken at" help="Such as 13:05" emptyIsNull />
      </Box>
    </AutoForm>
  );
}
