package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.UnitProof;
import zestbench.core.supply.SupplyPoint;

/** What all visits to one unit say together: a fold over their tapes. */
public final class UnitHistory {
    private static final long MILLIS_PER_DAY = 86_400_000;
    private static final long DAYS_TOLD_AS_DAYS = 60;
    private static final double DAYS_PER_MONTH = 30.44;

    private final List<Visit> visits;

    /** One visit. @param call its number */
    public record Visit(long call, List<Line> tape, CallState state) {}

    /** Something seen and not done that is still so. @param call the visit it was seen on */
    public record OpenWriteUp(long call, long atMillis, String who, LeaveEntry.WrittenUp writeUp) {}

    /**
     * A part that was put in.
     *
     * @param asLeft what it is
     * @param measured its values before it went in; empty where they were not read
     * @param returnDate the day a temporary one comes out
     * @param warrantyUntil the last day its own maker answers for it; null where that is not known
     */
    public record PutIn(
            long call,
            long atMillis,
            String place,
            String title,
            String asLeft,
            String measured,
            @Nullable String returnDate,
            @Nullable String warrantyUntil) {
        /** How long it has been in, in the largest units that say something. */
        public String age(long nowMillis) {
            return UnitHistory.age(nowMillis - atMillis);
        }
    }

    /** A part that was replaced. @param warrantyUntil the last day its maker answers for the new one; null where that is not known */
    public record Replaced(long atMillis, @Nullable String warrantyUntil) {}

    /** A length of time in the largest units that say something. */
    public static String age(long millis) {
        long days = Math.max(0, millis) / MILLIS_PER_DAY;
        if (days < DAYS_TOLD_AS_DAYS) {
            return days == 1 ? "1 day" : days + " days";
        }
        long months = Math.round(days / DAYS_PER_MONTH);
        String rest = months % 12 == 0 ? "" : " " + months % 12 + " months";
        return months < 24 ? months + " months" : months / 12 + " years" + rest;
    }

    /** A part or reading before and after a visit. */
    public record FoundAndLeft(
            long call, long atMillis, String place, String title, String asFound, String asLeft, String how) {}

    /** A proof figure of one circuit over the visits. @param circuit as 1 */
    public record FigureTrend(ProofFigure figure, String circuit, List<Point> points) {
        /** As {@code Superheat}, and {@code Superheat, circuit 2}. */
        public String title() {
            return figure.title() + (circuit.equals(LeaveEntry.CircuitProved.FIRST) ? "" : ", circuit " + circuit);
        }

        /** @param outdoorFahrenheit null where it was not read */
        public record Point(
                long atMillis, double value, @Nullable Double outdoorFahrenheit) {}
    }

    /** @param visits the earliest first, cancelled ones left out */
    public UnitHistory(List<Visit> visits) {
        this.visits = List.copyOf(visits);
    }

    /** Photos of a plate, from the last visit that took any; by name. */
    public List<String> platePhotos(Plates.Which which) {
        List<String> last = List.of();
        for (Visit visit : visits) {
            List<String> photos = visit.state().place(which.words()).photos();
            last = photos.isEmpty() ? last : photos;
        }
        return last;
    }

    /** What was seen and not done, the most urgent first. */
    public List<OpenWriteUp> openWriteUps() {
        Map<String, OpenWriteUp> open = new LinkedHashMap<>();
        Set<String> ended = new LinkedHashSet<>();
        for (Visit visit : visits) {
            visit.state().leave().openWriteUps().forEach((id, line) -> {
                if (line.entry() instanceof LeaveEntry.WrittenUp written) {
                    open.put(id, new OpenWriteUp(visit.call(), line.atMillis(), line.who(), written));
                }
            });
            ended.addAll(visit.state().leave().endedHere());
        }
        open.keySet().removeAll(ended);
        List<OpenWriteUp> out = new ArrayList<>(open.values());
        out.sort((a, b) -> a.writeUp().urgency().compareTo(b.writeUp().urgency()));
        return out;
    }

    /** What each circuit of this unit can do at its best, as it was last kept before {@code call}, by its name as 1; none where it never was. */
    public Map<String, Benchmark> benchmarksBefore(long call) {
        Map<String, Benchmark> out = new LinkedHashMap<>();
        for (Visit visit : visits) {
            if (visit.call() != call) {
                out.putAll(benchmarksOn(visit));
            }
        }
        return out;
    }

    /** What this unit can do at its best, as it was last kept: its first circuit, with the air. */
    public Optional<Benchmark> benchmark() {
        return Optional.ofNullable(benchmarksBefore(0).get(LeaveEntry.CircuitProved.FIRST));
    }

    private static Map<String, Benchmark> benchmarksOn(Visit visit) {
        Map<String, Benchmark> out = new LinkedHashMap<>();
        for (Line line : visit.tape()) {
            if (line.entry() instanceof LeaveEntry.ProofKept kept
                    && kept.isBenchmark()
                    && !visit.state().isStruck(line.number())) {
                out.clear();
                kept.each().forEach(c -> out.put(c.circuit(), Benchmark.of(line.atMillis(), c.readings(), c.answer())));
            }
        }
        return out;
    }

