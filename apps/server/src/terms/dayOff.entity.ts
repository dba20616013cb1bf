import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Days on which the school does not teach: holidays, and whatever else a calendar brings. */
@Entity('day_off')
export class DayOffRow {
  @PrimaryColumn('char', { length: 36 }) id: string;
  @Column('date') first: string;
  @Column('date') last: string;
  @Column('varchar', { length: 120 }) name: string;
  /** As the calendar it came from calls it; empty for what was typed. */
  @Column('varchar', { length: 255 }) uid: string;
}
