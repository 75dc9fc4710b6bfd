-- What of the chat is not shown; lines of the chat know when they came, so those of before are gone from the panel.
alter table show add column chat jsonb not null default '{"words":[],"links":true,"hushed":[],"hidden":[]}';
alter table show alter column chat drop default;

update facts set readings = jsonb_build_object('periods', (
    select coalesce(jsonb_object_agg(period.key, jsonb_set(
        period.value #- '{readings,lists,chatLines}', '{readings,chat}', '[]')), '{}')
    from jsonb_each(readings -> 'periods') as period));
