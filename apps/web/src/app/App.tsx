import { lazy, Suspense } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Loading, ProblemNotice } from '../design';
import { useSession } from '../device';
import { ErrorBoundary } from './ErrorBoundary';

// What is needed before anyone has signed in is little; the rest is fetched for whoever needs it.
const JoinPage = lazy(() => import('../people/SignInPages').then(({ JoinPage: page }) => ({ default: page })));
const SignInPage = lazy(() => import('../people/SignInPages').then(({ SignInPage: page }) => ({ default: page })));
const Screens = lazy(() => import('./Screens'));

export function App() {
  return (
    <ErrorBoundary>
      <BrowserRouter>
        <Suspense fallback={<Loading what="the screen" />}>
          <Gate />
        </Suspense>
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
  const { me, preferences, timeZone } = data;
  if (!me) {
    return (
      <Routes>
        <Route path="/join" element={<JoinPage />} />
        <Route path="*" element={<SignInPage firstVisit={data.firstVisit} signedOutHere={data.signedOutHere} />} />
      </Routes>
    );
  }
  // Another person, or other preferences, are another set of screens: nothing of the last one's state is left.
  return <Screens key={JSON.stringify([me.id, me.role, preferences, timeZone])} role={me.role} />;
}
