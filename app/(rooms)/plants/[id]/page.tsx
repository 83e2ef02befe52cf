import { notFound } from 'next/navigation';
import { isId } from '@server/runtime/http/ids';
import { inPage } from '@server/api/in-page';
import { plantLog } from '@server/projections/plants/plant-log';
import { PlantLogView } from '@ui/features/plants/plant-log';

export const dynamic = 'force-dynamic';

export default async function PlantPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const log = isId(id) ? await inPage(({ em, scope }) => plantLog(em, scope, id)) : null;
  if (!log) notFound();
  return <PlantLogView firstLog={log} />;
}
