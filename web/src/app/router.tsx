import { createBrowserRouter, Navigate } from 'react-router';
import { openTrip } from '@dagboek/journal';
import { useBook } from '../offline/journal-context.tsx';
import { BrokenPage } from './broken-page.tsx';
import { MissingPage } from '../frame/missing-page.tsx';
import { Frame } from './frame.tsx';
import { Notice } from './notice.tsx';
import { PageWhenKnown } from './when-known.tsx';

/** Where the book opens: at the trip under way, else at the diary. */
function Start() {
  const { book } = useBook();
  return <Navigate to={openTrip(book) ? '/deck' : '/book'} replace />;
}

export const router = createBrowserRouter([
  {
    element: <Frame />,
    ErrorBoundary: BrokenPage,
    HydrateFallback: () => <Notice title="Opening the page">One moment.</Notice>,
    children: [
      { path: '/', element: <Start /> },
      {
        path: '/welcome',
        lazy: async () => ({ Component: (await import('../features/plan/welcome-page.tsx')).WelcomePage }),
      },
      { path: '/hurt', lazy: async () => ({ Component: (await import('../features/aid/hurt-page.tsx')).HurtPage }) },
      {
        path: '/hurt/:id',
        lazy: async () => ({ Component: (await import('../features/aid/incident-page.tsx')).IncidentPage }),
      },
      { path: '/all', lazy: async () => ({ Component: (await import('./all-page.tsx')).AllPage }) },
      { path: '/join', lazy: async () => ({ Component: (await import('./door/join-page.tsx')).JoinPage }) },
      {
        path: '/handbook/:id?',
        lazy: async () => ({ Component: (await import('../features/handbook/handbook-page.tsx')).HandbookPage }),
      },
      // Whatever tells of fish, hours or rules waits for species and rules.
      {
        element: <PageWhenKnown />,
        children: [
          {
            path: '/plan',
            lazy: async () => ({ Component: (await import('../features/plan/plan-page.tsx')).PlanPage }),
          },
          {
            path: '/plan/officer',
            lazy: async () => ({ Component: (await import('../features/plan/officer-sheet.tsx')).OfficerSheet }),
          },
          {
            path: '/plan/briefing',
            lazy: async () => ({ Component: (await import('../features/plan/briefing-sheet.tsx')).BriefingSheet }),
          },
          {
            path: '/plan/map',
            lazy: async () => ({ Component: (await import('../features/plan/map-page.tsx')).MapPage }),
          },
          {
            path: '/plan/rules',
            lazy: async () => ({ Component: (await import('../features/plan/rules-page.tsx')).RulesPage }),
          },
          {
            path: '/deck',
            lazy: async () => ({ Component: (await import('../features/deck/deck-page.tsx')).DeckPage }),
          },
          { path: '/box', lazy: async () => ({ Component: (await import('../features/box/box-page.tsx')).BoxPage }) },
          {
            path: '/board',
            lazy: async () => ({ Component: (await import('../features/board/board-page.tsx')).BoardPage }),
          },
          {
            path: '/board/yields',
            lazy: async () => ({ Component: (await import('../features/board/yields-page.tsx')).YieldsPage }),
          },
          {
            path: '/board/:id',
            lazy: async () => ({ Component: (await import('../features/board/cut-page.tsx')).CutPage }),
          },
          {
            path: '/board/:id/steps',
            lazy: async () => ({ Component: (await import('../features/board/steps-page.tsx')).StepsPage }),
          },
          {
            path: '/larder',
            lazy: async () => ({ Component: (await import('../features/larder/larder-page.tsx')).LarderPage }),
          },
          {
            path: '/larder/store/:id',
            lazy: async () => ({ Component: (await import('../features/larder/store-page.tsx')).StorePage }),
          },
          {
            path: '/larder/labels',
            lazy: async () => ({ Component: (await import('../features/larder/labels-page.tsx')).LabelsPage }),
          },
          {
            path: '/larder/plan',
            lazy: async () => ({ Component: (await import('../features/larder/menu-page.tsx')).MenuPage }),
          },
          {
            path: '/larder/season',
            lazy: async () => ({ Component: (await import('../features/larder/season-page.tsx')).SeasonPage }),
          },
          {
            path: '/larder/store/:id/count',
            lazy: async () => ({ Component: (await import('../features/larder/count-page.tsx')).CountPage }),
          },
          {
            path: '/larder/:id',
            lazy: async () => ({ Component: (await import('../features/larder/pack-page.tsx')).PackPage }),
          },
          {
            path: '/table',
            lazy: async () => ({ Component: (await import('../features/table/table-page.tsx')).TablePage }),
          },
          {
            path: '/table/new',
            lazy: async () => ({ Component: (await import('../features/table/new-meal-page.tsx')).NewMealPage }),
          },
          {
            path: '/table/fire',
            lazy: async () => ({ Component: (await import('../features/table/fire-page.tsx')).FirePage }),
          },
          {
            path: '/table/recipes',
            lazy: async () => ({ Component: (await import('../features/table/recipes-page.tsx')).RecipesPage }),
          },
          {
            path: '/table/recipes/:id',
            lazy: async () => ({ Component: (await import('../features/table/recipe-page.tsx')).RecipePage }),
          },
          {
            path: '/table/kitchen',
            lazy: async () => ({ Component: (await import('../features/table/kitchen-page.tsx')).KitchenPage }),
          },
          {
            path: '/table/dinner/:id',
            lazy: async () => ({ Component: (await import('../features/table/dinner-page.tsx')).DinnerPage }),
          },
          {
            path: '/table/:id/record',
            lazy: async () => ({ Component: (await import('../features/table/record-page.tsx')).RecordPage }),
          },
          {
            path: '/table/:id',
            lazy: async () => ({ Component: (await import('../features/table/meal-page.tsx')).MealPage }),
          },
          {
            path: '/book',
            lazy: async () => ({ Component: (await import('../features/book/book-page.tsx')).BookPage }),
          },
          {
            path: '/book/weight/:species',
            lazy: async () => ({ Component: (await import('../features/book/weight-page.tsx')).WeightPage }),
          },
          {
            path: '/trip/:id',
            lazy: async () => ({ Component: (await import('../features/book/trip-page.tsx')).TripPage }),
          },
          {
            path: '/hurt/:id/sheet',
            lazy: async () => ({ Component: (await import('../features/aid/incident-sheet.tsx')).IncidentSheet }),
          },
          {
            path: '/crew',
            lazy: async () => ({ Component: (await import('../features/plan/crew-page.tsx')).CrewPage }),
          },
          {
            path: '/fish/:id',
            lazy: async () => ({ Component: (await import('../features/book/fish-page.tsx')).FishPage }),
          },
          {
            path: '/catalogue',
            lazy: async () => ({ Component: (await import('../features/catalogue/catalogue-page.tsx')).CataloguePage }),
          },
          {
            path: '/catalogue/compare',
            lazy: async () => ({ Component: (await import('../features/catalogue/compare-page.tsx')).ComparePage }),
          },
          {
            path: '/catalogue/packs',
            lazy: async () => ({ Component: (await import('../features/catalogue/packs-page.tsx')).PacksPage }),
          },
          {
            path: '/catalogue/:id',
            lazy: async () => ({ Component: (await import('../features/catalogue/catalogue-page.tsx')).CataloguePage }),
          },
          { path: '/phones', lazy: async () => ({ Component: (await import('./door/phones-page.tsx')).PhonesPage }) },
          {
            path: '/phones/:id',
            lazy: async () => ({ Component: (await import('./door/device-page.tsx')).DevicePage }),
          },
          { path: '/unsent', lazy: async () => ({ Component: (await import('./unsent-page.tsx')).UnsentPage }) },
        ],
      },
      { path: '*', element: <MissingPage /> },
    ],
  },
]);
