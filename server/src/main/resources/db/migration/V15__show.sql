-- What pieces say now, apart from how they look: a show. Every channel of before becomes the show of that channel.
create table show (
    id           uuid primary key,
    workspace_id uuid not null references workspace on delete cascade,
    name         text not null,
    document     jsonb not null,
    version      bigint not null,
    led_by       uuid references theme on delete set null,
    created_at   timestamptz not null default now()
);
create index on show (workspace_id);

alter table channel add column show_id uuid references show;
insert into show (id, workspace_id, name, document, version, created_at)
    select id, workspace_id, name, '{"held": {}}', 1, created_at from channel;
update channel set show_id = id;
alter table channel alter column show_id set not null;
create index on channel (show_id);

-- Clocks that run go on. Where two themes of a channel ran the same one, they show the same now.
update show set document = jsonb_build_object('held', held.pieces)
    from (
        select theme.channel_id, jsonb_object_agg(clock.piece, jsonb_build_object('clock', jsonb_build_object(
            'held', 'clock', 'toward', '', 'zone', '',
            'run', jsonb_build_object('state', 'RUNNING', 'millis', clock.until, 'length', 0)))) as pieces
        from clock join theme on theme.id = clock.theme_id group by theme.channel_id
    ) held
    where held.channel_id = show.id;
drop table clock;

-- Every applied cue, with what takes it back. A name that its sender gave lets it count once.
create table cue (
    show_id    uuid not null references show on delete cascade,
    number     bigint not null,
    account_id uuid not null references account,
    door       text not null check (door in ('SESSION')),
    name       text,
    at         timestamptz not null default now(),
    cue        jsonb not null,
    inverse    jsonb not null,
    sentence   text not null,
    state      text not null check (state in ('DONE', 'UNDONE', 'DROPPED', 'STEP')),
    primary key (show_id, number),
    unique (show_id, name)
);
create index on cue (show_id, account_id, state, number);
