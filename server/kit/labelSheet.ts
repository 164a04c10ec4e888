/** Labels for boxes and bottles, to print and cut. */
import type { Content, TableCell } from 'pdfmake/interfaces';
import type { ShowBundle } from '../../core/brief/types';
import { kitList } from '../../core/kit/kit';
import {
  type BottleLabel,
  type BoxLabel,
  bottleLabel,
  boxLabels,
  wantsLabel,
} from '../../core/kit/labels';
import { packingOf } from '../../core/kit/packing';
import { timelineOf } from '../../core/lineup/timelineOf';
import { STRENGTH_KINDS, type Strength } from '../../core/repertoire/substances';
import { recordsFor } from '../after/records';
import type { AppContext } from '../context';
import { HttpError } from '../http/errors';
import { pdfOf } from '../pdf';

const small = (text: string): Content => ({ text, fontSize: 8, color: '#4A403A' });

/** To what a code leads. */
type LeadsTo = (path: string) => string;

/**
 * Codes lead to the address that phones can open, while there is one; otherwise to a page of this machine
 * that says what is to be done first.
 */
export const leadsTo =
  (shared: string | null, own: string): LeadsTo =>
  (path) =>
    shared === null ? `${own}/not-shared?to=${encodeURIComponent(path)}` : `${shared}${path}`;

function boxCell(label: BoxLabel, to: LeadsTo): TableCell {
  return {
    margin: [8, 8, 8, 8],
    columns: [
      {
        width: '*',
        stack: [
          {
            columns: [
              { width: 'auto', text: String(label.number), fontSize: 40, bold: true },
              { width: '*', text: label.name, fontSize: 16, bold: true, margin: [8, 16, 0, 0] },
            ],
          },
          { text: `${label.load} · ${label.weight}`, bold: true, margin: [0, 2, 0, 4] },
          small(label.contents.join(' · ')),
        ],
      },
      { width: 92, qr: to(label.path), fit: 88, alignment: 'right' },
    ],
  };
}

function bottleCell(label: BottleLabel, to: LeadsTo): TableCell {
  const facts = [label.strength, label.mixed].filter(Boolean).join(' · ');
  return {
    margin: [8, 8, 8, 8],
    columns: [
      {
        width: '*',
        stack: [
          { text: label.content, fontSize: 15, bold: true },
          ...(facts ? [{ text: facts, bold: true } as Content] : []),
          ...(label.from === '' ? [] : [small(label.from)]),
          ...(label.signal
            ? [
                {
                  text: label.signal.toUpperCase(),
                  fontSize: 13,
                  bold: true,
                  margin: [0, 3, 0, 1],
                } as Content,
              ]
            : []),
          ...label.hazards.map((words): Content => ({ text: words, fontSize: 9 })),
          ...label.precautions.map(small),
          small('The supplier’s data sheet and label come first.'),
          ...(label.box === null ? [] : [{ text: `Box ${label.box}`, bold: true } as Content]),
        ],
      },
      { width: 64, qr: to(label.path), fit: 60, alignment: 'right' },
    ],
  };
}

/** Cells two by two, cut along the lines. */
function sheetOf(cells: readonly TableCell[]): Content {
  const rows: TableCell[][] = [];
  for (let i = 0; i < cells.length; i += 2) rows.push([cells[i] ?? '', cells[i + 1] ?? '']);
  return {
    table: { widths: ['*', '*'], body: rows, dontBreakRows: true },
    layout: {
      hLineStyle: () => ({ dash: { length: 3 } }),
      vLineStyle: () => ({ dash: { length: 3 } }),
    },
  };
}

/** The solution that was mixed, from the address: ?item=…&strength=3&as=massPerVolume&mixed=2027-05-30. */
function mixedOf(query: Record<string, unknown>): { strength: Strength; day: string } | null {
  const { strength, as, mixed } = query;
  if (strength === undefined && mixed === undefined) return null;
  const value = Number(strength);
  const kind = STRENGTH_KINDS.find((one) => one === as);
  if (!(value > 0 && value <= 1000) || !kind || !/^\d{4}-\d{2}-\d{2}$/.test(String(mixed)))
    throw new HttpError(
      400,
      'bad_request',
      'A label of a mixture says its strength and the day it was mixed.',
    );
  return { strength: { value, kind }, day: String(mixed) };
}

interface Sheet {
  context: AppContext;
  bundle: ShowBundle;
  /** Where phones can come in; null while nothing is shared. */
  shared: string | null;
  /** Where this machine finds itself. */
  own: string;
  query: Record<string, unknown>;
}

/** Boxes in load order, then bottles; or one bottle, when `item` names it. */
export function labelsOf({ context, bundle, shared, own, query }: Sheet): Content[] {
  const to = leadsTo(shared, own);
  const boxes = context.boxes.list();
  const showId = bundle.show.id;
  const entries = kitList(bundle, timelineOf(bundle), {
    records: recordsFor(context, bundle.demos),
  });
  const numberOf = (boxId: string | null): number | null =>
    boxes.find((box) => box.id === boxId)?.number ?? null;
  const mixed = mixedOf(query);
  const one = typeof query.item === 'string' ? context.items.get(query.item) : null;
  const bottles = one
    ? [one]
    : bundle.items.filter(
        (item) => wantsLabel(item) && entries.some((entry) => entry.itemId === item.id),
      );
  const labels = one ? [] : boxLabels(packingOf(entries, bundle.items, boxes), showId);
  const cells = [
    ...labels.map((label) => boxCell(label, to)),
    ...bottles.map((item) =>
      bottleCell(bottleLabel(item, numberOf(item.boxId), showId, one ? mixed : null), to),
    ),
  ];
  if (cells.length === 0) return [{ text: 'Nothing of this show has a box or wants a label.' }];
  const alone = small(
    'Printed while nothing was shared: the codes can be followed on the laptop only. For phones, share first, then print again.',
  );
  return shared === null ? [alone, sheetOf(cells)] : [sheetOf(cells)];
}

export const labelSheet = (sheet: Sheet): Promise<Buffer> =>
  pdfOf(
    {
      pageMargins: [28, 28, 28, 28],
      info: { title: `Labels: ${sheet.bundle.show.title}` },
      content: labelsOf(sheet),
    },
    10,
  );
