/** The data folder or its book cannot be served; nothing has been written to it. One sentence, and what to do. */
export class Unfit extends Error {
  constructor(
    readonly what: string,
    readonly todo: string,
  ) {
    super(`${what}\n${todo}`);
    this.name = 'Unfit';
  }
}
