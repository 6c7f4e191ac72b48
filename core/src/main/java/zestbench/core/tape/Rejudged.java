package zestbench.core.tape;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.plate.Plates;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.Meter;

/** Amps that were taken before their rating was known, judged once it is. The line on the tape stays as it was. */
final class Rejudged {
    private Rejudged() {}

    static Line of(Line line, Plates plates) {
        return of(line, plates, null);
    }

    /**
     * The same line, its figure judged by label or plates where it was not and they tell its rating now.
     *
     * @param labelAmps of the motor's own label, which goes before the plates; null where it gives none
     */
    static Line of(Line line, Plates plates, @Nullable Double labelAmps) {
        if (!(line.entry() instanceof PartEntry.AmpsRead read) || read.judged().verdict() != Verdict.NOT_JUDGED) {
            return line;
        }
        RunningAmps.Rated rated = RatedMotor.at(
                        plates, read.at() == null ? RatedMotor.nameOf(read.place(), "") : read.at())
                .rated();
        if (labelAmps != null) {
            rated = new RunningAmps.Rated(labelAmps, labelAmps, rated.lockedRotor(), rated.volts());
        }
        Double limit = rated.limit(read.place());
        if (limit == null) {
            return line;
        }
        Judgement now = RunningAmps.judge(
                List.of(new RunningAmps.Taken(
                        read.place(), read.judged().reading().value(), read.inrush(), null, isEqual(read), false)),
                rated,
                Meter.USUAL);
        return new Line(
                line.number(),
                line.atMillis(),
                line.who(),
                new PartEntry.AmpsRead(
                        read.part(),
                        read.place(),
                        now.verdicts().get(0),
                        now.findings(),
                        read.at(),
                        read.speed(),
                        read.beside(),
                        read.inrush(),
                        read.isPumping(),
                        read.meter()));
    }

    private static @Nullable Boolean isEqual(PartEntry.AmpsRead read) {
        return read.isPumping() == null ? null : Boolean.valueOf(!read.isPumping());
    }
}
