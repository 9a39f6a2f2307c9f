import { errorSchema, sessionSchema, signInSchema, type Person } from '@anello/contract';
import { AnelloError } from '@anello/core/basics';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { ZodTypeProvider } from 'fastify-type-provider-zod';
import type { Book } from '../db/book';
import { isOwnPassphrase, personHere } from '../stores/people';
import { LASTS, Sessions } from '../stores/sessions';
import { Throttle } from './throttle';

const COOKIE = 'anello';
/** Asked without changing anything. */
const LOOKING = new Set(['GET', 'HEAD', 'OPTIONS']);
/** A line to the server that is opened as if to look, and on which it is told things. */
const CHANGING = new Set(['/api/wire/feed']);
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
  const { book } = options;
  const door = passphrase ? new Door(book, new Sessions(book, passphrase), options.secure) : null;
  if (door) app.addHook('onRequest', (request) => door.askedAtEach(request));
  const api = app.withTypeProvider<ZodTypeProvider>();
  api.get(
    '/api/session',
    {
      schema: { summary: 'Whether a passphrase is needed, and was given', response: { 200: sessionSchema } },
    },
    async (request) => {
      const guest = await door?.guest(request);
      return { needed: door !== null, signedIn: door === null || Boolean(guest), who: guest?.who ?? null };
    },
  );
  api.post(
    '/api/session',
    {
      schema: {
        summary: 'Sign in with the shop passphrase, or with one’s own',
        body: signInSchema,
        response: { 200: sessionSchema, 401: errorSchema, 429: errorSchema },
      },
    },
    async (request, reply) => {
      const who = (await door?.signIn(request, reply, request.body)) ?? null;
      return { needed: door !== null, signedIn: true, who };
    },
  );
  api.delete(
    '/api/session',
    { schema: { summary: 'Sign out', response: { 200: sessionSchema } } },
    async (request, reply) => {
      await door?.signOut(request, reply);
      return { needed: door !== null, signedIn: door === null, who: null };
    },
  );
}

class Door {
  private readonly throttle = new Throttle();

  constructor(
    private readonly book: Book,
    private readonly sessions: Sessions,
    private readonly secure: boolean,
  ) {}

  async askedAtEach(request: FastifyRequest): Promise<void> {
    const path = request.url.replace(/\?.*$/, '');
    if (!path.startsWith('/api/') || OPEN.has(path)) return;
    const guest = await this.guest(request);
    if (guest?.who?.may === 'read' && (!LOOKING.has(request.method) || CHANGING.has(path)))
      throw new AnelloError(
        'read-only',
        null,
        'You are signed in to look. Who may change things is set under Machines, People.',
      );
    if (guest) return;
    const given = passphraseIn(request.headers.authorization);
    if (given === null)
      throw new AnelloError('passphrase-needed', null, 'This shop has a passphrase: sign in first.');
    this.judge(request, given);
  }

  /** Who has signed in: a person, or anybody who has the shop's passphrase; null of nobody, and of who is no longer here. */
  async guest(request: FastifyRequest): Promise<{ readonly who: Person | null } | null> {
    const token = tokenIn(request.headers.cookie);
    const session = token === null ? null : await this.sessions.of(token);
    if (!session || session.person === null) return session && { who: null };
    const who = personHere(this.book, session.person);
    return who && { who };
  }

  async signIn(
    request: FastifyRequest,
    reply: FastifyReply,
    { passphrase, initials }: { readonly passphrase: string; readonly initials?: string | undefined },
  ): Promise<Person | null> {
    const who = initials ? initials.toUpperCase() : null;
    if (who === null) this.judge(request, passphrase);
    else await this.judgeOwn(request, who, passphrase);
    this.setCookie(reply, await this.sessions.begin(who), LASTS / 1000);
    return who === null ? null : personHere(this.book, who);
  }

  async signOut(request: FastifyRequest, reply: FastifyReply): Promise<void> {
    const token = tokenIn(request.headers.cookie);
    if (token) await this.sessions.end(token);
    this.setCookie(reply, '', 0);
  }

  /** Errors: too-many-tries, before the passphrase is looked at; passphrase-needed. */
  private judge(request: FastifyRequest, given: string): void {
    this.refuseTooMany(request);
    if (this.sessions.fits(given)) return this.throttle.right(request.ip);
    this.refuseWrong(request, 'That is not the shop passphrase.');
  }

  private async judgeOwn(request: FastifyRequest, initials: string, given: string): Promise<void> {
    this.refuseTooMany(request);
    if (await isOwnPassphrase(this.book, initials, given)) return this.throttle.right(request.ip);
    this.refuseWrong(request, `That is not the passphrase of ${initials}.`);
  }

  private refuseTooMany(request: FastifyRequest): void {
    const wait = this.throttle.wait(request.ip);
    if (wait > 0)
      throw new AnelloError(
        'too-many-tries',
        null,
        `Too many wrong passphrases: wait ${Math.ceil(wait / 1000)} seconds before the next.`,
      );
  }

  private refuseWrong(request: FastifyRequest, sentence: string): never {
    const wrong = this.throttle.wrong(request.ip);
    request.log.warn({ address: request.ip, wrong }, 'wrong passphrase');
    throw new AnelloError('passphrase-needed', 'passphrase', sentence);
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
