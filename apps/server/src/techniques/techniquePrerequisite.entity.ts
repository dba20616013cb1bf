import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { Technique } from './technique.entity';

/** One technique is to be learned before another. */
@Entity('technique_prerequisite')
export class TechniquePrerequisite {
  @PrimaryColumn('char', { name: 'technique_id', length: 36 }) techniqueId: string;
  @PrimaryColumn('char', { name: 'needs_id', length: 36 }) needsId: string;
  @Column('int') position: number;
  @ManyToOne(() => Technique, (technique) => technique.prerequisites) @JoinColumn({ name: 'technique_id' }) technique: Relation<Technique>;
  @ManyToOne(() => Technique) @JoinColumn({ name: 'needs_id' }) needs: Relation<Technique>;
}
