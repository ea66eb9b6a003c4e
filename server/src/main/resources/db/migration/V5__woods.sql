-- Woods of the shop's own beside the published ones. Strengths in MPa at 12 % moisture, radii in mm.
create table wood (
    id                     bigint       not null auto_increment primary key,
    version                integer      not null,
    deleted_at             datetime(3),
    common_name            varchar(80)  not null,
    latin_name             varchar(120) not null,
    wood_class             varchar(40)  not null,
    basic_specific_gravity double,
    density12              double,
    bending_strength_mpa   double,
    stiffness_mpa          double,
    crushing_strength_mpa  double,
    unbroken_percent       double,
    unsupported_radius_mm  double,
    supported_radius_mm    double,
    source                 varchar(400) not null,
    constraint wood_weight_once check ((basic_specific_gravity is null) <> (density12 is null)),
    constraint wood_gravity check (basic_specific_gravity between 0.08 and 1.3),
    constraint wood_density check (density12 between 90 and 1450),
    constraint wood_strap_helps check (supported_radius_mm <= unsupported_radius_mm)
);
