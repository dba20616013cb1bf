import { lazy, Suspense, type ReactNode } from 'react';
import { Navigate, Outlet, Route, Routes } from 'react-router';
import type { Role } from '@pelvo/contract';
import { Empty, Loading, ButtonLink } from '../design';
import { LessonStripHere, TermStrip } from '../lessons';
import { Frame } from './Frame';
import { TechniqueViews } from './TechniqueViews';

const MyResultsPage = lazy(() => import('../assessment/MyResultsPages').then(({ MyResultsPage: page }) => ({ default: page })));
const MyResultPage = lazy(() => import('../assessment/MyResultsPages').then(({ MyResultPage: page }) => ({ default: page })));
const TermPage = lazy(() => import('../lessons/TermPage'));
const LessonPage = lazy(() => import('../lessons/LessonPage'));
const NewLessonPage = lazy(() => import('../lessons/NewLessonPage'));
const OrderPage = lazy(() => import('../orders/OrderPage'));
const MarkListPage = lazy(() => import('../assessment/MarkListPage'));
const MarkDishPage = lazy(() => import('../assessment/MarkDishPage'));
const ClassResultsPage = lazy(() => import('../assessment/ClassResultsPage'));
const StationRoundPage = lazy(() => import('../assessment/StationRoundPage'));
const FairnessPage = lazy(() => import('../assessment/FairnessPage'));
const ResultPage = lazy(() => import('../assessment/ResultPage'));
const TechniquesPage = lazy(() => import('../techniques/TechniquesPage'));
const TechniquePage = lazy(() => import('../techniques/TechniquePage'));
const EditTechniquePage = lazy(() => import('../techniques/EditTechniquePage'));
const ImportTechniquesPage = lazy(() => import('../techniques/ImportTechniquesPage'));
const MapPage = lazy(() => import('../progress/MapPage'));
const SkillsPage = lazy(() => import('../progress/SkillsPage'));
const CutsPage = lazy(() => import('../cuts/CutsPage'));
const DonenessPage = lazy(() => import('../doneness/DonenessPage'));
const PracticesPage = lazy(() => import('../practices/PracticesPage'));
const RulesPage = lazy(() => import('../rules/RulesPage'));
const KitchensPage = lazy(() => import('../kitchens/KitchensPage'));
const TimePage = lazy(() => import('../schedule/TimePage'));
const DishesPage = lazy(() => import('../dishes/DishesPage'));
const DemonstrationsPage = lazy(() => import('../demonstrations/DemonstrationsPage'));
const TermOfClassPage = lazy(() => import('../terms/TermOfClassPage'));
const CoolingPage = lazy(() => import('../cooling/CoolingPage'));
const PreparationPage = lazy(() => import('../preparation/PreparationPage'));
const PresentPage = lazy(() => import('../demonstrations/PresentPage'));
const ReadRecipePage = lazy(() => import('../dishes/read/ReadRecipePage'));
const DishPage = lazy(() => import('../dishes/DishPage'));
const ScalePage = lazy(() => import('../dishes/scale/ScalePage'));
const ComparePage = lazy(() => import('../dishes/editions/ComparePage'));
const ImportPage = lazy(() => import('../dishes/files/ImportPage'));
const IngredientsPage = lazy(() => import('../ingredients/IngredientsPage'));
const DishEditionPage = lazy(() => import('../dishes/editions/DishEditionPage'));
const ClassesPage = lazy(() => import('../classes/ClassesPage'));
const ClassPage = lazy(() => import('../classes/ClassPage'));
const RubricsPage = lazy(() => import('../rubrics/RubricsPage'));
const RubricPage = lazy(() => import('../rubrics/RubricPage'));
const StandardisationsPage = lazy(() => import('../standardisation/StandardisationsPage'));
const StandardisationPage = lazy(() => import('../standardisation/StandardisationPage'));
const HealthPage = lazy(() => import('../school/HealthPage'));
const SchoolPage = lazy(() => import('../school/SchoolPage'));
const PreferencesPage = lazy(() => import('../people/PreferencesPage'));
const PeoplePage = lazy(() => import('../people/PeoplePage'));

const STAFF: readonly Role[] = ['lead', 'assistant', 'stores'];
const TEACHING: readonly Role[] = ['lead', 'assistant'];
const LEAD: readonly Role[] = ['lead'];

interface Screen {
  readonly path: string;
  readonly roles: readonly Role[];
  readonly page: ReactNode;
}

