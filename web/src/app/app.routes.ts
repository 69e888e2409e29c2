import type { Routes } from '@angular/router';

export const routes: Routes = [
  { path: '', pathMatch: 'full', title: 'Jobs · Lift Bare', loadComponent: () => import('./features/jobs/jobs-page').then((m) => m.JobsPage) },
  { path: 'shop', pathMatch: 'full', redirectTo: 'shop/figures' },
  { path: 'shop/:tab', title: 'Shop · Lift Bare', loadComponent: () => import('./features/stores/shop-page').then((m) => m.ShopPage) },
  { path: 'week', title: 'Shop week · Lift Bare', loadComponent: () => import('./features/time/week-page').then((m) => m.WeekPage) },
  { path: 'catalogue', title: 'Catalogue · Lift Bare', loadComponent: () => import('./features/stores/catalogue-page').then((m) => m.CataloguePage) },
  { path: 'practice', title: 'Practice · Lift Bare', loadComponent: () => import('./features/practice/practice-page').then((m) => m.PracticePage) },
  {
    path: 'practice/bench',
    title: 'Practice bench · Lift Bare',
    loadComponent: () => import('./features/practice/practice-run').then((m) => m.PracticeRunPage),
  },
  { path: 'practice/signs', title: 'Signs · Lift Bare', loadComponent: () => import('./features/practice/signs-page').then((m) => m.SignsPage) },
  { path: 'new', title: 'New job · Lift Bare', loadComponent: () => import('./features/new-job/new-job-page').then((m) => m.NewJobPage) },
  { path: 'words', title: 'Words · Lift Bare', loadComponent: () => import('./features/stores/words-page').then((m) => m.WordsPage) },
  { path: 'bench', title: 'Bench · Lift Bare', loadComponent: () => import('./features/bench/bench-page').then((m) => m.BenchPage) },
  {
    path: 'jobs/:jobId',
    loadComponent: () => import('./features/job-frame/job-frame').then((m) => m.JobFrame),
    children: [
      { path: '', pathMatch: 'full', redirectTo: 'intake' },
      { path: 'intake', title: 'Intake · Lift Bare', loadComponent: () => import('./features/intake/intake-page').then((m) => m.IntakePage) },
      { path: 'method', title: 'Method · Lift Bare', loadComponent: () => import('./features/method/method-page').then((m) => m.MethodPage) },
      { path: 'way-off', pathMatch: 'full', redirectTo: 'method' },
      { path: 'strip', title: 'Strip · Lift Bare', loadComponent: () => import('./features/strip/strip-page').then((m) => m.StripPage) },
      { path: 'bare', title: 'Bare · Lift Bare', loadComponent: () => import('./features/bare/bare-page').then((m) => m.BarePage) },
      { path: 'build', title: 'Build · Lift Bare', loadComponent: () => import('./features/build/build-page').then((m) => m.BuildPage) },
      { path: 'safety', title: 'Safety · Lift Bare', loadComponent: () => import('./features/safety/safety-page').then((m) => m.SafetyPage) },
      { path: 'book', title: 'Book · Lift Bare', loadComponent: () => import('./features/book/book-page').then((m) => m.BookPage) },
      { path: 'plans', title: 'Plans side by side · Lift Bare', loadComponent: () => import('./features/plans/plans-page').then((m) => m.PlansPage) },
      { path: 'papers', title: 'Papers · Lift Bare', loadComponent: () => import('./features/papers/papers-page').then((m) => m.PapersPage) },
      { path: 'time', title: 'Time · Lift Bare', loadComponent: () => import('./features/time/time-page').then((m) => m.TimePage) },
      {
        path: 'run-sheet',
        title: 'Run sheet · Lift Bare',
        loadComponent: () => import('./features/run-sheet/run-sheet-page').then((m) => m.RunSheetPage),
      },
    ],
  },
  { path: '**', redirectTo: '' },
];
