import { connect, type Socket } from 'node:net';

/** Callbacks of a line source: lines without their line ends, and the state of the connection. */
export interface LineListener {
  line(text: string): void;
  opened(): void;
  lost(): void;
}

/** A source of ASCII lines: a TCP port here; a serial device would have the same two calls. */
export interface LineSource {
  send(line: string): void;
  close(): void;
}
export type OpenLines = (listener: LineListener) => LineSource;

const LONGEST_LINE = 200;
const RETRY_MS = { first: 300, most: 5_000 };

/** Lines from a TCP port; when it goes away it is tried again, ever more slowly, until it is closed. */
export const tcpLines =
  (host: string, port: number): OpenLines =>
  (listener) => {
    let socket: Socket | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let wait = RETRY_MS.first;
    let closed = false;
    const attempt = (): void => {
      let rest = '';
      socket = connect({ host, port });
      socket.setEncoding('latin1').setNoDelay(true);
      socket.on('connect', () => {
        wait = RETRY_MS.first;
        listener.opened();
      });
      socket.on('data', (chunk: string) => {
        const lines = (rest + chunk).split(/\r?\n/);
        rest = lines.pop() ?? '';
        for (const text of lines) listener.line(text.slice(0, LONGEST_LINE));
        // Text without a line end is told as one unreadable line and dropped.
        if (rest.length > LONGEST_LINE) {
          listener.line(rest.slice(0, LONGEST_LINE));
          rest = '';
        }
      });
      socket.on('error', () => undefined);
      socket.on('close', () => {
        if (closed) return;
        if (rest !== '') listener.line(rest);
        listener.lost();
        timer = setTimeout(attempt, wait);
        wait = Math.min(RETRY_MS.most, wait * 2);
      });
    };
    attempt();
    return {
      send: (line) => void (socket?.writable && socket.write(`${line}\r\n`)),
      close: () => {
        closed = true;
        clearTimeout(timer);
        socket?.destroy();
      },
    };
  };
