-- The document holds them now.
alter table trial
    drop column soak_hours,
    drop column soak_additive,
    drop column steam_minutes,
    drop column chamberc,
    drop column carry_seconds,
    drop column hold_hours,
    drop column strap_material,
    drop column strap_thickness_mm,
    drop column strap_end_gap_mm,
    drop column glue,
    drop column plies;
