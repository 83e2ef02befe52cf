import { notFound } from 'next/navigation';
import { dayOf } from '@server/records/days/repository';
import { isId } from '@server/runtime/http/ids';
import { inPage } from '@server/api/in-page';
import { RunPage } from '@ui/features/day/run/run-page';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const found = isId(id) ? await inPage(({ em, scope }) => dayOf(em, scope, id)) : null;
  if (!found?.day) notFound();
  return <RunPage first={{ ...found, day: found.day }} />;
}
