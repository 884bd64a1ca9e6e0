/** How a person chooses a file that the page may write from then on. */
export interface FilePickers {
  /** A new file; one that is there already would be emptied. */
  readonly new: (suggested: string) => Promise<FileSystemFileHandle>;
  readonly existing: (suggested: string) => Promise<FileSystemFileHandle>;
}

/** Browsers that have the File System Access API have these; no library's types know them yet. */
interface Pickers {
  showSaveFilePicker(options: object): Promise<FileSystemFileHandle>;
  showOpenFilePicker(options: object): Promise<FileSystemFileHandle[]>;
}

declare global {
  interface FileSystemHandle {
    queryPermission(request: { mode: 'readwrite' }): Promise<PermissionState>;
    requestPermission(request: { mode: 'readwrite' }): Promise<PermissionState>;
  }
}

const types = [{ description: 'The household’s file', accept: { 'application/json': ['.json'] } }];

/** The browser's own pickers; null where it has none. */
export function filePickers(): FilePickers | null {
  const page = globalThis as unknown as Partial<Pickers>;
  if (!page.showSaveFilePicker || !page.showOpenFilePicker) return null;
  const { showSaveFilePicker, showOpenFilePicker } = page as Pickers;
  return {
    new: (suggestedName) => showSaveFilePicker({ suggestedName, types }),
    existing: async () => (await showOpenFilePicker({ types }))[0] as FileSystemFileHandle,
  };
}
