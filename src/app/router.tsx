import { createBrowserRouter } from 'react-router';
import { Shell } from './shell';
import { PageProblem } from './page-problem';

/** Each page is loaded when it is first opened; the day book comes with the shell. */
export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    ErrorBoundary: PageProblem,
    HydrateFallback: () => null,
    children: [
      {
        ErrorBoundary: PageProblem,
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../pages/day-book/day-book')).DayBook }) },
          { path: 'makes', lazy: async () => ({ Component: (await import('../pages/makes/makes')).Makes }) },
          { path: 'makes/new', lazy: async () => ({ Component: (await import('../pages/makes/log-a-make')).LogAMake }) },
          { path: 'makes/compare', lazy: async () => ({ Component: (await import('../pages/makes/compare')).Compare }) },
          { path: 'makes/:makeId', lazy: async () => ({ Component: (await import('../pages/makes/make-page')).MakePage }) },
          { path: 'makes/:makeId/change', lazy: async () => ({ Component: (await import('../pages/makes/change-make')).ChangeMake }) },
          { path: 'patterns', lazy: async () => ({ Component: (await import('../pages/patterns/patterns')).Patterns }) },
          { path: 'patterns/new', lazy: async () => ({ Component: (await import('../pages/patterns/new-pattern')).NewPattern }) },
          { path: 'patterns/:patternId', lazy: async () => ({ Component: (await import('../pages/patterns/pattern-account')).PatternAccount }) },
          { path: 'patterns/:patternId/change', lazy: async () => ({ Component: (await import('../pages/patterns/change-pattern')).ChangePattern }) },
          { path: 'fit', lazy: async () => ({ Component: (await import('../pages/fit/fit')).Fit }) },
          { path: 'stash', lazy: async () => ({ Component: (await import('../pages/stash/stash')).Stash }) },
          { path: 'wear', lazy: async () => ({ Component: (await import('../pages/wear/wear')).WearPage }) },
          { path: 'wear/most-worn', lazy: async () => ({ Component: (await import('../pages/wear/most-worn')).MostWorn }) },
          { path: 'measure', lazy: async () => ({ Component: (await import('../pages/measure/practice-page')).PracticePage }) },
          { path: 'measure/:pictureId', lazy: async () => ({ Component: (await import('../pages/measure/measure-page')).MeasurePage }) },
          { path: 'occasions/:occasionId', lazy: async () => ({ Component: (await import('../pages/occasions/occasion-page')).OccasionPage }) },
          { path: 'bench', lazy: async () => ({ Component: (await import('../pages/bench/bench')).Bench }) },
          { path: 'statements', lazy: async () => ({ Component: (await import('../pages/statements/statements')).Statements }) },
          { path: 'makes/:makeId/review', lazy: async () => ({ Component: (await import('../pages/makes/review')).Review }) },
          { path: 'sew-next', lazy: async () => ({ Component: (await import('../pages/sew-next/sew-next')).SewNext }) },
          { path: 'sew-next/shop', lazy: async () => ({ Component: (await import('../pages/sew-next/shop-card')).ShopCardPage }) },
          { path: 'sew-next/:planId/sheet', lazy: async () => ({ Component: (await import('../pages/sew-next/cut-sheet')).CutSheetPage }) },
          { path: 'sew-next/:planId/lay', lazy: async () => ({ Component: (await import('../pages/sew-next/lay-page')).LayPage }) },
          { path: 'sew-next/:planId', lazy: async () => ({ Component: (await import('../pages/sew-next/plan-page')).PlanPage }) },
          { path: 'people/:personId', lazy: async () => ({ Component: (await import('../pages/people/person-page')).PersonPage }) },
          { path: 'line', lazy: async () => ({ Component: (await import('../pages/line/line-help')).LineHelp }) },
          { path: 'tell', lazy: async () => ({ Component: (await import('../pages/line/tell-it')).TellIt }) },
          { path: 'files', lazy: async () => ({ Component: (await import('../pages/files/files')).Files }) },
          { path: 'files/table', lazy: async () => ({ Component: (await import('../pages/files/take-in-a-table')).TakeInATable }) },
          { path: '*', Component: PageProblem },
        ],
      },
    ],
  },
]);
