import { errorSchema, keptSchema, sendPhotoSchema } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import { z } from 'zod';
import { findPhoto, keepPhoto } from '../stores/photos';
import type { Api, RouteContext } from './routes';

const params = z.object({ id: z.uuid() });
/** A picture never changes under its id. */
const FOR_GOOD = 'private, max-age=31536000, immutable';

export function photoRoutes(api: Api, { book }: RouteContext): void {
  api.post(
    '/api/photos',
    {
      schema: {
        summary: 'Keep a photo of a job; the same one again is kept once',
        body: sendPhotoSchema,
        response: { 201: keptSchema, 404: errorSchema, 409: errorSchema, 422: errorSchema },
      },
    },
    async (request, reply) => {
      const { id, jobId, jpeg } = request.body;
      await keepPhoto(book, id, jobId, Buffer.from(jpeg, 'base64'));
      return reply.status(201).send({ kept: true, id });
    },
  );
  api.get(
    '/api/photos/:id',
    { schema: { summary: 'A photo, as JPEG', params, response: { 404: errorSchema } } },
    async (request, reply) => {
      const jpeg = findPhoto(book, request.params.id);
      if (!jpeg) throw new AnelloError('not-found', null, 'There is no such photo here.');
      return reply
        .type('image/jpeg')
        .header('cache-control', FOR_GOOD)
        .header('content-security-policy', "default-src 'none'")
        .send(jpeg as never);
    },
  );
}
