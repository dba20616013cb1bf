import { fieldProblem, useSchool, useAction, send, useDraft } from '../device';
import {
  ALLERGEN_LIST_KEYS,
  ALLERGEN_LISTS,
  FOOD_STATES,
  SCHOOL_SETTINGS,
  SETTING_WAYS,
  type AllergenList,
  type FoodState,
  type SchoolBoard,
  type SchoolSettings,
} from '@pelvo/core';
import type { School } from '@pelvo/contract';
import { KeptFor } from './KeptFor';
import { Button, ButtonLink, Choice, Fetching, MeanwhileNotice, PageHead, ProblemNotice, Section, SelectField, TextField } from '../design';

/** How lessons run at this school, and where it is. */
export default function SchoolPage() {
  const { data, error, mutate } = useSchool();
  return (
    <>
      <PageHead
        title="The school"
        lead="How lessons run here unless a lesson says otherwise, and by which clock."
        actions={<ButtonLink to="/school/health">How this installation is</ButtonLink>}
      />
      <Fetching what="the school" done={data !== undefined} error={error} retry={() => void mutate()} />
      {data ? <Settings school={data} onStored={(school) => void mutate(school, { revalidate: false })} /> : null}
    </>
  );
}

const BOARD_FOR: Readonly<Record<FoodState, string>> = {
  'raw flesh': 'Raw meat and fish',
  'raw vegetable': 'Unwashed vegetables',
  ready: 'What is eaten as it is',
  allergen: 'Allergens',
};

const SETTINGS = ['marking', 'counting', 'weighingOut'] as const;

interface SettingWays {
  readonly name: string;
  readonly decides: string;
  readonly ways: Readonly<Record<string, { readonly name: string; readonly says: string }>>;
}

const NAMES: Readonly<Record<string, string>> = {
  marking: SETTING_WAYS.marking.name,
  weighingOut: SETTING_WAYS.weighingOut.name,
  counting: SETTING_WAYS.counting.name,
  allergenList: 'Allergens',
  timeZone: 'Time zone',
  boards: 'Boards',
  doneness: 'Doneness',
  retention: 'How long it is kept',
};

const zones = (): readonly string[] => ['UTC', ...Intl.supportedValuesOf('timeZone').filter((zone) => zone !== 'UTC')];

function Settings({ school, onStored }: { school: School; onStored: (school: School) => void }) {
  const draft = useDraft<SchoolSettings>('school', { content: school.settings, version: school.version }, { format: SCHOOL_SETTINGS });
  const { busy, error, run } = useAction();
  const { content } = draft;
  const set = (change: Partial<SchoolSettings>) => draft.change((now) => ({ ...now, ...change }));
  const save = () =>
    run(() =>
      draft.save(async (settings, version) => {
        const stored = await send<School>('PUT', '/school', { body: settings, version });
        onStored(stored);
        return { content: stored.settings, version: stored.version };
      }),
    );
  return (
    <>
      <div className="mb-5 space-y-3">
        <ProblemNotice error={error} />
        {draft.meanwhile ? (
          <MeanwhileNotice
            what="page"
            clashes={draft.meanwhile.clashes}
            nameOf={(where) => NAMES[where] ?? where}
            onTakeTheirs={draft.takeTheirs}
            onDrop={draft.drop}
          />
        ) : null}
      </div>
      {SETTINGS.map((setting) => {
        const { name, decides, ways } = SETTING_WAYS[setting] as SettingWays;
        return (
          <Section key={setting} title={name}>
            <p className="mb-2">Decides {decides}</p>
            <Choice
              label={name}
              labelHidden
              value={content[setting]}
              options={Object.entries(ways).map(([way, { name: label }]) => ({ value: way as SchoolSettings[typeof setting], label }))}
              onChange={(way) => set({ [setting]: way })}
            />
            <p className="mt-2 text-soft">{ways[content[setting]]!.says}</p>
          </Section>
        );
      })}
      <Section title="Allergens">
        <div className="max-w-md">
          <SelectField
            label="Named on dishes, orders, trays and handouts"
            value={content.allergenList}
            onChange={(event) => set({ allergenList: event.target.value as AllergenList })}
          >
            {ALLERGEN_LIST_KEYS.map((list) => (
              <option key={list} value={list}>
                {ALLERGEN_LISTS[list].name}
              </option>
            ))}
          </SelectField>
        </div>
        <p className="mt-2 text-soft">
          {ALLERGEN_LISTS[content.allergenList].allergens.join(', ')}. What a student must not eat is checked whatever the list.
        </p>
      </Section>
      <Section title="Boards">
        <p className="mb-2 text-soft">
          What the school calls its boards, by what is cut on them. Where a board is changed, its word and colour are shown.
        </p>
        <ul className="grid gap-3 sm:grid-cols-2">
          {FOOD_STATES.map((state) => {
            const board = content.boards[state];
            const change = (part: Partial<SchoolBoard>) => set({ boards: { ...content.boards, [state]: { ...board, ...part } } });
            return (
              <li key={state} className="flex items-end gap-2">
                <div className="flex-1">
                  <TextField
                    label={BOARD_FOR[state]}
                    maxLength={40}
                    value={board.name}
                    problem={fieldProblem(error, `boards.${state}.name`)}
                    onChange={(event) => change({ name: event.target.value })}
                  />
                </div>
                <input
                  type="color"
                  aria-label={`Colour of the board for ${BOARD_FOR[state].toLowerCase()}`}
                  value={board.colour}
                  onChange={(event) => change({ colour: event.target.value })}
                  className="size-11 rounded-sm border-2 border-line bg-tile"
                />
              </li>
            );
          })}
        </ul>
      </Section>
      <Section title="Time zone">
        <div className="max-w-md">
          <SelectField
            label="Days and hours of lessons are of this zone"
            value={content.timeZone}
            onChange={(event) => set({ timeZone: event.target.value })}
          >
            {zones().map((zone) => (
              <option key={zone}>{zone}</option>
            ))}
          </SelectField>
        </div>
      </Section>
      <KeptFor retention={content.retention} error={error} onChange={(retention) => set({ retention })} />
      {draft.dirty ? (
        <div className="mt-6 flex gap-2">
          <Button kind="main" busy={busy} onClick={() => void save()}>
            Save
          </Button>
          <Button onClick={draft.drop}>Drop changes</Button>
        </div>
      ) : null}
    </>
  );
}
