-- Doors of a channel for bodies that somebody else thought of.
create table mapped_inlet (
    id         uuid primary key,
    channel_id uuid not null references channel on delete cascade,
    name       text not null,
    sample     text not null,
    mapping    jsonb not null,
    signature  jsonb not null,
    -- Which of its addresses and secrets holds; all are derived from one key.
    number     integer not null,
    -- A secret that the other side gave, sealed; empty where ours holds.
    given      text not null,
    created_at timestamptz not null
);
create index mapped_inlet_channel on mapped_inlet (channel_id);

-- Of what came to one that was deleted meanwhile, too.
alter table delivery add column mapped_id uuid;
