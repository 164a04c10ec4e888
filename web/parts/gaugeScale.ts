import type { Gauge } from '../../core/ready/verdict';

/** From where to where a gauge is drawn: figure and limits are always in sight, with room beyond each limit. */
export function gaugeScale({ value, least, most }: Gauge): [low: number, high: number] {
  if (least !== null && most !== null) {
    const room = Math.max((most - least) / 2, 1e-9);
    return [Math.min(least - room, value ?? least), Math.max(most + room, value ?? most)];
  }
  const limit = least ?? most ?? 0;
  const high = Math.max(limit, value ?? limit) * (least === null ? 1.15 : 1.3);
  const low = Math.min(0, limit * 1.3, (value ?? 0) * 1.3);
  return [low, high > low ? high : low + 1];
}
