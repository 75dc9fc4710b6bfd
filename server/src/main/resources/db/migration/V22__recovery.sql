-- Codes by which somebody who forgot their password comes in again. Each is random and long, so SHA-256 is enough.
create table recovery_code (
    account_id uuid not null references account on delete cascade,
    hash       text not null,
    made_at    timestamptz not null,
    used_at    timestamptz,
    primary key (account_id, hash)
);

-- Links that the steward issued for the same; kept, so that everybody sees that it happened.
create table recovery_link (
    id         uuid primary key,
    account_id uuid not null references account on delete cascade,
    made_by    uuid references account on delete set null,
    made_at    timestamptz not null,
    until      timestamptz not null,
    used_at    timestamptz
);
create index recovery_link_account on recovery_link (account_id);
