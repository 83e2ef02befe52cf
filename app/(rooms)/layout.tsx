import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { ReactNode } from 'react';
import { ThemeProvider } from '@ui/theme/provider';

/** Every page but the bench: the bench brings the component library only with what opens on it. */
export default function RoomsLayout({ children }: { readonly children: ReactNode }) {
  return (
    <AntdRegistry>
      <ThemeProvider>{children}</ThemeProvider>
    </AntdRegistry>
  );
}
