import { errorSchema, initialsSchema, peopleSchema, personSchema, savePersonSchema } from '@anello/contract';
import { z } from 'zod';
import { peopleIn, savePerson } from '../stores/people';
import type { Api, RouteContext } from './routes';

export function peopleRoutes(api: Api, { book, hub }: RouteContext): void {
  api.get(
    '/api/people',
    { schema: { summary: 'Who works here, and what each may do', response: { 200: peopleSchema } } },
    async () => ({ people: peopleIn(book) }),
  );
  api.put(
    '/api/people/:initials',
    {
      schema: {
        summary: 'Add somebody, or change what is known of them',
        params: z.object({ initials: initialsSchema }),
        body: savePersonSchema,
        response: { 200: personSchema, 403: errorSchema, 422: errorSchema },
      },
    },
    async (request) => {
      const person = await savePerson(book, request.params.initials, request.body);
      hub.tell({ is: 'shelf', of: 'people' });
      return person;
    },
  );
}
