/** An id of its own. The browser's own maker of ids is not there on a page without TLS; this one is. */
export { v4 as newId } from 'uuid';
