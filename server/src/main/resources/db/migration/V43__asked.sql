-- What viewers ask for, and what is heard, of every show and in every state of one that a cue holds.

create or replace function pg_temp.brought_up(value jsonb) returns jsonb language plpgsql as $$
begin
    if jsonb_typeof(value) = 'array' then
        return coalesce((select jsonb_agg(pg_temp.brought_up(one) order by place)
                         from jsonb_array_elements(value) with ordinality as all_of (one, place)), '[]');
    elsif jsonb_typeof(value) = 'object' then
        value := coalesce((select jsonb_object_agg(key, pg_temp.brought_up(one))
                           from jsonb_each(value) as all_of (key, one)), '{}');
        if value ? 'held' and value ? 'viewers' and value ? 'notices' then
            return value || '{"requests":{"open":false,"word":"","each":1,"asked":[],"done":0},
                "tracks":{"now":null,"seconds":0,"since":0,"seen":false}}';
        end if;
    end if;
    return value;
end $$;

update show set document = pg_temp.brought_up(document);
update cue set cue = pg_temp.brought_up(cue), inverse = pg_temp.brought_up(inverse);
