/** What some typed words all stand in, those that begin with the first word before the others; all of it for none. */
export function matching<T>(typed: string, all: readonly T[], text: (one: T) => string): T[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const [first] = words;
  if (first === undefined) return [...all];
  const found = all.filter((one) => words.every((word) => text(one).toLowerCase().includes(word)));
  const rank = (one: T) => (text(one).toLowerCase().startsWith(first) ? 0 : 1);
  return found.sort((one, other) => rank(one) - rank(other));
}

interface Group<T> {
  /** What its entries are called. */
  names: readonly string[];
  part: T;
}

/** The groups that have entries: first those with a name that begins with what was typed, else as they stand. */
export function inOrder<T>(typed: string, groups: readonly Group<T>[]): T[] {
  const words = typed.toLowerCase();
  const rank = ({ names }: Group<T>) =>
    words && names.some((name) => name.toLowerCase().startsWith(words)) ? 0 : 1;
  return groups
    .filter(({ names }) => names.length > 0)
    .sort((one, other) => rank(one) - rank(other))
    .map(({ part }) => part);
}
