-- Who is signed in where. Kept here, so that a restart signs nobody out and every server knows it. What the cookie says
-- is not kept, only its SHA-256.
create table session (
    id       uuid primary key,
    key      text not null unique,
    -- Nobody's while somebody is on the way in.
    account_id uuid references account on delete cascade,
    device   text not null,
    -- Whether it outlives the browser's closing.
    standing boolean not null,
    since    timestamptz not null,
    last     timestamptz not null,
    until    timestamptz not null,
    -- What else a way in must remember, such as a passkey's challenge.
    content  bytea not null
);
create index session_account on session (account_id);
create index session_until on session (until);
