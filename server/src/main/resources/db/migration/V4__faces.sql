update theme set document = document || '{"faces": []}';
update release set document = document || '{"faces": []}';
