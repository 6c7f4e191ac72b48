package zestbench.server.board;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.call.CallStatus;
import zestbench.core.tape.CallDigest;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Step;
import zestbench.server.board.BoardViews.CallCard;
import zestbench.server.board.BoardViews.DueView;
import zestbench.server.board.BoardViews.UnitWriteUps;
import zestbench.server.board.BoardViews.WaitingView;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units;

/** Lists of calls, found, ordered and cut into pages by the database, from what is kept with each call. */
@Component
public class CallBoard {
    /** Calls that are over, and calls that are found, come so many at a time. */
    public static final int PAGE = 50;

    private static final int MOST_OPEN = 300;
    private static final int MOST_LISTED = 100;

    private static final String CARD =
            "select c.id, c.unit_id, c.complaint, c.status, c.opened_at, s.next_thing, s.slices, s.last_who"
                    + " from service_call c join call_summary s on s.call_id = c.id where ";
    /** Of one status alone, in the order of an index, so that no more is read than is shown. */
    private static final String LATEST_OF_STATUS =
            CARD + "c.status = ? order by c.status, c.opened_at desc, c.id desc limit ?";

    private final JdbcTemplate rows;
    private final JsonMapper json;
    private final Units units;
    private final CallSearch search;
    private final Clock clock;

    CallBoard(JdbcTemplate rows, JsonMapper json, Units units, CallSearch search, Clock clock) {
        this.search = search;
        this.rows = rows;
        this.json = json;
        this.units = units;
        this.clock = clock;
    }

    private record Row(
            long id,
            long unit,
            String complaint,
            String status,
            Instant openedAt,
            String next,
            List<Set<Step>> slices,
            String lastWho) {}

    /** Today, where the bench stands. */
    LocalDate today() {
        return day(clock.instant());
    }

    /** Calls that are open, the latest first. */
    public List<CallCard> open() {
        return cards(rows.query(LATEST_OF_STATUS, this::row, CallStatus.OPEN.name(), MOST_OPEN));
    }

    /** Calls that are over, the latest first; one more than a page where there are more. */
    public List<CallCard> over(int page) {
        List<Row> all = new ArrayList<>();
        for (CallStatus status : List.of(CallStatus.CLOSED, CallStatus.CANCELLED)) {
            all.addAll(rows.query(LATEST_OF_STATUS, this::row, status.name(), (page + 1) * PAGE + 1));
        }
        all.sort(Comparator.comparing(Row::openedAt).thenComparing(Row::id).reversed());
        int from = Math.min(all.size(), page * PAGE);
        return cards(all.subList(from, Math.min(all.size(), from + PAGE + 1)));
    }

    /** Calls of every kind to which each word points, the latest first; one more than a page where there are more. */
    public List<CallCard> found(String words, int page) {
        List<Long> ids = search.find(words, PAGE + 1, page * PAGE);
        if (ids.isEmpty()) {
            return List.of();
        }
        List<Row> all = rows.query(
                CARD + "c.id in (" + String.join(", ", Collections.nCopies(ids.size(), "?")) + ")",
                this::row,
                ids.toArray());
        all.sort(Comparator.comparing((Row row) -> ids.indexOf(row.id())));
        return cards(all);
    }

    private Row row(ResultSet row, int number) throws SQLException {
        return new Row(
                row.getLong(1),
                row.getLong(2),
                row.getString(3),
                row.getString(4),
                row.getObject(5, OffsetDateTime.class).toInstant(),
                row.getString(6),
                json.readValue(row.getString(7), new TypeReference<List<Set<Step>>>() {}),
                row.getString(8));
    }

