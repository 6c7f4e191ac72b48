package zestbench.core.plate;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.Map;
import zestbench.core.amps.StandingAmps;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Taking;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a unit's rating plate says, and in which words. */
public final class PlateLabel {
    /** Its name in the open interface. */
    public static final String KIND = "unit-plate";

    static final String COMPRESSORS = "compressors";
    static final String OUTDOOR = "outdoorFans";
    static final String INDOOR = "indoorFans";
    static final String HEATER = "heater";
    /** What a whole unit draws: it is neither a motor's nor a size to protect by, and nothing is decided with it. */
    static final String UNIT_AMPS = "unitAmps";

    private static final double PSI_PER_MEGAPASCAL = 145.038;
    private static final double PSI_PER_BAR = 14.5038;
    private static final double[] SIZES = {
        10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300
    };

    private static final double UNLIKELY = 0.5;

    public static final LabelGrammar GRAMMAR = grammar();

    /** Standing amps by the running ones. [practice] */
    private static double against(Taking taking) {
        double cost = 0;
        for (Map<String, Value> row : taking.rows(COMPRESSORS)) {
            double running = Taking.number(row, "ratedLoadAmps");
            cost += StandingAmps.areUnlikely(running, Taking.number(row, "lockedRotorAmps")) ? UNLIKELY : 0;
        }
        return cost;
    }

