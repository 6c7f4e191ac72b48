package zestbench.server.growth;

import java.util.List;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;

/** Lets a bench of the demo town grow by copies of its longest call, quickly, as years of use would have made it. */
public final class Growth {
    private static final int OPEN = 30;
    /** Of so many calls one left something to be seen to. */
    private static final int WITH_WRITE_UP = 10;

    /** Calls that are copied in one go: what is not yet written for good slows down what is added to it. */
    private static final int AT_ONCE = 500;

    private final JdbcTemplate rows;
    private final long call;

    public Growth(JdbcTemplate rows) {
        this.rows = rows;
        this.call = number("select t.call_id from tape_line t join service_call c on c.id = t.call_id"
                + " where c.unit_id is not null and c.status = 'CLOSED' group by t.call_id"
                + " order by count(*) desc, t.call_id limit 1");
    }

    /** How many lines the tape has that is copied. */
    public long lines() {
        return number("select count(*) from tape_line where call_id = " + call);
    }

    /** Adds units and calls until there are so many. */
    public void to(int calls, int units) {
        rows.execute("set write_delay 5000");
        try {
            grow(calls, units);
        } finally {
            // as the bench itself keeps it: what is answered is written
            rows.execute("set write_delay 0");
        }
        rows.execute("checkpoint sync");
    }

    private void grow(int calls, int units) {
        addUnits((int) (units - number("select count(*) from unit")));
        long lastUnit = number("select max(id) from unit");
        long firstCall = number("select max(id) from service_call") + 1;
        int more = (int) (calls - number("select count(*) from service_call"));
        if (more <= 0) {
            return;
        }
        long at = number("select min(id) from unit where site like 'Quay row%'");
        rows.update(
                "insert into service_call (unit_id, uid, complaint, opened_at, status)"
                        + " select cast(? + mod(n.x * 7919, ?) as bigint), random_uuid(),"
                        + " 'no cooling on floor ' || n.x, dateadd(minute, -n.x * 97, current_timestamp),"
                        + " case when n.x <= ? then 'OPEN' else 'CLOSED' end from system_range(1, ?) n",
                at,
                lastUnit - at + 1,
                OPEN - number("select count(*) from service_call where status = 'OPEN'"),
                more);
        copy("tape_line", "number, at, who, kind, entry", firstCall);
        ofUnit(
                "call_summary",
                "next_thing, slices, waiting, is_waiting, bought_at, last_at, last_who, last_line",
                firstCall);
        ofUnit("call_put_in", "seq, place, title, as_left, return_date", firstCall);
        copy("call_word", "word", firstCall);
        rows.update(
                "insert into call_write_up (call_id, seq, unit_id, uid, at, urgency, what)"
                        + " select id, 0, unit_id, 'grown ' || id, opened_at, 'SOON', 'Coil matted with lint' from service_call"
                        + " where id >= ? and mod(id, ?) = 0",
                firstCall,
                WITH_WRITE_UP);
        rows.update("merge into unit_summary (unit_id, visits, last_call, write_ups, urgency, worst) key (unit_id)"
                + " select c.unit_id, count(*), max(c.id), count(w.call_id),"
                + " case when count(w.call_id) > 0 then 1 else null end, coalesce(max(w.what), '')"
                + " from service_call c left join call_write_up w on w.call_id = c.id where c.unit_id is not null"
                + " group by c.unit_id");
        rows.execute("analyze");
    }

    private void addUnits(int more) {
        if (more <= 0) {
            return;
        }
        long unit = number("select unit_id from service_call where id = " + call);
        String columns = rows
                .queryForList(
                        "select column_name from information_schema.columns where table_name = 'UNIT'"
                                + " and table_schema = 'PUBLIC' and column_name not in ('ID', 'UID', 'SITE', 'WORDS')",
                        String.class)
                .stream()
                .collect(Collectors.joining(", "));
        long first = number("select max(id) from unit") + 1;
        rows.update(
                "insert into unit (uid, site, words, " + columns + ") select random_uuid(), 'Quay row ' || n.x,"
                        + " 'quay row ' || n.x || ' ' || u.words, " + columns
                        + " from unit u, system_range(1, ?) n where u.id = ?",
                more,
                unit);
        rows.update(
                "insert into place (unit_id, name, kind, serves) select u.id, p.name, p.kind, p.serves"
                        + " from place p, unit u where p.unit_id = ? and u.id >= ?",
                unit,
                first);
    }

    private void copy(String table, String columns, long firstCall) {
        copy(table, "call_id", "c.id", columns, firstCall);
    }

    private void ofUnit(String table, String columns, long firstCall) {
        copy(table, "call_id, unit_id", "c.id, c.unit_id", columns, firstCall);
    }

    private void copy(String table, String keys, String values, String columns, long firstCall) {
        String of = List.of(columns.split(", ")).stream().map(c -> "t." + c).collect(Collectors.joining(", "));
        long last = number("select max(id) from service_call");
        for (long from = firstCall; from <= last; from += AT_ONCE) {
            rows.update(
                    "insert into " + table + " (" + keys + ", " + columns + ") select " + values + ", " + of + " from "
                            + table + " t, service_call c where t.call_id = ? and c.id >= ? and c.id < ?",
                    call,
                    from,
                    from + AT_ONCE);
        }
    }

    private long number(String sql) {
        Long found = rows.queryForObject(sql, Long.class);
        return found == null ? 0 : found;
    }
}
