-- How long each of what takes turns was on screen, by the days of its show.
create table air_time (
    show_id uuid not null references show on delete cascade,
    day     date not null,
    piece   text not null,
    entry   text not null,
    -- The piece's name when it was counted last.
    title   text not null,
    millis  bigint not null,
    primary key (show_id, day, piece, entry)
);
