/** A page that whoever looks may go to from everywhere; its words stand under "places". */
export type PlaceToGo = { place: string; url: string };
