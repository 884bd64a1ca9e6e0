import { spawnSync } from 'node:child_process';

/** The program as it is built; what it answers to what is tested beside it. */
const run = (args: readonly string[], input = '') =>
  spawnSync(process.execPath, ['dist/cli.mjs', ...args], { encoding: 'utf8', input });

describe('the command line', () => {
  it('reads standard input, and answers on standard output', () => {
    const { status, stdout, stderr } = run(
      ['report', '-'],
      '{"format":"vendicus-household","version":1,"entries":[],"records":[]}',
    );
    expect([status, stderr]).toEqual([0, '']);
    expect(JSON.parse(stdout)).toEqual({ school: 'store-value', purchases: [], stock: [], setAside: [] });
  });

  it('says what is wrong on standard error, and ends with 1', () => {
    const { status, stdout, stderr } = run(['report', '/nowhere.json']);
    expect([status, stdout]).toEqual([1, '']);
    expect(stderr).toContain('cannot be read');
  });
});
