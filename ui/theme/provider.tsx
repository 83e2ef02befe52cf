'use client';

import { ConfigProvider, theme } from 'antd';
import type { ReactNode } from 'react';
import { palettes } from './palette';
import { fonts, TOUCH_PX } from './tokens';
import { useScheme } from './use-palette';

/** Our look for the parts of the component library within. */
export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const scheme = useScheme();
  const colors = palettes[scheme];
  return (
    <ConfigProvider
      theme={{
        algorithm: scheme === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
        token: {
          // A target that grows as it opens is missed by a quick finger: pressed in one place, let go in another.
          motion: false,
          colorPrimary: colors.moss,
          colorInfo: colors.water,
          colorError: colors.bad,
          colorWarning: colors.straw,
          colorText: colors.ink,
          colorTextSecondary: colors.inkSoft,
          colorTextDescription: colors.inkSoft,
          colorTextPlaceholder: colors.inkSoft,
          colorBorder: colors.border,
          colorBgContainer: colors.raised,
          colorBgElevated: colors.raised,
          colorTextLightSolid: colors.onInk,
          colorBgLayout: colors.ground,
          fontFamily: fonts.text,
          fontSize: 15,
          borderRadius: 10,
          controlHeight: TOUCH_PX,
          controlHeightSM: TOUCH_PX,
        },
      }}
    >
      {children}
    </ConfigProvider>
  );
}
