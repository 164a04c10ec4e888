/** Before the unit tests: the programs that some of them start, bundled as they are delivered. */
import { bundlePrograms } from './build.mjs';

export default () =>
  bundlePrograms('test-results/programs', [
    'server/main.ts',
    'server/heavy/heavyWorker.ts',
    'server/plan.ts',
    'simulators/room-sensor.ts',
    'simulators/lighting-desk.ts',
  ]);
