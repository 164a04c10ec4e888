/** What hazards are called, and what is done first when one has struck. */
import type { PersonAtRisk, RemainingRisk } from './care';
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
  asphyxiant: 'Into fresh air without going in alone; call for help; breathe for them if trained.',
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
};

export const AT_RISK_WORDS: Record<PersonAtRisk, string> = {
  performer: 'performer',
  crew: 'crew',
  volunteer: 'volunteer',
  audience: 'audience',
};

export const REMAINING_RISK_WORDS: Record<RemainingRisk, string> = {
  low: 'low',
  medium: 'medium',
  high: 'high',
};
