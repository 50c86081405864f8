/** The room a lift's chart is drawn in, in units of its own. */
export const W = 960;
export const H = 320;
export const edge = { left: 52, right: 132, top: 18, bottom: 34 };

export const day = (iso: string) => new Date(`${iso}T12:00:00Z`);
