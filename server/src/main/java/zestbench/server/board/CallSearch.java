package zestbench.server.board;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import zestbench.server.unit.Units;

/**
 * Finds calls by words, each of which begins a word of the complaint or points to the unit. Where a word is rare, its calls
 * are looked through; where all are frequent, calls are gone through from the latest until a page is full: neither takes
 * longer on a bench of many calls.
 */
@Component
public class CallSearch {
    /** A word with fewer calls than these is rare. */
    private static final int RARE = 400;

    private final JdbcTemplate rows;

    CallSearch(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** Numbers of the calls to which each word points, the latest first. */
    List<Long> find(String words, int most, int from) {
        List<String> all = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        Set<Long> rarest = null;
        for (String word : all) {
            Set<Long> some = some(word);
            if (some.size() < RARE && (rarest == null || some.size() < rarest.size())) {
                rarest = some;
            }
        }
        if (rarest != null && rarest.isEmpty()) {
            return List.of();
        }
        List<Object> given = new ArrayList<>();
        StringBuilder asked = new StringBuilder("select c.id from service_call c ");
        if (rarest == null) {
            asked.append("use index (service_call_opened) where c.unit_id is not null");
        } else {
            asked.append("where c.unit_id is not null and c.id in (")
                    .append(String.join(", ", Collections.nCopies(rarest.size(), "?")))
                    .append(')');
            given.addAll(rarest);
        }
        for (String word : all) {
            asked.append(" and (");
            for (String start : CallSummaries.words(word)) {
                asked.append(
                        "exists (select 1 from call_word w where w.call_id = c.id and w.word >= ? and w.word < ?) or ");
                given.add(start);
                given.add(start + Character.MAX_VALUE);
            }
            asked.append("c.unit_id in (select u.id from unit u where ")
                    .append(Units.meantByWord(word, given))
                    .append("))");
        }
        asked.append(" order by c.opened_at desc, c.id desc limit ? offset ?");
        given.add(most);
        given.add(from);
        return rows.queryForList(asked.toString(), Long.class, given.toArray());
    }

    /** Calls a word points to, no more than tell that it is not rare. */
    private Set<Long> some(String word) {
        Set<Long> out = new LinkedHashSet<>();
        for (String start : CallSummaries.words(word)) {
            out.addAll(rows.queryForList(
                    "select w.call_id from call_word w where w.word >= ? and w.word < ? limit ?",
                    Long.class,
                    start,
                    start + Character.MAX_VALUE,
                    RARE));
        }
        List<Object> given = new ArrayList<>();
        String meant = Units.meantByWord(word, given);
        given.add(RARE);
        out.addAll(rows.queryForList(
                "select c.id from unit u join service_call c on c.unit_id = u.id where " + meant + " limit ?",
                Long.class,
                given.toArray()));
        return out;
    }
}
