import type { Shapes } from '../api/client';

export type Role = Shapes['MemberRole'];

/** What members are, and what that lets them do: the same table as the server keeps. */
export const ROLE_WORDS = {
  owner: { words: 'owner', note: 'everything, and who else works here' },
  mixer: { words: 'mixer', note: 'mixes, reads, changes things; removes nothing' },
  viewer: { words: 'viewer', note: 'looks, and plans without keeping it' },
} as const satisfies Record<Role, { words: string; note: string }>;

export const ROLE_CHOICES = (Object.keys(ROLE_WORDS) as Role[]).map((value) => ({
  value,
  ...ROLE_WORDS[value],
}));
