import '@fontsource-variable/public-sans';
import '@fontsource-variable/newsreader';
import '@fontsource-variable/newsreader/wght-italic.css';
import '@ui/theme/base.css';
import type { Metadata } from 'next';
import { headers } from 'next/headers';
import type { ReactNode } from 'react';
import { BeginBench } from '@ui/features/bench/begin';
import { Header } from '@ui/shell/header';
import { askedCollection } from '@server/runtime/gateway/asked-collection';
import { Providers } from '@ui/shell/providers';

export const metadata: Metadata = {
  title: 'Tender Cairn',
  description: 'How to pot this orchid, here, with your time.',
};

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Made for each request: its scripts carry the nonce of its answer (server/runtime/gateway/headers.ts).
  const policy = (await headers()).get('content-security-policy') ?? '';
  const nonce = /'nonce-([^']+)'/.exec(policy)?.[1];
  const asked = askedCollection();
  return (
    <html lang="en" data-collection={asked}>
      <head>{asked === 'unchosen' ? null : <BeginBench nonce={nonce} />}</head>
      <body>
        <Providers collection={asked === 'example' ? 'example' : 'home'}>
          <a className="skip-link" href="#main">
            To the content
          </a>
          <Header />
          <main id="main">{children}</main>
        </Providers>
      </body>
    </html>
  );
}
