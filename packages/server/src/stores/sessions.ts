import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto';
import type { Book } from '../db/book';

/** A sign-in lasts a working month of not being used, ms; it is put off again when it is half over. */
export const LASTS = 30 * 24 * 3600 * 1000;

const sha = (text: string): string => createHash('sha256').update(text).digest('base64url');

/** Who has signed in. Only a hash of each token is kept, bound to the passphrase: with another, all of them end. */
export class Sessions {
  private readonly until = new Map<string, number>();

  constructor(
    private readonly book: Book,
    private readonly passphrase: string,
  ) {}

  fits(given: string): boolean {
    return timingSafeEqual(Buffer.from(sha(given)), Buffer.from(sha(this.passphrase)));
  }

  /** A new session's token. */
  async begin(): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    await this.keep(sha(token));
    return token;
  }

  async holds(token: string): Promise<boolean> {
    const id = sha(token);
    const now = Date.now();
    const until = this.until.get(id) ?? this.recall(id);
    if (until <= now) return false;
    if (until < now + LASTS / 2) await this.keep(id);
    return true;
  }

  async end(token: string): Promise<void> {
    const id = sha(token);
    this.until.delete(id);
    await this.book.write(() => this.book.run('delete from `session` where `id` = ?', id));
  }

  private recall(id: string): number {
    const row = this.book.get<{ proof: string; until: string }>(
      'select `proof`, `expires_at` as `until` from `session` where `id` = ?',
      id,
    );
    if (!row || row.proof !== this.proof(id)) return 0;
    const until = Date.parse(row.until);
    this.until.set(id, until);
    return until;
  }

  private async keep(id: string): Promise<void> {
    const until = Date.now() + LASTS;
    await this.book.write(() => {
      this.book.run('delete from `session` where `expires_at` < ?', new Date().toISOString());
      this.book.run(
        'insert into `session` (`id`, `proof`, `expires_at`) values (?, ?, ?) on conflict (`id`) do update set `expires_at` = excluded.`expires_at`',
        id,
        this.proof(id),
        new Date(until).toISOString(),
      );
    });
    this.until.set(id, until);
  }

  private proof(id: string): string {
    return createHmac('sha256', this.passphrase).update(id).digest('base64url');
  }
}
