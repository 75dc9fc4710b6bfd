-- A piece may have a hand-made place on one canvas alone.
update theme set document = replace(document::text, '"corrections": {', '"onCanvas": {}, "corrections": {')::jsonb;
update release set document = replace(document::text, '"corrections": {', '"onCanvas": {}, "corrections": {')::jsonb;
update theme_edit set edit = replace(edit::text, '"corrections": {', '"onCanvas": {}, "corrections": {')::jsonb,
                      inverse = replace(inverse::text, '"corrections": {', '"onCanvas": {}, "corrections": {')::jsonb;
