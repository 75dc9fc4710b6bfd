-- Everything belongs to a workspace; accounts reach it through a membership with a role.
create table server_key (
    name   text primary key,
    secret bytea not null
);

create table account (
    id            uuid primary key,
    email         text not null unique,
    name          text not null,
    password_hash text not null,
    created_at    timestamptz not null default now()
);

create table workspace (
    id         uuid primary key,
    name       text not null,
    created_at timestamptz not null default now()
);

create table membership (
    workspace_id uuid not null references workspace on delete cascade,
    account_id   uuid not null references account on delete cascade,
    role         text not null check (role in ('OWNER', 'DESIGNER', 'OPERATOR', 'VIEWER')),
    primary key (workspace_id, account_id)
);

create table channel (
    id           uuid primary key,
    workspace_id uuid not null references workspace on delete cascade,
    platform     text not null,
    name         text not null,
    created_at   timestamptz not null default now()
);
create index on channel (workspace_id);

create table theme (
    id           uuid primary key,
    workspace_id uuid not null references workspace on delete cascade,
    channel_id   uuid not null references channel,
    document     jsonb not null,
    version      bigint not null,
    on_air       int,
    moved_from   uuid references theme on delete set null,
    created_at   timestamptz not null default now(),
    updated_at   timestamptz not null default now()
);
create index on theme (workspace_id);
create index on theme (channel_id);

-- Every accepted edit, with what takes it back. Undo, history and recovery come from here.
create table theme_edit (
    theme_id   uuid not null references theme on delete cascade,
    number     bigint not null,
    account_id uuid not null references account,
    at         timestamptz not null default now(),
    gesture    text,
    edit       jsonb not null,
    inverse    jsonb not null,
    state      text not null check (state in ('DONE', 'UNDONE', 'DROPPED', 'STEP')),
    primary key (theme_id, number)
);
create index on theme_edit (theme_id, account_id, state, number);

create table release (
    theme_id   uuid not null references theme on delete cascade,
    number     int not null,
    document   jsonb not null,
    account_id uuid not null references account,
    at         timestamptz not null default now(),
    primary key (theme_id, number)
);

create table outlet (
    id         uuid primary key,
    theme_id   uuid not null references theme on delete cascade,
    scene      text not null,
    canvas     text not null,
    part       text not null check (part in ('WHOLE', 'BACK', 'FRONT')),
    generation int not null default 1,
    withdrawn  boolean not null default false,
    follows    text not null default 'RELEASE' check (follows in ('RELEASE', 'DRAFT')),
    unique (theme_id, scene, canvas, part)
);

-- Append-only. The platform's own id makes a repeated delivery harmless.
create table signal (
    channel_id uuid not null references channel on delete cascade,
    id         text not null,
    number     bigint generated always as identity,
    kind       text not null,
    content    jsonb not null,
    at         timestamptz not null,
    shows_from bigint,
    shows_till bigint,
    primary key (channel_id, id)
);
create index on signal (channel_id, number);
create index on signal (channel_id, shows_till);

create table clock (
    theme_id uuid not null references theme on delete cascade,
    piece    text not null,
    until    bigint not null,
    primary key (theme_id, piece)
);

create table rig (
    workspace_id uuid primary key references workspace on delete cascade,
    document     jsonb not null,
    version      bigint not null
);
