package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Family;
import zestbench.core.family.Look;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.MethodsApart;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Taken;

/** What is read and seen on a part. */
public sealed interface OnTest extends Command {
    /**
     * Reads sections of a part.
     *
     * @param piece which of the new pieces is read, from 0; null for the part in question
     */
    record Read(String part, @Nullable Integer piece, Entry.Method method, List<SectionReading> readings)
            implements OnTest {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            Judgement judgement = judge(state, around);
            String meter = meter(around).text();
            String rating = at.family().shortText(spec(at));
            List<Entry> out = new ArrayList<>();
            for (Judged judged : judgement.verdicts()) {
                PartEntry.Measured measured = new PartEntry.Measured(
                        part, piece, method, judged, rating, judgement.findings(), meter, around.rulesNumber());
                Taken before = piece == null ? at.tests().readings().get(judged.subject()) : null;
                out.add(
                        before == null
                                ? measured
                                : MethodsApart.finding(before.line(), measured)
                                        .map(measured::with)
                                        .orElse(measured));
            }
            return Decision.of(out);
        }

        /** The verdicts on the readings, without keeping them. */
        public Judgement judge(CallState state, Surroundings around) {
            PartState at = state.part(part);
            List<SectionReading> all = new ArrayList<>(earlier(at));
            all.addAll(readings);
            Judgement judgement = at.family().judge(new TestRequest(spec(at), all, meter(around), around.rules()));
            List<Judged> verdicts = judgement.verdicts();
            return Judgement.of(
                    verdicts.subList(verdicts.size() - readings.size(), verdicts.size()), judgement.findings());
        }

        private Meter meter(Surroundings around) {
            return around.meter(
                    readings.isEmpty()
                            ? Quantity.MICROFARADS
                            : readings.get(0).reading().quantity());
        }

        private Spec spec(PartState at) {
            if (piece == null) {
                return at.spec();
            }
            PartEntry.Chosen chosen = at.chosen();
            if (chosen == null) {
                throw new Refusal("No replacement is chosen yet.");
            }
            InputProblem.require(
                    piece >= 0 && piece < chosen.pieces().size(), "piece", piece, "no such piece was chosen");
            return chosen.pieces().get(piece).spec();
        }

        /** What was read before and helps to judge the new: the primary of a transformer, for one. Sections in µF stand alone. */
        private List<SectionReading> earlier(PartState at) {
            List<SectionReading> out = new ArrayList<>();
            for (Taken taken : piece == null ? at.tests().readings().values() : List.<Taken>of()) {
                Judged judged = taken.judged();
                boolean isAlone = judged.reading().quantity() == Quantity.MICROFARADS
                        || !(taken.line().entry() instanceof PartEntry.Measured)
                        || readings.stream().anyMatch(r -> judged.subject().equals(r.section()));
                if (!isAlone) {
                    out.add(new SectionReading(judged.subject(), judged.reading()));
                }
            }
            return out;
        }
    }

    /**
     * One reading as it is given on the pad: a figure, open or over range; under load amps and volts.
     *
     * @param section null on a part that has but one
     * @param value in the section's own unit
     * @param hertz of the line; null for the usual
     */
    record Given(
            @Nullable String section,
            @Nullable Double value,
            boolean open,
            boolean overRange,
            @Nullable Double amps,
            @Nullable Double volts,
            @Nullable Double hertz) {
        /** What the line has in this country, Hz. [practice] */
        private SectionReading in(Family family, Surroundings around, String field) {
            if (amps != null || volts != null) {
                return family.underLoad(
                        section,
                        InputProblem.given(amps, field + ".amps", "give the start-winding amps"),
                        InputProblem.given(volts, field + ".volts", "give the volts across the capacitor"),
                        hertz == null ? SystemVolts.USUAL_HERTZ : hertz,
                        around.meter(Quantity.AMPS));
            }
            Quantity quantity = family.quantity(section == null ? "" : section);
            if (open) {
                return new SectionReading(section, Reading.open(quantity));
            }
            if (overRange) {
                return new SectionReading(section, Reading.overRange(quantity));
            }
            String named = field + (quantity == Quantity.MICROFARADS ? ".microfarads" : ".value");
            return new SectionReading(
                    section,
                    Reading.of(quantity, InputProblem.given(value, named, "give " + quantity.unit() + ", OL or open")));
        }
    }

    /** Reads sections of a part on the pad. @param piece as of {@link Read} */
    record ReadPad(String part, @Nullable Integer piece, Entry.Method method, List<Given> readings) implements OnTest {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return read(state, around).decide(state, around);
        }

        /** The verdicts on the readings, without keeping them. */
        public Judgement judge(CallState state, Surroundings around) {
            return read(state, around).judge(state, around);
        }

        private Read read(CallState state, Surroundings around) {
            Family family = state.part(part).family();
            List<SectionReading> out = new ArrayList<>();
            for (Given given : readings) {
                out.add(given.in(family, around, "readings[" + out.size() + "]"));
            }
            return new Read(part, piece, method, out);
        }
    }

    /** Keeps what was seen or felt on a part. @param look its key @param seen the key of what was seen */
    record LookAt(String part, String look, String seen) implements OnTest {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            Look asked = at.family().looks(around.rules()).stream()
                    .filter(l -> l.key().equals(look))
                    .findFirst()
                    .orElseThrow(() -> InputProblem.of("look", look, "there is no such look at this part"));
            List<String> keys = asked.answers().stream().map(Look.Seen::key).toList();
            Look.Seen answer = asked.answer(seen)
                    .orElseThrow(() -> InputProblem.of("seen", seen, "give one of " + String.join(", ", keys)));
            String words = asked.question() + ": " + answer.words();
            Entry looked = new PartEntry.Looked(part, look, seen, words, answer.verdict(), answer.meaning());
            // what is not bad enough to act on today is looked at again next time
            return answer.verdict() == Verdict.WEAK
                    ? Decision.of(
                            looked,
                            OnLeaving.written(
                                    around.freshWriteUp(0),
                                    at.added().place(),
                                    words + ".",
                                    answer.meaning(),
                                    Entry.Urgency.WATCH,
                                    asked.about() == Look.About.PLACE ? null : part))
                    : Decision.of(looked);
        }
    }
}
