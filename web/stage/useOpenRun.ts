/** The run of a show that is under way, as it comes in; null while none is. */
import type { StoredRun } from '../../contract/stage';
import { useRun, useRuns } from '../app/data';

export function useOpenRunId(showId: string | null): string | null {
  const { data: runs = [] } = useRuns(showId);
  const last = runs.at(-1);
  return last && !last.finished && last.trouble === null ? last.id : null;
}

/** The show has been performed to its end: what the plan had is over. */
export function usePerformed(showId: string | null): boolean {
  const { data: runs = [] } = useRuns(showId);
  return runs.some(({ kind, finished }) => kind === 'performance' && finished);
}

export function useOpenRun(showId: string | null): StoredRun | null {
  return useRun(useOpenRunId(showId)).data ?? null;
}
