import type { Stand } from '../problem.js';
import { firstAfter } from './drying-clock.js';

/** How much stands at one place over time: the same from each moment to the next. */
class Profile {
  private readonly moments: number[] = [-Infinity];
  private readonly units: number[] = [0];

  add(fromMin: number, toMin: number, units: number): void {
    const last = this.split(toMin);
    for (let i = this.split(fromMin); i < last + 1 && (this.moments[i] as number) < toMin; i++)
      this.units[i] = (this.units[i] as number) + units;
  }

  /** The first moment from which on for so long no more than that much stands there; Infinity where there is none. */
  freeFrom(fromMin: number, lengthMin: number, most: number): number {
    let at = fromMin;
    for (let i = firstAfter(this.moments, fromMin) - 1; i < this.moments.length && (this.moments[i] as number) < at + lengthMin; i++)
      if ((this.units[i] as number) > most) at = this.moments[i + 1] ?? Infinity;
    return at;
  }

  /** Index of a moment, which is put in where it is missing. */
  private split(moment: number): number {
    const i = firstAfter(this.moments, moment);
    if (this.moments[i - 1] === moment) return i - 1;
    this.moments.splice(i, 0, moment);
    this.units.splice(i, 0, this.units[i - 1] ?? 0);
    return i;
  }
}

interface Stay {
  profile: Profile;
  fromMin: number;
  toMin: number;
  units: number;
}

/** What stands where, and when there is room again. */
export class Places {
  private readonly profiles = new Map<string, Profile>();
  private readonly trail: Stay[] = [];

  constructor(private readonly room: Readonly<Record<string, number>>) {}

  /** From when on there is room for a stay of that length; what would never fit takes all there is by itself. */
  freeFrom({ place, units }: Stand, fromMin: number, toMin: number): number {
    const room = this.room[place] ?? Infinity;
    return this.profileOf(place).freeFrom(fromMin, toMin - fromMin, room - Math.min(units, room));
  }

  take({ place, units }: Stand, fromMin: number, toMin: number): void {
    if (!(toMin > fromMin)) return;
    const stay = { profile: this.profileOf(place), fromMin, toMin, units: Math.min(units, this.room[place] ?? Infinity) };
    stay.profile.add(fromMin, toMin, stay.units);
    this.trail.push(stay);
  }

  mark(): number {
    return this.trail.length;
  }

  backTo(mark: number): void {
    while (this.trail.length > mark) {
      const { profile, fromMin, toMin, units } = this.trail.pop() as Stay;
      profile.add(fromMin, toMin, -units);
    }
  }

  private profileOf(place: string): Profile {
    let profile = this.profiles.get(place);
    if (!profile) this.profiles.set(place, (profile = new Profile()));
    return profile;
  }
}
