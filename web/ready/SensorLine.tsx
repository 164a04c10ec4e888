import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import dayjs from 'dayjs';
import type { SensorAnswer } from '../../contract/api';
import type { OpenShow } from '../brief/useShow';
import { CONDITION_FIGURES } from '../../core/brief/types';
import { toThreeFigures } from '../../core/calculators/calculator';
import { send } from '../app/api';
import { timeOf } from '../brief/dates';

/** How often a page that is looked at asks, in milliseconds. */
const EVERY = 3000;

/** What the room sensor reads, to be taken over with one press; nothing where there never was one. */
export function SensorLine({ store }: Pick<OpenShow, 'store'>) {
  const { data } = useQuery({
    queryKey: ['/sensor'],
    queryFn: () => send<SensorAnswer>('GET', '/sensor'),
    refetchInterval: EVERY,
  });
  if (!data || data.state === 'never' || !data.reading || data.seenAt === null) return null;
  const { temperature, humidity, sound } = data.reading;
  const figures = [
    temperature !== null && `${toThreeFigures(temperature)} °C`,
    humidity !== null && `${toThreeFigures(humidity)} % humidity`,
    sound !== null && `${toThreeFigures(sound)} dB`,
  ].filter((words) => words !== false);
  const take = (): void =>
    store.change((show) => ({
      ...show,
      conditions: {
        ...show.conditions,
        temperature: temperature ?? show.conditions.temperature,
        humidity: humidity ?? show.conditions.humidity,
        sound: sound ?? show.conditions.sound,
        measured: CONDITION_FIGURES.filter(
          (name) =>
            show.conditions.measured.includes(name) ||
            (name === 'temperature' && temperature !== null) ||
            (name === 'humidity' && humidity !== null) ||
            (name === 'sound' && sound !== null),
        ),
        takenAt: dayjs().format('HH:mm'),
      },
    }));
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap', mt: 0.5 }}>
      <span>
        {data.state === 'live' ? (
          <>
            Room sensor: <b>{figures.join(', ')}</b>
          </>
        ) : (
          <>
            △ The room sensor has gone quiet; at {timeOf(data.seenAt)} it read {figures.join(', ')}.
          </>
        )}
      </span>
      {data.state === 'live' && (
        <Button size="small" variant="outlined" onClick={take}>
          Take these figures
        </Button>
      )}
    </Box>
  );
}
