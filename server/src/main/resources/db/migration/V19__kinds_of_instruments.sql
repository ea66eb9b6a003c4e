-- Besides thermometers: moisture meters, scales and room sensors. A reading is one number; that of a room has its humidity, too.
alter table instrument add column kind varchar(20) not null default 'THERMOMETER';
alter table instrument_reading change column celsius measured double not null;
alter table instrument_reading add column humidity_percent double;
