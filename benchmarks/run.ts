/** `npm run bench [-- NAME …]`: each benchmark prints one line of JSON. */
import { orderBr17 } from './order-br17';
import { timeline40 } from './timeline-40';

const BENCHMARKS: Record<string, () => object> = {
  'order-br17': orderBr17,
  'timeline-40': timeline40,
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
  if (names.length === 0 || names.includes(name)) console.log(JSON.stringify({ name, ...run() }));
