/** A document in the largest of several sizes that fits on one page; in the smallest where none does. */
import type { TDocumentDefinitions } from 'pdfmake/interfaces';
import { pdfOf } from '../pdf';

/** Pages of a PDF that this application wrote. */
export const pagesOf = (pdf: Buffer): number =>
  pdf.toString('latin1').match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0;

export async function onOnePage(
  document: (size: number) => TDocumentDefinitions,
  sizes: readonly [number, ...number[]],
): Promise<Buffer> {
  let made = await pdfOf(document(sizes[0]), sizes[0]);
  for (const size of sizes.slice(1)) {
    if (pagesOf(made) <= 1) break;
    made = await pdfOf(document(size), size);
  }
  return made;
}
