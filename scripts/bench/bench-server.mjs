// The server as the bench measures it.
import { startServer } from '../lib/server.mjs';

/** Starts it on any free port, with the demo shop of a database and the application of a folder. */
export const benchServer = (ownerUrl, webRoot) =>
  startServer({
    PIKE_DATABASE_URL: ownerUrl,
    PIKE_OWN_CLUSTER: 'yes',
    PIKE_WEB_ROOT: webRoot,
    PIKE_PORT: '0',
    PIKE_LOG_LEVEL: 'warn',
  });
