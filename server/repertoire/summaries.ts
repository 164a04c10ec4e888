/** Demos and items as they are listed and picked; the whole of one is asked for by its id. */
import type {
  DemoAnswer,
  DemoSummary,
  ItemName,
  RepertoireAnswer,
  Versioned,
} from '../../contract/api';
import { totalRecord } from '../../core/after/review';
import { itemsNamed } from '../../core/brief/itemsNamed';
import { firstSeconds, hazardsOf, searchText } from '../../core/library/browse';
import type { Demo } from '../../core/repertoire/types';
import { recordsFor } from '../after/records';
import { byItem, ownedOn } from '../../core/inventory/allocate';
import type { AppContext } from '../context';
import { todayHere } from '../instant';
import { bare, readable } from '../entity';

export const demoSummaries = (context: AppContext): DemoSummary[] =>
  readable(context.demos.list(), (demo) =>
    summaryOf(demo, totalRecord(recordsFor(context, [demo]))),
  );

function summaryOf(demo: Versioned<Demo>, record: DemoSummary['record']): DemoSummary {
  const { id, version, name, hook, energy, usualPosition, methods } = demo;
  const { family, face, origin } = demo;
  return {
    id,
    version,
    name,
    hook,
    energy,
    usualPosition,
    family,
    face,
    origin,
    text: searchText(demo),
    hazards: hazardsOf(demo),
    methods: methods.map((method) => ({
      id: method.id,
      name: method.name,
      oneShot: method.oneShot,
    })),
    showSeconds: firstSeconds(demo),
    record,
  };
}

export const itemNames = ({ items }: AppContext): ItemName[] =>
  items
    .list()
    .map(({ id, version, name, kind, unit, density, gramsEach, cold, holds, boxId, label }) => ({
      id,
      version,
      name,
      kind,
      unit,
      density,
      gramsEach,
      cold,
      holds,
      boxId,
      label,
    }));

/** Throws HttpError when there is no such demo. */
export function demoAnswer({ demos, items, ledger }: AppContext, id: string): DemoAnswer {
  const demo = bare(demos.get(id));
  const named = itemsNamed({ cold: [], slots: [] }, [demo]);
  return {
    demo,
    items: named.flatMap((itemId) => items.findReadable(itemId) ?? []).map(bare),
    lots: ledger.stocked(named),
  };
}

/** Everything that a show is chosen from: what can’t be read is left out. */
export function repertoireAnswer(context: AppContext): RepertoireAnswer {
  const demos = context.demos.list().map(bare);
  const named = new Set(itemsNamed({ cold: [], slots: [] }, demos));
  const items = context.items.list().filter(({ id }) => named.has(id));
  const stocked = byItem(context.ledger.stocked([...named]));
  const day = todayHere();
  return {
    demos,
    items: items.map(bare),
    records: recordsFor(context, demos),
    atHand: items
      .filter((item) => {
        const there = ownedOn(item, stocked.get(item.id), day);
        // As many as are asked for is what is said of a thing that nobody has counted yet.
        return item.atVenue || (Number.isFinite(there) && there > 0);
      })
      .map(({ id }) => id),
  };
}
