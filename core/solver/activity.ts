/** Which variable to decide on next: the one that was in the way most, and latest. */

/** What was in the way a hundred conflicts ago counts for nearly nothing (as in MiniSat; Eén and Sörensson 2003). */
const DECAY = 0.95;
const TOO_LARGE = 1e100;

/** A binary heap of variables, the most active first. */
export class ActivityHeap {
  private readonly activity: number[] = [];
  private readonly heap: number[] = [];
  /** Place in the heap, or −1. */
  private readonly place: number[] = [];
  private step = 1;

  /** A new variable, with a small head start that breaks ties. */
  add(variable: number, start: number): void {
    this.activity[variable] = start;
    this.place[variable] = -1;
    this.insert(variable);
  }

  insert(variable: number): void {
    if (this.place[variable] !== -1) return;
    this.place[variable] = this.heap.push(variable) - 1;
    this.up(this.heap.length - 1);
  }

  /** The most active of those that are in it, taken out; −1 when it is empty. */
  pop(): number {
    const [top] = this.heap;
    if (top === undefined) return -1;
    const last = this.heap.pop() ?? top;
    this.place[top] = -1;
    if (last !== top) {
      this.heap[0] = last;
      this.place[last] = 0;
      this.down(0);
    }
    return top;
  }

  bump(variable: number): void {
    const now = (this.activity[variable] ?? 0) + this.step;
    this.activity[variable] = now;
    if (now > TOO_LARGE) {
      this.activity.forEach((value, i) => (this.activity[i] = value / TOO_LARGE));
      this.step /= TOO_LARGE;
    }
    const place = this.place[variable] ?? -1;
    if (place >= 0) this.up(place);
  }

  decay(): void {
    this.step /= DECAY;
  }

  private before(a: number, b: number): boolean {
    return (this.activity[a] ?? 0) > (this.activity[b] ?? 0);
  }

  private set(place: number, variable: number): void {
    this.heap[place] = variable;
    this.place[variable] = place;
  }

  private up(from: number): void {
    const variable = this.heap[from] ?? 0;
    let place = from;
    while (place > 0) {
      const above = (place - 1) >> 1;
      const other = this.heap[above] ?? 0;
      if (!this.before(variable, other)) break;
      this.set(place, other);
      place = above;
    }
    this.set(place, variable);
  }

  private down(from: number): void {
    const variable = this.heap[from] ?? 0;
    let place = from;
    for (;;) {
      let below = 2 * place + 1;
      if (below >= this.heap.length) break;
      if (
        below + 1 < this.heap.length &&
        this.before(this.heap[below + 1] ?? 0, this.heap[below] ?? 0)
      )
        below++;
      const other = this.heap[below] ?? 0;
      if (!this.before(other, variable)) break;
      this.set(place, other);
      place = below;
    }
    this.set(place, variable);
  }
}
