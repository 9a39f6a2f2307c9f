import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Book } from '../db/book';

/** A sign-in lasts a working month of not being used, ms; it is put off again when it is half over. */
export const LASTS = 30 * 24 * 3600 * 1000;

const sha = (text: string): string => createHash('sha256').update(text).digest('base64url');

interface Held {
  readonly until: number;
  readonly person: string | null;
}

/** Who has signed in. Only a hash of each token is kept, bound to the passphrase: with another, all of them end. */
export class Sessions {
  private readonly held = new Map<string, Held>();

  constructor(
    private readonly book: Book,
    private readonly passphrase: string,
  ) {}

  fits(given: string): boolean {
    return timingSafeEqual(Buffer.from(sha(given)), Buffer.from(sha(this.passphrase)));
  }

  /** A new session's token: of a person, or of anybody who has the shop's passphrase. */
  async begin(person: string | null): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    await this.keep(sha(token), person);
    return token;
  }

  /** Whose session a token is; null of none that stands. */
  async of(token: string): Promise<{ readonly person: string | null } | null> {
    const id = sha(token);
    const now = Date.now();
    const held = this.held.get(id) ?? this.recall(id);
    if (!held || held.until <= now) return null;
    // A person's may have been ended by somebody else.
    if (held.person !== null && !this.recall(id)) return null;
    if (held.until < now + LASTS / 2) await this.keep(id, held.person);
    return { person: held.person };
  }

  async end(token: string): Promise<void> {
    const id = sha(token);
    this.held.delete(id);
    await this.book.write(() => this.book.run('delete from `session` where `id` = ?', id));
  }

  private recall(id: string): Held | null {
    const row = this.book.get<{ proof: string; until: string; person: string | null }>(
      'select `proof`, `expires_at` as `until`, `person` from `session` where `id` = ?',
      id,
    );
    if (!row || row.proof !== this.proof(id)) return null;
    const held = { until: Date.parse(row.until), person: row.person };
    this.held.set(id, held);
    return held;
  }

  private async keep(id: string, person: string | null): Promise<void> {
    const until = Date.now() + LASTS;
    await this.book.write(() => {
      this.book.run('delete from `session` where `expires_at` < ?', new Date().toISOString());
      this.book.run(
        'insert into `session` (`id`, `proof`, `expires_at`, `person`) values (?, ?, ?, ?) on conflict (`id`) do update set `expires_at` = excluded.`expires_at`',
        id,
        this.proof(id),
        new Date(until).toISOString(),
        person,
      );
    });
    this.held.set(id, { until, person });
  }

  private proof(id: string): string {
    return createHmac('sha256', this.passphrase).update(id).digest('base64url');
  }
}
