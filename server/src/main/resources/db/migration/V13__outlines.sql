-- Rods and half-rounds beside planks; nothing written means a rectangle, as everything written so far is.
alter table trial add column outline varchar(30);
