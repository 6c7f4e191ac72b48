package zestbench.server.record;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import zestbench.server.board.BoardViews.DueView;

/** Days on which temporary parts come out, as a calendar. [standard: RFC 5545] */
public final class ReturnDates {
    private ReturnDates() {}

    static String calendar(List<DueView> due, Instant now) {
        Calendar calendar = new Calendar()
                .withProdId("-//Zest Bench//Return dates//EN")
                .withProperty(ImmutableVersion.VERSION_2_0)
                .withProperty(ImmutableCalScale.GREGORIAN)
                .getFluentTarget();
        for (DueView each : due) {
            VEvent event = new VEvent(LocalDate.parse(each.returnDate()), "Stopgap comes out: " + each.part());
            event.add(new Uid("stopgap-" + each.callId() + "-" + slug(each.part()) + "@zest-bench"));
            event.add(new Location(each.site() + ", " + each.unit()));
            event.add(new Description("In now: " + each.asLeft()));
            event.replace(new DtStamp(now));
            calendar.add(event);
        }
        return calendar.toString();
    }

    private static String slug(String words) {
        return words.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
