/** Runs once when the application begins: leaves for the door what it has to know (door/health-state.ts). */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const [{ health }, { sharedHealth }] = await Promise.all([
    import('@/app/server/health'),
    import('@/door/health-state'),
  ]);
  sharedHealth.oyakataHealth = health;
}
