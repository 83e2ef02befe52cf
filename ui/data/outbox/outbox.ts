/**
 * Changes go to the server through here, in the order in which they were made. Each is written into this
 * browser first; it is taken out when the server has it, or when the server refuses it and the screen that
 * sent it has been told. So nothing is lost by a lost connection, a reload or a restart, and sending again
 * keeps it once: its key goes with it.
 */
import * as z from 'zod';
import { call, ConflictError, UnreachableError } from '../browser/transport';
import { hasSameContent, type Letter, type NewLetter, NotYetKeptError } from './letter';
import { browserLetters, type LetterStore, passingLetters } from './letters';

/** Sends one letter; the answer as JSON, null where there is none. */
export type Send = (letter: Letter) => Promise<unknown>;

function sendLetter({ method, path, body, key, seenVersion }: Letter): Promise<unknown> {
  return call(method, path, {
    ...(body === undefined ? {} : { body }),
    headers: {
      ...(method === 'POST' ? { 'idempotency-key': key } : {}),
      ...(seenVersion === null ? {} : { 'if-match': `"${seenVersion}"` }),
    },
  });
}

interface Caller {
  readonly promise: Promise<unknown>;
  readonly resolve: (answer: unknown) => void;
  readonly reject: (error: unknown) => void;
}

function newCaller(): Caller {
  let resolve: Caller['resolve'] = () => undefined;
  let reject: Caller['reject'] = () => undefined;
  const promise = new Promise<unknown>((settle, fail) => {
    resolve = settle;
    reject = fail;
  });
  return { promise, resolve, reject };
}

const FIRST_RETRY_MS = 2_000;
const LONGEST_RETRY_MS = 30_000;
const LOCK = 'tender-cairn.outbox';

/** One window at a time sends, so that the order holds among them too. */
function alone(work: () => Promise<void>): Promise<void> {
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  return locks ? locks.request(LOCK, work) : work();
}

const versionSchema = z.looseObject({ version: z.number() });

export class Outbox {
  private readonly callers = new Map<string, Caller>();
  private readonly listeners = new Set<() => void>();
  private isSending = false;
  private isAskedAgain = false;
  private retryMs = FIRST_RETRY_MS;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly letters: LetterStore,
    private readonly send: Send,
  ) {}

  /**
   * Sends a change; resolves with the server's answer. The same change again, while the first is under
   * way, is the same change. @throws NotYetKeptError where it must wait; ConflictError and others where it is refused
   */
  deliver(letter: NewLetter): Promise<unknown> {
    const known = this.letters.list().find((waiting) => waiting.refusal === null && hasSameContent(waiting, letter));
    const key = known?.key ?? keyOf(letter);
    if (!known) {
      this.letters.put({
        key,
        writtenAt: new Date().toISOString(),
        title: letter.title,
        method: letter.method,
        path: letter.path,
        body: letter.body,
        seenVersion: letter.seenVersion ?? null,
        refusal: null,
        currentVersion: null,
      });
    }
    const caller = this.callers.get(key) ?? newCaller();
    this.callers.set(key, caller);
    void this.sendWaiting();
    return caller.promise;
  }

  /** Sends what waits, oldest first, until nothing does or the server is not there. */
  async sendWaiting(): Promise<void> {
    if (this.isSending) {
      this.isAskedAgain = true;
      return;
    }
    this.isSending = true;
    clearTimeout(this.timer);
    try {
      do {
        this.isAskedAgain = false;
        await alone(() => this.sendAll());
      } while (this.isAskedAgain);
    } finally {
      this.isSending = false;
    }
  }

  /** Called after something of an earlier day or page has been kept. */
  onKept(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  private async sendAll(): Promise<void> {
    for (;;) {
      const letter = this.letters.list().find(({ refusal }) => refusal === null);
      if (!letter) return;
      try {
        const answer = await this.send(letter);
        this.retryMs = FIRST_RETRY_MS;
        this.letters.remove(letter.key);
        if (this.callers.has(letter.key)) this.settle(letter.key, (caller) => caller.resolve(answer));
        else this.listeners.forEach((listener) => listener());
      } catch (error) {
        if (error instanceof UnreachableError) {
          this.waitForServer();
          return;
        }
        this.refuse(letter, error);
      }
    }
  }

  private settle(key: string, how: (caller: Caller) => void): void {
    const caller = this.callers.get(key);
    this.callers.delete(key);
    if (caller) how(caller);
  }

  /** Whoever sent it is told and has it still; where nobody is left, it stays here with the reason. */
  private refuse(letter: Letter, error: unknown): void {
    if (this.callers.has(letter.key)) {
      this.letters.remove(letter.key);
      this.settle(letter.key, (caller) => caller.reject(error));
      return;
    }
    const current = error instanceof ConflictError ? versionSchema.safeParse(error.current) : null;
    this.letters.put({
      ...letter,
      refusal: error instanceof Error ? error.message : String(error),
      currentVersion: current?.success ? current.data.version : null,
    });
  }

  private waitForServer(): void {
    for (const key of [...this.callers.keys()]) this.settle(key, (caller) => caller.reject(new NotYetKeptError()));
    this.timer = setTimeout(() => void this.sendWaiting(), this.retryMs);
    this.retryMs = Math.min(LONGEST_RETRY_MS, 2 * this.retryMs);
  }
}

/** A change that brings its own key keeps it. */
function keyOf({ body }: NewLetter): string {
  const own = z.looseObject({ idempotencyKey: z.string() }).safeParse(body);
  return own.success ? own.data.idempotencyKey : crypto.randomUUID();
}

export const outbox = new Outbox(typeof localStorage === 'undefined' ? passingLetters() : browserLetters(), sendLetter);
