// Reads a PDF with another program's eyes: every piece of text of every page with its place in mm from the upper left corner, as JSON on standard output.
// A process of its own, since the reader is published as an ES module only.
import { readFileSync } from 'node:fs';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

const PT_PER_MM = 72 / 25.4;
const document = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 })
  .promise;
const pages = [];
for (let number = 1; number <= document.numPages; number++) {
  const page = await document.getPage(number);
  const height = page.getViewport({ scale: 1 }).height;
  const { items } = await page.getTextContent();
  pages.push(
    items
      .filter(({ str }) => str.trim() !== '')
      .map(({ str, transform }) => ({
        text: str,
        xMm: transform[4] / PT_PER_MM,
        yMm: (height - transform[5]) / PT_PER_MM,
      })),
  );
}
process.stdout.write(JSON.stringify(pages));
