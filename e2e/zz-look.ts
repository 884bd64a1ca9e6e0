import { DESK, launch, Person, PHONE, serveApp } from './harness';
import { begin } from './journeys';

async function lay(person: Person, n: number, kind: string, price: string, weight: string): Promise<void> {
  await person.choose(`Piece ${n}`, kind);
  await person.fill(`Price of piece ${n}`, price);
  if (weight) await person.fill(`Weight of piece ${n}`, weight);
}
async function main(): Promise<void> {
  const { address, stop } = await serveApp();
  const browser = await launch({ whole: true });
  try {
    for (const [name, size] of [
      ['desk', DESK],
      ['phone', PHONE],
    ] as const) {
      const context = await browser.createBrowserContext();
      const person = await Person.at(context, address, size);
      await begin(person, { currency: 'USD', system: 'imperial' });
      await person.goTo('/home/counter/candidates');
      await person.shot(`/tmp/shots/side-0-${name}.png`);
      await lay(person, 1, 'Beef tenderloin', '12.98', '6.8');
      await lay(person, 2, 'Strip loin', '8.49', '11.2');
      await new Promise((d) => setTimeout(d, 300));
      await person.shot(`/tmp/shots/side-1-${name}.png`, true);
      await person.fill('Trimmed fillet steak, for a lb', '24.99');
      await person.fill('Strip steak, for a lb', '14.99');
      await person.shot(`/tmp/shots/side-2-${name}.png`, true);
      await person.page.evaluate(() =>
        document.querySelectorAll<HTMLElement>('.sums button').forEach((b) => b.click()),
      );
      await new Promise((done) => setTimeout(done, 400));
      await person.page.evaluate(() => window.scrollTo(0, 0));
      await person.shot(`/tmp/shots/side-3-${name}.png`);
      console.log(
        name,
        person.complaints,
        await person.page.evaluate(() => document.documentElement.scrollWidth),
      );
      await context.close();
    }
  } finally {
    await browser.close();
    stop();
  }
}
main().catch((e) => {
  console.error(e);
  process.exitCode = 1;
});
