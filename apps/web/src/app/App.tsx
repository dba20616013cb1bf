import { lazy, Suspense, type ReactNode } from 'react';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import type { Role } from '@pelvo/contract';
import { ErrorBoundary } from './ErrorBoundary';
import { Empty, Loading, ProblemNotice, ButtonLink } from '../design';
import { MyResultPage, MyResultsPage } from '../assessment/MyResultsPages';
import { JoinPage, SignInPage } from '../people/SignInPages';
import { Shell } from './Shell';
import { useSession } from './useMe';

const TermPage = lazy(() => import('../lessons/TermPage'));
const LessonPage = lazy(() => import('../lessons/LessonPage'));
const NewLessonPage = lazy(() => import('../lessons/NewLessonPage'));
const OrderPage = lazy(() => import('../orders/OrderPage'));
const MarkListPage = lazy(() => import('../assessment/MarkListPage'));
const MarkDishPage = lazy(() => import('../assessment/MarkDishPage'));
const ClassResultsPage = lazy(() => import('../assessment/ClassResultsPage'));
const ResultPage = lazy(() => import('../assessment/ResultPage'));
const TechniquesPage = lazy(() => import('../techniques/TechniquesPage'));
const TechniquePage = lazy(() => import('../techniques/TechniquePage'));
const EditTechniquePage = lazy(() => import('../techniques/EditTechniquePage'));
const ImportTechniquesPage = lazy(() => import('../techniques/ImportTechniquesPage'));
const MapPage = lazy(() => import('../progress/MapPage'));
const CutsPage = lazy(() => import('../cuts/CutsPage'));
const PracticesPage = lazy(() => import('../practices/PracticesPage'));
const RulesPage = lazy(() => import('../rules/RulesPage'));
const DishesPage = lazy(() => import('../dishes/DishesPage'));
const ReadRecipePage = lazy(() => import('../dishes/ReadRecipePage'));
const DishPage = lazy(() => import('../dishes/DishPage'));
const ScalePage = lazy(() => import('../dishes/ScalePage'));
const ComparePage = lazy(() => import('../dishes/ComparePage'));
const ImportPage = lazy(() => import('../dishes/ImportPage'));
const IngredientsPage = lazy(() => import('../ingredients/IngredientsPage'));
const DishEditionPage = lazy(() => import('../dishes/DishEditionPage'));
const ClassesPage = lazy(() => import('../classes/ClassesPage'));
const ClassPage = lazy(() => import('../classes/ClassPage'));
const RubricsPage = lazy(() => import('../rubrics/RubricsPage'));
const RubricPage = lazy(() => import('../rubrics/RubricPage'));
const PeoplePage = lazy(() => import('../people/PeoplePage'));

const STAFF: readonly Role[] = ['lead', 'assistant', 'stores'];
const TEACHING: readonly Role[] = ['lead', 'assistant'];
const LEAD: readonly Role[] = ['lead'];

/** The areas and who may enter them. The server decides; this only spares people a refusal. */
const ROUTES: readonly { readonly path: string; readonly roles: readonly Role[]; readonly page: ReactNode }[] = [
  { path: '/', roles: STAFF, page: <TermPage /> },
  { path: '/lessons/new', roles: LEAD, page: <NewLessonPage /> },
  { path: '/lessons/:id', roles: STAFF, page: <LessonPage /> },
  { path: '/lessons/:id/order', roles: STAFF, page: <OrderPage /> },
  { path: '/lessons/:id/mark', roles: TEACHING, page: <MarkListPage /> },
  { path: '/lessons/:id/mark/:studentId/:dishEditionId', roles: TEACHING, page: <MarkDishPage /> },
  { path: '/lessons/:id/results', roles: TEACHING, page: <ClassResultsPage /> },
  { path: '/results/:id', roles: TEACHING, page: <ResultPage /> },
  { path: '/techniques', roles: STAFF, page: <TechniquesPage /> },
  { path: '/techniques/:id', roles: STAFF, page: <TechniquePage /> },
  { path: '/techniques/new', roles: LEAD, page: <EditTechniquePage /> },
  { path: '/techniques/import', roles: LEAD, page: <ImportTechniquesPage /> },
  { path: '/techniques/:id/edit', roles: LEAD, page: <EditTechniquePage /> },
  { path: '/map', roles: TEACHING, page: <MapPage /> },
  { path: '/cuts', roles: STAFF, page: <CutsPage /> },
  { path: '/practices', roles: STAFF, page: <PracticesPage /> },
  { path: '/rules', roles: STAFF, page: <RulesPage /> },
  { path: '/dishes', roles: STAFF, page: <DishesPage /> },
  { path: '/dishes/new', roles: LEAD, page: <ReadRecipePage /> },
  { path: '/dishes/import', roles: LEAD, page: <ImportPage /> },
  { path: '/dishes/:id/scale', roles: STAFF, page: <ScalePage /> },
  { path: '/dishes/:id/compare', roles: STAFF, page: <ComparePage /> },
  { path: '/ingredients', roles: STAFF, page: <IngredientsPage /> },
  { path: '/dishes/:id', roles: STAFF, page: <DishPage /> },
  { path: '/dish-editions/:id', roles: STAFF, page: <DishEditionPage /> },
  { path: '/classes', roles: TEACHING, page: <ClassesPage /> },
  { path: '/classes/:id', roles: TEACHING, page: <ClassPage /> },
  { path: '/rubrics', roles: TEACHING, page: <RubricsPage /> },
  { path: '/rubrics/:id', roles: TEACHING, page: <RubricPage /> },
  { path: '/people', roles: LEAD, page: <PeoplePage /> },
  { path: '/my-results', roles: ['student'], page: <MyResultsPage /> },
  { path: '/my-results/:id', roles: ['student'], page: <MyResultPage /> },
];

export function App() {
  return (
    <ErrorBoundary>
      <BrowserRouter>
        <Gate />
      </BrowserRouter>
    </ErrorBoundary>
  );
}

function Gate() {
  const { data, error, mutate } = useSession();
  if (error) {
    return (
      <div className="mx-auto max-w-xl p-8">
        <ProblemNotice error={error} retry={() => void mutate()} />
      </div>
    );
  }
  if (!data)
    return (
      <div className="mx-auto max-w-xl p-8">
        <Loading what="your session" />
      </div>
    );
  const { me } = data;
  if (!me) {
    return (
      <Routes>
        <Route path="/join" element={<JoinPage />} />
        <Route path="*" element={<SignInPage firstVisit={data.firstVisit} />} />
      </Routes>
    );
  }
  const home = me.role === 'student' ? '/my-results' : '/';
  return (
    <Suspense
      fallback={
        <Shell>
          <Loading what="the screen" />
        </Shell>
      }
    >
      <Routes>
        {ROUTES.filter((route) => route.roles.includes(me.role)).map(({ path, page }) => (
          <Route key={path} path={path} element={page} />
        ))}
        {home !== '/' ? <Route path="/" element={<Navigate to={home} replace />} /> : null}
        <Route path="/join" element={<Navigate to={home} replace />} />
        <Route
          path="*"
          element={
            <Shell>
              <Empty
                title="There is nothing at this address"
                action={
                  <ButtonLink to={home} kind="main">
                    To the start
                  </ButtonLink>
                }
              >
                The page may have moved, or it is not open to you.
              </Empty>
            </Shell>
          }
        />
      </Routes>
    </Suspense>
  );
}
