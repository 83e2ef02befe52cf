/**
 * Sends photographs from the browser's shelf, one after the other. One is taken down when the server has it; while the server is
 * away all wait; one that is refused stays with its reason until it is looked at.
 */
import { UnreachableError } from '../browser/transport';
import type { PhotoShelf, QueuedPhoto } from './shelf';
import { newId } from '../browser/new-id';

export type SendPhoto = (photo: QueuedPhoto) => Promise<void>;

const RETRY_MS = 15_000;

export class PhotoPost {
  private readonly listeners = new Set<() => void>();
  private sending: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly shelf: PhotoShelf,
    private readonly send: SendPhoto,
  ) {}

  /** Lays a file on the shelf, and begins to send; resolves with its id as soon as nothing can lose it any more. */
  async add(file: Blob): Promise<string> {
    const id = newId();
    await this.shelf.put({ id, file, refusal: null });
    this.tell();
    void this.sendWaiting();
    return id;
  }

  waiting(id: string): Promise<QueuedPhoto | undefined> {
    return this.shelf.get(id);
  }

  async takeDown(id: string): Promise<void> {
    await this.shelf.remove(id);
    this.tell();
  }

  /** Called whenever something changes on the shelf. */
  onChange(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  sendWaiting(): Promise<void> {
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    for (;;) {
      const next = (await this.shelf.list()).find(({ refusal }) => refusal === null);
      if (!next) return;
      try {
        await this.send(next);
        await this.shelf.remove(next.id);
      } catch (error) {
        if (error instanceof UnreachableError) {
          this.timer = setTimeout(() => void this.sendWaiting(), RETRY_MS);
          return;
        }
        await this.shelf.put({ ...next, refusal: error instanceof Error ? error.message : String(error) });
      }
      this.tell();
    }
  }

  private tell(): void {
    this.listeners.forEach((listener) => listener());
  }
}
