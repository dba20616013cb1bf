import { safeCsv } from './csv';

/** A class, its students and what they were told, as a gradebook elsewhere takes it. */
export interface RosterOfClass {
  readonly school: { readonly id: string; readonly name: string };
  readonly class: { readonly id: string; readonly name: string; readonly term: string };
  /** First and last day of its lessons, ISO. */
  readonly begins: string;
  readonly ends: string;
  readonly students: readonly { readonly id: string; readonly name: string; readonly number: string; readonly active: boolean }[];
  readonly teachers: readonly { readonly id: string; readonly name: string }[];
  /** A dish of a lesson that was marked and given out. */
  readonly marked: readonly { readonly id: string; readonly title: string; readonly lesson: string; readonly date: string }[];
  readonly results: readonly {
    readonly id: string;
    readonly of: string;
    readonly studentId: string;
    /** As the student was told it: "72", or "Pass" where no number is told. */
    readonly told: string;
    readonly date: string;
  }[];
}

const COLUMNS = {
  'academicSessions.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'title',
    'type',
    'startDate',
    'endDate',
    'parentSourcedId',
    'schoolYear',
  ],
  'orgs.csv': ['sourcedId', 'status', 'dateLastModified', 'name', 'type', 'identifier', 'parentSourcedId'],
  'courses.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'schoolYearSourcedId',
    'title',
    'courseCode',
    'grades',
    'orgSourcedId',
    'subjects',
    'subjectCodes',
  ],
  'classes.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'title',
    'grades',
    'courseSourcedId',
    'classCode',
    'classType',
    'location',
    'schoolSourcedId',
    'termSourcedIds',
    'subjects',
    'subjectCodes',
    'periods',
  ],
  'users.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'enabledUser',
    'username',
    'userIds',
    'givenName',
    'familyName',
    'middleName',
    'identifier',
    'email',
    'sms',
    'phone',
    'agentSourcedIds',
    'grades',
    'password',
    'userMasterIdentifier',
    'preferredGivenName',
    'preferredMiddleName',
    'preferredFamilyName',
    'primaryOrgSourcedId',
    'pronouns',
  ],
  'roles.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'userSourcedId',
    'roleType',
    'role',
    'beginDate',
    'endDate',
    'orgSourcedId',
    'userProfileSourcedId',
  ],
  'enrollments.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'classSourcedId',
    'schoolSourcedId',
    'userSourcedId',
    'role',
    'primary',
    'beginDate',
    'endDate',
  ],
  'categories.csv': ['sourcedId', 'status', 'dateLastModified', 'title', 'weight'],
  'lineItems.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'title',
    'description',
    'assignDate',
    'dueDate',
    'classSourcedId',
    'categorySourcedId',
    'gradingPeriodSourcedId',
    'academicSessionSourcedId',
    'schoolSourcedId',
    'resultValueMin',
    'resultValueMax',
  ],
  'results.csv': [
    'sourcedId',
    'status',
    'dateLastModified',
    'lineItemSourcedId',
    'studentSourcedId',
    'scoreStatus',
    'score',
    'scoreDate',
    'comment',
    'textScore',
    'classSourcedId',
    'inProgress',
    'incomplete',
    'late',
    'missing',
  ],
} as const;
export type OneRosterFile = keyof typeof COLUMNS | 'manifest.csv';

/** Files of the standard that are not written. */
const ABSENT = [
  'classResources',
  'courseResources',
  'demographics',
  'lineItemLearningObjectiveIds',
  'lineItemScoreScales',
  'resources',
  'resultLearningObjectiveIds',
  'resultScoreScales',
  'scoreScales',
  'userProfiles',
  'userResources',
];

const CATEGORY = 'practical-dishes';

/** The last word of a name is taken for the family's; one word alone stands for both, since neither may be empty. */
export function givenAndFamily(name: string): readonly [given: string, family: string] {
  const words = name.trim().split(/\s+/);
  const family = words.at(-1) ?? '';
  return [words.slice(0, -1).join(' ') || family, family];
}

/**
 * A class for a gradebook elsewhere: the files of a bulk export by name, to be put into one archive. What a file's columns hold is said in
 * `docs/formats/oneroster.md`.
 *
 * @source 1EdTech OneRoster 1.2, CSV binding
 */
