-- The humidity of the shop goes into every forecast, as its temperature and height do. Half is usual.
alter table steam_rig add column shop_humidity_percent double not null default 50;