    /** Proof figures over the visits, a line for each that was read. */
    public List<FigureTrend> figureTrends() {
        Map<String, FigureTrend> out = new LinkedHashMap<>();
        for (Visit visit : visits) {
            Line line = visit.state().leave().kept();
            if (line != null && line.entry() instanceof LeaveEntry.ProofKept kept) {
                Double outdoor = kept.readings().get(ProofPoint.OUTDOOR_AIR);
                for (LeaveEntry.CircuitProved circuit : kept.each()) {
                    UnitProof.figures(circuit.answer())
                            .forEach((figure, value) -> out.computeIfAbsent(
                                            circuit.circuit() + figure,
                                            k -> new FigureTrend(figure, circuit.circuit(), new ArrayList<>()))
                                    .points()
                                    .add(new FigureTrend.Point(line.atMillis(), value, outdoor)));
                }
            }
        }
        return List.copyOf(out.values());
    }

    /** When parts of a name were replaced at a place on the visits before a call, the earliest first. */
    public List<Replaced> replacedBefore(long call, String place, String title) {
        List<Replaced> out = new ArrayList<>();
        for (Visit visit : visits) {
            for (PartState part : visit.state().parts()) {
                PartEntry.PartClosed closed = part.closed();
                boolean isSame = part.added().place().equals(place)
                        && part.added().title().equals(title);
                if (visit.call() < call && isSame && closed != null && closed.outcome() == Entry.Outcome.REPLACED) {
                    out.add(new Replaced(part.closedAtMillis(), closed.warrantyUntil()));
                }
            }
        }
        return out;
    }

    /** The parts that are in now and were put in on a visit, by place and name. */
    public List<PutIn> putIn() {
        Map<String, PutIn> out = new LinkedHashMap<>();
        for (Visit visit : visits) {
            for (PartState part : visit.state().parts()) {
                PartEntry.PartClosed closed = part.closed();
                if (closed != null && closed.outcome() == Entry.Outcome.REPLACED) {
                    String place = part.added().place();
                    String title = part.added().title();
                    out.put(
                            place + " " + title,
                            new PutIn(
                                    visit.call(),
                                    part.closedAtMillis(),
                                    place,
                                    title,
                                    closed.asLeft(),
                                    measured(part),
                                    closed.returnDate(),
                                    closed.warrantyUntil()));
                }
            }
        }
        return List.copyOf(out.values());
    }

    /** What was last read of the unit itself on a visit before {@code call}: volts and amps, by {@link #figureKey}. */
    public Map<String, Double> figuresBefore(long call) {
        Map<String, Double> out = new LinkedHashMap<>();
        for (Visit visit : visits) {
            if (visit.call() >= call) {
                break;
            }
            for (SupplyPoint point : SupplyPoint.values()) {
                visit.state()
                        .supply()
                        .at(point)
                        .values()
                        .forEach(line -> put(out, point.name(), PartState.judged(line)));
            }
            for (Line line : visit.state().amps().values()) {
                PartEntry.AmpsRead read = (PartEntry.AmpsRead) line.entry();
                String where = read.at() + " " + read.key();
                put(out, where, read.judged());
                read.alongside().forEach(judged -> put(out, where, judged));
            }
        }
        return out;
    }

    /** Under this a figure of the unit is found again at a later visit. @param where a point of the supply, or a place with the speed it ran on */
    public static String figureKey(@Nullable String where, String subject) {
        return where + " " + subject;
    }

    private static void put(Map<String, Double> out, @Nullable String where, Judged judged) {
        if (judged.reading().isFigure()) {
            out.put(figureKey(where, judged.subject()), judged.reading().value());
        }
    }

    private static String measured(PartState part) {
        List<String> out = new ArrayList<>();
        for (Taken taken : part.tests().newReadings().values()) {
            out.add(taken.judged().reading().text());
        }
        return String.join(", ", out);
    }

    /** What was last left to the next person in words; empty where nothing was. */
    public String lastNote() {
        String last = "";
        for (Visit visit : visits) {
            UnitEntry.CallEnded ended = visit.state().ended();
            if (ended != null && !ended.note().isEmpty()) {
                last = ended.note();
            }
        }
        return last;
    }

    /** Every part as it was found and left, the latest visit first. */
    public List<FoundAndLeft> foundAndLeft() {
        List<FoundAndLeft> out = new ArrayList<>();
        for (Visit visit : visits) {
            for (PartState part : visit.state().parts()) {
                PartEntry.PartClosed closed = part.closed();
                if (closed != null) {
                    out.add(
                            0,
                            new FoundAndLeft(
                                    visit.call(),
                                    part.closedAtMillis(),
                                    part.added().place(),
                                    part.added().title(),
                                    ProofList.asFound(part),
                                    closed.asLeft(),
                                    closed.told().title()));
                }
            }
        }
        return out;
    }

    /** Capacitor sections over the visits. */
    public List<SectionTrend> sections() {
        return SectionTrend.of(visits.stream().map(Visit::state).toList());
    }

    /** Starts over the visits, a line for each motor that was caught. */
    public List<StartTrend> starts() {
        return StartTrend.all(visits.stream().map(Visit::tape).toList());
    }

    /** Amps over the visits, a line for each motor that was read. */
    public List<AmpTrend> amps() {
        List<List<Line>> tapes = visits.stream().map(Visit::tape).toList();
        Set<String> places = new LinkedHashSet<>();
        for (List<Line> tape : tapes) {
            for (Line line : tape) {
                if (line.entry() instanceof PartEntry.AmpsRead read && read.at() != null) {
                    places.add(read.at());
                }
            }
        }
        return places.stream()
                .map(place -> AmpTrend.of(tapes, place))
                .filter(trend -> !trend.points().isEmpty())
                .toList();
    }
}
