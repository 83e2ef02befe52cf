'use client';

/**
 * The look of the library's fields is worked out when the first of a kind is drawn, which takes longer than the drawing. Here one
 * of each is drawn out of sight beforehand, one after another in pauses, so that a picker opens without that wait.
 */
import { Input, InputNumber, Select, Switch } from 'antd';
import { type ReactNode, startTransition, useEffect, useState } from 'react';
import { inPauses } from '../../../data/in-pauses';
import { ThemeProvider } from '../../../theme/provider';

const fields: readonly ReactNode[] = [
  <Input key="text" />,
  <InputNumber key="number" suffix="mm" />,
  <Select key="choice" />,
  <Switch key="whether" />,
];

export function WarmStyles() {
  const [count, setCount] = useState(0);
  useEffect(() => {
    let isGone = false;
    const draw = (n: number) => async () => {
      if (!isGone) startTransition(() => setCount(n));
    };
    void inPauses(fields.map((_, i) => draw(i + 1)));
    return () => {
      isGone = true;
    };
  }, []);
  return (
    <div hidden inert>
      <ThemeProvider>{fields.slice(0, count)}</ThemeProvider>
    </div>
  );
}
