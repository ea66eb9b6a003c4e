-- Whose records they are: everything a shop keeps has its key. What there was is the own shop's.
alter table trial
    add column shop varchar(20) not null default 'own',
    drop index trial_by_day,
    add index trial_by_day (shop, deleted_at, bent_on, id);
alter table drying_piece add column shop varchar(20) not null default 'own', add index drying_piece_of_shop (shop, deleted_at);
alter table row_set_aside add column shop varchar(20) not null default 'own', add index row_set_aside_of_shop (shop, deleted_at);
alter table wood add column shop varchar(20) not null default 'own', add index wood_of_shop (shop, deleted_at);

alter table steam_rig
    drop constraint steam_rig_single,
    drop primary key,
    drop column id,
    add column shop varchar(20) not null default 'own' first,
    add primary key (shop);

alter table trial_revision
    drop constraint trial_revision_single,
    drop primary key,
    drop column id,
    add column shop varchar(20) not null default 'own' first,
    add primary key (shop);
