-- Pieces on a scene may belong to a group that moves as one.
update theme set document = replace(document::text, '"corrections": {', '"group": "", "corrections": {')::jsonb;
update release set document = replace(document::text, '"corrections": {', '"group": "", "corrections": {')::jsonb;
update theme_edit set edit = replace(edit::text, '"corrections": {', '"group": "", "corrections": {')::jsonb,
                      inverse = replace(inverse::text, '"corrections": {', '"group": "", "corrections": {')::jsonb;
