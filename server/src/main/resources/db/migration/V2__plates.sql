-- a unit's ratings become its plate, in the fields a plate is read into
alter table unit add column plate varchar(20000) default '{}' not null;
alter table unit add column indoor_plate varchar(20000) default '{}' not null;

update unit set plate = '{"phase":' || phase
    || case when volts <> '' then ',"volts":[' || replace(replace(volts, '/', ','), '-', ',') || ']' else '' end
    || case when tons > 0 then ',"nominalBtuPerHour":' || cast(round(tons * 12000) as integer) else '' end
    || case when made like '__/____' then ',"manufactured":"' || substring(made, 4) || '-' || substring(made, 1, 2) || '"' else '' end
    || case when rated_load_amps > 0 then ',"compressors":[{"ratedLoadAmps":' || cast(rated_load_amps as numeric(8, 2)) || '}]' else '' end
    || case when fan_full_load_amps > 0 then ',"outdoorFans":[{"fullLoadAmps":' || cast(fan_full_load_amps as numeric(8, 2)) || '}]' else '' end
    || '}';

-- and the places that every unit has and that were not kept before
insert into place (unit_id, name, kind, serves)
select u.id, p.name, p.kind, p.serves
from unit u
cross join (values
    ('Disconnect and fuses', 'fuse', 'the whole unit'),
    ('Contactor', 'contactor', 'compressor'),
    ('Compressor', 'compressor', ''),
    ('Outdoor fan motor', 'motor', ''),
    ('Outdoor fan relay', 'relay', 'outdoor fan'),
    ('Crankcase heater', 'crankcase-heater', 'compressor'),
    ('Pressure switches', 'switch', 'compressor'),
    ('Control transformer', 'transformer', '24 V circuit'),
    ('Indoor blower motor', 'motor', ''),
    ('Float switch', 'switch', '24 V circuit')
) as p (name, kind, serves);

alter table unit drop column tons;
alter table unit drop column volts;
alter table unit drop column phase;
alter table unit drop column made;
alter table unit drop column rated_load_amps;
alter table unit drop column fan_full_load_amps;
