-- A platform is a document now; three come along, a workspace may write its own.
update channel set platform = lower(platform);

create table profile (
    workspace_id uuid not null references workspace on delete cascade,
    id           text not null,
    document     text not null,
    changed_at   timestamptz not null,
    primary key (workspace_id, id)
);

-- What more a signal says; what says nothing is left out.
update signal s
set content = s.content || jsonb_build_object('platform', c.platform)
from channel c
where c.id = s.channel_id;
