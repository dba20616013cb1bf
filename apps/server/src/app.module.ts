import { Global, Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { ServeStaticModule } from '@nestjs/serve-static';
import { LoggerModule } from 'nestjs-pino';
import type { Pool } from 'mysql2';
import { DataSource } from 'typeorm';
import { AssessmentModule } from './assessment';
import { PhotosModule } from './photos';
import { ClassesModule } from './classes';
import { CoolingModule } from './cooling';
import { CutsModule } from './cuts';
import { DayModule } from './day';
import { DemonstrationsModule } from './demonstrations';
import { DishesModule } from './dishes';
import { IngredientsModule } from './ingredients';
import { InstrumentsModule } from './instruments';
import { KitchensModule } from './kitchens';
import { LessonsModule } from './lessons';
import { OrdersModule } from './orders';
import { PeopleModule } from './people';
import { CALLBACK_POOL, DATA_DIR, DATABASE_NAME, INSTRUMENTS, SESSION_SECRET } from './platform/database/tokens';
import { HealthController } from './platform/health';
import { AccessGuard, KnownDevices, SlowDown } from './platform/identity';
import { ProblemFilter } from './platform/problems';
import { PracticesModule } from './practices';
import { PreparationModule } from './preparation';
import { ProgressModule } from './progress';
import { RubricsModule } from './rubrics';
import { StandardisationModule } from './standardisation';
import { RulesModule } from './rules';
import { ScheduleModule } from './schedule';
import { SchoolModule } from './school';
import { StudentsModule } from './students';
import { TechniquesModule } from './techniques';
import { TermsModule } from './terms';
import './starter';

export interface AppOptions {
  readonly database: DataSource;
  readonly pool: Pool;
  readonly databaseName: string;
  /** What signs the cookies of this installation. */
  readonly secret: string;
  /** Folder of the built web application; left out in tests of the API. */
  readonly webRoot?: string;
  readonly logLevel: string;
  /** Where the data lies, if it lies on this machine. */
  readonly dataDir?: string;
  /** Where instruments of the pass are reached, if any are. */
  readonly instruments?: string;
}

const AREAS = [
  PeopleModule,
  SchoolModule,
  TechniquesModule,
  PracticesModule,
  RulesModule,
  CutsModule,
  ProgressModule,
  DishesModule,
  IngredientsModule,
  ClassesModule,
  StudentsModule,
  RubricsModule,
  StandardisationModule,
  KitchensModule,
  LessonsModule,
  OrdersModule,
  ScheduleModule,
  DemonstrationsModule,
  PreparationModule,
  TermsModule,
  DayModule,
  AssessmentModule,
  CoolingModule,
  PhotosModule,
  InstrumentsModule,
];

/** What every area stands on. */
@Global()
@Module({})
class PlatformModule {
  static with({ database, pool, databaseName, secret, dataDir, instruments }: AppOptions): DynamicModule {
    const shared = [
      { provide: DataSource, useValue: database },
      { provide: CALLBACK_POOL, useValue: pool },
      { provide: DATABASE_NAME, useValue: databaseName },
      { provide: SESSION_SECRET, useValue: secret },
      { provide: DATA_DIR, useValue: dataDir },
      { provide: INSTRUMENTS, useValue: instruments },
    ];
    return {
      module: PlatformModule,
      controllers: [HealthController],
      providers: [
        ...shared,
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_FILTER, useClass: ProblemFilter },
        SlowDown,
        KnownDevices,
      ],
      exports: [DataSource, CALLBACK_POOL, DATABASE_NAME, SESSION_SECRET, INSTRUMENTS, SlowDown, KnownDevices],
    };
  }
}

@Module({})
export class AppModule {
  static with(options: AppOptions): DynamicModule {
    const { webRoot, logLevel } = options;
    return {
      module: AppModule,
      imports: [
        LoggerModule.forRoot({
          pinoHttp: {
            level: logLevel,
            autoLogging: logLevel === 'info',
            redact: ['req.headers.cookie', 'res.headers["set-cookie"]'],
            serializers: { req: withoutWords },
          },
        }),
        ...(webRoot
          ? [ServeStaticModule.forRoot({ rootPath: webRoot, exclude: ['/api/{*rest}'], serveStaticOptions: { setHeaders: cacheHeaders } })]
          : []),
        PlatformModule.with(options),
        ...AREAS,
      ],
    };
  }
}

/** A request for the log: what was searched for or is called by its name stays out of it. */
function withoutWords(request: { id: unknown; method: string; url: string; headers: object }): object {
  const path = request.url.split('?')[0]!;
  return { ...request, url: path.replace(/(\/ingredients\/)[^/]+/, '$1…'), query: undefined, params: undefined };
}

function cacheHeaders(response: { setHeader(name: string, value: string): unknown }, path: string): void {
  response.setHeader('Cache-Control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache');
}
