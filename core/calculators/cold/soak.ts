/** How long a thing has to stay in cold liquid, or in dry ice with a liquid, until it is as cold. */
import { type ColdKind, COLD, heatGiven, type Material } from '../../repertoire/materials';
import { requireAtLeast } from '../require';

/**
 * kg/m³ and m²/s at room temperature (handbooks, from memory). Diffusivity is the slower of warm and cold.
 */
const BODY: Record<Material, { density: number; diffusivity: number }> = {
  aluminium: { density: 2700, diffusivity: 9e-5 },
  stainless: { density: 7900, diffusivity: 4e-6 },
  copper: { density: 8960, diffusivity: 1.1e-4 },
  brass: { density: 8500, diffusivity: 3.3e-5 },
  lead: { density: 11_340, diffusivity: 2.4e-5 },
  glass: { density: 2500, diffusivity: 5e-7 },
  plastic: { density: 1200, diffusivity: 1.1e-7 },
  rubber: { density: 1100, diffusivity: 1e-7 },
  watery: { density: 1000, diffusivity: 1.4e-7 },
};

/**
 * W/m² that a warm surface gives off: nitrogen boiling as a film, 8 to 20 kW/m² (handbooks, from memory);
 * dry ice in a liquid that wets it, 2 to 8 kW/m² (our own estimate).
 */
const FLUX: Record<ColdKind, readonly [least: number, most: number]> = {
  nitrogen: [8000, 20_000],
  dryIce: [2000, 8000],
};

/**
 * Seconds until a sheet cooled from both sides is as cold as what it is in: first the surface gives off its
 * heat as fast as the film lets it, then the middle follows by conduction, (d/2)²/α.
 *
 * @param thickness m
 * @returns s, the shortest and the longest
 * @throws RangeError on a negative thickness
 */
export function soakTime(
  kind: ColdKind,
  material: Material,
  thickness: number,
): { least: number; most: number } {
  requireAtLeast('thickness', thickness, 0);
  const { density, diffusivity } = BODY[material];
  const half = thickness / 2;
  const joules = density * half * heatGiven(kind, material) * 1_000_000;
  const inside = half ** 2 / diffusivity;
  const [slow, fast] = FLUX[kind];
  return { least: joules / fast + inside / 2, most: joules / slow + inside };
}

/** kJ/kg that the cold gas takes up on its way to room temperature: cp·ΔT (handbooks, from memory). */
const GAS_HEAT: Record<ColdKind, number> = {
  nitrogen: 1.04 * (300 - 77.4),
  dryIce: 0.82 * (300 - 194.7),
};

/** Share of the latent-only amount that is enough when the cold gas is made use of as well as can be. */
export function withColdGas(kind: ColdKind): number {
  const latent = COLD[kind].latent;
  return latent / (latent + GAS_HEAT[kind]);
}
