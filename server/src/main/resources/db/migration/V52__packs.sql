-- Files that were dropped together for a theme, until they are taken, left or a day has passed.
create table pack (
    id           uuid primary key,
    theme_id     uuid not null references theme on delete cascade,
    account_id   uuid not null references account on delete cascade,
    created_at   timestamptz not null
);

create index pack_theme on pack (theme_id);

create table pack_file (
    pack_id uuid not null references pack on delete cascade,
    number  integer not null,
    -- Its name with the folders that it lay in.
    path    text not null,
    bytes   bigint not null,
    -- What was found in it; null until it was read.
    found   jsonb,
    -- How long its reading took; -1 until it was read.
    millis  integer not null,
    primary key (pack_id, number)
);
