/** What of a thing is to be minded by whoever handles it, before anything else of it. */
import type { Item } from './item';

/** By its label, or because it is very cold. */
export const canHurt = ({ label, cold }: Pick<Item, 'label' | 'cold'>): boolean =>
  label.signal !== 'none' || label.hazards.length > 0 || cold !== null;

/** g from which a box, or a thing by itself, takes both hands and a straight back. Our own mark. */
export const BOTH_HANDS = 5000;
