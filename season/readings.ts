/** What the crew has read of its demonstrations at home, before they counted shows. */
import type { BenchReading } from '../contract/readings';

const DAY = 86_400_000;

interface Read {
  demoId: string;
  methodId: string;
  result: string;
  note: string;
  /** Days before today, the reading, °C and per cent of humidity. */
  at: readonly (readonly [days: number, value: number, temperature: number, humidity: number])[];
}

const READ: readonly Read[] = [
  {
    demoId: 'foam-fountain',
    methodId: 'gentle',
    result: 'height',
    note: 'in the net loft',
    at: [
      [96, 30, 11, 71],
      [89, 34, 13, 66],
      [81, 40, 17, 58],
      [74, 36, 14, 69],
      [60, 46, 21, 52],
      [53, 42, 18, 60],
      [39, 44, 19, 57],
      [32, 38, 15, 64],
      [18, 32, 12, 70],
    ],
  },
  {
    demoId: 'static-dome',
    methodId: 'hair',
    result: 'up',
    note: 'at Mara’s',
    at: [
      [101, 22, 16, 41],
      [92, 31, 15, 55],
      [77, 26, 18, 47],
      [66, 44, 16, 63],
      [48, 35, 17, 57],
      [41, 24, 19, 44],
      [22, 38, 15, 59],
    ],
  },
  {
    demoId: 'slow-falling-magnet',
    methodId: 'copper-pipe',
    result: 'fall',
    note: 'in the workshop',
    at: [
      [70, 4.5, 14, 60],
      [70, 4.7, 14, 60],
      [52, 4.6, 17, 55],
      [30, 4.6, 13, 62],
    ],
  },
  {
    demoId: 'smoke-ring-drum',
    methodId: 'big-drum',
    result: 'reach',
    note: 'in the boat shed',
    at: [
      [120, 8, 12, 66],
      [104, 7.5, 14, 60],
      [88, 7.5, 15, 61],
      [71, 7, 18, 54],
      [44, 6.5, 16, 58],
      [29, 6, 13, 68],
    ],
  },
];

/** `now` in milliseconds since 1970. */
export const benchReadings = (now: number): BenchReading[] =>
  READ.flatMap(({ demoId, methodId, result, note, at }) =>
    at.map(([days, value, temperature, humidity], i): BenchReading => ({
      id: `read-${demoId}-${i + 1}`,
      demoId,
      methodId,
      result,
      value,
      first: value,
      at: now - days * DAY,
      by: 'ines',
      note,
      conditions: [
        { name: 'temperature', value: temperature },
        { name: 'humidity', value: humidity },
      ],
    })),
  );
