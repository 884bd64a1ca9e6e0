import { execFileSync } from 'node:child_process';

/** The commit that is tried, so that each draws others; empty where there is none. */
export function commit(): string {
  try {
    return execFileSync('git', ['rev-parse', 'HEAD'], {
      encoding: 'utf8',
      stdio: ['ignore', 'pipe', 'ignore'],
    }).trim();
  } catch {
    return '';
  }
}
