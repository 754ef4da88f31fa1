const DAYS = 365;
const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as const;
/** Of the earth’s axis, degrees. */
const TILT = 23.44;
/** The upper limb of the sun on the horizon with the usual refraction, degrees. */
const AT_HORIZON = -0.833;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/**
 * From sunset to sunrise.
 *
 * @param latitude     degrees, south negative
 * @param declination  of the sun, degrees
 * @returns h: 24 where it does not rise, 0 where it does not set
 */
export function nightAt(latitude: number, declination: number): number {
  const [phi, delta] = [radians(latitude), radians(declination)];
  const cosine =
    (Math.sin(radians(AT_HORIZON)) - Math.sin(phi) * Math.sin(delta)) / (Math.cos(phi) * Math.cos(delta));
  const half = Math.acos(Math.max(-1, Math.min(1, cosine)));
  return 24 - (2 * half * 12) / Math.PI;
}

/** The longest of the year, at the solstice, h. */
export const longestNight = (latitude: number): number =>
  Math.max(nightAt(latitude, TILT), nightAt(latitude, -TILT));

/** The longest of each month, January first, h. */
export const nightsByMonth = (latitude: number): readonly number[] => {
  let day = 0;
  return MONTH_DAYS.map((days) => {
    let longest = 0;
    for (let n = 1; n <= days; n++) {
      day += 1;
      const declination = TILT * Math.sin((2 * Math.PI * (284 + day)) / DAYS);
      longest = Math.max(longest, nightAt(latitude, declination));
    }
    return longest;
  });
};
