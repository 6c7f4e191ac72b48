package zestbench.core.motor;

import java.util.Map;
import java.util.Optional;
import zestbench.core.quantity.Letters;

/**
 * What a frame's number says: how high the shaft stands over the feet, and how thick it is where no letter says that it is
 * another. [NEMA MG 1, part 4]
 *
 * @param shaftHeightInches two figures ÷ 16; of three or more the first two ÷ 4
 * @param shaftInches empty where the frame is not in the table or a letter other than T stands behind it
 */
record NemaFrame(double shaftHeightInches, Optional<Double> shaftInches) {
    private static final int SIXTEENTHS = 16;
    private static final int QUARTERS = 4;
    private static final Map<String, Double> SHAFTS =
            Map.of("48", 0.5, "56", 0.625, "143T", 0.875, "145T", 0.875, "182T", 1.125, "184T", 1.125);

    /** Empty where {@code printed} is no NEMA frame. */
    static Optional<NemaFrame> of(String printed) {
        String frame = Letters.large(printed).replaceAll("\\s", "");
        if (!frame.matches("\\d{2,3}[A-Z]{0,3}")) {
            return Optional.empty();
        }
        String number = frame.replaceAll("\\D", "");
        double height = number.length() == 2
                ? Double.parseDouble(number) / SIXTEENTHS
                : Double.parseDouble(number.substring(0, 2)) / QUARTERS;
        return Optional.of(new NemaFrame(height, Optional.ofNullable(SHAFTS.get(frame))));
    }
}
