-- Every piece may hold a ready-made picture.
update theme set document = jsonb_set(document, '{pieces}', (select coalesce(jsonb_agg(piece || '{"inlay": null}'), '[]') from jsonb_array_elements(document -> 'pieces') piece));
update release set document = jsonb_set(document, '{pieces}', (select coalesce(jsonb_agg(piece || '{"inlay": null}'), '[]') from jsonb_array_elements(document -> 'pieces') piece));
-- Pieces stand in edits too, at any depth of a batch; only pieces have these three keys one after another.
update theme_edit set edit = regexp_replace(edit::text, '("id": "[^"]*", "kind": "[A-Z_]+", "name": )', '"inlay": null, \1', 'g')::jsonb,
                      inverse = regexp_replace(inverse::text, '("id": "[^"]*", "kind": "[A-Z_]+", "name": )', '"inlay": null, \1', 'g')::jsonb;
-- Painters ask for pictures by their content alone.
create index on file (hash);
