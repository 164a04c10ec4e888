/** What hazards are called, and what is done first when one has struck. */
import type { PersonAtRisk, Rating } from './care';
import type { HazardKind } from './types';

export const HAZARD_WORDS: Record<HazardKind, string> = {
  openFlame: 'Open flame',
  flammableVapour: 'Flammable vapour',
  oxidiser: 'Oxidiser',
  corrosive: 'Corrosive',
  cryogen: 'Very cold liquid',
  asphyxiant: 'Displaces air: suffocation',
  hot: 'Hot',
  loud: 'Loud',
  projectile: 'Something flies',
  shatter: 'Shatters',
  pressure: 'Pressure',
  highVoltage: 'High voltage',
  strongMagnet: 'Strong magnet',
  slip: 'Slippery',
  splash: 'Splashes',
  smoke: 'Stage smoke',
  flashingLight: 'Flashing light',
  allergen: 'Allergen',
  lifting: 'Heavy lifting',
  volunteerMoved: 'Volunteer is moved',
  ultraviolet: 'Ultraviolet light',
  laser: 'Laser',
  dust: 'Fine dust',
  carbonMonoxide: 'Carbon monoxide',
  toxicVapour: 'Toxic vapour',
  eatenAfterwards: 'Eaten afterwards',
  compressedGas: 'Bottle of compressed gas',
  gasBalloons: 'Balloons of gas',
  workAtHeight: 'Work at height',
  trailingCables: 'Cables on the floor',
  latex: 'Latex',
  photosensitive: 'Flicker that can bring on a seizure',
};

/**
 * The usual first line of help, common practice; the crew's first-aid training, the supplier's safety
 * data sheet and the local emergency number come before it.
 */
export const FIRST_AID: Record<HazardKind, string> = {
  openFlame: 'Burn: cool running water for 20 minutes; call for help if larger than the hand.',
  flammableVapour: 'Clothes alight: stop, drop, roll, blanket; then cool the burn with water.',
  oxidiser: 'Off the skin with plenty of water for 15 minutes; take wet clothes off.',
  corrosive: 'Rinse eye or skin with running water for 15 minutes, and call for help.',
  cryogen: 'Cold burn: lukewarm water, no rubbing; loosen clothes; see a doctor.',
  asphyxiant:
    'Nobody goes in: call for help, open doors from outside; out in the air, breathe for them if trained.',
  hot: 'Burn: cool running water for 20 minutes; nothing else on it.',
  loud: 'Ringing ears: a quiet place; see a doctor if it stays overnight.',
  projectile: 'Bleeding: press on it; an eye: cover both, do not rub; call for help.',
  shatter: 'Cut: rinse, press, cover; leave what is stuck in it where it is.',
  pressure: 'Eye or face hit: cover, do not rub; call for help.',
  highVoltage: 'Switch off and earth first; then look at breathing; see a doctor after any shock.',
  strongMagnet: 'Pinched: cool it; a heart device near a magnet: move away and see a doctor.',
  slip: 'Fall: keep still; head, neck or back hurt: call for help; cool what swells.',
  splash: 'Eye: rinse with running water for 15 minutes.',
  smoke: 'Cough: fresh air, their own inhaler; call for help if it does not ease.',
  flashingLight: 'Seizure: light off, clear what is near, do not hold them; call after 5 minutes.',
  allergen: 'Swelling or short of breath: their own adrenaline pen, and call for help at once.',
  lifting: 'Back: stop, let down, rest; see a doctor if it stays.',
  volunteerMoved: 'Giddy: sit them on the floor, head low, a hand beside them.',
  ultraviolet: 'Sore eyes hours later: dark, cool, see a doctor; skin: cool it.',
  laser: 'A beam in the eye: do not rub, note class and distance, see an eye doctor the same day.',
  dust: 'Eye: rinse with water; breathed in: fresh air, their own inhaler.',
  carbonMonoxide:
    'Headache or giddy: everybody out into fresh air, call for help; nobody goes back in.',
  toxicVapour: 'Into fresh air; call the poison line or for help, and say what it was.',
  eatenAfterwards:
    'Swelling or short of breath: their own adrenaline pen, and call for help at once.',
  compressedGas:
    'Bottle leaks or lies: shut it if that can be done at once, else everybody out; call for help.',
  gasBalloons:
    'Breathed in and faint: lay them down in fresh air, call for help if they do not wake.',
  workAtHeight: 'Fall: keep still; head, neck or back hurt: call for help.',
  trailingCables: 'Fall: keep still, cool what swells; cable torn: switch off first.',
  latex: 'Swelling or short of breath: their own adrenaline pen, and call for help at once.',
  photosensitive: 'Seizure: light off, clear what is near, do not hold them; call after 5 minutes.',
};

export const AT_RISK_WORDS: Record<PersonAtRisk, string> = {
  performer: 'performer',
  crew: 'crew',
  volunteer: 'volunteer',
  audience: 'audience',
};

/**
 * How likely and how bad each is with nothing done about it, to begin from: our own marks, no source. What
 * holds for a method is rated by whoever performs it.
 */
export const USUAL_RATING: Record<HazardKind, Rating> = {
  openFlame: { likelihood: 3, severity: 4 },
  flammableVapour: { likelihood: 3, severity: 4 },
  oxidiser: { likelihood: 3, severity: 4 },
  corrosive: { likelihood: 3, severity: 4 },
  cryogen: { likelihood: 3, severity: 4 },
  asphyxiant: { likelihood: 2, severity: 5 },
  hot: { likelihood: 3, severity: 3 },
  loud: { likelihood: 3, severity: 4 },
  projectile: { likelihood: 3, severity: 4 },
  shatter: { likelihood: 3, severity: 3 },
  pressure: { likelihood: 3, severity: 4 },
  highVoltage: { likelihood: 3, severity: 4 },
  strongMagnet: { likelihood: 3, severity: 3 },
  slip: { likelihood: 3, severity: 3 },
  splash: { likelihood: 3, severity: 3 },
  smoke: { likelihood: 3, severity: 2 },
  flashingLight: { likelihood: 2, severity: 4 },
  allergen: { likelihood: 2, severity: 4 },
  lifting: { likelihood: 3, severity: 3 },
  volunteerMoved: { likelihood: 3, severity: 3 },
  ultraviolet: { likelihood: 3, severity: 3 },
  laser: { likelihood: 3, severity: 4 },
  dust: { likelihood: 2, severity: 4 },
  carbonMonoxide: { likelihood: 2, severity: 5 },
  toxicVapour: { likelihood: 3, severity: 4 },
  eatenAfterwards: { likelihood: 3, severity: 3 },
  compressedGas: { likelihood: 2, severity: 5 },
  gasBalloons: { likelihood: 2, severity: 3 },
  workAtHeight: { likelihood: 3, severity: 4 },
  trailingCables: { likelihood: 4, severity: 3 },
  latex: { likelihood: 2, severity: 4 },
  photosensitive: { likelihood: 2, severity: 4 },
};

/** What is counted of a kind of hazard, where that decides. */
export const HAZARD_FIGURES: Partial<Record<HazardKind, { label: string; unit: string }>> = {
  photosensitive: { label: 'Flashes a second', unit: 'a second' },
  flashingLight: { label: 'Flashes a second', unit: 'a second' },
  laser: { label: 'Class of the laser, 1 to 4', unit: '' },
};
