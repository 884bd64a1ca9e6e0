// Reads a PDF with another program's eyes: every straight line of every page, in mm, as JSON on standard output.
// A process of its own, since the reader is published as an ES module only.
import { readFileSync } from 'node:fs';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';

const PT_PER_MM = 72 / 25.4;
const document = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 })
  .promise;
const pages = [];
for (let number = 1; number <= document.numPages; number++) {
  const { fnArray, argsArray } = await (await document.getPage(number)).getOperatorList();
  const lines = fnArray.flatMap((operator, index) => {
    if (operator !== OPS.constructPath) return [];
    const [, points] = argsArray[index];
    const places = [...points].map((point) => point / PT_PER_MM);
    const [[x0, y0], [x1, y1]] = [places.slice(0, 2), places.slice(-2)];
    return [{ x: x0, length: Math.hypot(x1 - x0, y1 - y0), isUpright: Math.abs(x1 - x0) < 0.01 }];
  });
  pages.push(lines);
}
process.stdout.write(JSON.stringify(pages));
