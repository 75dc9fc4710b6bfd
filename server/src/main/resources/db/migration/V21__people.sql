-- Members may belong to a workspace for a while only.
alter table membership add column until timestamptz;

-- Links by which people come into a workspace. The link itself is derived from the id, so it can be shown again.
create table invitation (
    id           uuid primary key,
    workspace_id uuid not null references workspace on delete cascade,
    role         text not null,
    -- When the link stops to work, and when whoever came by it stops to belong here.
    until        timestamptz not null,
    member_until timestamptz,
    -- Whether several people may come by it.
    several      boolean not null,
    used         integer not null,
    made_by      uuid references account on delete set null,
    made_at      timestamptz not null
);
create index invitation_workspace on invitation (workspace_id);

-- The demo's workspace is open to the steward too.
alter table workspace add column demo boolean not null default false;
update workspace set demo = true
    where id in (select m.workspace_id from membership m join account a on a.id = m.account_id where a.demo);
insert into membership (workspace_id, account_id, role)
    select w.id, a.id, 'OWNER' from workspace w, account a where w.demo and a.steward
    on conflict do nothing;

-- Of an account that was deleted nothing is left but the line to which old edits lead.
alter table account add column gone boolean not null default false;
