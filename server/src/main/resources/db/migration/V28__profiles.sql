-- A platform is a document now; three come along, a workspace may write its own.
update channel set platform = lower(platform);

create table profile (
    workspace_id uuid not null references workspace on delete cascade,
    id           text not null,
    document     text not null,
    changed_at   timestamptz not null,
    primary key (workspace_id, id)
);

-- What more a signal says.
update signal s
set content = jsonb_build_object(
        'platform', c.platform, 'currency', '', 'message', '', 'giftedTo', '', 'anonymous', false, 'first', false,
        'practice', false) || s.content
from channel c
where c.id = s.channel_id;
