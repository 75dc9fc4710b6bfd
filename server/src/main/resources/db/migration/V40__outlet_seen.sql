-- When sources were open and seen by viewers, epoch milliseconds, so that it can be told where an alert was shown.
create table outlet_seen (
    id        uuid primary key,
    outlet_id uuid not null references outlet on delete cascade,
    seen_from bigint not null,
    seen_till bigint not null
);
create index outlet_seen_outlet on outlet_seen (outlet_id, seen_till);
create index outlet_seen_till on outlet_seen (seen_till);
