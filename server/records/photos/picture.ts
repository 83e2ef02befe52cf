/**
 * A sent file made into a picture of our own: decoded, turned upright, drawn anew and packed. Nothing of the file itself is
 * kept: no place, no camera, nothing hidden behind the picture.
 */
import sharp, { type Metadata } from 'sharp';

export interface Picture {
  readonly whole: Buffer;
  readonly small: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

export type PictureRead =
  { readonly status: 'ok'; readonly picture: Picture } | { readonly status: 'refused'; readonly why: string };

/** A phone's largest; what is declared larger fills memory, and is refused before it is unpacked. */
const MOST_PIXELS = 120_000_000;
/** Such a one is unpacked whole before a line of it can be drawn. */
const MOST_PIXELS_IN_LAYERS = 40_000_000;
/** No honest picture takes so long. */
const LONGEST_S = 30;
const LONGEST_PX = 2400;
const SMALL_PX = 360;
const QUALITY = 82;
const SMALL_QUALITY = 76;
/** Bytes that tell each kind. */
const kinds: readonly { readonly format: string; readonly isIt: (bytes: Buffer) => boolean }[] = [
  { format: 'jpeg', isIt: (bytes) => bytes.subarray(0, 3).equals(Buffer.from([0xff, 0xd8, 0xff])) },
  { format: 'png', isIt: (bytes) => bytes.subarray(0, 8).equals(Buffer.from('\x89PNG\r\n\x1a\n', 'latin1')) },
  {
    format: 'webp',
    isIt: (bytes) => bytes.toString('latin1', 0, 4) === 'RIFF' && bytes.toString('latin1', 8, 12) === 'WEBP',
  },
];

// Of all that the library could open, only these three are ever tried.
sharp.block({ operation: ['VipsForeignLoad'] });
sharp.unblock({ operation: ['VipsForeignLoadJpeg', 'VipsForeignLoadPng', 'VipsForeignLoadWebp'] });
// One picture needs one thread; nothing of it stays in memory.
sharp.concurrency(1);
sharp.cache(false);

const refused = (why: string): PictureRead => ({ status: 'refused', why });

const open = (bytes: Buffer) =>
  sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'truncated', sequentialRead: true }).autoOrient();

function faultOf({ format, width, height, isProgressive }: Metadata, expected: string): string | null {
  if (format !== expected) return 'This is no JPEG, PNG or WebP picture.';
  if (width * height > MOST_PIXELS) return `The picture has more than ${MOST_PIXELS / 1e6} million points.`;
  if (isProgressive && width * height > MOST_PIXELS_IN_LAYERS) {
    return `The picture is saved in layers (interlaced, progressive) and has more than ${MOST_PIXELS_IN_LAYERS / 1e6} million points. Save it without layers.`;
  }
  return null;
}

/** bytes: a file of any kind, as it was sent. */
export async function readPicture(bytes: Buffer): Promise<PictureRead> {
  const kind = kinds.find(({ isIt }) => isIt(bytes));
  if (!kind) return refused('This is no JPEG, PNG or WebP picture. Other kinds: save it as JPEG first.');
  try {
    const fault = faultOf(await sharp(bytes, { limitInputPixels: false }).metadata(), kind.format);
    if (fault !== null) return refused(fault);
    // On white, as paper: what is clear would turn black.
    const drawn = await open(bytes)
      .flatten({ background: '#fff' })
      .resize(LONGEST_PX, LONGEST_PX, { fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: QUALITY })
      .timeout({ seconds: LONGEST_S })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(drawn.data)
      .resize(SMALL_PX, SMALL_PX, { fit: 'cover', position: 'attention' })
      .jpeg({ quality: SMALL_QUALITY })
      .toBuffer();
    return {
      status: 'ok',
      picture: { whole: drawn.data, small, widthPx: drawn.info.width, heightPx: drawn.info.height },
    };
  } catch (error) {
    // The library says of a damaged file what it could not read; a grower is told what to do.
    if (!(error instanceof Error)) throw error;
    return refused('The picture is damaged or cut off. Take it once more, or choose another.');
  }
}
