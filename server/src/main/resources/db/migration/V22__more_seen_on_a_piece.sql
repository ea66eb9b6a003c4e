-- What else was seen on a bent piece beside the worst: a document, empty for nothing.
alter table trial add column also longtext;
alter table trial add constraint trial_also check (also is null or json_valid(also));
