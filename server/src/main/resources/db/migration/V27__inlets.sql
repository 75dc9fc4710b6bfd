-- Which of a channel's signing secrets holds; all are derived from one key.
alter table channel add column secret integer not null default 1;

-- The last things that came to a channel's inlet, and what became of each.
create table delivery (
    id           uuid primary key,
    channel_id   uuid not null references channel on delete cascade,
    at           timestamptz not null,
    outcome      text not null,
    sentence     text not null,
    content_type text not null,
    body         text not null
);
create index delivery_channel on delivery (channel_id, at);
