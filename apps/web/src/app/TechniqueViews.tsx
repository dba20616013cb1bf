import { useMe } from '../device';
import { SubNav } from '../design';

/** The views of techniques: cards, the map of a class, named cuts, and what is decided for all of them. */
export function TechniqueViews() {
  const teaching = useMe().role !== 'stores';
  return (
    <SubNav
      label="Views of techniques"
      views={[
        { to: '/techniques', name: 'Cards' },
        ...(teaching ? [{ to: '/map', name: 'Map of a class' }] : []),
        { to: '/cuts', name: 'Named cuts' },
        { to: '/doneness', name: 'Doneness and stages' },
        { to: '/practices', name: 'Practices' },
        { to: '/rules', name: 'Local rules' },
      ]}
    />
  );
}
