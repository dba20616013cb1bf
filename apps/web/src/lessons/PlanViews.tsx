import { useMe } from '../device';
import { SubNav } from '../design';

/** What of a lesson is planned, side by side. Whoever does not teach sees the lesson and what is prepared. */
export function PlanViews({ lessonId }: { lessonId: string }) {
  const teaching = useMe().role !== 'stores';
  const at = `/lessons/${lessonId}`;
  const views = [
    { to: at, name: 'The lesson' },
    ...(teaching
      ? [
          { to: `${at}/time`, name: 'Time' },
          { to: `${at}/demonstrations`, name: 'Demonstration' },
        ]
      : []),
    { to: `${at}/preparation`, name: 'Preparation' },
    ...(teaching ? [{ to: `${at}/cooling`, name: 'Cooling' }] : []),
  ];
  return <SubNav label="What is planned" views={views} />;
}
