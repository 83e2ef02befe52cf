/** The page’s own post for photographs. Apart from the client: the header stands on every page, and needs no more than this. */
import { sendFile } from '../browser/transport';
import { PhotoPost } from './photo-post';
import { browserShelf } from './shelf';

export const photoPost = new PhotoPost(browserShelf, ({ id, file }) => sendFile(`/api/photos/${id}`, file));
