'use client';

import { PageLink } from '../controls/page-link';
import { usePathname } from 'next/navigation';
import { Choice } from '../controls/choice';
import { useOpenCollection } from '../data/browser/collection';
import { useUnits } from '../data/units-context';
import styles from './header.module.css';
import { CairnMark } from './mark';
import { Unsent } from './unsent';

const pages = [
  { href: '/', label: 'Bench' },
  { href: '/today', label: 'Today' },
  { href: '/plants', label: 'Plants' },
  { href: '/media', label: 'Media' },
  { href: '/stock', label: 'Stock' },
  { href: '/places', label: 'Places' },
  { href: '/library', label: 'What we know' },
] as const;

const lengths = [
  { label: 'cm', value: 'metric' },
  { label: 'in', value: 'inch' },
] as const;
const temperatures = [
  { label: '°C', value: 'C' },
  { label: '°F', value: 'F' },
] as const;

export function Header() {
  const path = usePathname();
  const { units, setUnits } = useUnits();
  const isExample = useOpenCollection() === 'example';
  return (
    <header className={styles.header}>
      <PageLink href="/" className={styles.name}>
        <CairnMark />
        <span>Tender Cairn</span>
      </PageLink>
      <nav aria-label="Pages" className={styles.nav}>
        {pages.map((page) => {
          const isHere = page.href === '/' ? path === '/' : path.startsWith(page.href);
          return (
            <PageLink
              key={page.href}
              href={page.href}
              className={styles.link}
              aria-current={isHere ? 'page' : undefined}
            >
              {page.label}
            </PageLink>
          );
        })}
      </nav>
      {isExample ? (
        <PageLink
          href="/collections"
          className={styles.example}
          title="Invented plants: open your own, or remove these"
        >
          Example
        </PageLink>
      ) : null}
      <Unsent />
      <div className={styles.units}>
        <Choice
          label="Lengths"
          options={lengths}
          value={units.length}
          onChange={(length) => setUnits({ ...units, length })}
        />
        <Choice
          label="Temperatures"
          options={temperatures}
          value={units.temperature}
          onChange={(temperature) => setUnits({ ...units, temperature })}
        />
      </div>
    </header>
  );
}
