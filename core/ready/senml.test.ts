/** SenML as RFC 8428 writes it. */
import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readSenml } from './senml';

// The same cases every time.
fc.configureGlobal({ seed: 155 });

// RFC 8428, section 5.1.2, has a pack of this shape: a base name and a base unit, carried on.
test('base name and unit are carried on; a record’s own unit comes first', () => {
  expect(
    readSenml([
      { bn: 'urn:dev:ow:10e2073a01080063:', bu: 'Cel', n: 'temperature', v: 23.1 },
      { n: 'humidity', u: '%RH', v: 67 },
      { n: 'sound', u: 'dB', v: 61.5 },
    ]),
  ).toEqual({ temperature: 23.1, humidity: 67, sound: 61.5 });
});

test('the last of several counts; what can’t be is passed over', () => {
  expect(
    readSenml([
      { n: 'temperature', u: 'Cel', v: 20 },
      { n: 'temperature', u: 'Cel', v: 21 },
      { n: 'temperature', u: 'Cel', v: -300 },
      { n: 'humidity', u: '%RH', v: 140 },
      { n: 'battery', u: '%EL', v: 80 },
    ]),
  ).toEqual({ temperature: 21, humidity: null, sound: null });
});

test.each([
  null,
  7,
  'x',
  {},
  [],
  [1],
  [{ n: 'battery', u: '%EL', v: 80 }],
  [{ n: 'x', vs: 'warm' }],
])('%j is no reading', (pack) => {
  expect(readSenml(pack)).toBeNull();
});

test('whatever comes in, nothing impossible comes out', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (pack) => {
      const reading = readSenml(pack);
      if (reading?.humidity != null) expect(reading.humidity).toBeLessThanOrEqual(100);
    }),
  );
});
