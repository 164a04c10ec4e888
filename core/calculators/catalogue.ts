/** Every calculator that can be picked, by family. */
import { coldInRoom } from './air/coldInRoom';
import { enoughGoes } from './chance/enoughGoes';
import { dome } from './charge/dome';
import { chill } from './cold/chill';
import { closedVessel } from './cold/closedVessel';
import { coldLeft } from './cold/left';
import { balloon } from './gas/balloon';
import { poppingLid } from './gas/poppingLid';
import { sodaGas } from './gas/sodaGas';
import { candle } from './heat/candle';
import { coldInWater } from './heat/coldInWater';
import { steamCan } from './heat/steamCan';
import { clearZone } from './motion/clearZone';
import { magnetPipe } from './motion/magnetPipe';
import { slidingMagnet } from './motion/slidingMagnet';
import { thrust } from './motion/thrust';
import { turning } from './motion/turning';
import { vacuumLauncher } from './motion/vacuumLauncher';
import { waterRocket } from './motion/waterRocket';
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
  waterRocket,
  vacuumLauncher,
  thrust,
  turning,
  magnetPipe,
  slidingMagnet,
  sodaGas,
  poppingLid,
  balloon,
  steamCan,
  candle,
  coldInWater,
  enoughGoes,
];

export const CALCULATOR_IDS: readonly string[] = CALCULATORS.map((calculator) => calculator.id);

/** The calculator of this id; undefined when there is none. */
export const findCalculator = (id: string): Calculator | undefined =>
  CALCULATORS.find((calculator) => calculator.id === id);
