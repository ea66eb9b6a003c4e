-- All records of a shop as a fit was made of them, packed, so that the first fit after a start of the server reads them in one
-- go. Of one revision and one build of the product, and of no use to any other; may be emptied at any time.
create table kept_records (
    shop     varchar(20) not null,
    part     int         not null,
    revision bigint      not null,
    build    char(32)    not null,
    packed   longblob    not null,
    primary key (shop, part)
);
