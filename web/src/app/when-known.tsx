import { useEffect, useState } from 'react';
import { Link, Outlet } from 'react-router';
import { type FactsPart, useFactsHere, WhenFacts } from '../asked/facts-here.tsx';
import { useReached } from '../offline/journal-context.tsx';
import { Page, Row } from '../frame/page.tsx';

/** What comes sooner is not spoken of, ms. */
const QUIET_MS = 1000;

const WAITS: Readonly<Record<FactsPart, string>> = {
  species: 'Waiting for the species',
  rules: 'Waiting for the rules and zones',
};

/** The frame of a page whose content needs species and rules that are not on this device yet: quiet at first, then it says so. */
function Waiting() {
  const { missing } = useFactsHere();
  const reached = useReached();
  const [late, setLate] = useState(false);
  // The clock is outside React.
  useEffect(() => {
    const t = setTimeout(() => setLate(true), QUIET_MS);
    return () => clearTimeout(t);
  }, []);
  return (
    <Page title="One moment" first={{ label: 'Page', value: 'on its way' }} cells={[]}>
      {late && (
        <Row className="pad">
          <div role="status">
            <h2>
              {missing.length > 1 ? 'Waiting for the species, the rules and the zones' : missing.map((m) => WAITS[m])}
            </h2>
            <p className="lead">
              Times, weights and verdicts depend on them, so nothing is shown yet. The page opens by itself when they
              arrive; then they stay on this device.
            </p>
            {reached === false && (
              <p>
                The server cannot be reached from here. Go to where there is a signal, or start the server. Every entry
                you made is safe.
              </p>
            )}
          </div>
          <p>
            <Link to="/hurt">Someone is hurt: what helps</Link> works without them.
          </p>
        </Row>
      )}
    </Page>
  );
}

/** Every page that tells of fish, hours or rules: drawn once species and rules are known. */
export function PageWhenKnown() {
  return (
    <WhenFacts otherwise={<Waiting />}>
      <Outlet />
    </WhenFacts>
  );
}
