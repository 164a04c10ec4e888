/** `npm run bench [-- NAME …]`: each benchmark prints one line of JSON. */
import { cueLatency } from './cue-latency';
import { findingGrowth } from './finding-growth';
import { forecastVsDraws } from './forecast-vs-draws';
import { import10000 } from './import-10000';
import { judgingGrowth } from './judging-growth';
import { kills200 } from './kills-200';
import { learning } from './learning';
import { live1000, liveGrowth } from './live';
import { order30 } from './order-30';
import { orderBr17 } from './order-br17';
import { orderVsSolver } from './order-vs-solver';
import { packsVsSolver } from './packs-vs-solver';
import { plateauCalibration } from './plateau-calibration';
import { pressGrowth } from './press-growth';
import { pressVsInsert } from './press-vs-insert';
import { recordsGrowth } from './records-growth';
import { recount } from './recount';
import { shopping10000 } from './shopping-10000';
import { tellingGrowth } from './telling-growth';
import { timelineBudget } from './timeline-budget';
import { timeline40 } from './timeline-40';
import { timelineVsSolver } from './timeline-vs-solver';

const BENCHMARKS: Record<string, () => object | Promise<object>> = {
  'order-br17': orderBr17,
  'order-vs-solver': orderVsSolver,
  'forecast-vs-draws': forecastVsDraws,
  'timeline-40': timeline40,
  'timeline-vs-solver': timelineVsSolver,
  'timeline-budget': timelineBudget,
  'order-30': order30,
  'shopping-10000': shopping10000,
  'import-10000': import10000,
  'packs-vs-solver': packsVsSolver,
  'records-growth': recordsGrowth,
  'press-growth': pressGrowth,
  'press-vs-insert': pressVsInsert,
  'cue-latency': cueLatency,
  'kills-200': kills200,
  'plateau-calibration': plateauCalibration,
  learning,
  recount,
  'judging-growth': judgingGrowth,
  'live-1000': live1000,
  'live-growth': liveGrowth,
  'telling-growth': tellingGrowth,
  'finding-growth': findingGrowth,
};

const names = process.argv.slice(2);
const unknown = names.filter((name) => !(name in BENCHMARKS));
if (unknown.length > 0) {
  console.error(
    `There is no benchmark ${unknown.join(', ')}. There are: ${Object.keys(BENCHMARKS).join(', ')}`,
  );
  process.exit(2);
}
for (const [name, run] of Object.entries(BENCHMARKS))
  if (names.length === 0 || names.includes(name))
    console.log(JSON.stringify({ name, ...(await run()) }));
