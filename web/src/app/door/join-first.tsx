import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { CardsAlone } from '../../features/aid/cards-alone.tsx';
import { JoinForm } from './join-form.tsx';

const client = new QueryClient();

/** A device that comes to the book for the first time. What helps the hurt stands beneath, as wherever nothing opens. */
export function JoinFirst() {
  return (
    <QueryClientProvider client={client}>
      <main className="notice p-6 my-[12vh] mx-auto flex-1 flex flex-col min-w-0 max-w-140 [.practice-list+&]:mt-4.5">
        <h1 className="mb-3 text-h1">Join the book</h1>
        <p>
          Someone at the computer that keeps the book opens <b>All</b>, then <b>Phones</b>, and shows a code.
        </p>
        {/* From the beginning, and without the code in the address: it is used up. */}
        <JoinForm onJoined={() => location.replace('/')} />
        <CardsAlone />
      </main>
    </QueryClientProvider>
  );
}
