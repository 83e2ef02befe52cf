'use client';

/** Short words at the top of the page, for what was kept, refused or put away. */
import { message } from 'antd';
import type { MessageInstance } from 'antd/es/message/interface';
import { createContext, type ReactNode, useContext } from 'react';

const Message = createContext<MessageInstance | null>(null);

export function MessageProvider({ children }: { readonly children: ReactNode }) {
  const [api, holder] = message.useMessage();
  return (
    <Message value={api}>
      {holder}
      {children}
    </Message>
  );
}

export function useMessage(): MessageInstance {
  const api = useContext(Message);
  if (!api) throw new Error('A message is said outside of the MessageProvider');
  return api;
}
