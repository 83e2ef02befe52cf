import { notFound } from 'next/navigation';
import { plantLog } from '@server/collection/plants';
import { entityManager } from '@server/db/orm';
import { isId } from '@server/http/ids';
import { PlantLogView } from '@ui/plants/plant-log';

export const dynamic = 'force-dynamic';

export default async function PlantPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const log = isId(id) ? await plantLog(await entityManager(), id) : null;
  if (!log) notFound();
  // Rows to plain data: server components hand over JSON only.
  return <PlantLogView log={JSON.parse(JSON.stringify(log)) as typeof log} />;
}
