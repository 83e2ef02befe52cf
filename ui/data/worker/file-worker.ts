/** Reads a file of a place's air off the page's thread, piece by piece: its length costs no room. */
import * as Comlink from 'comlink';
import {
  encodingOf,
  type FileAbout,
  openPlaceFile,
  type PlaceFileReader,
  type ReadingChoices,
  type ReadingFacts,
} from '@core';

export type OnBytes = (doneBytes: number, totalBytes: number) => void;

/** The file last read: it can be asked again with another choice. */
let reader: PlaceFileReader | null = null;

const PIECE_BYTES = 1_000_000;

const api = {
  async read(file: File, about: FileAbout, onBytes: OnBytes): Promise<ReadingFacts> {
    const opened = openPlaceFile();
    let decoder: TextDecoder | null = null;
    for (let at = 0; at < file.size && !opened.isSettled(); at += PIECE_BYTES) {
      const bytes = new Uint8Array(await file.slice(at, at + PIECE_BYTES).arrayBuffer());
      decoder ??= new TextDecoder(encodingOf(bytes));
      opened.push(decoder.decode(bytes, { stream: true }));
      onBytes(Math.min(file.size, at + PIECE_BYTES), file.size);
    }
    if (decoder) opened.push(decoder.decode());
    reader = opened;
    return opened.finish(about, {});
  },
  /** The same file with what the grower has settled. */
  decide(about: FileAbout, choices: ReadingChoices): ReadingFacts {
    if (!reader) throw new Error('No file has been read yet.');
    return reader.finish(about, choices);
  },
};

export type FileApi = typeof api;

Comlink.expose(api);
