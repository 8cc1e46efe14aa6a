import { randomBytes } from 'node:crypto';

export function newNonce(): string {
  return randomBytes(16).toString('base64');
}

/**
 * What a page may do: run scripts and style sheets of this server that carry this answer's nonce, and nothing else.
 * Style attributes are allowed: drawings and charts place their parts with them, and they can not run anything.
 */
export function contentSecurityPolicy(nonce: string): string {
  return [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "object-src 'none'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/**
 * Stands on every answer, on those that refuse or fail too.
 *
 * @param overTls whether there is a public address: browsers then never come without TLS again
 */
export function securityHeaders(nonce: string, overTls = false): Record<string, string> {
  return {
    ...(overTls ? { 'Strict-Transport-Security': 'max-age=31536000' } : {}),
    'Content-Security-Policy': contentSecurityPolicy(nonce),
    'Permissions-Policy':
      'accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), microphone=(), payment=(), usb=()',
    'X-Content-Type-Options': 'nosniff',
    'X-Frame-Options': 'DENY',
    'Referrer-Policy': 'same-origin',
    'Cross-Origin-Opener-Policy': 'same-origin',
    'Cross-Origin-Resource-Policy': 'same-origin',
  };
}