/** The areas and who may enter them, by the frame they stand in. The server decides; this only spares people a refusal. */
const TERM: readonly Screen[] = [{ path: '/', roles: STAFF, page: <TermPage /> }];
const LESSON: readonly Screen[] = [
  { path: '/lessons/:id', roles: STAFF, page: <LessonPage /> },
  { path: '/lessons/:id/time', roles: TEACHING, page: <TimePage /> },
  { path: '/lessons/:id/demonstrations', roles: TEACHING, page: <DemonstrationsPage /> },
  { path: '/lessons/:id/preparation', roles: STAFF, page: <PreparationPage /> },
  { path: '/lessons/:id/cooling', roles: TEACHING, page: <CoolingPage /> },
  { path: '/lessons/:id/order', roles: STAFF, page: <OrderPage /> },
  { path: '/lessons/:id/mark', roles: TEACHING, page: <MarkListPage /> },
  { path: '/lessons/:id/mark/round', roles: TEACHING, page: <StationRoundPage /> },
  { path: '/lessons/:id/results', roles: TEACHING, page: <ClassResultsPage /> },
];
const TECHNIQUES: readonly Screen[] = [
  { path: '/techniques', roles: STAFF, page: <TechniquesPage /> },
  { path: '/map', roles: TEACHING, page: <MapPage /> },
  { path: '/cuts', roles: STAFF, page: <CutsPage /> },
  { path: '/doneness', roles: STAFF, page: <DonenessPage /> },
  { path: '/practices', roles: STAFF, page: <PracticesPage /> },
  { path: '/rules', roles: STAFF, page: <RulesPage /> },
];
const OTHERS: readonly Screen[] = [
  { path: '/lessons/new', roles: LEAD, page: <NewLessonPage /> },
  { path: '/kitchens', roles: STAFF, page: <KitchensPage /> },
  { path: '/results/:id', roles: TEACHING, page: <ResultPage /> },
  { path: '/techniques/:id', roles: STAFF, page: <TechniquePage /> },
  { path: '/techniques/new', roles: LEAD, page: <EditTechniquePage /> },
  { path: '/techniques/import', roles: LEAD, page: <ImportTechniquesPage /> },
  { path: '/techniques/:id/edit', roles: LEAD, page: <EditTechniquePage /> },
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
  { path: '/classes/:id/term', roles: TEACHING, page: <TermOfClassPage /> },
  { path: '/classes/:id/skills', roles: TEACHING, page: <SkillsPage /> },
  { path: '/classes/:id/fairness', roles: LEAD, page: <FairnessPage /> },
  { path: '/rubrics', roles: TEACHING, page: <RubricsPage /> },
  { path: '/rubrics/:id', roles: TEACHING, page: <RubricPage /> },
  { path: '/standardisations', roles: TEACHING, page: <StandardisationsPage /> },
  { path: '/standardisations/:id', roles: TEACHING, page: <StandardisationPage /> },
  { path: '/people', roles: LEAD, page: <PeoplePage /> },
  { path: '/school', roles: LEAD, page: <SchoolPage /> },
  { path: '/school/health', roles: LEAD, page: <HealthPage /> },
  { path: '/preferences', roles: [...STAFF, 'student'], page: <PreferencesPage /> },
  { path: '/my-results', roles: ['student'], page: <MyResultsPage /> },
  { path: '/my-results/:id', roles: ['student'], page: <MyResultPage /> },
];
/** At the pass nothing stands around the plate but its lesson. */
const AT_THE_PASS: readonly Screen[] = [
  { path: '/lessons/:id/mark/:studentId/:dishEditionId', roles: TEACHING, page: <MarkDishPage /> },
  { path: '/lessons/:id/demonstrations/:dishId/show', roles: TEACHING, page: <PresentPage /> },
];

/** The screens of whoever is signed in. */
export default function Screens({ role }: { role: Role }) {
  const home = role === 'student' ? '/my-results' : '/';
  const of = (screens: readonly Screen[]) =>
    screens.filter((screen) => screen.roles.includes(role)).map(({ path, page }) => <Route key={path} path={path} element={page} />);
  return (
    <Routes>
      <Route element={<Frame strip={<TermStrip small={false} />} />}>{of(TERM)}</Route>
      <Route element={<Frame strip={<LessonStripHere />} />}>{of(LESSON)}</Route>
      <Route element={<Frame views={<TechniqueViews />} />}>{of(TECHNIQUES)}</Route>
      <Route element={<Frame />}>
        {of(OTHERS)}
        {home !== '/' ? <Route path="/" element={<Navigate to={home} replace />} /> : null}
        <Route
          path="*"
          element={
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
          }
        />
      </Route>
      <Route
        element={
          <Suspense fallback={<Loading what="the screen" />}>
            <Outlet />
          </Suspense>
        }
      >
        {of(AT_THE_PASS)}
      </Route>
      <Route path="/join" element={<Navigate to={home} replace />} />
    </Routes>
  );
}
