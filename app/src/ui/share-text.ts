/** Browsers share no JSON files (from memory); a text is a text, and is read by what it says. */
const asFile = (name: string, text: string): File =>
  new File([text], name.replace(/\.json$/, '.txt'), { type: 'text/plain' });

/** Whether this browser hands files on to other programs and devices. */
export function canShareFiles(): boolean {
  return typeof navigator.canShare === 'function' && navigator.canShare({ files: [asFile('a.json', '{}')] });
}

/**
 * Hands a text on as a file, by what the device has for it.
 *
 * @returns whether it went out; false where the person called it off
 * @throws where the device refused it
 */
export async function shareText(name: string, text: string): Promise<boolean> {
  try {
    await navigator.share({ files: [asFile(name, text)], title: name });
    return true;
  } catch (error) {
    if ((error as Error).name === 'AbortError') return false;
    throw error;
  }
}
