-- What services compare with what they have seen: see docs/decisions/032-a-fence.md. An epoch that an operator has begun
-- (a restore, accept-primary) is accepted although it may be behind.
alter table pageladder.epochs add column accepted boolean not null default false;
-- Versions of a set that is new in an epoch begin after this one, so that two servers that went on from one state do not
-- give one version to two new lists of a name.
alter table pageladder.epochs add column new_after bigint not null default 0;

---- create above / drop below ----

alter table pageladder.epochs drop column new_after;
alter table pageladder.epochs drop column accepted;
