/** What is read, and how: the fields of it, for a trial and for a method. */
import { useWatch } from 'react-hook-form';
import type { Better, Quantity } from '../../core/repertoire/measure';
import { Choice, Figure, Words } from './form';
import { TimeField } from './TimeFields';
import { options } from './words';

const QUANTITY: Record<Quantity, string> = {
  height: 'Height',
  distance: 'Distance',
  time: 'Time',
  mass: 'Mass',
  angle: 'Angle',
  level: 'Level, or a share',
  temperature: 'Temperature',
  count: 'A count',
  rating: 'A rating',
  yesNo: 'Yes or no',
  other: 'Something else',
};
const WANTED: Record<Better, string> = {
  more: 'More is better',
  less: 'Less is better',
  near: 'Near a target is best',
};

export function MeasureFields({ at }: { at: string }) {
  const better = useWatch({ name: `${at}.better` }) as Better | undefined;
  return (
    <>
      <Words name={`${at}.name`} label="What is read" />
      <Choice name={`${at}.quantity`} label="Of what kind" options={options(QUANTITY)} />
      <Words name={`${at}.unit`} label="Unit" />
      <Figure name={`${at}.resolution`} label="Read to the nearest" optional />
      <Words name={`${at}.instrument`} label="With what" />
      <Words name={`${at}.how`} label="How" />
      <Choice name={`${at}.better`} label="What is wanted" options={options(WANTED)} />
      {better === 'near' && <Figure name={`${at}.target`} label="Target" optional />}
      <Figure name={`${at}.readFrom`} label="Read from" unit="s after it begins" optional />
      <TimeField name={`${at}.readUntil`} label="Read until" optional />
    </>
  );
}
