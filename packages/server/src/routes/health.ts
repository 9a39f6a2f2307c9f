import { healthSchema } from '@anello/contract';
import type { Api, RouteContext } from './routes';

export function healthRoutes(api: Api, { version }: RouteContext): void {
  api.get(
    '/api/health',
    { schema: { response: { 200: healthSchema }, summary: 'Whether Anello can serve' } },
    async () => ({
      status: 'ok' as const,
      version,
    }),
  );
}
