import type { Content } from 'pdfmake/interfaces';
import { REPORT_HEADS, reportParts, type VenueReport } from '../../core/after/venueReport';
import { upperFirst } from '../../core/words';
import { pdfOf } from '../pdf';

/** Set smaller where there is more to say, so that it stays on one page. */
const sizeFor = ({ lines, house, read, asked, noted, toDo }: VenueReport): number => {
  const rows = [lines, house, read, asked, noted, toDo].reduce((sum, part) => sum + part.length, 0);
  return rows > 45 ? 7.5 : rows > 32 ? 8.5 : 10;
};

export const reportPdf = (report: VenueReport): Promise<Buffer> => {
  const size = sizeFor(report);
  const heading = (text: string): Content => ({
    text,
    bold: true,
    fontSize: size + 2,
    margin: [0, 9, 0, 3],
  });
  return pdfOf(
    {
      pageMargins: [48, 42, 48, 36],
      info: { title: report.title },
      content: [
        { text: report.title, bold: true, fontSize: size + 10 },
        { text: report.where, margin: [0, 2, 0, 8] },
        { ul: report.head.map(upperFirst) },
        {
          margin: [0, 10, 0, 0],
          layout: 'lightHorizontalLines',
          table: {
            headerRows: 1,
            widths: [40, '*', 40, '*'],
            body: [
              REPORT_HEADS.map((text) => ({ text, bold: true })),
              ...report.lines.map(({ at, name, took, came }) => [at, name, took, came]),
            ],
          },
        },
        ...reportParts(report)
          .filter(([, lines]) => lines.length > 0)
          .flatMap(([title, lines]): Content[] => [heading(title), { ul: lines }]),
      ],
    },
    size,
  );
};
