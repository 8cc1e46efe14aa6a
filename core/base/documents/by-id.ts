/** Things of a list by their names. @example byId([{ id: 'a', says: 'first' }]).a.says // 'first' */
export const byId = <T extends { id: string }>(list: readonly T[]): Record<T['id'], T> =>
  Object.fromEntries(list.map((each) => [each.id, each])) as Record<T['id'], T>;
