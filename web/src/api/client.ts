import createClient, { type Middleware } from "openapi-fetch";
import type { components, paths } from "./generated/schema";
import { useWorkspaceId, WORKSPACE_HEADER } from "./workspace";

export type Schemas = components["schemas"];
export type ThemeView = Schemas["ThemeView"];
export type Theme = Schemas["Theme"];
export type Piece = Schemas["Piece"];
export type Scene = Schemas["Scene"];
export type Canvas = Schemas["Canvas"];
export type Layout = Schemas["LayoutView"];
export type Finding = Schemas["Finding"];
export type Box = Schemas["Box"];
export type TableEdit = NonNullable<
  paths["/api/shows/{show}/tables/{table}/edits"]["post"]["requestBody"]
>["content"]["application/json"];
export type Edit = Schemas["EditWish"]["edit"];

/** An error that the server explained in a sentence. */
export class Problem extends Error {
  readonly status: number;

  constructor(status: number, sentence: string) {
    super(sentence);
    this.status = status;
  }

  /** Whether the same wish may be met a moment later. */
  get passes(): boolean {
    return [0, 429, 502, 503, 504].includes(this.status);
  }
}

/** How long the answer of what is done at once is waited for, and of what may be computed for a while; milliseconds. */
const SOON = 20_000;
const LATE = 180_000;

/** For calls that are done at once and that others wait behind. */
export function soon(): AbortSignal {
  return AbortSignal.timeout(SOON);
}

/** What every request says besides. */
function headers(): Record<string, string> {
  const token = csrfToken();
  const workspace = useWorkspaceId.getState().id;
  return {
    ...(token ? { "X-XSRF-TOKEN": token } : {}),
    ...(workspace ? { [WORKSPACE_HEADER]: workspace } : {}),
  };
}

const said: Middleware = {
  onRequest({ request }) {
    Object.entries(headers()).forEach(([name, value]) => request.headers.set(name, value));
    // What is only asked for can be asked for again, and nothing waits behind it.
    return request.method === "GET"
      ? request
      : new Request(request, { signal: AbortSignal.any([request.signal, AbortSignal.timeout(LATE)]) });
  },
};

export const api = createClient<paths>({ baseUrl: "" });
api.use(said);

/** Sends a file's bytes as they are; the answer, or a Problem with its sentence. */
export function sendFile<T>(address: string, file: Blob, signal?: AbortSignal): Promise<T> {
  return send(address, file, "application/octet-stream", signal);
}

/** Puts a file's bytes in their place; the answer, or a Problem with its sentence. */
export function putFile<T>(address: string, file: Blob, signal?: AbortSignal): Promise<T> {
  return send(address, file, "application/octet-stream", signal, (response) => response.json(), "PUT");
}

/** Sends a file's bytes and takes another file for them, or a Problem with its sentence. */
export function exchangeFile(address: string, file: Blob): Promise<Blob> {
  return send(address, file, "application/octet-stream", undefined, (response) => response.blob());
}

/**
 * Sends what was pressed; the answer, or a Problem with its sentence. It has left when this returns, while a call of
 * `api` leaves some steps later, after the page was painted anew.
 */
export function sendAtOnce<T>(address: string, body: object): Promise<T> {
  return send(address, JSON.stringify(body), "application/json", soon());
}

function send<T>(
  address: string,
  body: BodyInit,
  type: string,
  signal?: AbortSignal,
  read: (response: Response) => Promise<unknown> = (response) => response.json(),
  method = "POST",
): Promise<T> {
  const sent = fetch(address, {
    method,
    body,
    headers: { "Content-Type": type, ...headers() },
    ...(signal ? { signal } : {}),
  }).then(async (response) => {
    const said = await (response.ok ? read(response) : response.json()).catch(() => undefined);
    return response.ok ? { data: said as T, response } : { error: said as unknown, response };
  });
  return answer<T>(sent);
}

function csrfToken(): string | undefined {
  const token = document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1];
  return token && decodeURIComponent(token);
}

/** The answer of a call, or a Problem with its sentence. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  let result;
  try {
    result = await call;
  } catch (error) {
    throw new Problem(
      0,
      error instanceof DOMException && error.name === "TimeoutError"
        ? "No answer came in time, so this may or may not have been done. Look, and try again in a moment."
        : "The server cannot be reached. Nothing was lost; try again in a moment.",
    );
  }
  if (result.response.ok) return result.data as T;
  const detail = (result.error as { detail?: string } | undefined)?.detail;
  throw new Problem(
    result.response.status,
    detail ?? `The server answered ${String(result.response.status)}. Try again in a moment.`,
  );
}
