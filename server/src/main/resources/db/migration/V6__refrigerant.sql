-- refrigerant that was weighed in and out, for the year's totals: made of the tapes as the other summaries are
create table call_charge (
    call_id bigint not null references service_call (id),
    seq integer not null,
    unit_id bigint not null references unit (id),
    at timestamp(6) with time zone not null,
    way varchar(20) not null,
    refrigerant varchar(60) not null,
    ounces double precision not null,
    cylinder varchar(200) not null,
    who varchar(200) not null,
    primary key (call_id, seq)
);
create index call_charge_at on call_charge (at);
