export default function stop(): void {
  (globalThis as { stopVendicus?: () => void }).stopVendicus?.();
}
