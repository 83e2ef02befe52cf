/**
 * Changes go to the server through here, in the order in which they were made, whichever window they were made in. Each is
 * written into this browser first; it is taken out when the server has it, or when the server refuses it and the screen that sent
 * it has been told. One window sends for all, and lays the answers ready for the others. So nothing is lost by a lost connection, a
 * second window, a reload or a restart, and sending again keeps it once: its key goes with it.
 */
import * as z from 'zod';
import { newId } from '../browser/new-id';
import { openedCollection } from '../browser/collection';
import { call, ConflictError, FailedError, UnreachableError } from '../browser/transport';
import { type Alone, aloneInBrowser } from './alone';
import { type Bell, browserBell } from './bell';
import { contentOf, type Letter, type NewLetter, NoRoomError, NotYetKeptError, overCurrent } from './letter';
import {
  adoptWritten,
  BECOMES_A_ROW_MS,
  browserLetters,
  crossOut,
  type LetterStore,
  passingLetters,
  writeDown,
} from './letters';

/** Sends one letter; the answer as JSON, null where there is none. */
export type Send = (letter: Letter) => Promise<unknown>;

function sendLetter({ method, path, body, key, collection, seenVersion }: Letter): Promise<unknown> {
  return call(method, path, {
    ...(body === undefined ? {} : { body }),
    headers: {
      'x-collection': collection,
      ...(method === 'POST' ? { 'idempotency-key': key } : {}),
      ...(seenVersion === null ? {} : { 'if-match': `"${seenVersion}"` }),
    },
  });
}

interface Caller {
  /** Its letter lies in the store, or has lain there. */
  isPosted: boolean;
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
  return { isPosted: false, promise, resolve, reject };
}

const FIRST_RETRY_MS = 2_000;
const LONGEST_RETRY_MS = 30_000;
/** A server that failed so often over one change will not take it: it stays, with that as its reason, and holds nothing up. */
const MOST_FAILURES = 5;

const versionSchema = z.looseObject({ version: z.number() });

interface Surroundings {
  readonly alone?: Alone;
  readonly bell?: Bell;
}

