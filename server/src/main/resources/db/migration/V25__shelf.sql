-- Out of sight on the shelf; its sources go on.
alter table theme add column archived_at timestamptz;

-- Where somebody was in a theme last, and what they had seen of it.
create table visit (
    theme_id   uuid not null references theme on delete cascade,
    account_id uuid not null references account on delete cascade,
    place      text not null,
    version    bigint not null,
    at         timestamptz not null,
    primary key (theme_id, account_id)
);
create index visit_account on visit (account_id);
create index release_at on release (theme_id, at);
