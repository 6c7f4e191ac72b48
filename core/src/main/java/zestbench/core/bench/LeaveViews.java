package zestbench.core.bench;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.PartViews.CheckView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofFigure;
import zestbench.core.proof.ProofPoint;
import zestbench.core.quantity.Celsius;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.UnitHistory.OpenWriteUp;

/** What the bench shows of leaving: the proof of the unit, write-ups, options. */
public final class LeaveViews {
    private LeaveViews() {}

    public record LeaveView(
            List<CheckView> beforePower,
            ProofView proof,
            List<WriteUpView> writeUps,
            List<UrgencyView> urgencies,
            List<OptionView> options,
            List<OptionSourceView> optionSources,
            boolean isDeclined) {}

    /**
     * The proof of the whole unit.
     *
     * @param refrigerant as the plate says; empty where it does not
     * @param hasTable whether its pressures can be read
     * @param kept what was kept last, in words; empty where nothing was
     * @param asBest how it may become what the unit can do at its best
     */
    public record ProofView(
            boolean isRunning,
            @Nullable SettlingView settling,
            String refrigerant,
            boolean hasTable,
            List<PointView> points,
            List<FigureView> figures,
            List<WanderView> wanders,
            List<CircuitView> circuits,
            List<ChargeView> charge,
            List<ChargeCircuitView> chargeCircuits,
            List<FindingView> findings,
            List<SeriesView> series,
            @Nullable BestView best,
            String kept,
            Benchmark.Standing asBest) {}

    public record SettlingView(long sinceMillis, long fromMillis, long untilMillis, boolean isSettled) {}

    /** A point to be read. @param isOptional whether no figure of every unit hangs on it */
    public record PointView(
            ProofPoint point,
            String title,
            String unit,
            @Nullable String figure,
            @Nullable String celsius,
            @Nullable Long atMillis) {
        public static PointView of(ProofPoint point, @Nullable Double value, @Nullable Long atMillis) {
            String figure =
                    value == null ? null : Reading.of(point.quantity(), value).shown();
            String celsius = value == null || point.quantity() != Quantity.FAHRENHEIT ? null : Celsius.of(value);
            return new PointView(point, point.title(), point.quantity().unit(), figure, celsius, atMillis);
        }
    }

    /** A figure with its verdict; without one it is only shown. @param figureOf which one is judged; null where none is */
    public record FigureView(
            @Nullable ProofFigure figureOf,
            String title,
            String figure,
            String unit,
            @Nullable String celsius,
            String reckoning,
            @Nullable JudgedView judged) {
        static FigureView of(
                String title, Reading reading, boolean isDifference, String reckoning, @Nullable JudgedView judged) {
            String celsius = reading.quantity() != Quantity.FAHRENHEIT
                    ? null
                    : isDifference ? Celsius.ofDifference(reading.value()) : Celsius.of(reading.value());
            return new FigureView(
                    judged == null ? null : ProofFigure.valueOf(judged.subject()),
                    title,
                    reading.shown(),
                    reading.unit(),
                    celsius,
                    reckoning,
                    judged);
        }
    }

    /** Another circuit of refrigerant beside the first. @param circuit from 2 on */
    public record CircuitView(
            int circuit,
            List<PointView> points,
            List<FigureView> figures,
            List<FindingView> findings,
            @Nullable BestView best) {}

    /** What was weighed in or out. @param missing what nobody read of it; empty where all is */
    public record ChargeView(String words, List<MovedView> figures, String missing) {}

    /** A figure before refrigerant was weighed and after; null where it was not read. */
    public record MovedView(
            String title, @Nullable String before, @Nullable String after, String unit) {}

    /** A circuit that refrigerant can be weighed into. @param now what is read of it */
    public record ChargeCircuitView(String circuit, String words, String now) {}

    /** A figure that does not stand still. @param words as 4 to 18 °F over 3 min */
    public record WanderView(String title, String words, JudgedView judged, List<FindingView> findings) {}

    public record SeriesView(ProofFigure figure, String title, String unit, List<InstantView> points) {}

    public record InstantView(long atMillis, double value) {}

    /** The unit's best and how today stands against it. @param words why it is not held against today; empty where it is */
    public record BestView(long atMillis, String outdoor, String words, List<BestFigureView> figures) {}

    public record BestFigureView(
            String title,
            String best,
            String unit,
            @Nullable String now,
            boolean isWorse,
            String reckoning) {
        public static BestFigureView of(ProofFigure figure, double best, Benchmark.@Nullable Compared compared) {
            return new BestFigureView(
                    figure.title(),
                    Reading.of(figure.quantity(), best).shown(),
                    figure.quantity().unit(),
                    compared == null ? null : compared.now().shown(),
                    compared != null && compared.isWorse(),
                    compared == null ? "" : compared.reckoning().text());
        }
    }

    /** How long something can wait. @param usual what is often said so */
    public record UrgencyView(
            Entry.Urgency urgency, String flag, String words, boolean isStandstill, List<String> usual) {
        static List<UrgencyView> all() {
            return Arrays.stream(Entry.Urgency.values())
                    .map(u -> new UrgencyView(u, u.flag(), u.words(), u.isStandstill(), u.usual()))
                    .toList();
        }
    }

    /** @param isHere whether it was seen on this call @param until the day to look again; null where none was named */
    public record WriteUpView(
            String id,
            String place,
            String what,
            String why,
            Entry.Urgency urgency,
            String flag,
            String words,
            @Nullable String until,
            long callId,
            long atMillis,
            String who,
            boolean isHere) {
        public static WriteUpView of(OpenWriteUp open, long callId) {
            LeaveEntry.WrittenUp w = open.writeUp();
            return new WriteUpView(
                    w.id(),
                    w.place(),
                    w.what(),
                    w.why(),
                    w.urgency(),
                    w.urgency().flag(),
                    w.urgency().words(),
                    w.until(),
                    open.call(),
                    open.atMillis(),
                    open.who(),
                    open.call() == callId);
        }
    }

    /** What options can be put together from. @param words as from matches: run capacitor @param isFirst whether it is there at once */
    public record OptionSourceView(String part, String words, boolean isFirst) {}

    /** @param total to the cent; null while a price is to be asked @param isTaken whether the customer chose it */
    public record OptionView(
            String key,
            CustomerOption.Tier tier,
            String title,
            String words,
            List<CustomerOption.Line> parts,
            double labour,
            @Nullable String total,
            String reckoning,
            @Nullable String warranty,
            List<CustomerOption.Weighed> weighs,
            boolean isTaken) {
        public static OptionView of(CustomerOption option, String taken) {
            return new OptionView(
                    option.key(),
                    option.tier(),
                    option.tier().title(),
                    option.words(),
                    option.parts(),
                    option.labour(),
                    option.total().map(t -> Figures.fixed(t, 2)).orElse(null),
                    option.reckoning(),
                    option.warranty(),
                    option.weighs(),
                    option.key().equals(taken));
        }
    }
}
