-- What follows from a show's signals, as a row that grows with each of them. It is computed from all signals where it is
-- not known yet.
create table facts (
    show_id  uuid primary key references show on delete cascade,
    readings jsonb not null,
    version  bigint not null,
    at       bigint not null
);
