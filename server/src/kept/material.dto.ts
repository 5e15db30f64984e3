import type { OwnMaterial } from '@eveningtide/core/materials';
import { Between, Colour, Id, Name, OrNull, Text, YesNo } from '../validation/rules.js';

export class OwnMaterialDto implements OwnMaterial {
  @Id() id: string;
  @Name() name: string;
  @Id() like: string;
  @OrNull() @Colour() colour: string | null;
  @OrNull() @Between(0, 100) sheenGu: number | null;
  @OrNull() @Between(0.1, 100) volumeSolidsPct: number | null;
  @OrNull() @Between(0.1, 20) dryingFactor: number | null;
  @OrNull() @Between(-10, 40) minFilmC: number | null;
  @OrNull() @Between(1, 600) lifeMonths: number | null;
  @OrNull() @YesNo() driesLighter: boolean | null;
  @OrNull() @YesNo() testFirst: boolean | null;
  @Text() note: string;
}
