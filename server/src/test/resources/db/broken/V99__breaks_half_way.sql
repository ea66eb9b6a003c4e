alter table trial add column half_done integer;
alter table trial add column this is no column;
