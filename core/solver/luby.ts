/** The sequence of Luby, Sinclair and Zuckerman (1993), from i = 1: 1, 1, 2, 1, 1, 2, 4, 1, … */
export function luby(i: number): number {
  let size = 1;
  while (size < i + 1) size *= 2;
  return size === i + 1 ? size / 2 : luby(i - size / 2 + 1);
}
