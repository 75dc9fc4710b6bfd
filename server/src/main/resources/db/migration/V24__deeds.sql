-- What people did besides edits and cues, which have tables of their own.
create table deed (
    id           uuid primary key,
    workspace_id uuid not null references workspace on delete cascade,
    account_id   uuid not null references account,
    at           timestamptz not null,
    kind         text not null,
    -- On what it was done, as it was called then.
    place        text not null,
    sentence     text not null
);
create index deed_workspace on deed (workspace_id, at);
