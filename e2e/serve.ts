import { serveApp } from './harness';

/** One server for all interface tests, where none is named that runs already. */
export default async function serve(): Promise<void> {
  if (process.env['VENDICUS_ADDRESS']) return;
  const { address, stop } = await serveApp();
  process.env['VENDICUS_ADDRESS'] = address;
  (globalThis as { stopVendicus?: () => void }).stopVendicus = stop;
}
