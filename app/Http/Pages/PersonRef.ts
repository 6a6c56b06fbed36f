export type PersonRef = { slug: string; name: string };
