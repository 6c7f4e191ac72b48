package zestbench.server.board;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.tape.CallDigest;
import zestbench.server.Settings;
import zestbench.server.data.BeforeOpening;
import zestbench.server.data.CommittedCache;
import zestbench.server.tape.CallChanged;
import zestbench.server.tape.CallEntity;
import zestbench.server.tape.Tape;
import zestbench.server.tape.Tapes;
import zestbench.server.unit.Unit;
import zestbench.server.unit.UnitChanged;
import zestbench.server.unit.Units;

/**
 * Keeps what lists show of each call: made of its tape by the core, in the same transaction that changes it, so that no list
 * reads a tape. What is kept can be made anew at any time.
 */
@Component
public class CallSummaries extends BeforeOpening {
    /** Counts up when the core digests calls in another way; what was kept before is made anew at the next start. */
    private static final int FORM = 2;

    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_LINE = 1_000;
    private static final int DIGESTS_KEPT = 500;
    private static final int AT_ONCE = 200;

    private final SummarizedCallRepository calls;
    private final Tapes tapes;
    private final JdbcTemplate rows;
    private final JsonMapper json;
    private final TransactionTemplate transaction;
    private final UnitSummaries unitSummaries;
    private final Units units;
    private final Settings settings;
    private final CommittedCache<Long, CallDigest> kept = new CommittedCache<>(DIGESTS_KEPT, (id, digest) -> 1);

    CallSummaries(
            SummarizedCallRepository calls,
            Tapes tapes,
            JdbcTemplate rows,
            JsonMapper json,
            TransactionTemplate transaction,
            UnitSummaries unitSummaries,
            Units units,
            Settings settings) {
        super(0);
        this.units = units;
        this.settings = settings;
        this.unitSummaries = unitSummaries;
        this.calls = calls;
        this.tapes = tapes;
        this.rows = rows;
        this.json = json;
        this.transaction = transaction;
    }

    /** Calls that a change has touched, summed up once, when it is about to be kept. */
    @EventListener
    void changed(CallChanged change) {
        if (change.isAnew()) {
            kept.forget(change.call());
        }
        touched(change.call());
    }

    /** What is next on an open call hangs on its unit's plates. */
    @EventListener
    void changed(UnitChanged change) {
        rows.queryForList(
                        "select id from service_call where unit_id = ? and status = 'OPEN'", Long.class, change.unit())
                .forEach(this::touched);
    }

