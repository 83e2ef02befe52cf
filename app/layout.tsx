import '@fontsource-variable/public-sans';
import '@fontsource-variable/newsreader';
import '@fontsource-variable/newsreader/wght-italic.css';
import '@ui/theme/base.css';
import type { Metadata } from 'next';
import { connection } from 'next/server';
import type { ReactNode } from 'react';
import { Header } from '@ui/shell/header';
import { Providers } from '@ui/shell/providers';

export const metadata: Metadata = {
  title: 'Tender Cairn',
  description: 'How to pot this orchid, here, with your time.',
};

export default async function RootLayout({ children }: { readonly children: ReactNode }) {
  // Made for each request: its scripts carry the nonce of its answer.
  await connection();
  return (
    <html lang="en">
      <body>
        <Providers>
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
