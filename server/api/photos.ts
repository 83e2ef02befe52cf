/** The photographs' addresses: a file in, pictures of our own out. */
import { readBytes } from '../runtime/http/body-bytes';
import { hiding, type ById } from './hiding';
import { isId } from '../runtime/http/ids';
import { turns } from '../runtime/http/turns';
import { inScope, retryLater } from './in-scope';
import { notFound, problem } from '../runtime/http/problem';
import { readPicture } from '../records/photos/picture';
import {
  digestOfSent,
  keepPhoto,
  type KnownPhoto,
  photoBytes,
  photoUnder,
  setPhotoHidden,
} from '../records/photos/repository';
import { MOST_PHOTO_BYTES } from '../records/photos/schemas';

const taken = (): Response => problem(409, 'Another photograph lies under that id. Nothing was overwritten.');

const tooLong = (): Response => problem(413, `The picture is longer than ${MOST_PHOTO_BYTES / 1e6} MB.`);

/** So many may be on their way in at once, each of so many bytes at most; and one is drawn anew at a time, which takes memory. */
const uploads = turns({ atOnce: 3, mostWaiting: 3 });
const drawing = turns({ atOnce: 1, mostWaiting: 3 });

/** The id comes from whoever took it: sent again, after a lost answer, it is the same photograph. */
export async function putPhoto(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('photograph');
  const answer = await uploads.take(() => takeIn(request, id));
  return (
    answer ?? retryLater('Other photographs are being taken in just now. This one was not; send it again in a moment.')
  );
}

async function takeIn(request: Request, id: string): Promise<Response> {
  const bytes = await readBytes(request, MOST_PHOTO_BYTES);
  if (bytes === null) return tooLong();
  const sentSha256 = digestOfSent(bytes);
  // Drawn before the database is asked: a picture may take longer than a request waits for it.
  const read = await drawing.take(() => readPicture(bytes));
  if (read === null) return retryLater('Other pictures are being drawn just now. Send it again in a moment.');
  if (read.status === 'refused') return problem(422, read.why, [{ path: '(whole)', message: read.why }]);
  const { picture } = read;
  return inScope(async ({ em, scope }) => {
    const before = await photoUnder(em, scope, id, sentSha256);
    const kept: KnownPhoto = before.status === 'new' ? await keepPhoto(em, scope, id, sentSha256, picture) : before;
    if (kept.status === 'taken') return taken();
    const { widthPx, heightPx } = picture;
    const info = kept.status === 'known' ? kept.info : { id, widthPx, heightPx };
    return Response.json(info, { status: kept.status === 'new' ? 201 : 200 });
  });
}

async function pictureAnswer({ params }: ById, size: 'whole' | 'small'): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('photograph');
  return inScope(async ({ em, scope }) => {
    const bytes = await photoBytes(em, scope, id, size);
    if (bytes === null) return notFound('photograph');
    return new Response(new Uint8Array(bytes), {
      headers: { 'content-type': 'image/jpeg', 'content-disposition': `inline; filename="${id}.jpg"` },
    });
  });
}

export const getPhoto = async (_request: Request, by: ById): Promise<Response> => pictureAnswer(by, 'whole');
export const getSmallPhoto = async (_request: Request, by: ById): Promise<Response> => pictureAnswer(by, 'small');

export const { putAway: putPhotoAway, bringBack: bringPhotoBack } = hiding(
  'photograph',
  ({ em, scope }, id, hiddenAt) => setPhotoHidden(em, scope, id, hiddenAt),
);
