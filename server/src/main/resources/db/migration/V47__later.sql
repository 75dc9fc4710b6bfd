-- An outlet that shows the draft does so until this instant, epoch milliseconds; 0 for until somebody ends it.
alter table outlet add column follows_until bigint not null default 0;

-- What is to be put on air later, one plan for each theme.
create table planned_release (
    theme_id   uuid primary key references theme on delete cascade,
    account_id uuid not null references account on delete cascade,
    -- Epoch milliseconds; 0 for the next change of scene.
    at         bigint not null,
    -- Ids of scenes as a JSON array; empty for all of the draft.
    scenes     text not null
);

create index planned_release_at on planned_release (at);