    private void touched(long call) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            keepAll(List.of(call));
            return;
        }
        @SuppressWarnings("unchecked")
        Set<Long> touched = (Set<Long>) TransactionSynchronizationManager.getResource(this);
        if (touched == null) {
            touched = new LinkedHashSet<>();
            TransactionSynchronizationManager.bindResource(this, touched);
            TransactionSynchronizationManager.registerSynchronization(new Keeping(touched));
        }
        touched.add(call);
    }

    private final class Keeping implements TransactionSynchronization {
        private final Set<Long> touched;

        Keeping(Set<Long> touched) {
            this.touched = touched;
        }

        @Override
        public void beforeCommit(boolean readOnly) {
            keepAll(touched);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(CallSummaries.this);
        }
    }

    /** Makes every summary anew where they are of another form, as those of an earlier bench are, or it is asked for. */
    @Override
    protected void work() {
        List<Integer> forms = rows.queryForList("select form from summary_form", Integer.class);
        if (settings.rebuild() || !forms.equals(List.of(FORM))) {
            int read = rebuild();
            if (read > 0) {
                System.out.println("What lists show was made anew of " + read + (read == 1 ? " call." : " calls."));
            }
        }
    }

    /** Makes every summary anew. @return how many calls were read */
    public int rebuild() {
        List<Long> all = rows.queryForList(
                "select id from service_call where unit_id is not null order by opened_at, id", Long.class);
        for (String table : TABLES) {
            rows.update("delete from " + table);
        }
        rows.update("delete from summary_form");
        units.indexAll();
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            List<Long> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
            transaction.executeWithoutResult(status -> {
                some.forEach(kept::forget);
                keepAll(some, this::digestOrWords);
            });
        }
        rows.update("insert into summary_form (form) values (?)", FORM);
        return all.size();
    }

    private static final List<String> TABLES = List.of(
            "unit_summary",
            "unit_stopgap",
            "call_summary",
            "call_put_in",
            "call_write_up",
            "call_write_up_ended",
            "call_charge",
            "call_word");

    private void keepAll(Collection<Long> all) {
        keepAll(all, this::digest);
    }

    private void keepAll(Collection<Long> all, Function<CallEntity, CallDigest> how) {
        Set<Long> units = new LinkedHashSet<>();
        all.forEach(id -> keep(id, how, units));
        if (!units.isEmpty()) {
            // what this change does to its calls is in the database before they are added up
            calls.flush();
            units.forEach(unitSummaries::keep);
        }
    }

    /** @param units to which those are added whose own summary changes with it */
    private void keep(long id, Function<CallEntity, CallDigest> how, Set<Long> units) {
        CallEntity row = calls.findById(id).orElse(null);
        Unit unit = row == null ? null : row.unit();
        if (row == null || unit == null) {
            return;
        }
        CallDigest digest = how.apply(row);
        CallDigest before = kept.get(id, any -> NOT_KNOWN);
        if (digest.equals(before)) {
            return;
        }
        kept.put(id, digest);
        rows.update(
                "merge into call_summary (call_id, unit_id, next_thing, slices, waiting, is_waiting, bought_at, last_at,"
                        + " last_who, last_line) key (call_id) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
                id,
                unit.id(),
                cut(digest.next()),
                json.writeValueAsString(digest.slices()),
                json.writeValueAsString(digest.waiting()),
                !digest.waiting().isEmpty(),
                at(digest.boughtAtMillis()),
                at(digest.lastAtMillis()),
                digest.lastWho(),
                cut(digest.lastLine()));
        boolean isNew = before == NOT_KNOWN;
        boolean isOtherIn = isNew || !before.putIn().equals(digest.putIn());
        boolean isOtherSeen = isNew
                || !before.writeUps().equals(digest.writeUps())
                || !before.ended().equals(digest.ended());
        if (isOtherIn) {
            keepPutIn(id, unit.id(), digest);
        }
        if (isOtherSeen) {
            keepWriteUps(id, unit.id(), digest);
        }
        if (isNew || !before.charge().equals(digest.charge())) {
            keepCharge(id, unit.id(), digest);
        }
        if (isNew) {
            keepWords(id, row.complaint());
        }
        if (isOtherIn || isOtherSeen) {
            units.add(unit.id());
        }
    }

    private CallDigest digest(CallEntity row) {
        Tape tape = tapes.of(row.id());
        return CallDigest.of(tape.lines(), tape.state(row.plates()));
    }

    /** One tape that cannot be read keeps no bench from opening: its call stands in the lists and says so. */
    private CallDigest digestOrWords(CallEntity row) {
        try {
            return digest(row);
        } catch (RuntimeException broken) {
            System.out.println("The tape of call " + row.id() + " cannot be read: " + broken.getMessage());
            return new CallDigest(
                    "Its tape cannot be read",
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    Set.of(),
                    List.of(),
                    0,
                    0,
                    "",
                    "");
        }
    }

    /** Of a call whose digest is not at hand: whatever is kept of it is written over. */
    private static final CallDigest NOT_KNOWN =
            new CallDigest("", List.of(), List.of(), List.of(), List.of(), Set.of(), List.of(), -1, -1, "", "");

    private void keepPutIn(long id, long unit, CallDigest digest) {
        rows.update("delete from call_put_in where call_id = ?", id);
        List<Object[]> all = new ArrayList<>();
        for (CallDigest.PutIn each : digest.putIn()) {
            String date = each.returnDate();
            all.add(new Object[] {
                id,
                all.size(),
                unit,
                each.place(),
                each.title(),
                each.asLeft(),
                date == null ? null : LocalDate.parse(date)
            });
        }
        insert("call_put_in (call_id, seq, unit_id, place, title, as_left, return_date)", 7, all);
    }

    private void keepWriteUps(long id, long unit, CallDigest digest) {
        rows.update("delete from call_write_up where call_id = ?", id);
        rows.update("delete from call_write_up_ended where call_id = ?", id);
        List<Object[]> all = new ArrayList<>();
        for (CallDigest.WriteUp each : digest.writeUps()) {
            all.add(new Object[] {
                id,
                all.size(),
                unit,
                each.id(),
                at(each.atMillis()),
                each.urgency().name(),
                each.what()
            });
        }
        insert("call_write_up (call_id, seq, unit_id, uid, at, urgency, what)", 7, all);
        insert(
                "call_write_up_ended (call_id, uid, unit_id)",
                3,
                digest.ended().stream().map(uid -> new Object[] {id, uid, unit}).toList());
    }

    private void keepCharge(long id, long unit, CallDigest digest) {
        rows.update("delete from call_charge where call_id = ?", id);
        List<Object[]> all = new ArrayList<>();
        for (CallDigest.Charge each : digest.charge()) {
            all.add(new Object[] {
                id,
                all.size(),
                unit,
                at(each.atMillis()),
                each.way().name(),
                each.refrigerant(),
                each.ounces(),
                each.cylinder(),
                each.who()
            });
        }
        insert("call_charge (call_id, seq, unit_id, at, way, refrigerant, ounces, cylinder, who)", 9, all);
    }

    private void keepWords(long id, String complaint) {
        rows.update("delete from call_word where call_id = ?", id);
        insert(
                "call_word (call_id, word)",
                2,
                words(complaint).stream().map(word -> new Object[] {id, word}).toList());
    }

    private void insert(String into, int columns, List<Object[]> all) {
        if (!all.isEmpty()) {
            rows.batchUpdate("insert into " + into + " values (?" + ", ?".repeat(columns - 1) + ")", all);
        }
    }

    /** The words of a text as they are looked for: small, without signs. */
    static Set<String> words(String text) {
        Set<String> out = new LinkedHashSet<>();
        for (String word : text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")) {
            if (!word.isEmpty()) {
                out.add(word.length() > LONGEST_WORD ? word.substring(0, LONGEST_WORD) : word);
            }
        }
        return out;
    }

    private static String cut(String words) {
        return words.length() > LONGEST_LINE ? words.substring(0, LONGEST_LINE) : words;
    }

    private static @Nullable Timestamp at(long millis) {
        return millis == 0 ? null : Timestamp.from(Instant.ofEpochMilli(millis));
    }
}
