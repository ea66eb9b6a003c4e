-- What more is seen on a bend: how its curve was measured, where it gave way, how it was mended, and what to do otherwise.
alter table trial
    add column released_chord_mm double,
    add column released_rise_mm  double,
    add column released_gap_mm   double,
    add column twist_degrees     double,
    add column flaw_at           varchar(20),
    add column mended            varchar(200),
    add column next_time         varchar(500);
