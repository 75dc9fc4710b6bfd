-- Keys that authenticators keep for an account: signing in without a password (W3C WebAuthn).
create table passkey (
    -- As its authenticator named it.
    id                 bytea primary key,
    account_id         uuid not null references account on delete cascade,
    -- The name of the host for which it was made; it signs in nowhere else.
    host               text not null,
    label              text not null,
    public_key         bytea not null,
    signature_count    bigint not null,
    backup_eligible    boolean not null,
    backup_state       boolean not null,
    transports         text not null,
    attestation_object bytea not null,
    client_data        bytea not null,
    created_at         timestamptz not null,
    last_used_at       timestamptz not null
);
create index passkey_account on passkey (account_id);
