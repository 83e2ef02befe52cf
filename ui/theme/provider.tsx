'use client';

import { AntdRegistry } from '@ant-design/nextjs-registry';
import { App, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { colors, fonts, TOUCH_PX } from './tokens';

export function ThemeProvider({ children }: { readonly children: ReactNode }) {
  return (
    <AntdRegistry>
      <ConfigProvider
        theme={{
          token: {
            colorPrimary: colors.moss,
            colorInfo: colors.water,
            colorError: colors.bad,
            colorWarning: colors.straw,
            colorText: colors.ink,
            colorTextSecondary: colors.inkSoft,
            colorTextDescription: colors.inkSoft,
            colorTextPlaceholder: '#5f6b64',
            colorBorder: '#8d978a',
            colorBgContainer: colors.raised,
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
              railBg: '#b9c2b2',
              trackBg: colors.water,
              trackHoverBg: colors.water,
              handleColor: colors.water,
            },
            Segmented: { itemSelectedBg: colors.moss, itemSelectedColor: '#ffffff', trackBg: '#dde2d6' },
          },
        }}
      >
        <App>{children}</App>
      </ConfigProvider>
    </AntdRegistry>
  );
}
