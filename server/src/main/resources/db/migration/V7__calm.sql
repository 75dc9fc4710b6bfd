-- A brand says whether everything keeps calm: only fades, no movement.
update theme set document = jsonb_set(document, '{brand,calm}', 'false');
update release set document = jsonb_set(document, '{brand,calm}', 'false');
