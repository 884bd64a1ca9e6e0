/** Hands a text, or bytes, to the browser as a file to save. */
export function saveText(name: string, text: string | Uint8Array, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([text as BlobPart], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
