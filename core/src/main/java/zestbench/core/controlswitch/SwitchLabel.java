package zestbench.core.controlswitch;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelField;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;

/** What a pressure, float, airflow, limit or freeze switch says on its label, and in which words. */
public final class SwitchLabel {
    /** Its name in the open interface. */
    public static final String KIND = "switch";

    private static final String[] OPENS = {
        "opens|open|opens at|open at|cut out|cutout|cut-out|trip|trips at|off at|abre"
    };
    private static final String[] CLOSES = {
        "closes|close|closes at|close at|cut in|cutin|cut-in|makes at|on at|resets at|cierra"
    };

    static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("acts")
            .tells("switch|pressure switch|control switch|safety switch|presostato|pressostat|druckschalter")
            .field(
                    told("acts", "function")
                            .by(
                                    "HIGH_PRESSURE",
                                    "high pressure switch|high pressure|hi pressure|hi press|high press|hps|hpc|high pressure cutout|alta presion",
                                    "haute pression|hochdruck")
                            .by(
                                    "LOW_PRESSURE",
                                    "low pressure switch|low pressure|lo pressure|lo press|low press|lps|lpc|loss of charge|loss of charge switch",
                                    "low pressure cutout|baja presion|basse pression|niederdruck")
                            .by(
                                    "AIRFLOW",
                                    "airflow switch|air flow switch|air proving switch|airflow|air flow|air proving|sail switch|air pressure switch",
                                    "differential pressure switch|pressure differential")
                            .by(
                                    "FLOAT",
                                    "float switch|float|condensate switch|condensate overflow|overflow switch|pan switch|wet switch")
                            .by(
                                    "LIMIT",
                                    "limit switch|limit control|high limit|limit|rollout switch|rollout|high temperature limit|thermal limit",
                                    "limit thermostat")
                            .by(
                                    "FREEZE",
                                    "freeze stat|freezestat|freeze switch|freeze thermostat|freeze protection|low temp switch|coil freeze"))
            .field(point("opensPsig", psi(), OPENS))
            .field(point("closesPsig", psi(), CLOSES))
            .field(point("opensFahrenheit", heat(), OPENS))
            .field(point("closesFahrenheit", heat(), CLOSES))
            .field(point("opensInchesOfWater", water(), OPENS))
            .field(point("closesInchesOfWater", water(), CLOSES))
            .field(told("reset", "reset")
                    .by("MANUAL", "manual reset|manual|man reset|m reset|reset button")
                    .by("AUTOMATIC", "automatic reset|auto reset|automatic|auto|automatico"))
            .field(told("contacts", "contacts|contact|contact form")
                    .by("SPDT", "spdt|1 form c|single pole double throw")
                    .by("SPNO", "spno|spst-no|spst no|1 form a|normally open|n o|no contact|n.o.")
                    .by("SPNC", "spnc|spst-nc|spst nc|1 form b|normally closed|n c|nc contact|n.c."))
            .field(of(
                            "contactVolts",
                            Shapes.number(20, 600, Unit.VOLTS).usual(24, 120, 240, 277, 480),
                            "volts|voltage|rating")
                    .bare(0.3))
            .field(of("contactAmps", Shapes.number(0.1, 30, Unit.AMPS), "amps|rating|contact rating|fla|pilot duty")
                    .bare(0.3))
            .field(told("fitting", "fitting|connection")
                    .by("FLARE", "flare|1/4 flare|1/4 in flare|sae flare|schrader|flare nut")
                    .by("SOLDER", "solder|braze|sweat|stub|odf|copper tube")
                    .by("THREADED", "npt|1/8 npt|1/4 npt|threaded"))
            .foreign("lra|locked rotor amps|va|max pressure|burst|proof pressure|design pressure")
            .fillers("switch|control|at|on rise|on fall|rise|fall|diff|r-410a|r-22|pilot duty|refrigerant|psi");

    private SwitchLabel() {}

    private static LabelField point(String path, Shapes shape, String... names) {
        return of(path, shape, names);
    }

    private static Shapes psi() {
        return Shapes.number(1, 900, Unit.PSI).also(Unit.BAR, 14.503774).mostly(5, 700);
    }

    private static Shapes heat() {
        return Shapes.number(20, 500, Unit.FAHRENHEIT).withUnit();
    }

    private static Shapes water() {
        return Shapes.number(0.02, 10, Unit.INCHES_OF_WATER).withUnit();
    }
}
