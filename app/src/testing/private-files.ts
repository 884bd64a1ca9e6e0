/** The browser's private files, in memory: so many calls as this application makes of them. */
export class PrivateFiles {
  readonly texts = new Map<string, string>();
  /** Whether there is no room. */
  isFull = false;

  /** In the place of the browser's own, which jsdom has none of. */
  static install(): PrivateFiles {
    const files = new PrivateFiles();
    const storage = { getDirectory: () => Promise.resolve(files.folder('')) };
    Object.defineProperty(navigator, 'storage', { value: storage, configurable: true });
    Object.assign(globalThis, { FileSystemFileHandle: { prototype: { createWritable: null } } });
    return files;
  }

  uninstall(): void {
    Reflect.deleteProperty(navigator, 'storage');
    Reflect.deleteProperty(globalThis, 'FileSystemFileHandle');
  }

  private folder(path: string): unknown {
    return {
      getDirectoryHandle: (name: string) => Promise.resolve(this.folder(`${path}${name}/`)),
      getFileHandle: (name: string) => Promise.resolve(this.file(path + name)),
      removeEntry: (name: string) => Promise.resolve(void this.texts.delete(path + name)),
      keys: () => [...this.texts.keys()].map((name) => name.slice(path.length)).values(),
    };
  }

  private file(path: string): unknown {
    const createWritable = () => {
      let written = '';
      const write = (text: string) => Promise.resolve(void (written = text));
      const close = () => {
        if (this.isFull) return Promise.reject(new DOMException('', 'QuotaExceededError'));
        return Promise.resolve(void this.texts.set(path, written));
      };
      return Promise.resolve({ write, close });
    };
    const getFile = () => Promise.resolve({ text: () => Promise.resolve(this.texts.get(path) ?? '') });
    return { createWritable, getFile };
  }
}
