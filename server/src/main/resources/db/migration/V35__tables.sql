-- Tables of a show. Their lines are rows of their own, so that one changed cell is one small write.
create table data_table (
    id         uuid primary key,
    show_id    uuid not null references show on delete cascade,
    -- By which texts know it.
    word       text not null,
    -- Title, columns, the chosen line.
    head       jsonb not null,
    -- Ids of its lines in their order.
    line_order jsonb not null,
    version    bigint not null,
    -- Which of its addresses holds; all are derived from one key.
    number     integer not null,
    -- What came from outside last, and what became of it.
    fed_at     timestamptz,
    fed_said   text not null,
    fed_well   boolean not null,
    created_at timestamptz not null,
    unique (show_id, word)
);

create table data_line (
    table_id uuid not null references data_table on delete cascade,
    line     bigint not null,
    cells    jsonb not null,
    primary key (table_id, line)
);

-- What people did, with what takes it back and does it again.
create table table_step (
    table_id   uuid not null references data_table on delete cascade,
    number     bigint not null,
    account_id uuid not null references account on delete cascade,
    back       jsonb not null,
    undone     boolean not null,
    primary key (table_id, number)
);
