import { applyDecorators, Header } from '@nestjs/common';
import { ApiExtension, ApiOkResponse, ApiOperation, ApiProduces } from '@nestjs/swagger';

/** What a route does, in a line, for whoever builds on the API. */
export const Does = (summary: string) => ApiOperation({ summary });

export const refusesKey = 'x-refuses';

/** Refusals of a route beyond those that follow from what it needs and takes. */
export const Refuses = (...statuses: readonly number[]) => ApiExtension(refusesKey, statuses);

const fileTypes = { csv: 'text/csv', json: 'application/json' } as const;

/** Answers with a file to take away. */
export function AnswersFile(name: `${string}.csv` | `${string}.json`) {
  const type = fileTypes[name.endsWith('.csv') ? 'csv' : 'json'];
  const schema = type === 'text/csv' ? { type: 'string' } : { type: 'object', additionalProperties: true };
  return applyDecorators(
    Header('content-type', `${type}; charset=utf-8`),
    Header('content-disposition', `attachment; filename="${name}"`),
    ApiProduces(type),
    ApiOkResponse({ schema, description: name }),
  );
}
