/** The store's list, a part at a time; only lines whose item or lots have changed are worked out again. */
import type { StoreAnswer } from '../../contract/api';
import type { StoreQuery } from '../../contract/inventory';
import { besideWarnings } from '../../core/inventory/apart';
import { grouped } from '../../core/inventory/storeGroups';
import { findStockLines, stockLine, type StockLine } from '../../core/inventory/stockLine';
import type { StockedLot } from '../../core/inventory/types';
import { type Danger, dangersOf } from '../../core/repertoire/apart';
import type { Item } from '../../core/repertoire/item';
import { outlineOf } from '../../core/kit/outline';
import type { System } from '../../core/units/format';
import { dimensionOf } from '../../core/units/units';
import type { AppContext } from '../context';
import { readable } from '../entity';

/** A line, and what it was worked out from: the same objects for as long as nothing changes. */
interface KeptLine {
  item: Item;
  lots: readonly StockedLot[];
  line: StockLine;
  dangers: readonly Danger[];
}

interface Lines {
  lines: StockLine[];
  toMind: StockLine[];
}

const NONE: readonly StockedLot[] = [];
const before = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

export class StockList {
  /** By units and day, of which there is only one at a time. */
  private readonly kept = new Map<System, { day: string; of: Map<string, KeptLine> }>();

  constructor(private readonly context: () => AppContext) {}

  private of(day: string, system: System): Lines {
    const { mirrors } = this.context();
    const lots = mirrors.lots.now();
    const last = this.kept.get(system);
    const known = last?.day === day ? last.of : new Map<string, KeptLine>();
    const of = new Map<string, KeptLine>();
    const lineOf = (item: Item): KeptLine => {
      const mine = lots.get(item.id) ?? NONE;
      const one = known.get(item.id);
      return one?.item === item && one.lots === mine
        ? one
        : {
            item,
            lots: mine,
            line: stockLine(item, mine, day, system),
            dangers: dangersOf(item),
          };
    };
    for (const line of readable(mirrors.items.now().values(), lineOf)) of.set(line.item.id, line);
    this.kept.set(system, { day, of });
    // What stands beside it is none of its own: the line that is kept knows nothing of it.
    const beside = besideWarnings([...of.values()]);
    const lines = [...of.values()]
      .map(({ line }) => {
        const more = beside.get(line.item.id);
        return more ? { ...line, warnings: [...more, ...line.warnings] } : line;
      })
      .sort((a, b) => before(a.item.name, b.item.name) || before(a.item.id, b.item.id));
    return { lines, toMind: lines.filter((line) => line.warnings.length > 0) };
  }

  part({ find, shown, day, system, from, count }: StoreQuery): StoreAnswer {
    const { lines, toMind } = this.of(day, system);
    const among =
      shown === 'all'
        ? lines
        : shown === 'mind'
          ? toMind
          : lines.filter(({ item }) => item.kind === shown);
    const { lines: found, groups } = grouped(findStockLines(among, find));
    return {
      items: lines.length,
      toMind: toMind.length,
      found: found.length,
      groups,
      lines: found.slice(from, from + count).map(({ item, text, places, warnings }) => ({
        id: item.id,
        name: item.name,
        boxId: item.boxId,
        hazards: item.label.hazards,
        gramsEach: item.gramsEach,
        outline: outlineOf(item, { dimension: dimensionOf(item.unit) }),
        text,
        places,
        warnings,
      })),
    };
  }
}
