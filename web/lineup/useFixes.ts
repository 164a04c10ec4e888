import { proxy } from 'comlink';
import type { Fix } from '../../core/lineup/suggestFixes';
import type { LineupInput, Timeline } from '../../core/lineup/types';
import { usePeople } from '../app/data';
import type { Foreseen } from './useForecast';
import { useWork } from './useWork';

const AFTER = 250;

const NONE: Record<string, Fix[]> = {};

/** Ways to fix gaps and conflicts, by their words; empty until they are worked out. */
export function useFixes(
  input: LineupInput,
  timeline: Timeline,
  { policies, forecast }: Pick<Foreseen, 'policies' | 'forecast'>,
): Record<string, Fix[]> {
  const { data: people } = usePeople();
  const wanted = timeline.gaps.length + timeline.conflicts.length > 0 && people !== undefined;
  const others = people?.filter((person) => !input.crew.some(({ id }) => id === person.id)) ?? [];
  const { value, fresh } = useWork<Record<string, Fix[]>>(
    wanted && forecast
      ? (run, tell) => run.fixes(input, timeline, others, policies, forecast, proxy(tell))
      : null,
    [input, timeline, people, policies, forecast],
    AFTER,
  );
  return fresh && value ? value : NONE;
}
