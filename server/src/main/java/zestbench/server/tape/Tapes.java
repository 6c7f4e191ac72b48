package zestbench.server.tape;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.server.data.CommittedCache;
import zestbench.server.json.JsonWords;
import zestbench.server.json.NoNulls;
import zestbench.server.json.StrictJson;
import zestbench.server.tape.CallCopies.LineCopy;

/** Keeps tapes: entries as JSON under the name of their kind. */
@Service
public class Tapes {
    private static final Map<String, Class<?>> KINDS =
            Entry.kinds().stream().collect(Collectors.toMap(Class::getSimpleName, Function.identity()));

    private static final int BATCH = 200;
    /** So many lines are kept as they were read; a line takes about a kilobyte. */
    private static final long LINES_KEPT = 40_000;

    private final TapeLineRepository store;
    private final JdbcTemplate rows;
    private final ApplicationEventPublisher events;
    private final JsonMapper json;
    /** For lines that come from elsewhere, which are looked at as closely as what is typed. */
    private final JsonMapper carried;

    private final CommittedCache<Long, Tape> kept =
            new CommittedCache<>(LINES_KEPT, (id, tape) -> 1 + tape.lines().size());

    Tapes(TapeLineRepository store, JdbcTemplate rows, JsonMapper json, ApplicationEventPublisher events) {
        this.events = events;
        this.store = store;
        this.rows = rows;
        // what an entry says are its components; what it can answer (isFigure) is not kept beside them
        this.carried = json.rebuild()
                .changeDefaultVisibility(v -> v.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .build();
        this.json = StrictJson.kept(carried);
    }

    /** When somebody's last line on a tape was written; null where there is none. */
    @Nullable
    Instant last(long callId, String who) {
        return of(callId).lines().stream()
                .filter(line -> line.who().equals(who))
                .map(line -> Instant.ofEpochMilli(line.atMillis()))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    void append(long callId, Instant at, String who, Entry entry) {
        Tape tape = of(callId);
        String kind = entry.getClass().getSimpleName();
        TapeLineEntity row = new TapeLineEntity(callId, tape.last() + 1, at, who, kind, json.writeValueAsString(entry));
        store.save(row);
        kept.put(callId, tape.with(line(row)));
        events.publishEvent(new CallChanged(callId, false));
    }

    public Tape of(long callId) {
        return kept.get(
                callId,
                id -> new Tape(store.findByCallIdOrderByNumber(id).stream()
                        .map(this::line)
                        .toList()));
    }

    /** The lines of a tape as they are carried. */
    List<LineCopy> copies(long callId) {
        return store.findByCallIdOrderByNumber(callId).stream()
                .map(row -> new LineCopy(row.number(), row.at(), row.who(), row.kind(), json.readTree(row.entry())))
                .toList();
    }

    /** What a carried line says. @param at where it stands in the file */
    Entry entry(String at, LineCopy line) {
        Class<?> kind = KINDS.get(line.kind());
        InputProblem.require(
                kind != null, at + ".kind", line.kind(), "there is no such entry; known are " + KINDS.keySet());
        try {
            Entry entry = (Entry) carried.treeToValue(line.entry(), Objects.requireNonNull(kind));
            NoNulls.check(entry, at + ".entry");
            return entry;
        } catch (JacksonException | IllegalArgumentException broken) {
            String why = broken instanceof JacksonException j ? JsonWords.of(j) : broken.getMessage();
            throw InputProblem.of(at + ".entry", null, "this is no " + line.kind() + ": " + why);
        }
    }

    void append(long callId, List<LineCopy> lines) {
        rows.batchUpdate(
                "insert into tape_line (call_id, number, at, who, kind, entry) values (?, ?, ?, ?, ?, ?)",
                lines,
                BATCH,
                (row, line) -> {
                    row.setLong(1, callId);
                    row.setLong(2, line.number());
                    row.setObject(3, line.at().atOffset(ZoneOffset.UTC));
                    row.setString(4, line.who());
                    row.setString(5, line.kind());
                    row.setString(6, json.writeValueAsString(line.entry()));
                });
        kept.forget(callId);
        events.publishEvent(new CallChanged(callId, true));
    }

    /** Only where somebody chose a telling of the call that came from elsewhere. */
    void clear(long callId) {
        store.deleteAll(store.findByCallIdOrderByNumber(callId));
        store.flush();
        kept.forget(callId);
        events.publishEvent(new CallChanged(callId, true));
    }

    private Line line(TapeLineEntity row) {
        Class<?> kind = Objects.requireNonNull(KINDS.get(row.kind()), row.kind());
        Entry entry = (Entry) json.readValue(row.entry(), kind);
        return new Line(row.number(), row.at().toEpochMilli(), row.who(), entry);
    }
}
