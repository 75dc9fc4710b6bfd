import type { Schemas } from "../api/client";

/** Why this browser cannot use passkeys here; empty when it can. */
export function hindrance(): string {
  if (!window.isSecureContext || typeof PublicKeyCredential === "undefined")
    return "Passkeys need an encrypted address (https), or this machine itself as localhost.";
  if (/^[\d.]+$|^\[/.test(location.hostname))
    return `Passkeys need a name in the address: open ${location.protocol}//localhost${location.port ? `:${location.port}` : ""} instead of ${location.hostname}.`;
  return "";
}

/** Asks this device, or another one, to make a passkey. */
export async function make(question: Schemas["PasskeyQuestion"], label: string): Promise<Schemas["Made"]> {
  const credential = (await navigator.credentials.create({
    publicKey: {
      challenge: bytes(question.challenge),
      rp: { id: question.host, name: "Brandeon" },
      user: { id: bytes(question.userHandle), name: question.email, displayName: question.name },
      pubKeyCredParams: question.kinds.map((alg) => ({ type: "public-key", alg })),
      excludeCredentials: question.known.map((id) => ({ type: "public-key", id: bytes(id) })),
      authenticatorSelection: { residentKey: "required", userVerification: "required" },
    },
  })) as PublicKeyCredential;
  const response = credential.response as AuthenticatorAttestationResponse;
  return {
    id: credential.id,
    attestationObject: text(response.attestationObject),
    clientData: text(response.clientDataJSON),
    transports: response.getTransports(),
    label,
  };
}

/** Asks for a passkey of this place, whosever it is. */
export async function sign(question: Schemas["SigningQuestion"]): Promise<Schemas["Signed"]> {
  const credential = (await navigator.credentials.get({
    publicKey: { challenge: bytes(question.challenge), rpId: question.host, userVerification: "required" },
  })) as PublicKeyCredential;
  const response = credential.response as AuthenticatorAssertionResponse;
  return {
    id: credential.id,
    clientData: text(response.clientDataJSON),
    authenticatorData: text(response.authenticatorData),
    signature: text(response.signature),
    userHandle: response.userHandle ? text(response.userHandle) : "",
  };
}

/** What went wrong, in words; empty for somebody who only changed their mind. */
export function failure(error: unknown): string {
  if (!(error instanceof DOMException)) return error instanceof Error ? error.message : "This did not work.";
  switch (error.name) {
    case "NotAllowedError":
    case "AbortError":
      return "";
    case "InvalidStateError":
      return "This device has a passkey for this account already.";
    default:
      return `This device could not do it: ${error.message}`;
  }
}

/** URL-safe Base64 (RFC 4648, section 5) without padding. */
export function text(buffer: ArrayBuffer): string {
  const binary = Array.from(new Uint8Array(buffer), (byte) => String.fromCharCode(byte)).join("");
  return btoa(binary).replaceAll("+", "-").replaceAll("/", "_").replace(/=+$/, "");
}

export function bytes(base64: string): Uint8Array<ArrayBuffer> {
  const binary = atob(base64.replaceAll("-", "+").replaceAll("_", "/"));
  return Uint8Array.from(binary, (letter) => letter.charCodeAt(0));
}
