import { Page, Row } from './page.tsx';

export function MissingPage() {
  return (
    <Page title="Page not found" first={{ label: 'Page', value: 'none' }} cells={[]}>
      <Row className="pad">
        <h2>Page not found</h2>
        <p>There is no page at this address. The tabs at the edge lead to every station.</p>
      </Row>
    </Page>
  );
}