    private List<CallCard> cards(List<Row> all) {
        Map<Long, Unit> byId = units
                .byIds(all.stream().map(Row::unit).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Unit::id, Function.identity()));
        LocalDate today = today();
        List<CallCard> out = new ArrayList<>();
        for (Row row : all) {
            Unit unit = byId.get(row.unit());
            if (unit != null) {
                String next = row.status().equals(CallStatus.OPEN.name())
                        ? row.next()
                        : row.status().equals(CallStatus.CLOSED.name()) ? "Closed" : "Cancelled";
                out.add(new CallCard(
                        row.id(),
                        unit.site(),
                        unit.name(),
                        unit.facts().line(),
                        row.complaint(),
                        row.status(),
                        row.openedAt().toEpochMilli(),
                        next,
                        day(row.openedAt()).equals(today),
                        row.slices().size(),
                        row.slices(),
                        row.lastWho()));
            }
        }
        return out;
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }

    /** What open calls wait for, jumpers first, then the first to be ready. */
    public List<WaitingView> waiting() {
        LocalDate today = today();
        List<WaitingView> out = new ArrayList<>();
        rows.query(
                "select c.id, u.site, u.name, s.waiting from call_summary s join service_call c on c.id = s.call_id"
                        + " join unit u on u.id = c.unit_id where s.is_waiting and c.status = 'OPEN' order by c.id",
                row -> {
                    for (CallDigest.Waiting each :
                            json.readValue(row.getString(4), new TypeReference<List<CallDigest.Waiting>>() {})) {
                        out.add(new WaitingView(
                                row.getLong(1),
                                row.getString(2),
                                row.getString(3),
                                each.hold(),
                                words(each),
                                each.ready(),
                                // days as they are written sort as they come
                                each.ready().compareTo(today.toString()) <= 0));
                    }
                });
        out.sort(Comparator.comparing(WaitingView::ready));
        return out;
    }

    private static String words(CallDigest.Waiting each) {
        String what = each.part().isEmpty() ? each.title() : each.part() + ": " + each.title();
        return each.from().isEmpty() ? what : what + ", " + each.from();
    }

    /** Temporary fixes still in, the first to come out first: as many as a board shows. */
    public List<DueView> due() {
        return due(MOST_LISTED);
    }

    /** Every temporary fix still in. */
    public List<DueView> allDue() {
        return due(Integer.MAX_VALUE);
    }

    private List<DueView> due(int most) {
        LocalDate today = today();
        return rows.query(
                "select g.call_id, u.site, u.name, g.part, g.as_left, g.return_date from unit_stopgap g"
                        + " join unit u on u.id = g.unit_id order by g.return_date, g.unit_id, g.seq limit ?",
                (row, number) -> {
                    LocalDate date = row.getObject(6, LocalDate.class);
                    return new DueView(
                            row.getLong(1),
                            row.getString(2),
                            row.getString(3),
                            row.getString(4),
                            row.getString(5),
                            date.toString(),
                            !date.isAfter(today));
                },
                most);
    }

    /** What was seen and not done, unit by unit, the most urgent first: as many as a board shows. */
    public List<UnitWriteUps> writeUps() {
        return rows.query(
                "select u.id, u.site, u.name, s.write_ups, s.urgency, s.worst from unit_summary s"
                        + " join unit u on u.id = s.unit_id where s.urgency >= 0 order by s.urgency, s.unit_id limit ?",
                (row, number) -> new UnitWriteUps(
                        row.getLong(1),
                        row.getString(2),
                        row.getString(3),
                        row.getInt(4),
                        Entry.Urgency.values()[row.getInt(5)],
                        Entry.Urgency.values()[row.getInt(5)].flag(),
                        row.getString(6)),
                MOST_LISTED);
    }

    /** On how many units something was seen and not done. */
    public int unitsWithWriteUps() {
        Integer count = rows.queryForObject("select count(*) from unit_summary where urgency >= 0", Integer.class);
        return count == null ? 0 : count;
    }

    /** Calls from which something may be wanted on a truck: open ones, those with a temporary part, and lately bought parts. */
    List<Long> mayWant(Instant boughtSince) {
        return rows.queryForList(
                "select c.id from service_call c where c.status <> 'CANCELLED' and c.id in ("
                        + "select id from service_call where status = 'OPEN' and unit_id is not null"
                        + " union select call_id from unit_stopgap"
                        + " union select call_id from call_summary where bought_at > ?) order by c.opened_at, c.id",
                Long.class,
                java.sql.Timestamp.from(boughtSince));
    }
}
