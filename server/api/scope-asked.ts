/** The scope of the request that is being answered. */
import { exampleScope, homeScope, type Scope } from '../records/collections/scope';
import { askedCollection } from '../runtime/gateway/asked-collection';

export const scopeAsked = (): Scope => (askedCollection() === 'example' ? exampleScope : homeScope);
