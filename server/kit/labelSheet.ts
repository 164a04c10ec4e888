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
import type { Pictogram } from '../../core/kit/pictograms';
import { pictogramSvg } from '../../core/kit/pictogramShapes';
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

/** Two arrows up from a line, after ISO 780 (from memory). */
const THIS_WAY_UP =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 20 20"><path d="M1 18H19M6 16V4M3 7 6 3 9 7M14 16V4M11 7 14 3 17 7" fill="none" stroke="#000" stroke-width="2"/></svg>';

/** A row of pictograms, each so many points wide. */
const pictogramRow = (pictograms: readonly Pictogram[], width: number): Content[] =>
  pictograms.length === 0
    ? []
    : [
        {
          columns: pictograms.map((one) => ({
            width: width + 3,
            svg: pictogramSvg(one),
            fit: [width, width],
          })),
          margin: [0, 2, 0, 2],
        },
      ];

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
          ...pictogramRow(label.pictograms, 30),
          ...(label.upright
            ? [
                {
                  columns: [
                    { width: 18, svg: THIS_WAY_UP, fit: [14, 14] },
                    { width: '*', text: 'This way up', bold: true },
                  ],
                } as Content,
              ]
            : []),
          ...label.apart.map((words): Content => ({ text: words, bold: true })),
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
          ...pictogramRow(label.pictograms, 44),
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

/**
 * For a container of up to 125 mL, where the whole label has no room (1.5.2 of Annex I of the CLP regulation; from
 * memory): what it is, how strong, pictograms and signal word, and the codes. The whole label goes on its box.
 */
function smallCell(label: BottleLabel, to: LeadsTo): TableCell {
  const facts = [label.strength, label.mixed].filter(Boolean).join(' · ');
  return {
    margin: [5, 5, 5, 5],
    columns: [
      {
        width: '*',
        stack: [
          { text: label.content, fontSize: 10, bold: true },
          ...(facts ? [{ text: facts, fontSize: 8 } as Content] : []),
          ...pictogramRow(label.pictograms, 26),
          {
            text: [label.signal.toUpperCase(), label.codes].filter(Boolean).join(' · '),
            fontSize: 8,
            bold: true,
          },
          {
            text: `Whole label on its box${label.box === null ? '' : ` ${label.box}`}`,
            fontSize: 7,
          },
        ],
      },
      { width: 44, qr: to(label.path), fit: 42, alignment: 'right' },
    ],
  };
}

/** Cells so many in a row, cut along the lines. */
function sheetOf(cells: readonly TableCell[], across: number): Content {
  const rows: TableCell[][] = [];
  for (let i = 0; i < cells.length; i += across)
    rows.push(Array.from({ length: across }, (_, j) => cells[i + j] ?? ''));
  return {
    table: { widths: rows[0]?.map(() => '*') ?? [], body: rows, dontBreakRows: true },
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
  const isSmall = query.form === 'small';
  const labels = one || isSmall ? [] : boxLabels(packingOf(entries, bundle.items, boxes), showId);
  const cells = [
    ...labels.map((label) => boxCell(label, to)),
    ...bottles.map((item) =>
      (isSmall ? smallCell : bottleCell)(
        bottleLabel(item, numberOf(item.boxId), showId, one ? mixed : null),
        to,
      ),
    ),
  ];
  if (cells.length === 0) return [{ text: 'Nothing of this show has a box or wants a label.' }];
  const alone = small(
    'Printed while nothing was shared: the codes can be followed on the laptop only. For phones, share first, then print again.',
  );
  const sheet = sheetOf(cells, isSmall ? 3 : 2);
  return shared === null ? [alone, sheet] : [sheet];
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
