-- What else was seen on a bent piece beside the worst: a document, empty for nothing; and how hollow it is across its width, in mm.
alter table trial add column also longtext, add column cup_mm double;
alter table trial add constraint trial_also check (also is null or json_valid(also));
