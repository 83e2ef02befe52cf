'use client';

/** Makes millimetres true on this screen: a card drawn as large as the one in the hand. */
import { useState } from 'react';
import { KeyedSlider } from '../../../controls/keyed-slider';
import {
  CARD_HEIGHT_MM,
  CARD_WIDTH_MM,
  LEAST_PX_PER_MM,
  MOST_PX_PER_MM,
  setScreenScale,
  useScreenScale,
} from '../../../data/screen-scale';
import styles from './pickers.module.css';
import { Button } from '../../../controls/button';

const PER_PX = 100;

export function ScreenSize() {
  const { pxPerMm, isMeasured } = useScreenScale();
  const [isOpen, setOpen] = useState(false);
  if (!isOpen) {
    return (
      <Button kind="quiet" className={styles.link} onClick={() => setOpen(true)}>
        {isMeasured
          ? 'True size on this screen. Measure it again'
          : 'Make it true size: hold a bank card to the screen'}
      </Button>
    );
  }
  return (
    <div className={styles.column}>
      <p className={styles.hint}>Hold a bank card to the screen and slide until the outline is as wide.</p>
      <KeyedSlider
        label="Width of the card"
        min={LEAST_PX_PER_MM * PER_PX}
        max={MOST_PX_PER_MM * PER_PX}
        step={1}
        bigStep={20}
        value={Math.round(pxPerMm * PER_PX)}
        valueText={(value) => `${Math.round((value / PER_PX) * CARD_WIDTH_MM)} pixels`}
        onChange={(value) => setScreenScale(value / PER_PX)}
      />
      <div className={styles.cardRoom}>
        <div className={styles.card} style={{ width: CARD_WIDTH_MM * pxPerMm, height: CARD_HEIGHT_MM * pxPerMm }} />
      </div>
      <Button onClick={() => setOpen(false)}>It fits</Button>
    </div>
  );
}
