-- What is still to be done after a move: sources that somebody ticked by hand, and lines of people's own.
create table move_line (
    id       uuid primary key,
    theme_id uuid not null references theme on delete cascade,
    -- Which source it is, as scene, canvas and part; null for a line of somebody's own.
    source   text,
    title    text not null,
    link     text not null,
    note     text not null,
    -- Null while it is to be done.
    done_by  uuid references account on delete set null,
    done_at  timestamptz,
    made_at  timestamptz not null
);

-- Lines of people's own have no source, and there may be many.
create unique index move_line_source on move_line (theme_id, source);
