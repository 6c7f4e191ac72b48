package zestbench.server.record;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import zestbench.core.tape.Line;
import zestbench.core.tape.Stop;
import zestbench.core.tape.TapeText;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units.UnitView;

/** A call as plain text. */
public final class CallInWords {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("d MMM uuuu HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private CallInWords() {}

    public static String of(Calls.Open call, @Nullable Unit unit) {
        StringBuilder out = new StringBuilder();
        if (unit != null) {
            out.append(unit.site())
                    .append(", ")
                    .append(unit.name())
                    .append(" (")
                    .append(UnitView.of(unit).line())
                    .append(")\n")
                    .append("Complaint: ")
                    .append(call.row().complaint())
                    .append("\n");
        } else {
            out.append("Quick check\n");
        }
        for (Stop stop : Stop.of(call.state())) {
            out.append("STOP: ")
                    .append(stop.words())
                    .append(". ")
                    .append(stop.text())
                    .append('\n');
        }
        for (Line line : call.tape()) {
            TapeText text = line.entry().told();
            String struck = call.state().isStruck(line.number()) ? " [struck]" : "";
            out.append(TIME.format(Instant.ofEpochMilli(line.atMillis())))
                    .append("  ")
                    .append(line.who())
                    .append("  ")
                    .append(text.title());
            if (!text.figure().isEmpty()) {
                out.append(' ').append(text.figure()).append(' ').append(text.unit());
            }
            if (!text.detail().isEmpty()) {
                out.append(" (").append(text.detail()).append(')');
            }
            if (!text.word().isEmpty()) {
                out.append(' ').append(text.word());
            }
            out.append(struck).append('\n');
        }
        return out.toString();
    }
}
