/** Reads again what has changed, also what is being read for the first time. */
import type { Query, QueryClient, QueryKey } from '@tanstack/react-query';

const isFirstReading = ({ state }: Query): boolean =>
  state.data === undefined && state.fetchStatus === 'fetching';

/** To be read once more when they are here. */
const overtaken = new WeakSet<Query>();

/**
 * What is read for the first time may have been answered just before the change: it is read once more when
 * it is here. Nothing that is under way is given up, so that many changes never keep a page from coming.
 */
export function readAnew(client: QueryClient, queryKey: QueryKey): void {
  for (const query of client.getQueryCache().findAll({ queryKey, predicate: isFirstReading })) {
    if (overtaken.has(query)) continue;
    overtaken.add(query);
    const over = (): void => void overtaken.delete(query);
    query.promise?.then(() => {
      over();
      void client.invalidateQueries({ queryKey: query.queryKey, exact: true });
    }, over);
  }
  void client.invalidateQueries({ queryKey });
}
