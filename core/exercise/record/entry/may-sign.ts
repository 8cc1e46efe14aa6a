import type { Role } from '@/core/people/role';

/** Whether somebody may sign a hold point: an instructor each of them, a helper those that the plan lets a helper sign. */
export function maySign(role: Role, held: { helper: boolean }): boolean {
  return role === 'instructor' || (role === 'helper' && held.helper);
}
