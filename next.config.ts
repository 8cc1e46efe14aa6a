import type { NextConfig } from 'next';

const config: NextConfig = {
  // The test command builds into a folder of its own, so that it never disturbs a running application.
  distDir: process.env.OYAKATA_DIST_DIR ?? '.next',
  serverExternalPackages: ['sequelize', 'mariadb', 'pino', 'umzug'],
  poweredByHeader: false,
  devIndicators: false,
  headers: () =>
    Promise.resolve([
      {
        source: '/:path*',
        headers: [
          { key: 'X-Content-Type-Options', value: 'nosniff' },
          { key: 'X-Frame-Options', value: 'DENY' },
          { key: 'Referrer-Policy', value: 'same-origin' },
        ],
      },
    ]),
};

export default config;
