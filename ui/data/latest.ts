/**
 * Runs an asynchronous computation for the newest question only: while one runs, newer ones wait and
 * replace each other. The last value stays until the next arrives, so nothing flickers in a drag.
 */
interface Task<T> {
  readonly key: string;
  readonly run: () => Promise<T>;
}

export class Latest<T> {
  private newest: Task<T> | null = null;
  private doneKey: string | null = null;
  private isRunning = false;
  private isClosed = false;

  constructor(
    private readonly onValue: (value: T) => void,
    private readonly onError: (error: unknown) => void,
  ) {}

  /** Asks, unless this very question was asked last. */
  ask(key: string, run: () => Promise<T>): void {
    this.newest = { key, run };
    void this.work();
  }

  /** Forgets the question: an answer under way is dropped. */
  forget(): void {
    this.newest = null;
    this.doneKey = null;
  }

  close(): void {
    this.isClosed = true;
    this.forget();
  }

  private async work(): Promise<void> {
    if (this.isRunning) return;
    this.isRunning = true;
    for (let task = this.newest; task && !this.isClosed && task.key !== this.doneKey; task = this.newest) {
      this.doneKey = task.key;
      try {
        const value = await task.run();
        if (!this.isClosed && this.newest !== null) this.onValue(value);
      } catch (error) {
        if (!this.isClosed) this.onError(error);
      }
    }
    this.isRunning = false;
  }
}
