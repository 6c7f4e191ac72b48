package zestbench.core.family;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;

/** What was measured on a part, and with what. */
public record TestRequest(Spec spec, List<SectionReading> readings, Meter meter, ShopRules rules) {
    /** One reading and the section it was taken on, where the part has several. */
    public record SectionReading(
            @Nullable String section,
            Reading reading,
            @Nullable Derived derived) {
        public SectionReading(@Nullable String section, Reading reading) {
            this(section, reading, null);
        }
    }

    /**
     * Where a figure was worked out from other readings.
     *
     * @param uncertainty its own doubt, in its unit
     * @param reckoning the working
     * @param volts across the part while it was read
     */
    public record Derived(double uncertainty, Reckoning reckoning, double volts) {}
}
