import { LONG_LOGS } from './long-logs';
import { MIDDLING_TABLES } from './middling-tables';
import type { Question } from './question';
import { SMALL_TABLES } from './small-tables';

/** All that is asked of something outside, and stored. */
export const QUESTIONS = [SMALL_TABLES, MIDDLING_TABLES, LONG_LOGS] as readonly Question<unknown>[];
