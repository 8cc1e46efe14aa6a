import { configure } from '@testing-library/react';

/** For tests: a busy machine draws late, and a slow pass is no failure. */
configure({ asyncUtilTimeout: 30_000 });
