/** Copies of what one has, to be made into something else. */
import type { Demo } from './types';

const COUNTED = /^(.*\S) \((\d+)\)$/;

/** “Foam fountain (2)”: the first number that nobody has, in at most so many characters. */
export function copyName(name: string, taken: readonly string[], most = 80): string {
  const plain = COUNTED.exec(name)?.[1] ?? name;
  const used = new Set(taken);
  for (let n = 2; ; n++) {
    const end = ` (${n})`;
    const copy = plain.slice(0, most - end.length).trimEnd() + end;
    if (!used.has(copy)) return copy;
  }
}

/** The same demonstration to be varied: what was noted of the other, and its record, stay with the other. */
export const copyDemo = (demo: Demo, id: string, name: string): Demo => ({
  ...structuredClone(demo),
  id,
  name,
  // Its title is in the text, and would be taken for its name.
  told: '',
  pinnedNote: '',
  methods: demo.methods.map((method) => ({
    ...structuredClone(method),
    priorWorked: 0,
    priorFailed: 0,
  })),
});
