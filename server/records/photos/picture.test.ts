/** What may come as a photograph, and what must not: wrong kinds, bombs, damage, and things that are two things at once. */
import { crc32, deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { type PictureRead, readPicture } from './picture';

const GARDEN = { r: 120, g: 150, b: 90 };
const plain = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: GARDEN } });

const refusalOf = async (bytes: Buffer): Promise<string> => {
  const read = await readPicture(bytes);
  return read.status === 'refused' ? read.why : 'taken';
};
const taken = async (bytes: Buffer) => {
  const read: PictureRead = await readPicture(bytes);
  if (read.status !== 'ok') throw new Error(read.why);
  return read.picture;
};

/** A PNG that says it is so wide and high, with hardly a byte in it. */
function hugePng(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const head = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(data.length);
    sum.writeUInt32BE(crc32(head));
    return Buffer.concat([length, head, sum]);
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'),
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.alloc(1000))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

describe('a good picture', () => {
  test.each(['jpeg', 'png', 'webp'] as const)('%s becomes a JPEG of ours and a small one', async (format) => {
    const { whole, small, widthPx, heightPx } = await taken(await plain(800, 500).toFormat(format).toBuffer());
    expect([widthPx, heightPx]).toEqual([800, 500]);
    expect(await sharp(whole).metadata()).toMatchObject({ format: 'jpeg', width: 800, height: 500 });
    expect(await sharp(small).metadata()).toMatchObject({ format: 'jpeg', width: 360, height: 360 });
  });

  test('a phone’s is drawn smaller, a small one is left as large as it is', async () => {
    expect(await taken(await plain(4000, 3000).jpeg().toBuffer())).toMatchObject({ widthPx: 2400, heightPx: 1800 });
    expect(await taken(await plain(90, 60).jpeg().toBuffer())).toMatchObject({ widthPx: 90, heightPx: 60 });
  });

  test('the place it was taken at, the camera and every other remark are gone', async () => {
    const withPlace = await plain(64, 64)
      .jpeg()
      .withExif({
        IFD0: { Make: 'Somebody', Copyright: 'Somebody' },
        IFD3: { GPSLatitude: '51/1 30/1 0/1', GPSLatitudeRef: 'N' },
      })
      .toBuffer();
    expect((await sharp(withPlace).metadata()).exif).toBeDefined();
    const { whole, small } = await taken(withPlace);
    for (const picture of [whole, small]) {
      const { exif, xmp, iptc, icc } = await sharp(picture).metadata();
      expect([exif, xmp, iptc, icc]).toEqual([undefined, undefined, undefined, undefined]);
      expect(picture.includes('Somebody')).toBe(false);
    }
  });

  test('one taken sideways stands upright', async () => {
    const sideways = await plain(300, 200).jpeg().withMetadata({ orientation: 6 }).toBuffer();
    expect(await taken(sideways)).toMatchObject({ widthPx: 200, heightPx: 300 });
  });

  test('what is clear lies on white', async () => {
    const clear = await sharp({
      create: { width: 40, height: 40, channels: 4, background: { r: 0, g: 0, b: 0, alpha: 0 } },
    })
      .png()
      .toBuffer();
    const { dominant } = await sharp((await taken(clear)).whole).stats();
    expect(Math.min(dominant.r, dominant.g, dominant.b)).toBeGreaterThan(240);
  });
});

describe('hostile files', () => {
  test.each([
    ['nothing', Buffer.alloc(0)],
    ['text', Buffer.from('not a picture')],
    ['a page', Buffer.from('<html><script>alert(1)</script></html>')],
    ['a drawing with a script', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>')],
    ['a document', Buffer.from('%PDF-1.7\n')],
    ['a program', Buffer.from('\x7fELF')],
    ['an archive', Buffer.from('PK\x03\x04')],
    ['a moving picture', Buffer.from('GIF89a\x01\x00\x01\x00')],
    ['only the first bytes of a JPEG', Buffer.from([0xff, 0xd8, 0xff])],
    ['only the first bytes of a WebP', Buffer.from('RIFF\x00\x00\x00\x00WEBP', 'latin1')],
    ['a JPEG in name, then noise', Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(4000, 7)])],
  ])('%s is refused in words', async (_what, bytes) => {
    expect(await refusalOf(bytes)).toMatch(/^(This is no JPEG|The picture is damaged)/);
  });

  test.each(['gif', 'tiff', 'avif'] as const)(
    'a good picture of another kind (%s) is told what to do',
    async (format) => {
      expect(await refusalOf(await plain(40, 40).toFormat(format).toBuffer())).toMatch(/save it as JPEG/);
    },
  );

  test('another kind under the first bytes of a PNG', async () => {
    const gif = await plain(40, 40).gif().toBuffer();
    expect(await refusalOf(Buffer.concat([Buffer.from('\x89PNG\r\n\x1a\n', 'latin1'), gif]))).not.toBe('taken');
  });

  test.each([
    [60_000, 60_000],
    [2_000_000, 100],
    [12_001, 10_000],
  ])('%i x %i points in a few bytes are not unpacked', async (width, height) => {
    const bytes = hugePng(width, height);
    expect(bytes.length).toBeLessThan(200);
    const before = process.memoryUsage().rss;
    expect(await refusalOf(bytes)).toMatch(/million points|damaged/);
    expect(process.memoryUsage().rss - before).toBeLessThan(50e6);
  });

  test.each([0.1, 0.5, 0.9])('cut off after a share of %f', async (share) => {
    const noise = sharp({
      create: {
        width: 400,
        height: 300,
        channels: 3,
        background: GARDEN,
        noise: { type: 'gaussian', mean: 128, sigma: 60 },
      },
    });
    for (const format of ['jpeg', 'png', 'webp'] as const) {
      const bytes = await noise.clone().toFormat(format).toBuffer();
      expect(await refusalOf(bytes.subarray(0, Math.floor(bytes.length * share)))).toMatch(/damaged or cut off/);
    }
  });

  test.each([
    ['a script', '<script>alert(1)</script>'],
    ['an archive', 'PK\x03\x04hidden'],
    ['a program', '<?php system($_GET[0]); ?>'],
  ])('%s hidden behind a picture is left behind', async (_what, hidden) => {
    const jpeg = await plain(64, 64).jpeg().toBuffer();
    const { whole, small } = await taken(Buffer.concat([jpeg, Buffer.from(hidden, 'latin1')]));
    for (const picture of [whole, small]) expect(picture.includes(Buffer.from(hidden, 'latin1'))).toBe(false);
  });

  test('a script in a remark of a picture is left behind', async () => {
    const remark = '<script>alert(1)</script>';
    const jpeg = await plain(64, 64)
      .jpeg()
      .withExif({ IFD0: { ImageDescription: remark } })
      .toBuffer();
    expect(jpeg.includes(remark)).toBe(true);
    expect((await taken(jpeg)).whole.includes(remark)).toBe(false);
  });
});

test('one saved in layers is unpacked whole: of many points it is refused before that', async () => {
  const bytes = await plain(7000, 6000).png({ progressive: true, compressionLevel: 9 }).toBuffer();
  expect(bytes.length).toBeLessThan(2_000_000);
  expect(await refusalOf(bytes)).toMatch(/saved in layers .* more than 40 million points/);
  expect(await refusalOf(await plain(1200, 900).jpeg({ progressive: true }).toBuffer())).toBe('taken');
});
