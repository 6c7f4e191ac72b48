package zestbench.server.demo;

import zestbench.core.family.Spec;
import zestbench.core.plate.PlateLabel;

/** Rating plates of the demo town's units; invented, with figures that go together. */
final class DemoPlates {
    static final String SEED_LIBRARY = """
            MODEL SV042-A2  SERIAL V14-C077231
            MFD 04/2014  208/230-1-60
            COMPRESSOR RLA 19.2 LRA 118
            OUTDOOR FAN 1/4 HP FLA 1.4
            MIN CIRCUIT AMPS 25.4  MAX FUSE OR BREAKER 40
            PERMISSIBLE VOLTAGE 253 MAX 197 MIN
            R-410A 8 LB 2 OZ  SUBCOOLING 10  TXV
            DESIGN PRESSURE HIGH 446 LOW 236
            CRANKCASE HEATER 40 W
            """;

    static final String SEED_LIBRARY_COIL = """
            INDOOR COIL MODEL QC-42B  SERIAL 98-K4416
            MFD 03/1998  R-22  PISTON
            DESIGN PRESSURE HIGH 300 LOW 150
            """;

    static final String MUSEUM_ONE = """
            MODEL MR060-T3  SERIAL M17-P203914
            MFD 09/2017  208/230-3-60
            COMPRESSOR RLA 16.1 LRA 96
            OUTDOOR FAN 1/3 HP FLA 2.1
            INDOOR BLOWER 1 HP FLA 4.4
            MCA 26.6  MOCP 40
            VOLTAGE RANGE 187 TO 253
            R-410A 10 LB 4 OZ
            DESIGN PRESSURE HIGH 450 LOW 250
            """;

    static final String MUSEUM_TWO = """
            MODEL MR048-S1  SERIAL M17-P203921
            MFD 09/2017  208/230-1-60
            COMPRESSOR RLA 20.6 LRA 124
            OUTDOOR FAN 1/4 HP FLA 1.8
            INDOOR BLOWER 1/2 HP FLA 4.1
            MCA 31.7  MOCP 50
            VOLTAGE RANGE 187 TO 253
            R-410A 9 LB 0 OZ
            DESIGN PRESSURE HIGH 450 LOW 250
            """;

    static final String BALLET_SCHOOL = """
            MODEL BR120-E18  SERIAL B11-0055806
            MFD 03/2011  460-3-60
            COMPRESSOR RLA 14.8 LRA 95
            OUTDOOR FAN 3/4 HP FLA 2.6
            INDOOR BLOWER 2 HP FLA 3.4
            HEATER 18 KW
            MCA 32.5  MAX FUSE 35
            VOLTAGE RANGE 414 TO 506
            R-410A 16 LB 8 OZ
            DESIGN PRESSURE HIGH 450 LOW 250
            """;

    static final String LOFT_THREE = """
            MODEL LH024-1  SERIAL L19-6620318
            MFD 06/2019  208/230-1-60
            COMPRESSOR RLA 10.3 LRA 56
            OUTDOOR FAN 1/8 HP FLA 0.9
            MCA 13.8  MAX FUSE OR BREAKER 20
            PERMISSIBLE VOLTAGE 253 MAX 197 MIN
            R-410A 5 LB 6 OZ  TXV
            DESIGN PRESSURE HIGH 446 LOW 236
            """;

    static final String LOFT_SEVEN = """
            MODEL LH030-1  SERIAL L19-6620355
            MFD 06/2019  208/230-1-60
            COMPRESSOR RLA 12.7 LRA 68
            OUTDOOR FAN 1/6 HP FLA 1.1
            MCA 17.0  MAX FUSE OR BREAKER 25
            PERMISSIBLE VOLTAGE 253 MAX 197 MIN
            R-410A 6 LB 2 OZ  TXV
            DESIGN PRESSURE HIGH 446 LOW 236
            """;

    private DemoPlates() {}

    static Spec read(String plate) {
        return new Spec(PlateLabel.read(plate).fields());
    }
}
