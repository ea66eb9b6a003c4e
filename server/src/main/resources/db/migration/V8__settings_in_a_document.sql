-- What every bend has stays in columns; what is set about its method becomes one document, with the version of its meaning.
-- A null in the patch leaves its key out.
alter table trial
    add column settings longtext,
    modify column method varchar(40) not null;

update trial set settings = json_merge_patch('{"version": 1}', json_object(
    'soakHours', soak_hours, 'soakAdditive', soak_additive, 'steamMinutes', steam_minutes, 'chamberC', chamberc,
    'carrySeconds', carry_seconds, 'holdHours', hold_hours))
where method = 'STEAM_BOX';

update trial set settings = json_insert(settings, '$.strap', json_object(
    'material', strap_material, 'thicknessMm', strap_thickness_mm, 'endGapMm', strap_end_gap_mm))
where method = 'STEAM_BOX' and strap_material is not null;

update trial set settings = json_merge_patch('{"version": 1}', json_object('glue', glue, 'plies', plies))
where method = 'COLD_LAMINATION';

alter table trial
    drop constraint trial_method,
    modify column settings longtext not null,
    add constraint trial_settings check (json_valid(settings) and coalesce(json_value(settings, '$.version'), 0) >= 1);
