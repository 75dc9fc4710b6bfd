-- A brand also holds pinned roles, the darkness of plates, a gradient and moods.
update theme set document = jsonb_set(document, '{brand}', document -> 'brand' || '{"pins": {}, "plate": 0.92, "gradient": {"stops": ["ACCENT", "PLATE"], "way": "OKLAB"}, "moods": [], "mood": ""}');
update release set document = jsonb_set(document, '{brand}', document -> 'brand' || '{"pins": {}, "plate": 0.92, "gradient": {"stops": ["ACCENT", "PLATE"], "way": "OKLAB"}, "moods": [], "mood": ""}');
