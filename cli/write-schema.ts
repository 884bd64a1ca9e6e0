// npm run schema: describes the export file in docs/household.schema.json.
import { writeFileSync } from 'node:fs';
import * as z from 'zod';
import { householdFileSchema } from '@core/exchange/household-file';

writeFileSync(
  'docs/household.schema.json',
  `${JSON.stringify(z.toJSONSchema(householdFileSchema), null, 2)}\n`,
);
