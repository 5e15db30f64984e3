/** What must be added to this screen's clock to have the bench's, ms. */
let behindMs = 0;

/** The bench's wall clock says so, `YYYY-MM-DDTHH:mm:ss.sss`: a second screen goes by it, whatever its own clock and zone. */
export function benchClockIs(wall: string): void {
  behindMs = new Date(wall).getTime() - Date.now();
}

/** Now, as the clock at the bench has it. */
export const benchNow = (): Date => new Date(Date.now() + behindMs);
