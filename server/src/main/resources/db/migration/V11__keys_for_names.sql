-- People, boards and sources have keys; what they are called is a label. Names are told apart letter by letter.
create table person (
    id         bigint      not null auto_increment primary key,
    version    integer     not null,
    deleted_at datetime(3),
    shop       varchar(20) not null,
    name       varchar(80) character set utf8mb4 collate utf8mb4_bin not null,
    constraint person_once unique (shop, name)
);
create table board like person;
create table source like person;

insert into person (version, shop, name) select distinct 0, shop, convert(person using utf8mb4) collate utf8mb4_bin from trial where person is not null;
insert into board (version, shop, name) select distinct 0, shop, convert(board using utf8mb4) collate utf8mb4_bin from trial where board is not null;
insert into source (version, shop, name) select distinct 0, shop, convert(source using utf8mb4) collate utf8mb4_bin from trial where source is not null;

alter table trial
    add column person_id bigint,
    add column board_id bigint,
    add column source_id bigint,
    add constraint trial_of_person foreign key (person_id) references person (id),
    add constraint trial_of_board foreign key (board_id) references board (id),
    add constraint trial_of_source foreign key (source_id) references source (id);

update trial join person on person.shop = trial.shop and person.name = trial.person collate utf8mb4_bin set trial.person_id = person.id;
update trial join board on board.shop = trial.shop and board.name = trial.board collate utf8mb4_bin set trial.board_id = board.id;
update trial join source on source.shop = trial.shop and source.name = trial.source collate utf8mb4_bin set trial.source_id = source.id;

alter table trial
    drop column person,
    drop column board,
    drop column source;
