/** What of one list goes with what of another, after some of both was written anew. */

/**
 * Pairs in the order of both lists: as many as possible of those that are alike, and between two such pairs what is
 * left over there, one by one. Null stands for what has no partner.
 */
export function align<A, B>(
  a: readonly A[],
  b: readonly B[],
  isAlike: (a: A, b: B) => boolean,
): [A | null, B | null][] {
  // Longest common subsequence: entry [i][j] is that of what comes from i and from j on.
  const length: number[][] = Array.from({ length: a.length + 1 }, () =>
    new Array<number>(b.length + 1).fill(0),
  );
  const at = (i: number, j: number): number => length[i]?.[j] ?? 0;
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--) {
      const row = length[i];
      if (!row) continue;
      row[j] = isAlike(a[i] as A, b[j] as B)
        ? at(i + 1, j + 1) + 1
        : Math.max(at(i + 1, j), at(i, j + 1));
    }
  const pairs: [A | null, B | null][] = [];
  let [i, j] = [0, 0];
  let [fromA, fromB] = [0, 0];
  const leftOver = (): void => {
    const [restA, restB] = [a.slice(fromA, i), b.slice(fromB, j)];
    for (let k = 0; k < Math.max(restA.length, restB.length); k++)
      pairs.push([restA[k] ?? null, restB[k] ?? null]);
  };
  while (i < a.length && j < b.length) {
    if (isAlike(a[i] as A, b[j] as B)) {
      leftOver();
      pairs.push([a[i] as A, b[j] as B]);
      i++;
      j++;
      [fromA, fromB] = [i, j];
    } else if (at(i + 1, j) >= at(i, j + 1)) i++;
    else j++;
  }
  [i, j] = [a.length, b.length];
  leftOver();
  return pairs;
}
