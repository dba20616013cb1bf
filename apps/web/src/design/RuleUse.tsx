import { Link } from 'react-router';
import { usePreferences } from '../device';
import { RULE_SPECS, showRule, WHO_DECIDES, type LocalRules, type RuleKey } from '@pelvo/core';

/** The local rules something goes by, each with its source, and who decides. Stands wherever a rule is used. */
export function RuleUse({ rules, profile }: { rules: readonly RuleKey[]; profile: LocalRules }) {
  const preferences = usePreferences();
  if (rules.length === 0) return null;
  return (
    <div className="text-small">
      <ul className="space-y-1">
        {rules.map((key) => (
          <li key={key}>
            <b>{showRule(key, profile, preferences)}</b>{' '}
            <span className="text-soft">{profile[key] === undefined ? RULE_SPECS[key].source : 'set by this school'}</span>
          </li>
        ))}
      </ul>
      <p className="mt-1">
        {WHO_DECIDES} <Link to="/rules">Local rules</Link>
      </p>
    </div>
  );
}
