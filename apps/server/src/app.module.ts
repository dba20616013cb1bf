import { Controller, Get, Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { ServeStaticModule } from '@nestjs/serve-static';
import { LoggerModule } from 'nestjs-pino';
import type { Pool } from 'mysql2';
import { DataSource } from 'typeorm';
import { AssessmentController } from './assessment/assessment.controller';
import { AssessmentService } from './assessment/assessment.service';
import { ClassesController } from './classes/classes.controller';
import { ClassesService } from './classes/classes.service';
import { CutsController } from './cuts/cuts.controller';
import { DishesController } from './dishes/dishes.controller';
import { DishImportService } from './dishes/dishImport.service';
import { DishesService } from './dishes/dishes.service';
import { IngredientsController } from './ingredients/ingredients.controller';
import { IngredientsService } from './ingredients/ingredients.service';
import { LessonsController } from './lessons/lessons.controller';
import { LessonsService } from './lessons/lessons.service';
import { OrdersController } from './orders/orders.controller';
import { OrdersService } from './orders/orders.service';
import { PeopleController } from './people/people.controller';
import { PeopleService } from './people/people.service';
import { CALLBACK_POOL, DATABASE_NAME } from './platform/database/tokens';
import { AccessGuard, Open, SlowDown } from './platform/identity';
import { ProblemFilter } from './platform/problems';
import { PracticesController } from './practices/practices.controller';
import { CourseController } from './progress/course.controller';
import { RubricsController } from './rubrics/rubrics.controller';
import { RubricsService } from './rubrics/rubrics.service';
import { RulesController } from './rules/rules.controller';
import { CardPrinter } from './techniques/cardPrinter';
import { TechniqueFilesService } from './techniques/techniqueFiles.service';
import { TechniquesController } from './techniques/techniques.controller';
import { TechniquesService } from './techniques/techniques.service';

@Controller('api/health')
class HealthController {
  constructor(private readonly database: DataSource) {}

  @Get()
  @Open()
  async health(): Promise<{ ok: true }> {
    await this.database.query('SELECT 1');
    return { ok: true };
  }
}

export interface AppOptions {
  readonly database: DataSource;
  readonly pool: Pool;
  readonly databaseName: string;
  /** Folder of the built web application; left out in tests of the API. */
  readonly webRoot?: string;
  readonly logLevel: string;
}

@Module({})
export class AppModule {
  static with({ database, pool, databaseName, webRoot, logLevel }: AppOptions): DynamicModule {
    return {
      module: AppModule,
      imports: [
        LoggerModule.forRoot({
          pinoHttp: { level: logLevel, autoLogging: logLevel === 'info', redact: ['req.headers.cookie', 'res.headers["set-cookie"]'] },
        }),
        ...(webRoot
          ? [ServeStaticModule.forRoot({ rootPath: webRoot, exclude: ['/api/{*rest}'], serveStaticOptions: { setHeaders: cacheHeaders } })]
          : []),
      ],
      controllers: [
        HealthController,
        PeopleController,
        TechniquesController,
        PracticesController,
        RulesController,
        CutsController,
        CourseController,
        DishesController,
        IngredientsController,
        ClassesController,
        RubricsController,
        LessonsController,
        OrdersController,
        AssessmentController,
      ],
      providers: [
        { provide: DataSource, useValue: database },
        { provide: CALLBACK_POOL, useValue: pool },
        { provide: DATABASE_NAME, useValue: databaseName },
        { provide: APP_GUARD, useClass: AccessGuard },
        { provide: APP_FILTER, useClass: ProblemFilter },
        SlowDown,
        PeopleService,
        TechniquesService,
        TechniqueFilesService,
        CardPrinter,
        DishesService,
        DishImportService,
        IngredientsService,
        ClassesService,
        RubricsService,
        LessonsService,
        OrdersService,
        AssessmentService,
      ],
    };
  }
}

function cacheHeaders(response: { setHeader(name: string, value: string): unknown }, path: string): void {
  response.setHeader('Cache-Control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache');
}
