/** How often a property is tried: so often in every test run, and as often as TORTURE says where somebody has the time. */
export function runs(usual: number): { numRuns: number } {
  const torture = Number(process.env['TORTURE'] ?? 0);
  return { numRuns: torture > 0 ? torture : usual };
}
