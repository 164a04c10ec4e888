/** Every calculator that can be picked, by family. */
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
import { dilute } from './reaction/dilute';
import { bang } from './sound/bang';
import { heard } from './sound/heard';
import type { Calculator } from './calculator';
import { anotherGo } from './vapour/anotherGo';
import { willItLight } from './vapour/willItLight';

export const CALCULATORS: readonly Calculator[] = [
  willItLight,
  anotherGo,
  foam,
  fizz,
  metalGas,
  dilute,
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

export const CALCULATOR_IDS: readonly string[] = CALCULATORS.map((calculator) => calculator.id);

/** The calculator of this id; undefined when there is none. */
export const findCalculator = (id: string): Calculator | undefined =>
  CALCULATORS.find((calculator) => calculator.id === id);
