-- Gluing against the clock takes more than one pair of hands.
alter table day_slot add column people integer not null default 1 after step;
alter table day_slot add constraint day_slot_people check (people between 0 and 50);
