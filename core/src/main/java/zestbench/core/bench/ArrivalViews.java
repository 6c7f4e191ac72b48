package zestbench.core.bench;

import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.circuit.Conductor;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.family.Spec;
import zestbench.core.plate.Plates;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.winding.TerminalMarking;
import zestbench.core.wiring.Wire;

/** What the bench shows of arriving: questions and suspects, plates, supply, places. */
public final class ArrivalViews {
    private ArrivalViews() {}

    /** @param isBegun whether anything is known of the fault yet */
    public record AskView(
            boolean isBegun,
            List<QuestionView> questions,
            List<SuspectView> suspects,
            List<ProvedView> proved,
            String other,
            @Nullable NextTestView next) {}

    /** A fault that is proved. @param causes what may have brought it @param harms what it may have brought */
    public record ProvedView(String key, String title, List<SuspectView> causes, List<SuspectView> harms) {}

    /** @param answer key of the answer given; null where none is */
    public record QuestionView(
            String key,
            String words,
            boolean asked,
            @Nullable String answer,
            @Nullable String measured,
            List<AnswerView> answers) {}

    public record AnswerView(String key, String words) {}

    /** @param percent of the probability, for the bar; {@code share} is the same in words */
    public record SuspectView(
            String key,
            String title,
            int percent,
            String share,
            String test,
            @Nullable String family,
            List<String> speaksFor,
            List<String> speaksAgainst) {}

    /** @param question the key of the question that answers it @param atSupply whether it is measured at the supply */
    public record NextTestView(String question, String why, boolean atSupply, boolean live) {}

    /** @param stop what the two say against each other and must be found out; null where nothing is */
    public record PlatesView(
            PlateSideView outdoor,
            PlateSideView indoor,
            List<FindingView> findings,
            PartViews.@Nullable StopView stop) {}

    /** One plate. @param fields with the serial masked @param text as typed on this call, serial masked @param photos of it, by name */
    public record PlateSideView(
            Plates.Which which,
            String text,
            Spec fields,
            List<PlateCheckView> checks,
            List<SizeView> sizes,
            List<String> photos) {}

    public record PlateCheckView(
            String name,
            String field,
            boolean agrees,
            String reckoning,
            String mark,
            List<CorrectionView> corrections,
            String leftOut) {}

    /** A figure that may have been misread. @param field where it stands, such as compressors[0].ratedLoadAmps */
    public record CorrectionView(String field, double likely, String text, boolean usual) {}

    public record SizeView(String group, double btuPerHour, String tons, boolean likely, String reckoning) {}

    /** What keeping it would come to. @param fields with the serial masked */
    public record PlatePreview(Spec fields, List<PlateCheckView> checks, List<SizeView> sizes) {}

    /** @param lineVolts mean of the live pairs, such as 238 V; empty where none were read */
    public record SupplyView(List<SupplyPointView> points, List<SettingView> monitor, String lineVolts) {}

    /** @param unread pairs that are not read yet @param readNext the point after it, once it is whole; null before, and behind the last */
    public record SupplyPointView(
            SupplyPoint point,
            String title,
            boolean isControl,
            boolean isPaired,
            List<String> pairs,
            List<JudgedView> readings,
            List<FindingView> findings,
            @Nullable JudgedView unbalance,
            int unread,
            @Nullable ChainView chain,
            @Nullable SupplyPoint readNext,
            String readNextWords) {}

    /**
     * The control circuit in series.
     *
     * @param next name of the point to read next; null where there is none
     * @param words what is known by now; empty where nothing was read
     * @param absent what of the usual circuit this unit has not
     */
    public record ChainView(
            List<ChainPointView> points, @Nullable String next, String words, List<String> absent) {}

    /** @param link what lies before it @param isFed whether the volts come through to it @param isGap whether the volts are lost in that link @param canBeAbsent whether some units lack it */
    public record ChainPointView(
            String name, String link, ControlChain.State state, boolean isFed, boolean isGap, boolean canBeAbsent) {}

    public record SettingView(String name, String value, String why, String mark) {}

    /** What a place looked like. @param terminals that wires of its kind usually sit on */
    public record FoundView(long placeId, List<String> terminals, List<Wire> wires, List<String> photos) {}

    /** How terminals are marked. @param words as it is said @param asked what is read at them */
    public record MarkingView(TerminalMarking marking, String words, List<TerminalMarking.Asked> asked) {
        static List<MarkingView> all() {
            return Stream.of(TerminalMarking.values())
                    .map(m -> new MarkingView(m, m.words(), m.asked()))
                    .toList();
        }
    }

    /** @param named which terminal is which, in words; empty where that cannot be told */
    public record WindingsPreview(List<JudgedView> verdicts, List<FindingView> findings, String named) {}

    /**
     * Windings of a place as last read.
     *
     * @param againAtMillis when it is cool enough to be read again, at the earliest; null where it is not to be
     */
    public record WindingsView(
            long placeId,
            String place,
            List<JudgedView> verdicts,
            List<FindingView> findings,
            String named,
            @Nullable Boolean shellHot,
            @Nullable Long againAtMillis,
            boolean isReadToGround) {}

    /**
     * Running amps of a motor of the unit.
     *
     * @param rating such as RLA 17.9 A; empty where the plate does not tell
     * @param legs that are read one by one, L1 to L3; empty on a single phase
     * @param readings the latest of each speed, and what was read with them
     * @param start the latest that was caught; null where none was
     */
    public record AmpsView(
            long placeId,
            String place,
            RunningAmps.Place kind,
            String rating,
            @Nullable Double lockedRotorAmps,
            List<String> legs,
            List<JudgedView> readings,
            List<FindingView> findings,
            @Nullable StartView start) {}

    /** How a motor started. @param wire as 10 AWG copper, 60 ft; empty where nobody knows it */
    public record StartView(List<JudgedView> verdicts, List<FindingView> findings, String wire, long atMillis) {}

    /** Wires whose resistance is known. */
    public record WiresView(List<String> copper, List<String> aluminum) {
        public static final WiresView ALL =
                new WiresView(Conductor.gauges(Conductor.Metal.COPPER), Conductor.gauges(Conductor.Metal.ALUMINUM));
    }

    public record SafeStepView(String key, String text, boolean isReading, boolean isDone) {}
}
