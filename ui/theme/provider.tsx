'use client';

import { AntdRegistry } from '@ant-design/nextjs-registry';
import { App, ConfigProvider, theme } from 'antd';
import type { ReactNode } from 'react';
import { palettes } from './palette';
import { fonts, TOUCH_PX } from './tokens';
import { useScheme } from './use-palette';

export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  const scheme = useScheme();
  const colors = palettes[scheme];
  return (
    <AntdRegistry>
      <ConfigProvider
        theme={{
          algorithm: scheme === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
          token: {
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
            controlHeightSM: 36,
          },
          components: {
            Slider: {
              railSize: 8,
              handleSize: 20,
              handleSizeHover: 22,
              railBg: colors.rail,
              trackBg: colors.water,
              trackHoverBg: colors.water,
              handleColor: colors.water,
            },
            Segmented: { itemSelectedBg: colors.moss, itemSelectedColor: colors.onInk, trackBg: colors.trough },
          },
        }}
      >
        <App>{children}</App>
      </ConfigProvider>
    </AntdRegistry>
  );
}
