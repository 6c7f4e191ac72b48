package zestbench.server.board;

import java.sql.Date;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import zestbench.core.tape.Entry;

/** Adds up what the visits to a unit left open, from their summaries: visits that were cancelled do not count. */
@Component
public class UnitSummaries {
    private final JdbcTemplate rows;

    UnitSummaries(JdbcTemplate rows) {
        this.rows = rows;
    }

    private record Seen(Entry.Urgency urgency, String what) {}

    private record Stopgap(long call, String part, String asLeft, Date returnDate) {}

    void keep(long unit) {
        Map<String, Seen> open = open(unit);
        Seen worst = null;
        for (Seen each : open.values()) {
            worst = worst == null || each.urgency().compareTo(worst.urgency()) < 0 ? each : worst;
        }
        List<Long> visits = rows.queryForList(
                "select id from service_call where unit_id = ? order by opened_at, id", Long.class, unit);
        rows.update(
                "merge into unit_summary (unit_id, visits, last_call, write_ups, urgency, worst) key (unit_id)"
                        + " values (?, ?, ?, ?, ?, ?)",
                unit,
                visits.size(),
                visits.isEmpty() ? null : visits.get(visits.size() - 1),
                open.size(),
                worst == null ? null : worst.urgency().ordinal(),
                worst == null ? "" : worst.what());
        keepStopgaps(unit);
    }

    private Map<String, Seen> open(long unit) {
        Map<String, Seen> open = new LinkedHashMap<>();
        rows.query(
                "select w.uid, w.urgency, w.what from call_write_up w join service_call c on c.id = w.call_id"
                        + " where w.unit_id = ? and c.status <> 'CANCELLED' order by c.opened_at, c.id, w.seq",
                row -> {
                    open.put(row.getString(1), new Seen(Entry.Urgency.valueOf(row.getString(2)), row.getString(3)));
                },
                unit);
        Set<String> ended = new LinkedHashSet<>(rows.queryForList(
                "select e.uid from call_write_up_ended e join service_call c on c.id = e.call_id"
                        + " where e.unit_id = ? and c.status <> 'CANCELLED'",
                String.class,
                unit));
        open.keySet().removeAll(ended);
        return open;
    }

    /** For each place of a unit the part that was put in last decides. */
    private void keepStopgaps(long unit) {
        Map<String, Stopgap> byPlace = new LinkedHashMap<>();
        rows.query(
                "select p.place, p.title, p.call_id, p.as_left, p.return_date from call_put_in p"
                        + " join service_call c on c.id = p.call_id"
                        + " where p.unit_id = ? and c.status <> 'CANCELLED' order by c.opened_at, c.id, p.seq",
                row -> {
                    String place = row.getString(1) + " " + row.getString(2);
                    Date date = row.getDate(5);
                    if (date == null) {
                        byPlace.remove(place);
                    } else {
                        byPlace.put(place, new Stopgap(row.getLong(3), row.getString(2), row.getString(4), date));
                    }
                },
                unit);
        rows.update("delete from unit_stopgap where unit_id = ?", unit);
        List<Object[]> all = new ArrayList<>();
        for (Stopgap each : byPlace.values()) {
            all.add(new Object[] {unit, all.size(), each.call(), each.part(), each.asLeft(), each.returnDate()});
        }
        if (!all.isEmpty()) {
            rows.batchUpdate(
                    "insert into unit_stopgap (unit_id, seq, call_id, part, as_left, return_date)"
                            + " values (?, ?, ?, ?, ?, ?)",
                    all);
        }
    }
}