export class Outbox {
  /** Those of this window who wait for an answer, by the key of their letter. */
  private readonly callers = new Map<string, Caller>();
  /** What is under way from this window, by what it says: a double tap is one change. */
  private readonly underWay = new Map<string, Promise<unknown>>();
  private readonly keptListeners = new Set<() => void>();
  private readonly changeListeners = new Set<() => void>();
  private readonly windowId = newId();
  private readonly alone: Alone;
  private readonly bell: Bell;
  private isSending = false;
  private isAskedAgain = false;
  private retryMs = FIRST_RETRY_MS;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly letters: LetterStore,
    private readonly send: Send,
    { alone = (work) => work(), bell = { ring: () => undefined, onRing: () => undefined } }: Surroundings = {},
  ) {
    this.alone = alone;
    this.bell = bell;
    bell.onRing((what) => {
      this.changeListeners.forEach((listener) => listener());
      if (what === 'kept') this.keptListeners.forEach((listener) => listener());
      void this.collect();
    });
  }

  /**
   * Sends a change; resolves with the server's answer. The same change again, while the first is under way, is the same change.
   * @throws NotYetKeptError where it must wait; NoRoomError where it can neither be sent nor kept; ConflictError and others where it is refused
   */
  deliver(letter: NewLetter): Promise<unknown> {
    const collection = openedCollection();
    const content = contentOf({ ...letter, collection });
    const known = this.underWay.get(content);
    if (known) return known;
    const caller = newCaller();
    this.underWay.set(content, caller.promise);
    const ended = () => void this.underWay.delete(content);
    caller.promise.then(ended, ended);
    const written: Letter = {
      key: keyOf(letter),
      writtenAt: new Date().toISOString(),
      title: letter.title,
      method: letter.method,
      path: letter.path,
      body: letter.body,
      collection,
      seenVersion: letter.seenVersion ?? null,
      from: this.windowId,
      failures: 0,
      refusal: null,
      currentVersion: null,
    };
    const isWritten = writeDown(written);
    this.callers.set(written.key, caller);
    this.post(written, caller, isWritten).catch(caller.reject);
    return caller.promise;
  }

  /** What waits here or was refused, oldest first. */
  waiting(): Promise<readonly Letter[]> {
    return this.letters.list();
  }

  /** Sends a refused one again, over what is kept now. */
  async sendAgain(letter: Letter): Promise<void> {
    await this.letters.change(overCurrent(letter));
    this.changed();
    await this.sendWaiting();
  }

  async throwAway(key: string): Promise<void> {
    await this.letters.remove(key);
    this.changed();
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
        await this.alone(() => this.sendAll());
      } while (this.isAskedAgain);
    } finally {
      this.isSending = false;
    }
    await this.collect();
  }

  /** What a page before this one wrote down and could not send. */
  async begin(): Promise<void> {
    await adoptWritten(this.letters);
    this.changeListeners.forEach((listener) => listener());
    await this.sendWaiting();
    // What was written down in the moment before is a row by then, or was left behind.
    setTimeout(() => void adoptWritten(this.letters).then(() => this.sendWaiting()), BECOMES_A_ROW_MS + 1_000);
  }

  /** Called after something has been kept for which nobody of this window waited. */
  onKept(listener: () => void): () => void {
    this.keptListeners.add(listener);
    return () => this.keptListeners.delete(listener);
  }

  /** Called whenever something joins, leaves or is refused. */
  onChange(listener: () => void): () => void {
    this.changeListeners.add(listener);
    return () => this.changeListeners.delete(listener);
  }

  private changed(what: 'changed' | 'kept' = 'changed'): void {
    this.changeListeners.forEach((listener) => listener());
    this.bell.ring(what);
  }

  private async post(letter: Letter, caller: Caller, isWritten: boolean): Promise<void> {
    let kept: Letter;
    try {
      kept = await this.letters.add(letter);
    } catch {
      // No room for a row, or no place for rows at all.
      this.callers.delete(letter.key);
      await this.sendUnkept(letter, caller, isWritten);
      return;
    }
    if (isWritten) crossOut(letter.key);
    caller.isPosted = true;
    if (kept.key !== letter.key) {
      // It waits already: its first writer and this one wait for one answer.
      this.callers.delete(letter.key);
      const other = this.callers.get(kept.key);
      if (other) other.promise.then(caller.resolve, caller.reject);
      else this.callers.set(kept.key, caller);
    }
    this.changed();
    await this.sendWaiting();
  }

  /** What finds no room is sent at once, past all that waits; where the server is away that is said. */
  private async sendUnkept(letter: Letter, caller: Caller, isWritten: boolean): Promise<void> {
    try {
      const answer = await this.send(letter);
      if (isWritten) crossOut(letter.key);
      caller.resolve(answer);
    } catch (error) {
      if (!(error instanceof UnreachableError)) {
        if (isWritten) crossOut(letter.key);
        caller.reject(error);
        return;
      }
      // Written down it is sent by the next page.
      caller.reject(isWritten ? new NotYetKeptError() : new NoRoomError());
    }
  }

  private async sendAll(): Promise<void> {
    for (let letter = await this.letters.next(); letter; letter = await this.letters.next()) {
      try {
        const answer = await this.send(letter);
        this.retryMs = FIRST_RETRY_MS;
        const caller = this.takeCaller(letter.key);
        if (caller) await this.letters.remove(letter.key);
        else await this.letters.answered(letter.key, answer);
        caller?.resolve(answer);
        if (!caller) this.keptListeners.forEach((listener) => listener());
        this.changed('kept');
      } catch (error) {
        const hasFailed = error instanceof FailedError;
        if (hasFailed && letter.failures + 1 < MOST_FAILURES) {
          await this.letters.change({ ...letter, failures: letter.failures + 1 });
        } else if (hasFailed || !(error instanceof UnreachableError)) {
          await this.refuse(letter, error);
          continue;
        }
        this.waitForServer();
        return;
      }
    }
  }

  private takeCaller(key: string): Caller | undefined {
    const caller = this.callers.get(key);
    this.callers.delete(key);
    return caller;
  }

  /** Whoever sent it is told and has it still; where that is another window, or nobody is left, it lies here with the reason. */
  private async refuse(letter: Letter, error: unknown): Promise<void> {
    const caller = this.takeCaller(letter.key);
    if (caller) {
      await this.letters.remove(letter.key);
      this.changed();
      caller.reject(error);
      return;
    }
    const current = error instanceof ConflictError ? error.current : undefined;
    const version = versionSchema.safeParse(current);
    await this.letters.change({
      ...letter,
      refusal: error instanceof Error ? error.message : String(error),
      currentVersion: version.success ? version.data.version : null,
      current,
    });
    this.changed();
  }

  /** What another window sent for this one. */
  private async collect(): Promise<void> {
    for (const [key, { isPosted }] of [...this.callers]) {
      const letter = isPosted ? await this.letters.find(key) : undefined;
      if (letter === undefined || letter?.refusal === null) continue;
      const answered = await this.letters.takeAnswer(key);
      const caller = this.takeCaller(key);
      if (!caller) continue;
      if (answered) caller.resolve(answered.answer);
      else if (letter) {
        await this.letters.remove(key);
        this.changed();
        const { refusal, current } = letter;
        caller.reject(current === undefined ? new Error(refusal!) : new ConflictError(refusal!, current));
      } else caller.reject(new Error('Thrown away in another window.'));
    }
  }

  private waitForServer(): void {
    for (const [key, { isPosted }] of [...this.callers]) {
      if (isPosted) this.takeCaller(key)?.reject(new NotYetKeptError());
    }
    this.timer = setTimeout(() => void this.sendWaiting(), this.retryMs);
    this.retryMs = Math.min(LONGEST_RETRY_MS, 2 * this.retryMs);
  }
}

/** A change that brings its own key keeps it. */
function keyOf({ body }: NewLetter): string {
  const own = z.looseObject({ idempotencyKey: z.string() }).safeParse(body);
  return own.success ? own.data.idempotencyKey : newId();
}

const isBrowser = typeof window !== 'undefined' && typeof indexedDB !== 'undefined';
export const outbox = isBrowser
  ? new Outbox(browserLetters(), sendLetter, { alone: aloneInBrowser(), bell: browserBell() })
  : new Outbox(passingLetters(), sendLetter);
