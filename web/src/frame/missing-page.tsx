import { Page, Row } from './page.tsx';

export function MissingPage() {
  return (
    <Page title="No such page" first={{ label: 'Page', value: 'none' }} cells={[]}>
      <Row className="pad">
        <h2>No such page</h2>
        <p>The book has no page at this address. The tabs at the edge lead to every station.</p>
      </Row>
    </Page>
  );
}
