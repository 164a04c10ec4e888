/** Everything that is judged before a show, the worst first. The same for every screen. */
import type { ShowBundle } from '../brief/types';
import type { KitOptions } from '../kit/demand';
import type { Timeline } from '../lineup/types';
import { cautionVerdicts } from './cautions';
import { coldRoomVerdicts } from './coldRoom';
import { combinationVerdicts } from './combinations';
import { exitVerdicts } from './exits';
import { distanceVerdicts } from './plan';
import { powerVerdicts } from './power';
import { roomVerdicts } from './room';
import { calculatorVerdicts } from './calculatorVerdicts';
import { isolated } from './isolated';
import { lostVerdicts } from './lost';
import { type Verdict, type VerdictKind, worseFirst } from './verdict';
import { voiceVerdicts } from './voice';

/** All verdicts on a show. Those that are alike stay in running order. */
export function judge(bundle: ShowBundle, timeline: Timeline, options: KitOptions = {}): Verdict[] {
  const sources: readonly [kind: VerdictKind, title: string, judged: () => Verdict[]][] = [
    ['caution', 'Slots', () => lostVerdicts(bundle)],
    ['caution', 'Cautions', () => cautionVerdicts(bundle)],
    ['combination', 'Demonstrations together', () => combinationVerdicts(bundle, timeline)],
    ['combination', 'Air in the room', () => coldRoomVerdicts(bundle, timeline, options)],
    ['calculator', 'Calculations', () => calculatorVerdicts(bundle)],
    ['distance', 'Distances', () => distanceVerdicts(bundle, timeline)],
    ['distance', 'Exits', () => exitVerdicts(bundle, timeline)],
    ['room', 'The room', () => roomVerdicts(bundle)],
    ['power', 'Power', () => powerVerdicts(bundle, timeline)],
    ['calculator', 'Voice', () => voiceVerdicts(bundle)],
  ];
  return sources
    .flatMap(([kind, title, judged], i) =>
      isolated({ key: `source:${i}`, kind, title, slotIds: [] }, judged),
    )
    .sort(worseFirst);
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
