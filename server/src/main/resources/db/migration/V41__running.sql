-- What runs a show besides what its pieces say: a break, sequences, cards with an end; and passes for helpers.

create function pg_temp.brought_up(value jsonb) returns jsonb language plpgsql as $$
begin
    if jsonb_typeof(value) = 'array' then
        return coalesce((select jsonb_agg(pg_temp.brought_up(one) order by place)
                         from jsonb_array_elements(value) with ordinality as all_of (one, place)), '[]');
    elsif jsonb_typeof(value) = 'object' then
        value := coalesce((select jsonb_object_agg(key, pg_temp.brought_up(one))
                           from jsonb_each(value) as all_of (key, one)), '{}');
        if value ->> 'held' = 'cards' then
            return value || '{"end":0,"ready":-1}';
        elsif value ->> 'held' = 'clock' then
            return value || '{"then":"","rung":0}';
        elsif value ->> 'cue' in ('putUp', 'showCards') then
            return value || '{"seconds":0}';
        end if;
    end if;
    return value;
end $$;

update show set document = pg_temp.brought_up(document) || '{"pause":null,"sequences":[],"underway":[],
    "notices":{"began":0,"first":20,"every":30,"length":0,"warning":30,"moved":0,"skipped":[],"listed":[],"now":null},
    "viewers":{"on":false,"presses":[],"uses":{}}}';
update cue set cue = pg_temp.brought_up(cue), inverse = pg_temp.brought_up(inverse);

-- When something is to be done by itself, epoch milliseconds.
alter table show add column due bigint;
create index show_due on show (due) where due is not null;

create table pass (
    id        uuid primary key,
    show_id   uuid not null references show on delete cascade,
    name      text not null,
    grants    jsonb not null,
    -- Good until then; null for as long as nobody withdraws it.
    good_till timestamptz,
    withdrawn boolean not null,
    made_by   uuid references account on delete set null,
    made_at   timestamptz not null,
    used_at   timestamptz
);
create index pass_show on pass (show_id);

-- Who did it: an account, somebody with a pass, or the show itself, by its name then.
alter table cue alter column account_id drop not null;
alter table cue add column pass_id uuid references pass on delete set null;
alter table cue add column who text not null default '';
alter table cue alter column who drop default;
alter table cue drop constraint cue_door_check;
alter table cue add constraint cue_door_check check (door in ('SESSION', 'PASS', 'ADDRESS', 'VIEWER', 'SHOW'));
create index cue_pass on cue (show_id, pass_id, state, number) where pass_id is not null;

-- Breaks that are over, epoch milliseconds.
create table break_taken (
    show_id uuid not null references show on delete cascade,
    began   bigint not null,
    planned bigint not null,
    ended   bigint not null,
    who     text not null,
    primary key (show_id, began)
);
