'use client';

/**
 * A link to another page of ours. What stands behind it is fetched when a pointer, a finger or the keyboard comes to it:
 * fetched for every link in sight, it would take the server and the browser from the first answer, and from a long list of
 * plants.
 */
import Link from 'next/link';
import { type ComponentProps, useState } from 'react';

export function PageLink(props: Omit<ComponentProps<typeof Link>, 'prefetch' | 'onPointerEnter' | 'onFocus'>) {
  const [isNear, setNear] = useState(false);
  const come = () => setNear(true);
  return <Link {...props} prefetch={isNear ? null : false} onPointerEnter={come} onFocus={come} />;
}
