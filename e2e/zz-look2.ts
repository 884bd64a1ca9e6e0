import { launch, Person, PHONE, serveApp } from './harness';
import { begin, choosePiece } from './journeys';
async function main(): Promise<void> {
  const { address, stop } = await serveApp();
  const browser = await launch({ whole: true });
  try {
    const context = await browser.createBrowserContext();
    const person = await Person.at(context, address, PHONE);
    await begin(person, { decimal: ',' });
    await choosePiece(person, 'Pork shoulder butt');
    await person.fill('Price for a kg', '5,49');
    await person.fill('Weight on the label', '4,2');
    await person.shot(`/tmp/shots/shoulder-0.png`);
    await person.fill('Pork shoulder roast, boneless, for a kg', '9,90');
    await person.shot(`/tmp/shots/shoulder-1.png`, true);
    await person.click('2 prices more are missing');
    await person.fill('Country-style pork strips, for a kg', '8,90');
    await person.fill('Pork for stew, for a kg', '7,90');
    await person.shot(`/tmp/shots/shoulder-2.png`, true);
    console.log(person.complaints);
  } finally {
    await browser.close();
    stop();
  }
}
main().catch((e) => {
  console.error(e);
  process.exitCode = 1;
});
