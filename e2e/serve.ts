import { serveApp } from './harness';

/** One server for all interface tests. */
export default async function serve(): Promise<void> {
  const { address, stop } = await serveApp();
  process.env['VENDICUS_ADDRESS'] = address;
  (globalThis as { stopVendicus?: () => void }).stopVendicus = stop;
}
