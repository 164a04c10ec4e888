/** A program with nothing in it that makes no difference. */
import type { Node, Program } from './program';

/** Nodes that a block or a window depends on, near or far. */
function needed({ nodes, blocks, windows }: Program): Uint8Array {
  const kept = new Uint8Array(nodes.length);
  for (const { first, last } of blocks) kept[first] = kept[last] = 1;
  for (const { from, to } of windows) kept[from] = kept[to] = 1;
  for (let i = nodes.length - 1; i >= 0; i--)
    if (kept[i]) for (const wait of nodes[i]?.waits ?? []) kept[wait.node] = 1;
  return kept;
}

/**
 * Without waits that others imply: where one waits for a second and that for a third, each for its end,
 * it need not wait for the third itself. No time is negative, so a way round is never shorter.
 */
function withoutImplied(nodes: readonly Node[]): Node[] {
  /** For each node, those whose end lies before its start whatever is drawn. */
  const before: Set<number>[] = [];
  return nodes.map((node, i): Node => {
    const mine = new Set<number>();
    before[i] = mine;
    const byEnd = node.waits.filter((wait) => wait.of === 'end' && wait.seconds >= 0);
    for (const wait of byEnd) for (const other of before[wait.node] ?? []) mine.add(other);
    const implied = new Set(mine);
    for (const wait of byEnd) mine.add(wait.node);
    const seen = new Set<string>();
    const waits = node.waits.filter((wait) => {
      if (wait.of === 'end' && wait.seconds <= 0 && implied.has(wait.node)) return false;
      const key = `${wait.node}/${wait.of}/${wait.seconds}`;
      return !seen.has(key) && seen.add(key);
    });
    return { ...node, waits };
  });
}

/** The same program in fewer nodes and waits: every run of it gives the same starts and ends. */
export function reduced(program: Program): Program {
  const kept = needed(program);
  const place = new Map<number, number>();
  program.nodes.forEach((_, i) => kept[i] && place.set(i, place.size));
  const at = (node: number): number => place.get(node) ?? 0;
  const nodes = program.nodes
    .filter((_, i) => kept[i])
    .map((node) => ({
      ...node,
      waits: node.waits.map((wait) => ({ ...wait, node: at(wait.node) })),
    }));
  return {
    ...program,
    nodes: withoutImplied(nodes),
    blocks: program.blocks.map((b) => ({ ...b, first: at(b.first), last: at(b.last) })),
    windows: program.windows.map((w) => ({ ...w, from: at(w.from), to: at(w.to) })),
  };
}
