import type { MethodRecord, ReviewRow } from './review';

export interface CausesOver {
  /** What is to be called, with its method where two of one demonstration are told of. */
  name: string;
  /** The most frequent first. */
  causes: { cause: string; count: number }[];
  /** Goes that were told of, rehearsals included. */
  goes: number;
}

type Row = Pick<ReviewRow, 'demoId' | 'methodId' | 'name' | 'methodName'>;
type Counted = Pick<
  MethodRecord,
  'demoId' | 'methodId' | 'causes' | 'worked' | 'partly' | 'failed' | 'rehearsed'
>;

/** Of the methods of a run, once each, those that anything was ever said against; the most often first. */
export function causesOver(rows: readonly Row[], records: readonly Counted[]): CausesOver[] {
  const seen = new Set<string>();
  const found = rows.flatMap((row): CausesOver[] => {
    const record = records.find(
      ({ demoId, methodId }) => demoId === row.demoId && methodId === row.methodId,
    );
    const key = `${row.demoId}/${row.methodId}`;
    if (!record || record.causes.length === 0 || seen.has(key)) return [];
    seen.add(key);
    const alike = rows.some((one) => one.demoId === row.demoId && one.methodId !== row.methodId);
    const { rehearsed } = record;
    return [
      {
        name: alike ? `${row.name}, ${row.methodName}` : row.name,
        causes: record.causes.toSorted((a, b) => b.count - a.count),
        goes:
          record.worked +
          record.partly +
          record.failed +
          rehearsed.worked +
          rehearsed.partly +
          rehearsed.failed,
      },
    ];
  });
  const all = ({ causes }: CausesOver): number => causes.reduce((sum, { count }) => sum + count, 0);
  return found.sort((a, b) => all(b) - all(a));
}
