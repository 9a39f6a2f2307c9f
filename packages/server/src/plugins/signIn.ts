import { errorSchema, sessionSchema, signInSchema } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { ZodTypeProvider } from 'fastify-type-provider-zod';
import type { Book } from '../db/book';
import { LASTS, Sessions } from '../stores/sessions';
import { Throttle } from './throttle';

const COOKIE = 'anello';
/** Asked without signing in: whether the server is there, and the sign-in itself. The page holds nothing of the shop. */
const OPEN = new Set(['/api/health', '/api/session']);

/**
 * The shop passphrase: given once, it opens a session kept in a cookie no script can read; a program may send it with each
 * request instead. Wrong ones are slowed down and logged before anything else is looked at.
 */
export function addSignIn(
  app: FastifyInstance,
  options: { book: Book; passphrase: string | null; secure: boolean },
): void {
  const { passphrase } = options;
  const door = passphrase ? new Door(new Sessions(options.book, passphrase), options.secure) : null;
  if (door) app.addHook('onRequest', (request) => door.askedAtEach(request));
  const api = app.withTypeProvider<ZodTypeProvider>();
  api.get(
    '/api/session',
    {
      schema: { summary: 'Whether a passphrase is needed, and was given', response: { 200: sessionSchema } },
    },
    async (request) => ({ needed: door !== null, signedIn: door === null || (await door.isIn(request)) }),
  );
  api.post(
    '/api/session',
    {
      schema: {
        summary: 'Sign in with the shop passphrase',
        body: signInSchema,
        response: { 200: sessionSchema, 401: errorSchema, 429: errorSchema },
      },
    },
    async (request, reply) => {
      await door?.signIn(request, reply, request.body.passphrase);
      return { needed: door !== null, signedIn: true };
    },
  );
  api.delete(
    '/api/session',
    { schema: { summary: 'Sign out', response: { 200: sessionSchema } } },
    async (request, reply) => {
      await door?.signOut(request, reply);
      return { needed: door !== null, signedIn: door === null };
    },
  );
}

class Door {
  private readonly throttle = new Throttle();

  constructor(
    private readonly sessions: Sessions,
    private readonly secure: boolean,
  ) {}

  async askedAtEach(request: FastifyRequest): Promise<void> {
    const path = request.url.replace(/\?.*$/, '');
    if (!path.startsWith('/api/') || OPEN.has(path)) return;
    if (await this.isIn(request)) return;
    const given = passphraseIn(request.headers.authorization);
    if (given === null)
      throw new AnelloError('passphrase-needed', null, 'This shop has a passphrase: sign in first.');
    this.judge(request, given);
  }

  async isIn(request: FastifyRequest): Promise<boolean> {
    const token = tokenIn(request.headers.cookie);
    return token !== null && this.sessions.holds(token);
  }

  async signIn(request: FastifyRequest, reply: FastifyReply, given: string): Promise<void> {
    this.judge(request, given);
    this.setCookie(reply, await this.sessions.begin(), LASTS / 1000);
  }

  async signOut(request: FastifyRequest, reply: FastifyReply): Promise<void> {
    const token = tokenIn(request.headers.cookie);
    if (token) await this.sessions.end(token);
    this.setCookie(reply, '', 0);
  }

  /** Errors: too-many-tries, before the passphrase is looked at; passphrase-needed. */
  private judge(request: FastifyRequest, given: string): void {
    const wait = this.throttle.wait(request.ip);
    if (wait > 0)
      throw new AnelloError(
        'too-many-tries',
        null,
        `Too many wrong passphrases: wait ${Math.ceil(wait / 1000)} seconds before the next.`,
      );
    if (this.sessions.fits(given)) return this.throttle.right(request.ip);
    const wrong = this.throttle.wrong(request.ip);
    request.log.warn({ address: request.ip, wrong }, 'wrong passphrase');
    throw new AnelloError('passphrase-needed', 'passphrase', 'That is not the shop passphrase.');
  }

  private setCookie(reply: FastifyReply, token: string, seconds: number): void {
    reply.header(
      'set-cookie',
      `${COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}${this.secure ? '; Secure' : ''}`,
    );
  }
}

const tokenIn = (cookies: string | undefined): string | null =>
  /(?:^|;\s*)anello=([\w-]{20,100})(?:;|$)/.exec(cookies ?? '')?.[1] ?? null;

function passphraseIn(authorization: string | undefined): string | null {
  const basic = /^Basic\s+([A-Za-z0-9+/=]+)$/.exec(authorization ?? '')?.[1];
  if (!basic) return null;
  const [, ...given] = Buffer.from(basic, 'base64').toString('utf8').split(':');
  return given.join(':');
}
