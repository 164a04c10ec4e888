import type { Node } from './program';

/**
 * Everything after what it waits for, as planned where there is a choice (Kahn 1962). A wait that would
 * close a circle is dropped: two things planned for the same moment, each after the other.
 */
export function inSequence(nodes: readonly Node[]): number[] {
  const byPlan = nodes
    .map((_, i) => i)
    .sort((a, b) => (nodes[a]?.planned ?? 0) - (nodes[b]?.planned ?? 0) || a - b);
  const done = new Set<number>();
  const order: number[] = [];
  const open = new Set<number>();
  const visit = (number: number): void => {
    if (done.has(number)) return;
    open.add(number);
    const node = nodes[number];
    if (node) {
      node.waits = node.waits.filter((wait) => !open.has(wait.node));
      for (const wait of node.waits) visit(wait.node);
    }
    open.delete(number);
    done.add(number);
    order.push(number);
  };
  byPlan.forEach(visit);
  return order;
}