    private PlateLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static LabelGrammar grammar() {
        LabelGrammar grammar = new LabelGrammar(KIND)
                .hasAnyOf(
                        "ratedLoadAmps|lockedRotorAmps|minimumCircuitAmps|maximumFuseAmps|maximumBreakerAmps|model",
                        "refrigerant")
                .tells(
                        "condensing unit|heat pump|air conditioner|air handler|packaged|rooftop unit",
                        "packaged gas/electric|outdoor use|unidad condensadora|plate|pkg ht pump|factory charged|unit")
                .about(
                        COMPRESSORS,
                        0,
                        "compressor|compressors|compressor(s)|comp|compr|compresseur|compresor|verdichter|comp.",
                        "mtr-compr|compressor motor|motor compressor")
                .about(
                        OUTDOOR,
                        0,
                        "fan|fan motor|fan mtr|outdoor fan|outdoor fan motor|condenser fan|condenser fans|cond fan",
                        "condenser fan motor|condenser fan motor(s)|od fan|o.d. fan|fans|ventilateur|ventilador",
                        "fan motor(s)|outdoor motor|outdoor fans|cond. fan|o d fan|odm|od motor|o.d. motor|od fan motor")
                .about(
                        INDOOR,
                        1.0,
                        "blower|blower motor|indoor fan|indoor fan motor|indoor motor|evaporator fan",
                        "evaporator fan motor|evap fan|id fan|i.d. fan|supply fan|supply air fan|i d fan",
                        "indoor blower|evap motor|idm|id motor|i.d. motor|id blower")
                .about(
                        HEATER,
                        2.5,
                        "electric heat|heater|electric heater|heat kit|heat strip|aux heat|chauffage electrique")
                .field(of(
                        "model",
                        PlateShapes.CODE,
                        "model|model no|model number|m/n|mod|mod no|modelo|modele|typ|type|model no.|modell|modell nr"))
                .field(of(
                                "nominalBtuPerHour",
                                Shapes.number(6_000, 2_400_000, Unit.BTU)
                                        .also(Unit.TONS, Capacity.BTU_PER_HOUR_PER_TON)
                                        .fractions()
                                        .withUnit(),
                                "nominal capacity|nominal cooling")
                        .bare(0.1))
                .field(of("model", PlateShapes.MODEL).alone(0.25))
                .field(of(
                        "serial",
                        PlateShapes.CODE,
                        "serial|serial no|serial number|s/n|ser|ser no|serie|fabr.-nr.|serial no.|no de serie|serien-nr",
                        "seriennummer|fabriknummer|no serie|n. serie|num de serie|numero de serie"))
                .field(of(
                        "manufactured",
                        PlateShapes::date,
                        "mfd|mfg|mfg date|mfr date|mfd date|date of manufacture|date|manufactured|made|fecha de fab",
                        "fecha de fab.|dom|date of mfg|mfg. date|mfr. date|date de fab|mfd. date"))
                .field(of(
                        "circuits",
                        Shapes.number(1, 6).whole(),
                        "circuits|number of circuits|no. of circuits|refrigerant circuits|refrigeration circuits"))
                .field(of("manufactured", PlateShapes::wholeDate).alone(0.3))
                .field(of(
                        "minVolts",
                        Shapes.number(95, 650, Unit.VOLTS),
                        "min volts|min voltage|minimum volts|min|minimum voltage|volts min"))
                .field(of(
                        "maxVolts",
                        Shapes.number(105, 700, Unit.VOLTS),
                        "max volts|max voltage|maximum volts|max|maximum voltage|volts max"))
                .field(of(
                        "minVolts",
                        PlateShapes::permissible,
                        "voltage range|permissible voltage|permissible voltage at unit|volts range|utilization range",
                        "min/max volts|min max volts"))
                .field(of(
                                "lockedRotorAmps",
                                Shapes.number(3, 1500, Unit.AMPS),
                                "lra|l.r.a.|lr|l.r. amps|lr amps|locked rotor amps|locked rotor|rotor bloque|rotor bloq",
                                "rotor bloq.|anlaufstrom|rotor bloqueado|courant rotor bloque|corriente de rotor bloqueado|lock rotor amps|lock rotor|blocked rotor|blocked rotor amps")
                        .in(COMPRESSORS))
                .field(of(
                                "ratedLoadAmps",
                                Shapes.number(0.5, 300, Unit.AMPS),
                                "rla|r.l.a.|r.l. amps|rl amps|rated load amps|rated load|corriente nominal|nominal load amps",
                                "in|rlc|rated load current|nennstrom|courant nominal|nennstrom verdichter")
                        .in(COMPRESSORS))
                .field(of(
                                "ratedLoadAmps",
                                Shapes.number(0.5, 300, Unit.AMPS).withUnit(),
                                "comp|compressor|compresseur|compr|compresor")
                        .in(COMPRESSORS))
                .field(of("ratedLoadAmps", PlateShapes::ratedAndLocked, "comp|compressor|compr|rla/lra")
                        .in(COMPRESSORS))
                .field(of(
                        "branchCircuitSelectionAmps",
                        amps(),
                        "bcsc|branch circuit selection current|branch circuit selection|branch circuit selection amps",
                        "b.c.s.c."))
                .field(
                        of(
                                "minimumCircuitAmps",
                                amps(),
                                "mca|m.c.a.|min circuit amps|minimum circuit amps|min ckt amps|min ckt ampacity",
                                "minimum circuit ampacity|min circuit ampacity|min. cir. amps|min cir amps|min ckt amp",
                                "circuit ampacity|courant admissible min du circuit|capacidad min. del circuito|min circ amps",
                                "min circuit amp|minimum ckt ampacity|minimum circuit|min cir amp|min cct amps|min circuit ampac",
                                "minimum circuit amp|min ckt|courant min|courant min du circuit|corriente min|min circuit|min ampacity|circuit amps min"))
                .field(
                        of(
                                "maximumFuseAmps",
                                size(),
                                "max fuse|max fuse amps|maximum fuse|max fuse size|mfs|maximum fuse size|max. fuse|fuse max",
                                "max fuse amp|fusible max|fusible maximal|fusible maximo|absicherung|absicherung max|vorsicherung|sicherung max"))
                .field(of(
                        "maximumBreakerAmps",
                        size(),
                        "max breaker|max circuit breaker|max ckt bkr|max brkr|max. cir. bkr.|max cir bkr",
                        "disjoncteur max|interruptor max|max ckt breaker|maximum breaker|max bkr|max. circuit breaker|max hacr breaker",
                        "maximum circuit breaker|max circuit bkr|max hacr brkr"))
                .field(of(
                        "maximumFuseAmps",
                        size().and("maximumBreakerAmps"),
                        "mop|m.o.p.|mocp|m.o.c.p.|max overcurrent|max overcurrent protection",
                        "max overcurrent protective device|maximum overcurrent protective device",
                        "maximum overcurrent protection|max fuse or ckt bkr|max fuse or ckt bkr (hacr type)",
                        "max fuse/ckt bkr|max fuse or breaker|max fuse/bkr|max fuse or brkr|max fuse or hacr brkr",
                        "max fuse or hacr breaker|max ckt prot|max circuit protection|max fuse/breaker",
                        "protection max de surintensite|proteccion max|proteccion max.|max. overcurrent",
                        "max fuse or circuit breaker|max fuse or ckt bkr hacr type|max fuse / ckt bkr",
                        "maximum fuse or breaker|maximum overcurrent|max overcurrent device",
                        "max fuse or hacr type breaker|max ocp|max overcurrent prot|max fuse/hacr breaker",
                        "max fuse or hacr"))
                .field(of(
                                UNIT_AMPS,
                                amps(),
                                "total amps|max total amps|total current|unit amps|input amps|max input amps|current",
                                "courant|intensite|corriente|strom|stromaufnahme")
                        .bare(1.2))
                .field(of("crankcaseHeaterWatts", Shapes.number(10, 500, Unit.WATTS), "crankcase heater|cch|crankcase"))
                .field(of(
                        "shortCircuitKiloamps",
                        Shapes.number(1, 200, Unit.KILOAMPS),
                        "sccr|short circuit rating|short circuit current rating|short circuit"))
                .field(RefrigerantFields.refrigerant())
                .field(RefrigerantFields.alone())
                .field(of(
                                "chargePounds",
                                Shapes.number(0.1, 400, Unit.POUNDS).withUnit(),
                                "charge|factory charge|refrigerant charge|carga|fullmenge|fullung")
                        .bare(0.15))
                .field(of("chargeMoreOunces", Shapes.number(0, 500, Unit.OUNCES).withUnit(), "charge|factory charge")
                        .bare(0.15))
                .field(of(
                                "chargeKilograms",
                                Shapes.number(0.1, 200, Unit.KILOGRAMS).withUnit(),
                                "charge|carga|fullmenge|fullung")
                        .bare(0.15))
                .field(of(
                        "targetSubcoolingFahrenheit",
                        Shapes.number(3, 30, Unit.FAHRENHEIT),
                        "subcooling|target subcooling|subcool|sub cooling|sc|design subcooling|liquid subcooling",
                        "sous-refroidissement|subenfriamiento|subcooling target"))
                .field(told("metering", "metering|metering device")
                        .by(
                                "VALVE",
                                "txv|tev|txv required indoors|txv factory installed|thermal expansion valve|expansion valve",
                                "eev")
                        .by("ORIFICE", "piston|orifice|piston size|fixed orifice|cap tube"))
                .field(of(
                        "highSideDesignPsig",
                        pressure(),
                        "high|high side|hi|design pressure high|design pressure hi|high pressure|design press high",
                        "max operating pressure high|ps high|high side design pressure|test pressure high|hp|hi side",
                        "p max hp|discharge|high side psig"))
                .field(of(
                        "lowSideDesignPsig",
                        pressure(),
                        "low|low side|lo|low pressure|low side design pressure|bp|lo side|suction|low side psig"))
                .field(of(
                        "highSideDesignPsig",
                        PlateShapes::bothPressures,
                        "ps|design pressure|design pressures|max design pressure|design press|hi/lo"))
                .foreign(
                        "rated current|max. current|max current|imax|cooling capacity|heating|net weight",
                        "power input|puissance|potencia|leistung",
                        "static pressure|max static pressure|input btu/hr|input btuh|input|heating input|gas input|output|manifold press|temp rise",
                        "inlet press max|inlet press|min fuse|listed|tel|warranty|wire|gwp|seer|hspf|eer|line set|add",
                        "baujahr|annee|year|ft|p/n|piston size|test pressure|capacity|min fuse")
                .fillers(
                        "use copper conductors only|outdoor use|indoor use|grade|climate|factory|design pressure",
                        "design pressures|permissible voltage at unit|permissible voltage|electrical|refrigerant",
                        "charge|factory charged|system with|ac|dc|psig|refrigerante|frigorigene|kaltemittel|refrig|carga",
                        "factory test pressures|high side|field|schutzart",
                        "pressure|a2l|a1|hacr type|hacr|max operating pressure|at|typ",
                        "indoors|ton|tons|mfr|volts ac|factory test pressure")
                .says(1, "jan|january")
                .says(2, "feb|february")
                .says(3, "mar|march")
                .says(4, "apr|april")
                .says(5, "may")
                .says(6, "jun|june")
                .says(7, "jul|july")
                .says(8, "aug|august")
                .says(9, "sep|sept|september")
                .says(10, "oct|october")
                .says(11, "nov|november")
                .says(12, "dec|december")
                .onlyOne("refrigerant")
                .physics(PlateLabel::against)
                .finish(PlateSettling::finish);
        for (String group : new String[] {"", COMPRESSORS, OUTDOOR, INDOOR, HEATER}) {
            SupplyFields.declare(grammar, group);
        }
        PlateRows.fan(grammar, OUTDOOR);
        PlateRows.fan(grammar, INDOOR);
        grammar.field(of("quantity", Shapes.number(1, 8).whole(), "qty|quantity|ea|each|compressors|compressor(s)")
                .in(COMPRESSORS));
        grammar.field(of("quantity", PlateShapes::count, "compressor|compressors|comp|compr")
                .in(COMPRESSORS)
                .bare(0.1));
        grammar.field(of("amps", Shapes.number(1, 300, Unit.AMPS), "amps|amp")
                .in(HEATER)
                .bare(0.3));
        grammar.field(of("kilowatts", Shapes.number(1, 100, Unit.KILOWATTS))
                .by(Unit.KILOWATTS)
                .in(HEATER)
                .bare(0.3));
        return grammar;
    }

    private static Shapes amps() {
        return Shapes.number(1, 1500, Unit.AMPS);
    }

    private static Shapes size() {
        return Shapes.number(5, 1200, Unit.AMPS).usual(SIZES);
    }

    private static Shapes pressure() {
        return Shapes.number(50, 900, Unit.PSI)
                .also(Unit.MEGAPASCAL, PSI_PER_MEGAPASCAL)
                .also(Unit.BAR, PSI_PER_BAR);
    }
}
