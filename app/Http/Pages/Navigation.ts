/** A page that whoever looks may go to from everywhere; its words stand under "nav". */
export type PlaceToGo = { place: string; url: string };
