-- Files by the hash of their content, kept per workspace, so that a hash alone opens nothing elsewhere.
create table file (
    workspace_id uuid not null references workspace on delete cascade,
    hash         text not null,
    type         text not null,
    content      bytea not null,
    created_at   timestamptz not null default now(),
    primary key (workspace_id, hash)
);

update theme set document = document || '{"artworks": []}';
update release set document = document || '{"artworks": []}';
