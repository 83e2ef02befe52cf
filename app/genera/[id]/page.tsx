import { notFound } from 'next/navigation';
import { genusIds } from '@core';
import { GenusPage } from '@ui/features/genera/genus-page';

/** Written at their first reading, and kept: building all of them would make every start wait. */
export const dynamic = 'force-static';

export function generateStaticParams(): { id: string }[] {
  return [];
}

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  if (!genusIds.includes(id)) notFound();
  return <GenusPage genusId={id} />;
}
