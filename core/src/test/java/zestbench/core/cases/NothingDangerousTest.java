package zestbench.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import zestbench.core.Families;
import zestbench.core.circuit.CircuitLoads;
import zestbench.core.family.HookupRequest;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.wiring.Sheet;

/** What would burn a part, kill a leg or be against the code is never offered; what is not known is asked. */
class NothingDangerousTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String UNIT = "minimumCircuitAmps:23.8,maximumFuseAmps:40";
    private static final String LOADS =
            "compressors:[{ratedLoadAmps:17.9,lockedRotorAmps:95}],outdoorFans:[{fullLoadAmps:1.4}]";

    /** Names without quotes, so that rows stay readable. */
    private static JsonNode json(String loose) {
        return JSON.readTree("{"
                + loose.replaceAll("([{,\\[]|^)\\s*([A-Za-z]\\w*):", "$1\"$2\":")
                        .replaceAll(":\\s*([A-Za-z][\\w+. -]*)(?=[,}\\]]|$)", ":\"$1\"")
                        .replaceAll("\"(true|false)\"", "$1")
                        .replaceAll("\\[([A-Z]\\w*)\\]", "[\"$1\"]")
                + "}");
    }

    private static MatchAnswer match(String kind, String required, String offer, String context) {
        String body = "kind:\"" + kind + "\",required:{" + required + "},offers:[{id:\"a\",spec:{" + offer
                + "}}],context:{" + context + "}";
        return Asked.match(json(body));
    }

    private static Match one(String kind, String required, String offer, String context) {
        return match(kind, required, offer, context).matches().get(0);
    }

    @ParameterizedTest(name = "{0}: {5} [{6}]")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                // inner fuses keep their own rating, whatever the unit's plate says
                "inner fuse, same | fuse | amps:3,volts:600,fuseClass:CC,timeDelay:true | amps:3,volts:600,fuseClass:CC,timeDelay:true | plate:{minimumCircuitAmps:23.8,maximumFuseAmps:40} | LIKE_FOR_LIKE | NEC 450.3(B), 240.4",
                "inner fuse, ten times | fuse | amps:3,volts:600,fuseClass:CC,timeDelay:true | amps:30,volts:600,fuseClass:CC,timeDelay:true | plate:{minimumCircuitAmps:23.8,maximumFuseAmps:40} | REFUSED | NEC 450.3(B), 240.4",
                "fan fuse told by its place | fuse | amps:15,volts:250,fuseClass:RK5,timeDelay:true | amps:20,volts:250,fuseClass:RK5,timeDelay:true | protects:FAN,plate:{minimumCircuitAmps:23.8,maximumFuseAmps:40} | REFUSED | NEC 430.52",
                "far under the unit's MCA | fuse | amps:15,volts:250,fuseClass:RK5,timeDelay:true | amps:15,volts:250,fuseClass:RK5,timeDelay:true | plate:{minimumCircuitAmps:23.8,maximumFuseAmps:40} | UNDECIDED | NEC 440.22",
                // every printed ceiling counts
                "breaker printed alone | fuse | amps:60,volts:250,fuseClass:RK5,timeDelay:true | amps:60,volts:250,fuseClass:RK5,timeDelay:true | plate:{minimumCircuitAmps:23.8,maximumBreakerAmps:40} | REFUSED | NEC 110.3(B), 440.4(B)",
                "largest fuse unread, loads known | fuse | amps:60,volts:250,fuseClass:RK5,timeDelay:true | amps:60,volts:250,fuseClass:RK5,timeDelay:true | plate:{minimumCircuitAmps:23.8,compressors:[{ratedLoadAmps:17.9}],outdoorFans:[{fullLoadAmps:1.4}]} | REFUSED | NEC 440.22(B)(1)",
                "far smaller without a plate | fuse | amps:45,volts:250,fuseClass:RK5,timeDelay:true | amps:3,volts:250,fuseClass:RK5,timeDelay:true | protects:UNIT | REFUSED | practice",
                "a step smaller without a plate | fuse | amps:45,volts:250,fuseClass:RK5,timeDelay:true | amps:40,volts:250,fuseClass:RK5,timeDelay:true | - | UNDECIDED | practice",
                "plug fuse of the next size | fuse | amps:15,volts:125,fuseClass:S,timeDelay:true | amps:20,volts:125,fuseClass:S,timeDelay:true | protects:UNIT,plate:{minimumCircuitAmps:12,maximumFuseAmps:20,volts:[120]} | REFUSED | NEC 240.53, 240.54",
                "class named by the short-circuit rating | fuse | amps:30,volts:250,fuseClass:H,timeDelay:true | amps:30,volts:250,fuseClass:H,timeDelay:true | plate:{minimumCircuitAmps:23.8,maximumFuseAmps:40,shortCircuitFuseClass:RK5} | REFUSED | NEC 110.3(B), 440.4(B)",
                // coils
                "DC coil for AC, contactor | contactor | poles:2,coilVolts:[24],fullLoadAmps:30 | poles:2,coilVolts:[24],coilDirectCurrent:true,fullLoadAmps:30 | - | REFUSED | physics",
                "DC coil for AC, relay | relay | contacts:SPDT,coilVolts:[24],contactAmps:12 | contacts:SPDT,coilVolts:[24],coilDirectCurrent:true,contactAmps:12 | - | REFUSED | physics",
                "AC coil for DC, relay | relay | contacts:SPDT,coilVolts:[24],coilDirectCurrent:true,contactAmps:12 | contacts:SPDT,coilVolts:[24],contactAmps:12 | - | REFUSED | physics",
                // shunt, resistive, several compressors
                "plain pole for pole and shunt | contactor | poles:1,shunt:true,coilVolts:[24],fullLoadAmps:30 | poles:1,coilVolts:[24],fullLoadAmps:30 | - | NEEDS_CHANGE | practice",
                "fewer resistive amps, heat above them | contactor | poles:2,coilVolts:[24],fullLoadAmps:30,resistiveAmps:40 | poles:2,coilVolts:[24],fullLoadAmps:30,resistiveAmps:30 | plate:{volts:[240],phase:1,heaterKilowatts:8.64} | REFUSED | practice",
                "fewer resistive amps, no plate | contactor | poles:2,coilVolts:[24],fullLoadAmps:30,resistiveAmps:40 | poles:2,coilVolts:[24],fullLoadAmps:30,resistiveAmps:30 | - | UNDECIDED | practice",
                "two compressors, which is not said | contactor | poles:2,coilVolts:[24],fullLoadAmps:30 | poles:2,coilVolts:[24],fullLoadAmps:30 | plate:{volts:[208,230],phase:1,compressors:[{ratedLoadAmps:17.9},{ratedLoadAmps:17.9}],outdoorFans:[{fullLoadAmps:1.4},{fullLoadAmps:1.4}]} | UNDECIDED | NEC 440.12(B), 440.41(B)",
                "two compressors, one said | contactor | poles:2,coilVolts:[24],fullLoadAmps:30 | poles:2,coilVolts:[24],fullLoadAmps:30 | switches:COMPRESSOR,plate:{volts:[208,230],phase:1,compressors:[{ratedLoadAmps:17.9},{ratedLoadAmps:17.9}],outdoorFans:[{fullLoadAmps:1.4}]} | LIKE_FOR_LIKE | NEC 440.12(B), 440.41(B)",
                "265 V plate, row for 240 | contactor | poles:2,coilVolts:[24],lineVolts:240,fullLoadAmps:30 | poles:2,coilVolts:[24],lineVolts:240,fullLoadAmps:30 | lineVolts:262 | REFUSED | ANSI C84.1",
                // what the load and the place ask for
                "three speeds, used ones not known | motor | horsepower:0.5,volts:[208,230],phase:1,fullLoadAmps:[3.2],rpm:[1075],speeds:3,rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:7.5,capacitorVolts:370 | horsepower:0.5,volts:[208,230],phase:1,fullLoadAmps:[3.2],rpm:[1075],speeds:1,rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:7.5,capacitorVolts:370 | lineVolts:236 | UNDECIDED | practice",
                "unprotected, old one unread | motor | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370,thermallyProtected:false | lineVolts:236 | UNDECIDED | practice",
                "open, old one unread | motor | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370,enclosure:OPEN | lineVolts:236 | UNDECIDED | practice",
                "programmed torque, a step up | motor | type:CONSTANT_TORQUE,horsepower:0.5,volts:[240],phase:1,fullLoadAmps:[4.3],rpm:[1050],rotation:REVERSIBLE | type:CONSTANT_TORQUE,horsepower:0.75,volts:[240],phase:1,fullLoadAmps:[4.6],rpm:[1050],rotation:REVERSIBLE | lineVolts:236 | REFUSED | practice",
                "blower motor, R-32 | motor | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | lineVolts:236,refrigerant:R32,indoors:true | UNDECIDED | UL 60335-2-40",
                "outdoor fan motor, R-32 | motor | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | horsepower:0.25,volts:[208,230],phase:1,fullLoadAmps:[1.5],rpm:[1075],rotation:CW,rotationView:LEAD_END,capacitorMicrofarads:5,capacitorVolts:370 | lineVolts:236,refrigerant:R32,indoors:false | LIKE_FOR_LIKE | UL 60335-2-40",
                "contactor, R454B without the dash | contactor | poles:2,coilVolts:[24],fullLoadAmps:30 | poles:2,coilVolts:[24],fullLoadAmps:30 | refrigerant:R454B | UNDECIDED | ASHRAE 34, UL 60335-2-40",
                "contactor, propane | contactor | poles:2,coilVolts:[24],fullLoadAmps:30 | poles:2,coilVolts:[24],fullLoadAmps:30 | refrigerant:R-290 | UNDECIDED | ASHRAE 34, UL 60335-2-40",
                "sleeve for ball on a belt | motor | horsepower:1,volts:[208,230],phase:3,fullLoadAmps:[3.6],rpm:[1725],drive:BELT,bearing:BALL | horsepower:1,volts:[208,230],phase:3,fullLoadAmps:[3.6],rpm:[1725],drive:BELT,bearing:SLEEVE | lineVolts:236 | UNDECIDED | practice",
                "sleeve, shaft UP in capitals | motor | horsepower:0.25,volts:[208,230],phase:3,fullLoadAmps:[1],rpm:[1075],shaftPosition:UP | horsepower:0.25,volts:[208,230],phase:3,fullLoadAmps:[1],rpm:[1075],bearing:SLEEVE | lineVolts:236 | REFUSED | practice",
                // relays and start devices
                "pilot amps for a motor | relay | contacts:SPDT,coilVolts:[24],contactAmps:5,duty:MOTOR | contacts:SPDT,coilVolts:[24],contactAmps:8,duty:PILOT | - | UNDECIDED | UL 508",
                "resistive amps, old duty unread | relay | contacts:SPDT,coilVolts:[24],contactAmps:12 | contacts:SPDT,coilVolts:[24],contactAmps:16,duty:RESISTIVE | - | UNDECIDED | UL 508",
                "one contact of two lost | relay | contacts:SPNO+SPNC,coilVolts:[24],contactAmps:12 | contacts:SPNO,coilVolts:[24],contactAmps:12 | - | REFUSED | practice",
                "start device without volts | start-device | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5 | type:PTC,tonsLow:1,tonsHigh:5 | lineVolts:236,plate:{nominalBtuPerHour:36000} | UNDECIDED | practice",
                "start device of half the volts, line unread | start-device | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5 | type:PTC,voltsLow:110,voltsHigh:125,tonsLow:1,tonsHigh:5 | plate:{nominalBtuPerHour:36000} | REFUSED | practice",
                "start device by its compressor, not by the unit | start-device | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5 | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5 | lineVolts:236,plate:{nominalBtuPerHour:72000,compressors:[{ratedLoadAmps:14},{ratedLoadAmps:14}]} | LIKE_FOR_LIKE | practice",
                // transformers
                "line between the systems, one tap | transformer | voltAmps:40,primaryVolts:[208,240],secondaryVolts:24 | voltAmps:40,primaryVolts:[208],secondaryVolts:24 | lineVolts:222 | UNDECIDED | ANSI C84.1",
                "line between the systems, both taps | transformer | voltAmps:40,primaryVolts:[208,240],secondaryVolts:24 | voltAmps:40,primaryVolts:[208,240],secondaryVolts:24 | lineVolts:222 | LIKE_FOR_LIKE | ANSI C84.1",
                "not Class 2, old one unread | transformer | voltAmps:40,primaryVolts:[240],secondaryVolts:24 | voltAmps:40,primaryVolts:[240],secondaryVolts:24,class2:false | lineVolts:240 | UNDECIDED | NEC chapter 9, table 11",
            })
    void gradeOf(String what, String kind, String required, String offer, String context, String grade, String source) {
        Match match = one(kind, required, offer, context == null ? "" : context);
        assertThat(match.grade().name())
                .as("%s [%s]: %s", what, source, match.criteria())
                .isEqualTo(grade);
        if (grade.equals("UNDECIDED")) {
            assertThat(match.asks()).as("what is not known is asked").isNotEmpty();
        }
    }

    /** The larger VA of all witnesses stands. [practice] */
    @Test
    void theDiagramsLargerTransformerStands() {
        String body = "kind:\"transformer\",required:{voltAmps:40,primaryVolts:[240],secondaryVolts:24},"
                + "witnesses:[{from:UNIT_DIAGRAM,fields:{voltAmps:75}}],"
                + "offers:[{id:\"a\",spec:{voltAmps:40,primaryVolts:[240],secondaryVolts:24}}],context:{lineVolts:240}";
        MatchAnswer answer = Asked.match(json(body));
        assertThat(answer.matches().get(0).grade().name()).isEqualTo("REFUSED");
        assertThat(answer.findings()).anyMatch(f -> f.kind() == Finding.Kind.WITNESSES_DISAGREE);
    }

    /** A plate handed in as a witness is the same plate, for every family. [NEC 440.22, 440.41] */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                "fuse | amps:60,volts:250,fuseClass:RK5,timeDelay:true | amps:60,volts:250,fuseClass:RK5,timeDelay:true",
                "contactor | poles:2,coilVolts:[24],fullLoadAmps:15 | poles:2,coilVolts:[24],fullLoadAmps:15",
                "start-device | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:2 | type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:2",
            })
    void aPlateIsOneWitness(String kind, String required, String offer) {
        String plate = UNIT + ",volts:[208,230],phase:1,nominalBtuPerHour:36000," + LOADS;
        String asContext = "kind:\"" + kind + "\",required:{" + required + "},offers:[{id:\"a\",spec:{" + offer
                + "}}],context:{plate:{" + plate + "}}";
        String asWitness = "kind:\"" + kind + "\",required:{" + required + "},offers:[{id:\"a\",spec:{" + offer
                + "}}],witnesses:[{from:UNIT_PLATE,fields:{" + plate + "}}]";
        Match byContext = Asked.match(json(asContext)).matches().get(0);
        Match byWitness = Asked.match(json(asWitness)).matches().get(0);
        assertThat(byContext.grade().name()).isEqualTo("REFUSED");
        assertThat(byWitness).isEqualTo(byContext);
    }

    /** No sheet caps a leg that the load needs: without the shunt its two wires are joined. [practice] */
    @Test
    void theUnswitchedLegIsJoinedNeverCapped() {
        Spec old = Json.spec(json("poles:1,shunt:true,coilVolts:[24],fullLoadAmps:30"));
        Spec now = Json.spec(json("poles:1,coilVolts:[24],fullLoadAmps:30"));
        Sheet sheet = Families.named("contactor").sheet(new HookupRequest(old, List.of(now), List.of(), List.of()));
        assertThat(sheet.steps()).noneMatch(s -> s.text().startsWith("Cap "));
        assertThat(sheet.steps()).anyMatch(s -> s.text().contains("joined"));
        assertThat(sheet.left().leads())
                .as("L1, L2, T1, T2, A1, A2 all lead somewhere")
                .hasSize(6);
        assertThat(sheet.left().leads().stream()
                        .filter(l -> l.at().device() == 1)
                        .map(l -> l.wire().terminal()))
                .containsExactly("L2", "T2");
    }

    /** 230/460 V on 209 V: a stopgap, and still connected for low. [NEMA MG 1, 14.35, from memory] */
    @Test
    void aDualVoltageMotorIsConnectedForLowOn208() {
        String motor = "horsepower:1,volts:[[230],[460]],phase:3,fullLoadAmps:[3.6,1.8],rpm:[1725]";
        Match match = one("motor", motor, motor, "lineVolts:209");
        assertThat(match.grade().name()).isEqualTo("STOPGAP");
        assertThat(match.changes()).anyMatch(c -> c.startsWith("Connect for low"));
    }

    /** A bare potential relay has 5, 2 and 1 and a start capacitor; a kit has two wires. [practice] */
    @Test
    void theWordsFollowTheOfferedStartDevice() {
        String old = "type:PTC,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5";
        String relay = "type:POTENTIAL_RELAY,voltsLow:208,voltsHigh:240,tonsLow:1,tonsHigh:5";
        String unit = "lineVolts:236,plate:{nominalBtuPerHour:36000}";
        assertThat(one("start-device", old, relay, unit).changes()).anyMatch(c -> c.contains("5, 2 and 1"));
        assertThat(one("start-device", old, relay + ",kit:true", unit).changes())
                .anyMatch(c -> c.contains("two wires"));
    }

    /**
     * Where a blower is the largest motor it has its own protection and the rest is added. [NEC 440.22(B)(2), 430.53(C)(4),
     * 430.52(C)(1), from memory: 1.75 × 15.2 = 26.6, up to 30; 30 + 9.6 + 1.4 = 41, down to 40]
     */
    @Test
    void theCeilingGoesByTheLargestMotorWhateverItIs() {
        Spec plate = Json.spec(json(
                "compressors:[{ratedLoadAmps:9.6}],outdoorFans:[{fullLoadAmps:1.4}],indoorFans:[{fullLoadAmps:15.2}]"));
        assertThat(CircuitLoads.of(plate).protectionCeiling()).isEqualTo(40);
        assertThat(CircuitLoads.of(Json.spec(json(LOADS))).protectionCeiling())
                .as("2.25 × 17.9 + 1.4 = 41.7, down to 40 [NEC 440.22(B)(1)]")
                .isEqualTo(40);
    }

    /** Figures in front of their names, as most contactors print them; DC; a coil without its word. */
    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "contactor | CONTACTOR 2 POLE 240V 30 FLA 40 RES 24V COIL | fullLoadAmps:30,resistiveAmps:40,coilVolts:[24]",
                "contactor | 40FLA 240LRA@240V 50 RES AMPS | fullLoadAmps:40,lockedRotorAmps:240,resistiveAmps:50",
                "contactor | 40 FLA 50 RES 240 LRA | fullLoadAmps:40,resistiveAmps:50,lockedRotorAmps:240",
                "contactor | 24V COIL 30 FLA 40 RES | fullLoadAmps:30,resistiveAmps:40,coilVolts:[24]",
                "contactor | 2 pole 30 FLA 40 resistive 24 volt coil | fullLoadAmps:30,resistiveAmps:40,coilVolts:[24]",
                "contactor | 40A FLA 50A RES 240A LRA 2P 24VAC | fullLoadAmps:40,resistiveAmps:50,lockedRotorAmps:240,coilVolts:[24]",
                "contactor | 2 POLE 30 FLA 180 LRA 240 V, COIL 24 V 50/60 HZ | fullLoadAmps:30,lockedRotorAmps:180,coilVolts:[24]",
                "contactor | FLA 40 RES 50 LRA 240 COIL 24V | fullLoadAmps:40,resistiveAmps:50,lockedRotorAmps:240",
                "contactor | 2 POLE 30A FLA CONTACTOR 24 VDC COIL | coilVolts:[24],coilDirectCurrent:true",
                "relay | RELAY 24VDC SPDT 12A 277V COIL 24 | coilDirectCurrent:true,contacts:SPDT",
                "relay | RELAY SPNO+SPNC 24V COIL 12 FLA | contacts:SPNO+SPNC",
                "start-device | POTENTIAL RELAY 3-5 TON COIL 332V | continuousVolts:332,tonsLow:3",
                "unit-plate | COMPRESSOR 14.1 RLA 73 LRA FAN 1.2 FLA | compressors:[{ratedLoadAmps:14.1,lockedRotorAmps:73}],outdoorFans:[{fullLoadAmps:1.2}]",
                "unit-plate | COMPRESSOR RLA 15.9 LRA 95 OUTDOOR FAN QTY 2 FLA 1.5 | outdoorFans:[{fullLoadAmps:1.5},{fullLoadAmps:1.5}]",
                "unit-plate | DESIGN PRESSURE 300 PSIG HIGH 150 PSIG LOW | highSideDesignPsig:300,lowSideDesignPsig:150",
                "unit-plate | DESIGN TEST PRESSURE HI 300 PSI LO 150 PSI | highSideDesignPsig:300,lowSideDesignPsig:150",
                "unit-plate | COIL MAX DESIGN PRESSURE 250 PSIG | highSideDesignPsig:250,lowSideDesignPsig:250",
            })
    void labelsAreReadInTheirUsualOrder(String kind, String text, String expected) {
        Spec read = new Spec(Families.read(kind, text).fields());
        Spec wanted = Json.spec(json(expected));
        wanted.values()
                .fields()
                .forEach((field, value) -> assertThat(read.values().fields().get(field))
                        .as("%s in %s, read as %s", field, text, read.values())
                        .isEqualTo(value));
    }

    /** A judgement with nothing judged has no word; what the meter cannot tell is not good. [JCGM 106:2012] */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "run winding of 0 Ω | kind:winding,readings:[{pair:C-R,ohms:0},{pair:C-S,ohms:2.1},{pair:R-S,ohms:2.1}] | TOO_CLOSE",
                "sum 20 % off, inside the doubt | kind:winding,readings:[{pair:C-R,ohms:0.9},{pair:C-S,ohms:2.2},{pair:R-S,ohms:2.5}] | TOO_CLOSE",
                "liquid comes back on an orifice | kind:proof,spec:{refrigerant:R-22,metering:ORIFICE},readings:[{returnFahrenheit:75},{supplyFahrenheit:57},{outdoorFahrenheit:95},{returnWetBulbFahrenheit:63},{suctionPsig:68.5},{suctionLineFahrenheit:42}] | FAILED",
                "no table for the refrigerant | kind:proof,spec:{refrigerant:R-290,metering:VALVE},readings:[{suctionPsig:68.5},{suctionLineFahrenheit:42}] | -",
                "near-equal pressures | kind:proof,spec:{refrigerant:R-22,metering:VALVE,targetSubcoolingFahrenheit:10},readings:[{returnFahrenheit:75},{supplyFahrenheit:57},{suctionPsig:150},{liquidPsig:165},{suctionLineFahrenheit:70},{liquidLineFahrenheit:80}] | -",
                "a compressor that draws nothing | kind:amps,spec:{ratedLoadAmps:17.9},readings:[{place:COMPRESSOR,amps:0}] | FAILED",
                "corner-grounded system | kind:voltage,spec:{volts:[240]},readings:[{pair:L1-L2,volts:240},{pair:L2-L3,volts:241},{pair:L1-L3,volts:239},{pair:L1-G,volts:240},{pair:L2-G,volts:0},{pair:L3-G,volts:240}] | GOOD",
                "208 V rated coil of a 208/240 pair | kind:contactor,spec:{coilVolts:[208,240]},readings:[{coilVolts:200}] | GOOD",
                "secondary high under load is the tap | kind:transformer,spec:{voltAmps:40,primaryVolts:[240],secondaryVolts:24},readings:[{primaryVolts:240},{secondaryVolts:28.5,loaded:true}] | WEAK",
                "secondary high, load not said | kind:transformer,spec:{voltAmps:40,primaryVolts:[240],secondaryVolts:24},readings:[{primaryVolts:238},{secondaryVolts:26.5}] | GOOD",
            })
    void goodIsEarned(String what, String body, String overall) {
        Judgement judgement = Asked.judge(json(body));
        Verdict got = judgement.overall();
        assertThat(got == null ? null : got.name())
                .as("%s: %s", what, judgement)
                .isEqualTo(overall);
    }

    /** One pair at 0 V with the others there, 120 V on every leg to ground: an open fuse behind which a motor hangs. [physics] */
    @Test
    void aBackFedLegIsNamed() {
        Judgement judgement = Asked.judge(
                json("kind:voltage,spec:{volts:[208]},readings:[{pair:L1-L2,volts:209},{pair:L2-L3,volts:208},"
                        + "{pair:L1-L3,volts:0},{pair:L1-G,volts:120},{pair:L2-G,volts:120},{pair:L3-G,volts:119}]"));
        assertThat(judgement.findings())
                .anyMatch(f -> f.severity() == Finding.Severity.STOP && f.text().contains("fed back through a motor"));
    }

    /** 460 V across a 370 V capacitor is said. [IEC 60252-1, from memory: 1.10 × rated] */
    @Test
    void runningVoltsAboveTheRatingAreSaid() {
        Judgement judgement =
                Asked.judge(json("kind:capacitor-under-load,spec:{duty:run,sections:[{microfarads:45}],volts:370},"
                        + "readings:[{amps:7.8,volts:460,hertz:60}]"));
        assertThat(judgement.findings()).anyMatch(f -> f.text().contains("1.10 × its rating"));
    }

    /** Evaporating under 32 °F frosts the coil: both causes stand side by side. [physics] */
    @Test
    void frostIsSaidWithWhatSpeaksForAirAndForCharge() {
        Judgement judgement =
                Asked.judge(json("kind:proof,spec:{refrigerant:R-22,metering:VALVE,targetSubcoolingFahrenheit:10},"
                        + "readings:[{returnFahrenheit:75},{supplyFahrenheit:64},{outdoorFahrenheit:90},{suctionPsig:50},"
                        + "{suctionLineFahrenheit:60},{liquidPsig:200},{liquidLineFahrenheit:99}]"));
        assertThat(judgement.findings())
                .anyMatch(f -> f.text().contains("frosts") && f.text().contains("too little charge: superheat"));
    }

    /** A field read with a doubt decides nothing, and is asked for. */
    @Test
    void whatWasReadWithADoubtIsConfirmedFirst() {
        String part = "poles:2,coilVolts:[24],fullLoadAmps:30";
        JsonNode body = json("kind:\"contactor\",required:{" + part + "},offers:[{id:\"a\",spec:{" + part + "}}]");
        Match match = Asked.match(body, List.of("fullLoadAmps")).matches().get(0);
        assertThat(match.grade().name()).isEqualTo("UNDECIDED");
        assertThat(match.asks()).anyMatch(a -> a.startsWith("First confirm: FLA"));
        assertThat(Asked.match(body, List.of("lockedRotorAmps"))
                        .matches()
                        .get(0)
                        .grade()
                        .name())
                .as("a doubted field that decides nothing changes nothing")
                .isEqualTo("LIKE_FOR_LIKE");
    }
}
