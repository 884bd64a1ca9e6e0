/** What a browser that knows trusted types asks before a text becomes a script's address or markup. */
interface TrustedTypes {
  createPolicy(name: string, rules: Readonly<Record<string, (text: string) => string>>): unknown;
}

/** Markup that could run something; nothing here makes any. */
const RUNS = /<\s*script|\son\w+\s*=|javascript:/i;

/** Lets workers start from the own server, and markup be set that runs nothing: charts write their tooltips so. */
export function trustOwn(types = (globalThis as { trustedTypes?: TrustedTypes }).trustedTypes): void {
  types?.createPolicy('default', {
    createScriptURL: (url) => {
      if (new URL(url, location.href).origin === location.origin) return url;
      throw new TypeError(`No script is taken from ${url}.`);
    },
    createHTML: (html) => {
      if (!RUNS.test(html)) return html;
      throw new TypeError('Markup that could run something is not shown.');
    },
  });
}
