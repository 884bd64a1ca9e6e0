import type { Link } from './linked-file';

/** Why a file is not kept up to date any more, and what to do; null where it is, or where there is none. */
export function linkProblem(link: Link): string | null {
  const gone = 'name' in link ? `${link.name} is not kept up to date any more` : '';
  switch (link.state) {
    case 'forbidden':
      return `${gone}: the browser wants to be asked again.`;
    case 'stuck':
      return `${gone}. ${link.problem}`;
    case 'replaced':
      return `${gone}: it holds the household that was here before. Choose it again where it is to hold this one.`;
    case 'lost':
      return `${gone}: this browser has lost which file that was. Choose it again.`;
    default:
      return null;
  }
}

/** Whether it has to be chosen again, rather than tried again. */
export const isUnchosen = ({ state }: Link): boolean => state === 'replaced' || state === 'lost';
