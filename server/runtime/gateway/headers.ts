/** What every answer tells the browser: what a page may load and run, and that nothing private is kept. */

/**
 * Scripts run from this server's files or with the nonce of this answer; styles may stand inline, as the
 * component library makes them while it runs.
 */
export function contentPolicy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

export function safetyHeaders(nonce: string, path: string): Readonly<Record<string, string>> {
  return {
    'content-security-policy': contentPolicy(nonce),
    'x-content-type-options': 'nosniff',
    'x-frame-options': 'DENY',
    'referrer-policy': 'no-referrer',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy': 'camera=(self), geolocation=(), microphone=()',
    ...(path.startsWith('/api/') ? { 'cache-control': 'no-store' } : {}),
  };
}
