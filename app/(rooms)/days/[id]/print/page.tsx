import { notFound } from 'next/navigation';
import { dayOf } from '@server/records/days/repository';
import { isId } from '@server/runtime/http/ids';
import { inPage } from '@server/api/in-page';
import { PrintPage } from '@ui/features/day/print/print-page';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const found = isId(id) ? await inPage(({ em, scope }) => dayOf(em, scope, id)) : null;
  if (!found?.day) notFound();
  return <PrintPage first={{ ...found, day: found.day }} />;
}
