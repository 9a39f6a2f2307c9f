/** As much of the browser's store as is used here. */
export interface Bench {
  getAll(store: string): Promise<unknown[]>;
  getAllKeys(store: string): Promise<(string | number)[]>;
  get(store: string, key: string | number): Promise<unknown>;
  put(store: string, value: unknown): Promise<unknown>;
  add(store: string, value: unknown): Promise<unknown>;
  delete(store: string, key: string | number): Promise<void>;
  clear(store: string): Promise<void>;
  count(store: string): Promise<number>;
}

/** Stands in for the browser's store where there is none: held as long as the page is. */
export class MemoryBench implements Bench {
  private readonly stores = new Map<string, Map<string | number, unknown>>();
  private seq = 0;

  constructor(private readonly keys: Readonly<Record<string, string>>) {}

  private store(name: string): Map<string | number, unknown> {
    const found = this.stores.get(name) ?? new Map<string | number, unknown>();
    this.stores.set(name, found);
    return found;
  }
  async getAll(name: string): Promise<unknown[]> {
    return [...this.store(name).values()];
  }
  async getAllKeys(name: string): Promise<(string | number)[]> {
    return [...this.store(name).keys()];
  }
  async get(name: string, key: string | number): Promise<unknown> {
    return this.store(name).get(key);
  }
  async put(name: string, value: unknown): Promise<unknown> {
    const key = (value as Record<string, string | number>)[this.keys[name] as string] as string | number;
    this.store(name).set(key, value);
    return key;
  }
  async add(name: string, value: unknown): Promise<unknown> {
    return this.put(name, { ...(value as object), [this.keys[name] as string]: ++this.seq });
  }
  async delete(name: string, key: string | number): Promise<void> {
    this.store(name).delete(key);
  }
  async clear(name: string): Promise<void> {
    this.store(name).clear();
  }
  async count(name: string): Promise<number> {
    return this.store(name).size;
  }
}
