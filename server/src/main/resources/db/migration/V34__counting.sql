-- How a show counts; and what was counted, by period: all of before counts for ever, and other periods begin now.
alter table show add column counting jsonb not null default
    '{"zone":"UTC","currency":"EUR","rates":{},"begun":{},"corrections":{}}';
alter table show alter column counting drop default;

update facts set readings = jsonb_build_object('periods', jsonb_build_object('EVER', jsonb_build_object(
    'since', 0, 'readings', readings || '{"sums":{},"tops":{}}')));
