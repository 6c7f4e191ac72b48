-- what lists show of each call, kept with its tape and made of it alone: no list reads tapes
create table call_summary (
    call_id bigint primary key references service_call (id),
    unit_id bigint not null references unit (id),
    next_thing varchar(1000) not null,
    slices varchar(10000) not null,
    waiting varchar(100000) not null,
    is_waiting boolean not null,
    bought_at timestamp(6) with time zone,
    last_at timestamp(6) with time zone,
    last_who varchar(60) not null,
    last_line varchar(1000) not null
);
create index call_summary_unit on call_summary (unit_id, last_at);
create index call_summary_waiting on call_summary (is_waiting, call_id);
create index call_summary_bought on call_summary (bought_at);

-- parts that were put in, for the days on which temporary ones come out
create table call_put_in (
    call_id bigint not null references service_call (id),
    seq integer not null,
    unit_id bigint not null references unit (id),
    place varchar(200) not null,
    title varchar(200) not null,
    as_left varchar(10000) not null,
    return_date date,
    primary key (call_id, seq)
);
create index call_put_in_unit on call_put_in (unit_id);

-- what was seen and not done
create table call_write_up (
    call_id bigint not null references service_call (id),
    seq integer not null,
    unit_id bigint not null references unit (id),
    uid varchar(100) not null,
    at timestamp(6) with time zone not null,
    urgency varchar(20) not null,
    what varchar(10000) not null,
    primary key (call_id, seq)
);
create index call_write_up_unit on call_write_up (unit_id);

create table call_write_up_ended (
    call_id bigint not null references service_call (id),
    uid varchar(100) not null,
    unit_id bigint not null references unit (id),
    primary key (call_id, uid)
);
create index call_write_up_ended_unit on call_write_up_ended (unit_id);

-- words by which a call is found
create table call_word (
    word varchar(60) not null,
    call_id bigint not null references service_call (id),
    primary key (word, call_id)
);
create index call_word_call on call_word (call_id);

-- the words by which a unit is found, and its serials by their last signs; empty until they are made
alter table unit add column words varchar(20000) default '' not null;
alter table unit add column serials varchar(1000) default '' not null;

-- the form in which the summaries are; another form is made anew at the next start
create table summary_form (
    form integer primary key
);

-- what lists show of each unit: made of its calls' summaries
create table unit_summary (
    unit_id bigint primary key references unit (id),
    visits integer not null,
    last_call bigint,
    write_ups integer not null,
    urgency integer,
    worst varchar(10000) not null
);
create index unit_summary_urgency on unit_summary (urgency, unit_id);

-- temporary parts that are still in
create table unit_stopgap (
    unit_id bigint not null references unit (id),
    seq integer not null,
    call_id bigint not null references service_call (id),
    part varchar(200) not null,
    as_left varchar(10000) not null,
    return_date date not null,
    primary key (unit_id, seq)
);
create index unit_stopgap_return on unit_stopgap (return_date, unit_id);

create index service_call_unit on service_call (unit_id, opened_at, id);
create index service_call_status on service_call (status, opened_at desc, id desc);
create index service_call_opened on service_call (opened_at desc, id desc);
