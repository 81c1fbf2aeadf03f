import { useRouteError } from 'react-router';
import { Notice } from './notice.tsx';

/** A page that broke says so, and that what was written is safe. */
export function Broken({ why }: { why: string }) {
  return (
    <Notice title="This page stopped working" retry={() => location.assign('/')} fault={why}>
      Something went wrong. Everything you noted is safe on this device. Go back to the start.
    </Notice>
  );
}

/** What stands in place of a page that threw, or whose program could not be fetched. */
export function BrokenPage() {
  const e = useRouteError();
  return <Broken why={e instanceof Error ? e.message : String(e)} />;
}
