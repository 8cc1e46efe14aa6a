import type { NextConfig } from 'next';

const config: NextConfig = {
  serverExternalPackages: ['sequelize', 'mariadb', 'pino', 'umzug', 'pdfkit', 'dxf-writer'],
  poweredByHeader: false,
  devIndicators: false,
  // The folder of a release lies inside the repository, which has a lock file of its own.
  turbopack: { root: process.cwd() },
  // `./oyakata test` checks the types; a start need not do it again.
  typescript: { ignoreBuildErrors: true },
  // A release has all its modules: nobody asks which files a page needs.
  outputFileTracingExcludes: { '**': ['./**/*'] },
  // The server's own code stays readable in its log; to make it smaller takes a fifth of the build. What a page needs is
  // loaded when it is first asked for: a start, and the gap of an update, is shorter by a second. A release is built once, in
  // a folder of its own: what a next build could use of it (120 MB) is not kept.
  experimental: {
    preloadEntriesOnStart: false,
    serverMinification: false,
    turbopackFileSystemCacheForBuild: false,
    turbopackSourceMaps: false,
    turbopackInputSourceMaps: false,
  },
  images: { unoptimized: true },
  // The set-up sheet's address until version 0.2: it stands in bookmarks and on paper.
  redirects: () =>
    Promise.resolve([
      { source: '/:of(attempts|exercises)/:id/card', destination: '/:of/:id/sheet', permanent: true },
    ]),
};

export default config;
