package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;

/** What happened while a motor started. */
public sealed interface StartEntry extends Entry {
    /**
     * Amps and volts of a start were caught together.
     *
     * @param part the part the motor is; null where it is none in question
     * @param at the place in the unit; null where only the kind of motor is known
     * @param kind of motor, by what turns
     * @param verdicts amps, volts, dip
     * @param stays whether the amps stayed high
     * @param seconds for which they did; null where nobody could tell
     * @param wire its wire, as 10 AWG copper, 60 ft; empty where nobody knows it
     */
    record StartCaught(
            @Nullable String part,
            @Nullable String at,
            String kind,
            List<Judged> verdicts,
            List<Finding> findings,
            boolean stays,
            String wire,
            String meter,
            @Nullable Double seconds)
            implements StartEntry, Strikable, Live {
        private static final int VERDICTS = 3;

        public StartCaught {
            InputProblem.require(
                    verdicts.size() == VERDICTS, "verdicts", verdicts.size(), "give amps, volts and dip of the start");
        }

        @Override
        public TapeText told() {
            Judged amps = verdicts.get(0);
            TapeText first = TapeText.judged(amps, "Start of the " + Letters.inSentence(name()), List.of(), meter);
            List<String> why = new ArrayList<>(first.reckoning());
            verdicts.stream().skip(1).forEach(v -> why.add(v.reckoning().text()));
            findings.forEach(f -> why.add(f.text()));
            String detail = verdicts.get(1).reading().text() + " left, dip "
                    + verdicts.get(2).reading().text()
                    + (seconds == null ? "" : ", high for " + Figures.plain(seconds) + " s")
                    + (wire.isEmpty() ? "" : ", " + wire);
            return new TapeText(
                    first.figure(),
                    first.unit(),
                    first.title(),
                    detail,
                    worst().word(),
                    worst().verdict(),
                    why,
                    first.mark());
        }

        /** The gravest of its verdicts. */
        private Judged worst() {
            Judged out = verdicts.get(0);
            for (Judged each : verdicts) {
                out = each.verdict().compareTo(out.verdict()) > 0 ? each : out;
            }
            return out;
        }

        /** What it is called. */
        public String name() {
            return at == null ? Letters.small(kind) : at;
        }

        @Override
        public void change(CallState call, Line line) {
            call.started(line, this);
        }
    }
}
