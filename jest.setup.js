import fc from 'fast-check';

// The same examples in every run, so that a red run is red for a reason in the change; a failure prints its own path.
fc.configureGlobal({ seed: 20260912 });
