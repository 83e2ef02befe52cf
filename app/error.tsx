'use client';
import { PageTrouble } from '@ui/shell/page-trouble';

export default function PageError({ reset }: { readonly reset: () => void }) {
  // What failed lies on the server: load anew, not only draw again.
  return <PageTrouble onRetry={() => (reset(), window.location.reload())} />;
}