export function oneRosterFiles(roster: RosterOfClass): Readonly<Record<OneRosterFile, string>> {
  const { school, class: own, begins, ends } = roster;
  const [term, course] = [`${own.id}-term`, `${own.id}-course`];
  const year = begins.slice(0, 4);
  const enrolled = roster.students.filter(({ active }) => active);
  const user = (id: string, name: string, identifier: string, enabled: boolean) => {
    const [givenName, familyName] = givenAndFamily(name);
    return { sourcedId: id, enabledUser: String(enabled), username: '', givenName, familyName, identifier, primaryOrgSourcedId: school.id };
  };
  const role = (id: string, as: 'student' | 'teacher') => ({
    sourcedId: `${id}-role`,
    userSourcedId: id,
    roleType: 'primary',
    role: as,
    orgSourcedId: school.id,
  });
  const enrollment = (id: string, as: 'student' | 'teacher', primary: string) => ({
    sourcedId: `${own.id}-${id}`,
    classSourcedId: own.id,
    schoolSourcedId: school.id,
    userSourcedId: id,
    role: as,
    primary,
    beginDate: begins,
    endDate: ends,
  });
  const rows: Readonly<Record<keyof typeof COLUMNS, readonly Readonly<Record<string, string>>[]>> = {
    'academicSessions.csv': [
      { sourcedId: term, title: own.term || own.name, type: 'term', startDate: begins, endDate: ends, schoolYear: year },
    ],
    'orgs.csv': [{ sourcedId: school.id, name: school.name, type: 'school' }],
    'courses.csv': [{ sourcedId: course, title: own.name, orgSourcedId: school.id, subjects: 'Cookery' }],
    'classes.csv': [
      {
        sourcedId: own.id,
        title: own.name,
        courseSourcedId: course,
        classType: 'scheduled',
        schoolSourcedId: school.id,
        termSourcedIds: term,
        subjects: 'Cookery',
      },
    ],
    'users.csv': [
      ...roster.students.map(({ id, name, number, active }) => user(id, name, number, active)),
      ...roster.teachers.map(({ id, name }) => user(id, name, '', true)),
    ],
    'roles.csv': [...roster.students.map(({ id }) => role(id, 'student')), ...roster.teachers.map(({ id }) => role(id, 'teacher'))],
    'enrollments.csv': [
      ...enrolled.map(({ id }) => enrollment(id, 'student', 'false')),
      ...roster.teachers.map(({ id }, index) => enrollment(id, 'teacher', String(index === 0))),
    ],
    'categories.csv': [{ sourcedId: CATEGORY, title: 'Practical dishes' }],
    'lineItems.csv': roster.marked.map(({ id, title, lesson, date }) => ({
      sourcedId: id,
      title,
      description: lesson,
      assignDate: date,
      dueDate: date,
      classSourcedId: own.id,
      categorySourcedId: CATEGORY,
      gradingPeriodSourcedId: term,
      academicSessionSourcedId: term,
      schoolSourcedId: school.id,
      resultValueMin: '0',
      resultValueMax: '100',
    })),
    'results.csv': roster.results.map(({ id, of, studentId, told, date }) => {
      const number = /^\d+(\.\d+)?$/.test(told);
      return {
        sourcedId: id,
        lineItemSourcedId: of,
        studentSourcedId: studentId,
        scoreStatus: told ? 'fully graded' : 'not submitted',
        score: number ? told : '',
        scoreDate: date,
        textScore: number ? '' : told,
        classSourcedId: own.id,
      };
    }),
  };
  const files = Object.fromEntries(
    (Object.keys(COLUMNS) as (keyof typeof COLUMNS)[]).map((file) => [
      file,
      safeCsv(
        COLUMNS[file] as readonly string[],
        rows[file].map((row) => Object.fromEntries(COLUMNS[file].map((column) => [column, row[column] ?? '']))),
      ),
    ]),
  ) as Record<keyof typeof COLUMNS, string>;
  const named = (file: string, how: 'bulk' | 'absent') => ({ propertyName: `file.${file}`, value: how });
  const manifest = safeCsv(
    ['propertyName', 'value'],
    [
      { propertyName: 'manifest.version', value: '1.0' },
      { propertyName: 'oneroster.version', value: '1.2' },
      ...Object.keys(COLUMNS).map((file) => named(file.replace('.csv', ''), 'bulk')),
      ...ABSENT.map((file) => named(file, 'absent')),
      { propertyName: 'source.systemName', value: 'Pelvo' },
      { propertyName: 'source.systemCode', value: 'pelvo' },
    ],
  );
  return { 'manifest.csv': manifest, ...files };
}
