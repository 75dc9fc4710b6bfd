-- Besides the three parts of a scene: what stands between two captures, and one piece or group alone.
alter table outlet drop constraint outlet_part_check;
alter table outlet
    add check (part in ('WHOLE', 'BACK', 'FRONT') or part ~ '^(LEVELS:[0-9]{1,2}-[0-9]{1,2}|PIECE:.+|GROUP:.+)$');

-- What the open sources of each server last said of themselves, so that every server can tell of all.
create table server_health (
    server  uuid primary key,
    at      bigint not null,
    reports jsonb not null
);

-- A page that is still open with a former link. Instants are epoch milliseconds.
create table old_link (
    outlet_id uuid primary key references outlet on delete cascade,
    since     bigint not null,
    at        bigint not null,
    place     text not null
);
