/** The words of a volunteer card, and what is said to volunteers when they are fetched. */
import { counted, listInWords, thingsInWords } from '../words';
import type { MustNot, VolunteerCard } from './care';

export const MUST_NOT_WORDS: Record<MustNot, string> = {
  heartDevice: 'a heart device',
  otherImplant: 'another implant or pump',
  pregnant: 'expecting a child',
  epilepsy: 'epilepsy',
  asthma: 'asthma',
  allergy: 'an allergy to what is used',
  looseJewellery: 'loose jewellery',
  looseHair: 'loose hair',
  unsteady: 'unsteady on their feet',
  aloneInWish: 'wanted up by others and not by themselves',
};

/** What is asked and said when they are fetched, in its order; empty lines are left out. */
export function briefingLines(card: VolunteerCard, count: number): string[] {
  return [
    `Fetch ${counted(count, 'volunteer')}${card.suits === '' ? '' : `: ${card.suits.replace(/\.$/, '')}`}`,
    card.ask === '' ? '' : `“${card.ask}”`,
    card.mustNot.length === 0
      ? ''
      : `Not: ${listInWords(card.mustNot.map((one) => MUST_NOT_WORDS[one]))}`,
    card.gear.length === 0 ? '' : `${thingsInWords(card.gear)} on`,
    ...card.steps,
    `To stop: ${card.letGo === '' ? '“you can say no”' : card.letGo}`,
    card.wayOff === '' ? '' : `Off again: ${card.wayOff}`,
  ].filter((line) => line.trim() !== '');
}

/** How they are let go when it is over: their gear comes off, and the way down is said. */
export const lettingGoLines = (card: VolunteerCard, count: number): string[] =>
  [
    `Let ${count === 1 ? 'the volunteer' : `the ${count} volunteers`} go, with thanks`,
    card.gear.length === 0 ? '' : `${thingsInWords(card.gear)} off`,
    card.wayOff,
  ].filter((line) => line.trim() !== '');
