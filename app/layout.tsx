import '@fontsource-variable/public-sans';
import '@fontsource-variable/newsreader';
import '@fontsource-variable/newsreader/wght-italic.css';
import '@ui/theme/base.css';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { Header } from '@ui/shell/header';
import { Providers } from '@ui/shell/providers';

export const metadata: Metadata = {
  title: 'Tender Cairn',
  description: 'How to pot this orchid, here, with your time.',
};

export default function RootLayout({ children }: { readonly children: ReactNode }) {
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
