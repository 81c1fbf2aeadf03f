import { createBrowserRouter, Navigate } from 'react-router';
import { openTrip } from '@dagboek/journal';
import { useBook } from '../kit/journal/journal-context.tsx';
import { BrokenPage } from './broken-page.tsx';
import { UnsentPage } from './unsent-page.tsx';
import { MissingPage } from '../kit/missing-page.tsx';
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
      { path: '/welcome', lazy: async () => ({ Component: (await import('../plan/welcome-page.tsx')).WelcomePage }) },
      { path: '/hurt', lazy: async () => ({ Component: (await import('../aid/hurt-page.tsx')).HurtPage }) },
      { path: '/hurt/:id', lazy: async () => ({ Component: (await import('../aid/incident-page.tsx')).IncidentPage }) },
      { path: '/all', lazy: async () => ({ Component: (await import('./all-page.tsx')).AllPage }) },
      { path: '/join', lazy: async () => ({ Component: (await import('./door/join-page.tsx')).JoinPage }) },
      // Whatever tells of fish, hours or rules waits for species and rules.
      {
        element: <PageWhenKnown />,
        children: [
          { path: '/plan', lazy: async () => ({ Component: (await import('../plan/plan-page.tsx')).PlanPage }) },
          {
            path: '/plan/officer',
            lazy: async () => ({ Component: (await import('../plan/officer-sheet.tsx')).OfficerSheet }),
          },
          {
            path: '/plan/briefing',
            lazy: async () => ({ Component: (await import('../plan/briefing-sheet.tsx')).BriefingSheet }),
          },
          { path: '/plan/map', lazy: async () => ({ Component: (await import('../plan/map-page.tsx')).MapPage }) },
          {
            path: '/plan/rules',
            lazy: async () => ({ Component: (await import('../plan/rules-page.tsx')).RulesPage }),
          },
          { path: '/deck', lazy: async () => ({ Component: (await import('../deck/deck-page.tsx')).DeckPage }) },
          { path: '/box', lazy: async () => ({ Component: (await import('../box/box-page.tsx')).BoxPage }) },
          { path: '/board', lazy: async () => ({ Component: (await import('../board/board-page.tsx')).BoardPage }) },
          {
            path: '/board/yields',
            lazy: async () => ({ Component: (await import('../board/yields-page.tsx')).YieldsPage }),
          },
          { path: '/board/:id', lazy: async () => ({ Component: (await import('../board/cut-page.tsx')).CutPage }) },
          {
            path: '/board/:id/steps',
            lazy: async () => ({ Component: (await import('../board/steps-page.tsx')).StepsPage }),
          },
          {
            path: '/larder',
            lazy: async () => ({ Component: (await import('../larder/larder-page.tsx')).LarderPage }),
          },
          {
            path: '/larder/store/:id',
            lazy: async () => ({ Component: (await import('../larder/store-page.tsx')).StorePage }),
          },
          {
            path: '/larder/labels',
            lazy: async () => ({ Component: (await import('../larder/labels-page.tsx')).LabelsPage }),
          },
          {
            path: '/larder/plan',
            lazy: async () => ({ Component: (await import('../larder/menu-page.tsx')).MenuPage }),
          },
          {
            path: '/larder/season',
            lazy: async () => ({ Component: (await import('../larder/season-page.tsx')).SeasonPage }),
          },
          {
            path: '/larder/store/:id/count',
            lazy: async () => ({ Component: (await import('../larder/count-page.tsx')).CountPage }),
          },
          {
            path: '/larder/:id',
            lazy: async () => ({ Component: (await import('../larder/pack-page.tsx')).PackPage }),
          },
          { path: '/table', lazy: async () => ({ Component: (await import('../table/table-page.tsx')).TablePage }) },
          {
            path: '/table/new',
            lazy: async () => ({ Component: (await import('../table/new-meal-page.tsx')).NewMealPage }),
          },
          {
            path: '/table/recipes',
            lazy: async () => ({ Component: (await import('../table/recipes-page.tsx')).RecipesPage }),
          },
          {
            path: '/table/recipes/:id',
            lazy: async () => ({ Component: (await import('../table/recipe-page.tsx')).RecipePage }),
          },
          {
            path: '/table/kitchen',
            lazy: async () => ({ Component: (await import('../table/kitchen-page.tsx')).KitchenPage }),
          },
          {
            path: '/table/dinner/:id',
            lazy: async () => ({ Component: (await import('../table/dinner-page.tsx')).DinnerPage }),
          },
          {
            path: '/table/:id/record',
            lazy: async () => ({ Component: (await import('../table/record-page.tsx')).RecordPage }),
          },
          { path: '/table/:id', lazy: async () => ({ Component: (await import('../table/meal-page.tsx')).MealPage }) },
          { path: '/book', lazy: async () => ({ Component: (await import('../book/book-page.tsx')).BookPage }) },
          {
            path: '/book/weight/:species',
            lazy: async () => ({ Component: (await import('../book/weight-page.tsx')).WeightPage }),
          },
          { path: '/trip/:id', lazy: async () => ({ Component: (await import('../book/trip-page.tsx')).TripPage }) },
          {
            path: '/hurt/:id/sheet',
            lazy: async () => ({ Component: (await import('../aid/incident-sheet.tsx')).IncidentSheet }),
          },
          { path: '/crew', lazy: async () => ({ Component: (await import('../plan/crew-page.tsx')).CrewPage }) },
          { path: '/fish/:id', lazy: async () => ({ Component: (await import('../book/fish-page.tsx')).FishPage }) },
          {
            path: '/catalogue',
            lazy: async () => ({ Component: (await import('../catalogue/catalogue-page.tsx')).CataloguePage }),
          },
          {
            path: '/catalogue/compare',
            lazy: async () => ({ Component: (await import('../catalogue/compare-page.tsx')).ComparePage }),
          },
          {
            path: '/catalogue/packs',
            lazy: async () => ({ Component: (await import('../catalogue/packs-page.tsx')).PacksPage }),
          },
          {
            path: '/catalogue/:id',
            lazy: async () => ({ Component: (await import('../catalogue/catalogue-page.tsx')).CataloguePage }),
          },
          { path: '/phones', lazy: async () => ({ Component: (await import('./door/phones-page.tsx')).PhonesPage }) },
          {
            path: '/phones/:id',
            lazy: async () => ({ Component: (await import('./door/device-page.tsx')).DevicePage }),
          },
          { path: '/unsent', element: <UnsentPage /> },
        ],
      },
      { path: '*', element: <MissingPage /> },
    ],
  },
]);
