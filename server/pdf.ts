/** The library for PDF with this application's faces; it takes long to load, so import this lazily. */
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import pdfmake from 'pdfmake';
import type { TDocumentDefinitions } from 'pdfmake/interfaces';

const FAMILY = 'Atkinson Hyperlegible Next';
const face = (name: string): string =>
  join(
    dirname(
      createRequire(import.meta.url).resolve(
        '@expo-google-fonts/atkinson-hyperlegible-next/package.json',
      ),
    ),
    name,
    `AtkinsonHyperlegibleNext_${name}.ttf`,
  );

pdfmake.setFonts({
  [FAMILY]: { normal: face('400Regular'), bold: face('700Bold') },
});
// Nothing is fetched, and nothing but the two faces is read.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path: string) => path.includes('atkinson-hyperlegible-next'));

export const pdfOf = (document: TDocumentDefinitions, fontSize: number): Promise<Buffer> =>
  pdfmake
    .createPdf({ pageSize: 'A4', ...document, defaultStyle: { font: FAMILY, fontSize } })
    .getBuffer();
