import type {
  FastifyInstance,
  FastifyBaseLogger,
  RawReplyDefaultExpression,
  RawRequestDefaultExpression,
  RawServerDefault,
} from 'fastify';
import type { ZodTypeProvider } from 'fastify-type-provider-zod';
import type { FastifyReply } from 'fastify';
import type { Book } from '../db/book';
import type { Keeper } from '../copies/keeper';
import type { Hub } from '../live/hub';
import type { Gathering } from '../wire/gathering';
import type { RackOf } from '../stores/rack';
import type { Turns } from './turns';

export type Api = FastifyInstance<
  RawServerDefault,
  RawRequestDefaultExpression,
  RawReplyDefaultExpression,
  FastifyBaseLogger,
  ZodTypeProvider
>;

/** What every group of routes is given. */
export interface RouteContext {
  readonly book: Book;
  readonly rack: RackOf;
  readonly turns: Turns;
  readonly hub: Hub;
  readonly wire: Gathering;
  /** Null where nobody keeps copies. */
  readonly keeper: Keeper | null;
  readonly version: string;
}

/** Answers JSON that was put together already; the form is still the one the route's schema publishes. */
export const sendText = (reply: FastifyReply, text: string): never =>
  reply.type('application/json; charset=utf-8').send(text) as never;
