-- Attached sets whose table is followed: see docs/decisions/023-following.md.

alter table pageladder.record_set add column followed boolean not null default false;

drop trigger defined on pageladder.record_set;
create trigger defined before insert or update of label, record_table, fields, rules, source, source_schema, remember_s, fixed, open, fixed_dates, followed
  on pageladder.record_set for each row execute function pageladder.defined();

---- create above / drop below ----

drop trigger defined on pageladder.record_set;
create trigger defined before insert or update of label, record_table, fields, rules, source, source_schema, remember_s, fixed, open, fixed_dates
  on pageladder.record_set for each row execute function pageladder.defined();
alter table pageladder.record_set drop column followed;
