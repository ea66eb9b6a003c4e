-- A shop may have several steam boxes, each with its steam; plans go by one of them.
alter table steam_rig
    drop primary key,
    add column id bigint not null auto_increment primary key first,
    add column deleted_at datetime(3),
    add column item_id bigint,
    add column planned boolean not null default true,
    add index steam_rig_of_shop (shop, deleted_at),
    add constraint rig_of_item foreign key (item_id) references rig_item (id);
