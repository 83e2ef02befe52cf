import { notFound } from 'next/navigation';
import { genusIds } from '@core';
import { GenusPage } from '@ui/features/genera/genus-page';

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  if (!genusIds.includes(id)) notFound();
  return <GenusPage genusId={id} />;
}
