/** Every sum that can be picked, by family. */
import { coldInRoom } from './air/coldInRoom';
import { enoughGoes } from './chance/enoughGoes';
import { dome } from './charge/dome';
import { chill } from './cold/chill';
import { closedVessel } from './cold/closedVessel';
import { coldLeft } from './cold/left';
import { clearZone } from './motion/clearZone';
import { slidingMagnet } from './motion/slidingMagnet';
import { turning } from './motion/turning';
import { fizz } from './reaction/fizz';
import { foam } from './reaction/foam';
import { metalGas } from './reaction/metalGas';
import { thin } from './reaction/thin';
import { bang } from './sound/bang';
import { heard } from './sound/heard';
import type { Sum } from './sum';
import { anotherGo } from './vapour/anotherGo';
import { willItLight } from './vapour/willItLight';

export const SUMS: readonly Sum[] = [
  willItLight,
  anotherGo,
  foam,
  fizz,
  metalGas,
  thin,
  chill,
  coldLeft,
  closedVessel,
  coldInRoom,
  bang,
  heard,
  dome,
  clearZone,
  turning,
  slidingMagnet,
  enoughGoes,
];

export const SUM_IDS: readonly string[] = SUMS.map((sum) => sum.id);

/** The sum of this id; undefined when there is none. */
export const sumOf = (id: string): Sum | undefined => SUMS.find((sum) => sum.id === id);
