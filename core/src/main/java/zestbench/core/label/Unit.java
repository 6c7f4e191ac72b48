package zestbench.core.label;

import java.util.List;

/** Units as labels print them, also in French, Spanish and German, and as cameras misread them. */
public enum Unit {
    AMPS("a", "amp", "amps", "ampere", "amperes", "ampers", "amperios"),
    KILOAMPS("ka", "kiloamps", "k amps"),
    MILLIAMPS("ma", "milliamps"),
    VOLTS(
            "v",
            "volt",
            "volts",
            "voltios",
            "vac",
            "v ac",
            "volts ac",
            "volt ac",
            "vca",
            "v ca",
            "v4c",
            "va c",
            "vdb",
            "v~",
            "vac~"),
    VOLTS_DC("vdc", "v dc", "volts dc", "volt dc"),
    HERTZ("hz", "hertz", "h2", "cy", "cyc", "cycle", "cycles", "cps", "~"),
    MICROFARADS(
            "µf",
            "uf",
            "mfd",
            "mfds",
            "mfo",
            "nfd",
            "mf",
            "ufd",
            "mmfd",
            "microfarad",
            "microfarads",
            "micro farad",
            "micro farads",
            "mike",
            "mikes",
            "pf",
            "m f d"),
    VOLT_AMPS("va", "v a", "volt amps", "volt amp", "volt ampere", "volt amperes"),
    HORSEPOWER("hp", "horse", "horsepower", "horse power", "cv", "cp"),
    KILOWATTS("kw", "kilowatt", "kilowatts"),
    WATTS("w", "watt", "watts"),
    REVOLUTIONS("rpm", "rev min", "r min", "r/min", "tr min", "min-1", "/min", "u min", "revolutions", "1/min"),
    POLES("pole", "poles", "p", "polos", "pôles", "polig"),
    PHASES("ph", "phase", "phases", "ø", "phz"),
    PERCENT("%", "percent", "pct"),
    CELSIUS("°c", "c", "celsius", "deg c", "degrees c"),
    FAHRENHEIT("°f", "f", "fahrenheit", "deg f", "degrees f", "degrees"),
    POUNDS("lb", "lbs", "pound", "pounds", "#"),
    OUNCES("oz", "ozs", "ounce", "ounces"),
    KILOGRAMS("kg", "kilos", "kilograms"),
    SECONDS("secs", "seconds"),
    PSI("psi", "psig", "pounds pressure"),
    MEGAPASCAL("mpa"),
    BAR("bar", "bars"),
    INCHES_OF_WATER(
            "in wc",
            "w c",
            "in w.c.",
            "inches wc",
            "inch wc",
            "in wg",
            "inches of water",
            "iwc",
            "in h2o",
            "\"wc",
            "\" wc"),
    INCHES("in", "inch", "inches", "\""),
    MILLIMETRES("mm"),
    OHMS("ohm", "ohms", "ω"),
    KILOHMS("kohm", "kω"),
    TONS("ton", "tons", "tonelada", "toneladas", "tonne", "tonnes", "tn"),
    BTU("btu", "btuh", "btu/h", "btu/hr", "k btu", "kbtu"),
    PINS("pin", "pins"),
    SPEEDS("speed", "speeds", "spd", "sp", "taps", "tap", "vitesses", "velocidades"),
    /** What no rating is measured in: torque, wire, time, length of pipe. */
    FOREIGN(
            "lb-in", "in-lb", "in-lbs", "lb in", "in lb", "awg", "ga", "ft", "feet", "sec", "seconds", "minutes", "hrs",
            "hours", "kvar", "gwp", "starts", "years", "year", "mil", "seer", "hspf", "eer", "kva", "lbs-in", "nm",
            "n m", "stunden", "blade", "kg m");

    private final List<String> words;

    Unit(String... words) {
        this.words = List.of(words);
    }

    /** How it is printed, typed, said and misread. */
    public List<String> words() {
        return words;
    }
}
