/** What the people of a method must be trained in, and what somebody may therefore perform. */
import type { Competence, Demo, Hand, Method } from './types';

/** As it goes after “used to”. */
export const TRAINING_WORDS: Readonly<Record<Competence, string>> = {
  cryogen: 'cold liquids',
  flame: 'open flames',
  highVoltage: 'high voltage',
  driver: 'driving',
  firstAid: 'first aid',
};

/** What hands of this role must be trained in, each once. */
export const competencesOf = (method: Method, role: Hand['role']): Competence[] => [
  ...new Set(
    method.tasks.flatMap(({ hands }) =>
      hands.flatMap((hand) =>
        hand.role === role && hand.competence !== null ? [hand.competence] : [],
      ),
    ),
  ),
];

export interface MayPerform {
  /** Demonstrations with a method whose performer they may be, in their order. */
  may: Demo[];
  /** The others, with what they would have to be trained in for the one that takes least. */
  not: { demo: Demo; lacks: Competence[] }[];
}

/** What somebody may perform by their training. Demonstrations without a method are neither. */
export function mayPerform(trainedIn: readonly Competence[], demos: readonly Demo[]): MayPerform {
  const may: Demo[] = [];
  const not: MayPerform['not'] = [];
  for (const demo of demos) {
    const [least] = demo.methods
      .map((method) => competencesOf(method, 'performer').filter((one) => !trainedIn.includes(one)))
      .toSorted((a, b) => a.length - b.length);
    if (least === undefined) continue;
    if (least.length === 0) may.push(demo);
    else not.push({ demo, lacks: least });
  }
  return { may, not };
}
