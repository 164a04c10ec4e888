/** Everything that is judged before a show, the worst first. The same for every screen. */
import type { ShowBundle } from '../brief/types';
import type { KitOptions } from '../kit/demand';
import type { Timeline } from '../lineup/types';
import { cautionVerdicts } from './cautions';
import { bookingVerdicts } from './booking';
import { type StockShares, stockVerdicts } from './stock';
import { airVerdicts } from './air/verdicts';
import { gearCountVerdicts } from './gearCount';
import { journeyVerdicts } from './journeys';
import { meetingVerdicts } from './meeting/verdicts';
import { soundVerdicts } from './sound';
import { storeVerdicts } from './meeting/store';
import { exitVerdicts } from './exits';
import { hazardVerdicts } from './hazards/verdicts';
import { distanceVerdicts } from './plan';
import { withPlaces } from './place';
import { powerVerdicts } from './power';
import { roomVerdicts } from './room';
import { calculatorVerdicts } from './calculatorVerdicts';
import { isolated } from './isolated';
import { lostVerdicts } from './lost';
import { swapVerdicts } from './swaps';
import { type Verdict, type VerdictKind, worseFirst } from './verdict';
import { voiceVerdicts } from './voice';

export interface JudgeOptions extends KitOptions {
  /** What the store has for the show, and lacks. */
  shares?: StockShares;
}

/** All verdicts on a show. Those that are alike stay in running order. */
export function judge(
  bundle: ShowBundle,
  timeline: Timeline,
  options: JudgeOptions = {},
): Verdict[] {
  const sources: readonly [kind: VerdictKind, title: string, judged: () => Verdict[]][] = [
    ['caution', 'Slots', () => lostVerdicts(bundle)],
    ['booking', 'The booking', () => bookingVerdicts(bundle)],
    [
      'kit',
      'The store',
      () => stockVerdicts(bundle, options.shares === undefined ? [] : options.shares),
    ],
    ['caution', 'Cautions', () => cautionVerdicts(bundle)],
    ['hazard', 'Hazards', () => hazardVerdicts(bundle, timeline)],
    ['hazard', 'Protective gear', () => gearCountVerdicts(bundle, timeline)],
    ['combination', 'Demonstrations together', () => meetingVerdicts(bundle, timeline)],
    ['combination', 'Boxes', () => storeVerdicts(bundle)],
    ['air', 'Air in the room', () => airVerdicts(bundle, timeline, options)],
    ['sound', 'Sound', () => soundVerdicts(bundle, timeline, options)],
    ['journey', 'The way there', () => journeyVerdicts(bundle, timeline, options)],
    ['calculator', 'Calculations', () => calculatorVerdicts(bundle, options)],
    ['calculator', 'What is taken instead', () => swapVerdicts(bundle)],
    ['distance', 'Distances', () => distanceVerdicts(bundle, timeline)],
    ['distance', 'Exits', () => exitVerdicts(bundle, timeline)],
    ['room', 'The room', () => roomVerdicts(bundle)],
    ['power', 'Power', () => powerVerdicts(bundle, timeline)],
    ['calculator', 'Voice', () => voiceVerdicts(bundle)],
  ];
  const all = sources.flatMap(([kind, title, judged], i) =>
    isolated({ key: `source:${i}`, kind, title, slotIds: [] }, judged),
  );
  return withPlaces(bundle, all).sort(worseFirst);
}

/** Those that change what is packed: more, less, another vessel, plugs, a lead. */
export const changesOfKit = (verdicts: readonly Verdict[]): Verdict[] =>
  verdicts.filter(
    ({ kind, level, remedy }) =>
      (kind === 'calculator' || kind === 'room' || kind === 'power') &&
      (level === 'stop' || level === 'fix') &&
      remedy !== '',
  );

/** Those of one slot. */
export const verdictsOf = (verdicts: readonly Verdict[], slotId: string): Verdict[] =>
  verdicts.filter((one) => one.slotIds.includes(slotId));
