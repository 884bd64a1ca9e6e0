import type { Happening } from './happening';
import { WINTER_2023 } from './seasons/2023-winter';
import { SPRING_2024 } from './seasons/2024-spring';
import { SUMMER_2024 } from './seasons/2024-summer';
import { AUTUMN_2024 } from './seasons/2024-autumn';
import { WINTER_2024 } from './seasons/2024-winter';
import { SPRING_2025 } from './seasons/2025-spring';
import { SUMMER_2025 } from './seasons/2025-summer';
import { AUTUMN_2025 } from './seasons/2025-autumn';
import { WINTER_2025 } from './seasons/2025-winter';
import { SPRING_2026 } from './seasons/2026-spring';
import { SUMMER_2026 } from './seasons/2026-summer';
import { AUTUMN_2026 } from './seasons/2026-autumn';
import { WINTER_2026 } from './seasons/2026-winter';
import { SPRING_2027 } from './seasons/2027-spring';

/** All of it, from the first two birds on. */
export const STORY: readonly Happening[] = [
  ...WINTER_2023,
  ...SPRING_2024,
  ...SUMMER_2024,
  ...AUTUMN_2024,
  ...WINTER_2024,
  ...SPRING_2025,
  ...SUMMER_2025,
  ...AUTUMN_2025,
  ...WINTER_2025,
  ...SPRING_2026,
  ...SUMMER_2026,
  ...AUTUMN_2026,
  ...WINTER_2026,
  ...SPRING_2027,
];
