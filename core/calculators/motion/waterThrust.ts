/** What water and then air driven out of a bottle give to it, without drag and without its weight. */
import { ABSOLUTE_ZERO, STANDARD_PRESSURE } from '../constants';
import { requireAtLeast } from '../require';

/** kg/m³. */
const WATER = 998;
/** J/(kg K), and the ratio of heat capacities, of air. */
const AIR = { constant: 287.05, gamma: 1.4 };

export interface Bottle {
  /** L. */
  volume: number;
  water: number;
  /** kPa above the air's. */
  gauge: number;
  /** Inner diameter of the neck, mm. */
  neck: number;
  /** g, empty. */
  mass: number;
  /** °C. */
  celsius: number;
  /** kPa of the air around. */
  kPa?: number;
}

export interface Thrust {
  /** m/s at the end of the water, and in all. */
  afterWater: number;
  inAll: number;
  /** m covered while it is pushed, and s that this takes. */
  way: number;
  time: number;
  /** N, at the first moment. */
  greatest: number;
}

const STEPS = 2000;

/**
 * Quasi-steady: water leaves at √(2·(p − p₀)/ρ) while the air behind it expands without taking up heat;
 * then the air leaves as through a nozzle, choked at first.
 *
 * @throws RangeError on a bottle of nothing, more water than it holds, and without overpressure or neck
 * Source: mechanics and isentropic flow of an ideal gas.
 */
export function waterThrust(of: Bottle): Thrust {
  requireAtLeast('bottle', of.volume, 0, true);
  requireAtLeast('water', of.water, 0);
  requireAtLeast('air in it', of.volume - of.water, 0, true);
  requireAtLeast('pressure', of.gauge, 0, true);
  requireAtLeast('neck', of.neck, 0, true);
  requireAtLeast('mass', of.mass, 0, true);
  const around = (of.kPa ?? STANDARD_PRESSURE) * 1000;
  const opening = (Math.PI / 4) * (of.neck / 1000) ** 2;
  const first = around + of.gauge * 1000;
  const air = (of.volume - of.water) / 1000;
  const kelvin = of.celsius - ABSOLUTE_ZERO;
  let gas = (first * air) / (AIR.constant * kelvin);
  const empty = of.mass / 1000;
  let [speed, way, time] = [0, 0, 0];

  const pushed = (thrust: number, mass: number, dt: number): void => {
    const before = speed;
    speed += (thrust / mass) * dt;
    way += ((before + speed) / 2) * dt;
    time += dt;
  };

  let left = (of.water / 1000) * WATER;
  const part = left / STEPS;
  let space = air;
  for (let i = 0; i < STEPS && left > part / 2; i++) {
    const inside = first * (air / (space + part / WATER / 2)) ** AIR.gamma;
    if (inside <= around) break;
    const jet = Math.sqrt((2 * (inside - around)) / WATER);
    const flow = WATER * opening * jet;
    pushed(flow * jet, empty + gas + left - part / 2, part / flow);
    left -= part;
    space += part / WATER;
  }
  const afterWater = speed;
  let inside = first * (air / space) ** AIR.gamma;
  // Water that nothing drives out any more stays in.
  if (left <= part / 2 && inside > around) {
    let inner = kelvin * (air / space) ** (AIR.gamma - 1);
    const start = { pressure: inside, gas, inner };
    for (let i = 0; i < 20 * STEPS && inside > around * 1.0005; i++) {
      const { flow, thrust } = nozzle(inside, inner, around, opening);
      const out = Math.min(gas, start.gas / STEPS);
      pushed(thrust, empty + gas - out / 2, out / flow);
      gas -= out;
      const share = gas / start.gas;
      inside = start.pressure * share ** AIR.gamma;
      inner = start.inner * share ** (AIR.gamma - 1);
    }
  }
  const greatest =
    of.water > 0 ? 2 * (first - around) * opening : nozzle(first, kelvin, around, opening).thrust;
  return { afterWater, inAll: speed, way, time, greatest };
}

/** Mass a second and thrust of air leaving through a hole, N. */
function nozzle(
  inside: number,
  kelvin: number,
  around: number,
  opening: number,
): { flow: number; thrust: number } {
  const { gamma, constant } = AIR;
  const choked = (2 / (gamma + 1)) ** (gamma / (gamma - 1));
  const outside = Math.max(around, inside * choked);
  const cooled = kelvin * (outside / inside) ** ((gamma - 1) / gamma);
  const heat = (gamma * constant) / (gamma - 1);
  const jet = Math.sqrt(2 * heat * (kelvin - cooled));
  const flow = (outside / (constant * cooled)) * opening * jet;
  return { flow, thrust: flow * jet + (outside - around) * opening };
}
