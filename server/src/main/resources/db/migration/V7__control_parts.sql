-- the places of parts that every unit has and that could not be read before
insert into place (unit_id, name, kind, serves)
select u.id, p.name, p.kind, p.serves
from unit u
cross join (values
    ('Thermostat', 'thermostat', '24 V circuit'),
    ('Control board', 'board', '24 V circuit')
) as p (name, kind, serves)
where not exists (select 1 from place q where q.unit_id = u.id and q.name = p.name);
