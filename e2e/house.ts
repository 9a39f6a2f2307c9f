import { fork, type ChildProcess } from 'node:child_process';
import { fileURLToPath } from 'node:url';

interface Answer {
  readonly number: number;
  readonly failed?: string;
}

/** Shops in a process of their own, beside one another; see house.mjs. */
export class House {
  private readonly process: ChildProcess = fork(fileURLToPath(new URL('house.mjs', import.meta.url)));
  private readonly waiting = new Map<number, (answer: Answer) => void>();
  private asked = 0;

  constructor() {
    this.process.on('message', (answer: Answer) => this.waiting.get(answer.number)?.(answer));
    this.process.once('exit', () => {
      for (const [number, answered] of this.waiting) answered({ number, failed: 'The house is gone.' });
    });
  }

  open(port: number, env: Record<string, string>): Promise<void> {
    return this.ask({ what: 'open', port, env });
  }

  close(port: number): Promise<void> {
    return this.ask({ what: 'close', port });
  }

  leave(): void {
    this.process.disconnect();
  }

  private async ask(request: object): Promise<void> {
    const number = ++this.asked;
    const { failed } = await new Promise<Answer>((resolve) => {
      this.waiting.set(number, resolve);
      this.process.send({ number, ...request });
    });
    this.waiting.delete(number);
    if (failed !== undefined) throw new Error(failed);
  }
}
