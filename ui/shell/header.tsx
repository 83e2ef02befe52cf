'use client';

import { Segmented } from 'antd';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useUnits } from '../data/units-context';
import styles from './header.module.css';
import { CairnMark } from './mark';
import { Unsent } from './unsent';

const pages = [
  { href: '/', label: 'Bench' },
  { href: '/plants', label: 'Plants' },
  { href: '/media', label: 'Media' },
  { href: '/places', label: 'Places' },
  { href: '/library', label: 'What we know' },
] as const;

export function Header() {
  const path = usePathname();
  const { units, setUnits } = useUnits();
  return (
    <header className={styles.header}>
      <Link href="/" className={styles.name}>
        <CairnMark />
        <span>Tender Cairn</span>
      </Link>
      <nav aria-label="Pages" className={styles.nav}>
        {pages.map((page) => {
          const isHere = page.href === '/' ? path === '/' : path.startsWith(page.href);
          return (
            <Link key={page.href} href={page.href} className={styles.link} aria-current={isHere ? 'page' : undefined}>
              {page.label}
            </Link>
          );
        })}
      </nav>
      <Unsent />
      <div className={styles.units}>
        <Segmented
          size="small"
          aria-label="Lengths"
          value={units.length}
          onChange={(length) => setUnits({ ...units, length: length as 'metric' | 'inch' })}
          options={[
            { label: 'cm', value: 'metric' },
            { label: 'in', value: 'inch' },
          ]}
        />
        <Segmented
          size="small"
          aria-label="Temperatures"
          value={units.temperature}
          onChange={(temperature) => setUnits({ ...units, temperature: temperature as 'C' | 'F' })}
          options={[
            { label: '°C', value: 'C' },
            { label: '°F', value: 'F' },
          ]}
        />
      </div>
    </header>
  );
}
