/** The class that this browser looked at last: pages that name none show it, so that a class is a place where one stays. */
export const CLASS_ON_VIEW = 'oyakata-class';

/** Remembers the class on view. It says nothing about rights: the server shows only classes of one’s own. */
export function rememberClass(classId: number): void {
  document.cookie = `${CLASS_ON_VIEW}=${classId}; path=/; max-age=31536000; samesite=lax`;
}

/** The class on view, for what is made outside of a class; null where none was looked at yet. */
export function rememberedClass(): number | null {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${CLASS_ON_VIEW}=`));
  const id = Number(found?.split('=')[1] ?? '');
  return Number.isInteger(id) && id > 0 ? id : null;
}
